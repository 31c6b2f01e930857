import { useState } from 'react';
import styled from 'styled-components';
import type { Schemas } from '../api/client';
import { Select } from '../design/Controls';
import { Level } from '../design/Level';
import { colour, sizes, space } from '../design/tokens';
import { pictureOf } from '../returns/pictures';
import { causeWords, decimals } from '../words/words';
import { formatMessage } from '../words/intl';

type WallView = Schemas['WallView'];
type Row = WallView['rows'][number];
type Mark = Row['marks'][number];

/** Two students' work of one printing, large, on the same figures: to talk about what differs, not about who is better. */
export function SideBySide({ wall }: { wall: WallView }) {
  const back = wall.rows.filter((r) => r.page);
  const [chosen, setChosen] = useState([back[0]?.student, back[1]?.student]);
  const rows = chosen.map((student, i) => back.find((r) => r.student === student) ?? back[i]);
  return (
    <Two>
      {rows.map((row, i) =>
        row ? (
          <section key={i} aria-label={i === 0 ? formatMessage({ id: 'wall.compare.left' }) : formatMessage({ id: 'wall.compare.right' })}>
            <Select
              label={i === 0 ? formatMessage({ id: 'wall.compare.left' }) : formatMessage({ id: 'wall.compare.right' })}
              value={row.student}
              onChange={(student) => setChosen(chosen.map((c, at) => (at === i ? student : c)))}
              choices={back.map((r) => ({ id: r.student, name: r.name }))}
            />
            <Work $alone={row.cells.length === 1}>
              {row.cells.map((c) => (
                <img key={c.field} src={pictureOf(c.page, c.read, c.field)} alt={`${row.name}, ${c.field}`} />
              ))}
            </Work>
            {!row.confirmed && <Small>{formatMessage({ id: 'wall.row.notConfirmed' })}</Small>}
          </section>
        ) : null,
      )}
      <Figures>
        <thead>
          <tr>
            <th scope="col">{formatMessage({ id: 'wall.goal' })}</th>
            {rows.map((row, i) => (
              <th key={i} scope="col" colSpan={2}>
                {row?.name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {wall.goals.map((g) => (
            <tr key={`${g.exercise}${g.goal}`}>
              <th scope="row">
                {g.title && <Small>{g.title}</Small>}
                {g.label}
              </th>
              {rows.flatMap((row, i) => {
                const mark = row?.marks.find((m) => m.goal === g.goal && m.exercise === g.exercise);
                return [<td key={`${i}l`}>{mark && <Level level={mark.level} size={24} />}</td>, <td key={`${i}f`}>{mark && <Said mark={mark} />}</td>];
              })}
            </tr>
          ))}
        </tbody>
      </Figures>
    </Two>
  );
}

function Said({ mark }: { mark: Mark }) {
  return (
    <>
      {mark.figure != null && `${decimals(mark.figure, mark.digits)} ${mark.unit}`}
      {mark.cause && mark.level < 3 && <Small>{causeWords(mark.cause, mark.field)}</Small>}
    </>
  );
}

const Two = styled.div`
  flex: 1;
  min-height: 0;
  overflow: auto;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: ${space(4)} ${space(6)};
  padding: ${space(4)} ${space(6)};
  align-content: start;
  & > section { min-width: 0; display: flex; flex-direction: column; gap: ${space(2)}; }
`;
const Work = styled.div<{ $alone: boolean }>`
  display: flex;
  flex-wrap: wrap;
  gap: ${space(2)};
  & img { display: block; height: ${({ $alone }) => ($alone ? '46vh' : '96px')}; max-width: 100%; object-fit: contain; }
`;
const Figures = styled.table`
  grid-column: 1 / -1;
  & th { text-align: left; font-weight: 400; }
  & thead th { border-bottom: 1px solid ${colour.ink}; font-weight: 600; }
  & tbody td:nth-of-type(odd) { width: 40px; }
  & td, & th { padding: ${space(1)} ${space(2)}; vertical-align: top; }
  & tbody tr { border-bottom: 1px solid ${colour.line}; }
`;
const Small = styled.small`display: block; font-size: ${sizes.small}; color: ${colour.muted};`;
