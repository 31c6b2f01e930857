import { Link } from 'react-router';
import styled from 'styled-components';
import type { Schemas } from '../api/client';
import { Level } from '../design/Level';
import { colour, sizes, space } from '../design/tokens';
import { problemWords } from '../words/words';
import { count, formatMessage } from '../words/intl';

type Row = Schemas['PageRow'];

/** Every page with where it stands. */
export function PageList({ rows, openId, runId, together }: { rows: Row[]; openId: string | undefined; runId: string | undefined; together: number }) {
  return (
    <Column>
      {together > 0 && (
        <Entry to={`/returns/${runId ?? 'none'}/sure`} aria-current={openId === 'sure' ? 'page' : undefined}>
          <Name>{count(together, 'surePage')}</Name>
          <Small>{formatMessage({ id: 'returns.sure.open' })}</Small>
        </Entry>
      )}
      <List aria-label={formatMessage({ id: 'returns.pages' })}>
        {rows.map((row) => (
          <li key={row.id}>
            <Entry to={`/returns/${runId ?? 'none'}/${row.id}`} aria-current={row.id === openId ? 'page' : undefined}>
              <First>
                <Name>
                  {row.place?.student.name ?? row.file}
                  {row.confirmed && <span aria-label={formatMessage({ id: 'returns.confirmed' })}> ✓</span>}
                  {row.flagged && <span aria-label={formatMessage({ id: 'returns.flag.on' })}> ⚑</span>}
                </Name>
                {row.state === 'READ' && row.close && !row.confirmed && <Small>{formatMessage({ id: 'returns.goal.borderlineShort' })}</Small>}
              </First>
              <Standing row={row} />
            </Entry>
          </li>
        ))}
      </List>
    </Column>
  );
}

function Standing({ row }: { row: Row }) {
  switch (row.state) {
    case 'QUEUED':
      return <Small>{formatMessage({ id: 'returns.page.waiting' })}</Small>;
    case 'READING':
      return <Small>{formatMessage({ id: 'returns.page.reading' })}</Small>;
    case 'CANCELLED':
      return <Small>{formatMessage({ id: 'returns.page.cancelledShort' })}</Small>;
    case 'UNREADABLE':
      return <Small>▲ {problemWords(row.problem ?? '', row.problemFigure)}</Small>;
    case 'READ':
      return (
        <Levels aria-label={formatMessage({ id: 'returns.row.levels' }, { levels: row.levels.join(', '), borderline: row.close })}>
          {row.levels.map((level, i) => (
            <Level key={i} level={level} size={row.levels.length > 9 ? 13 : 16} />
          ))}
          {row.notices.length > 0 && <Small>▲</Small>}
        </Levels>
      );
  }
}

const Column = styled.div`
  min-height: 0;
  overflow: auto;
  border-right: 1px solid ${colour.line};
  @media (max-width: 720px) { max-height: 40vh; }
`;
const List = styled.ol`margin: 0; padding: 0; list-style: none;`;
const Entry = styled(Link)`
  display: block;
  padding: 5px ${space(4)} 5px ${space(6)};
  border-bottom: 1px solid ${colour.line};
  text-decoration: none;
  &:hover { background: ${colour.wash}; }
  &[aria-current] { background: ${colour.wash}; box-shadow: inset 4px 0 0 ${colour.ink}; }
  @media (max-width: 1100px) { padding-left: ${space(3)}; }
`;
const Name = styled.span`display: block; font-weight: 600; overflow: hidden; text-overflow: ellipsis; white-space: nowrap;`;
const First = styled.span`display: flex; align-items: baseline; justify-content: space-between; gap: ${space(2)};`;
const Small = styled.span`font-size: ${sizes.small}; color: ${colour.muted}; line-height: 1.2;`;
const Levels = styled.span`display: flex; flex-wrap: wrap; align-items: center; gap: 2px;`;
