import { Link } from 'react-router';
import styled from 'styled-components';
import type { Schemas } from '../api/client';
import { Level } from '../design/Level';
import { colour, sizes, space } from '../design/tokens';
import { pictureOf } from '../returns/pictures';
import { causeWords, dayOf } from '../words/words';
import { formatMessage } from '../words/intl';

type WallView = Schemas['WallView'];

/** What students did again: each box under the one of the first try, with the goals that it was for. */
export function ThenAndNow({ wall }: { wall: WallView }) {
  return (
    <List aria-label={formatMessage({ id: 'wall.filter.doneAgain' })}>
      {wall.rows.map((row) => (
        <li key={row.student}>
          <b>
            <Link to={`/students/${row.student}`}>{row.name}</Link>
            {!row.page && <small>{formatMessage({ id: row.absent ? 'wall.absent' : 'wall.row.missing' })}</small>}
            {row.page && !row.confirmed && <small>{formatMessage({ id: 'wall.row.notConfirmed' })}</small>}
          </b>
          <Boxes>
            {row.cells.map((cell) => (
              <figure key={`${cell.page}${cell.field}`}>
                {cell.before && (
                  <img
                    src={pictureOf(cell.before.page, cell.before.read, cell.before.field)}
                    alt={formatMessage({ id: 'wall.box.pictureDated' }, { name: row.name, field: cell.field, received: dayOf(cell.before.received) })}
                    loading="lazy"
                  />
                )}
                <img src={pictureOf(cell.page, cell.read, cell.field)} alt={formatMessage({ id: 'wall.box.pictureNow' }, { name: row.name, field: cell.field })} loading="lazy" />
                <figcaption>{cell.field}</figcaption>
              </figure>
            ))}
          </Boxes>
          <Goals>
            {row.marks.map((m) => (
              <span key={`${m.exercise}${m.goal}`}>
                <Level level={m.level} size={22} /> {m.label}
                {m.cause && m.level < 3 && <small>{causeWords(m.cause, m.field)}</small>}
              </span>
            ))}
          </Goals>
        </li>
      ))}
    </List>
  );
}

const List = styled.ul`
  margin: 0;
  padding: 0;
  list-style: none;
  & > li { display: grid; grid-template-columns: 150px minmax(0, 3fr) minmax(220px, 2fr); gap: ${space(4)}; padding: ${space(3)} ${space(6)}; border-bottom: 1px solid ${colour.line}; }
  & small { display: block; font-size: ${sizes.small}; font-weight: 400; color: ${colour.muted}; }
`;
const Boxes = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: ${space(3)};
  & figure { margin: 0; }
  & img { display: block; height: 56px; max-width: 180px; object-fit: cover; }
  & figcaption { font-size: ${sizes.small}; color: ${colour.muted}; }
`;
const Goals = styled.div`display: flex; flex-direction: column; gap: ${space(1)}; & > span { display: flex; align-items: center; flex-wrap: wrap; gap: ${space(2)}; }`;
