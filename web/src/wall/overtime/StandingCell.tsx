import styled from 'styled-components';
import type { Schemas } from '../../api/client';
import { skillNames } from '../../course/words';
import { Level } from '../../design/Level';
import { colour, levelGreys, space } from '../../design/tokens';
import { pictureOf } from '../../returns/pictures';
import { dayOf, decimals } from '../../words/words';
import { changeWords } from './words';
import { formatMessage } from '../../words/intl';

type Standing = Schemas['StandingView'];

/** Where a student stands in a skill: the newest box, the level, and a step for each attempt before it. */
export function StandingCell({ standing, name }: { standing: Standing; name: string }) {
  const latest = standing.tries[standing.tries.length - 1];
  const marks = [
    standing.tries.length > 1 && formatMessage({ id: 'wall.sort.spread' }, { spread: decimals(standing.spread, 1) }),
    latest && formatMessage({ id: 'wall.marks.last' }, { date: dayOf(latest.received) }),
    changeWords(standing.change),
    standing.secure && formatMessage({ id: 'wall.level.twoDays' }),
  ].filter(Boolean);
  const words = formatMessage(
    { id: 'wall.skills.spoken' },
    {
      student: name,
      skill: skillNames[standing.skill],
      level: decimals(standing.level, 1),
      attempts: standing.tries.length,
      marks: marks.length > 0 ? marks.join('; ') : 'none',
    },
  );
  return (
    <Held title={words}>
      {latest?.field && <img src={pictureOf(latest.page, latest.read, latest.field)} alt="" loading="lazy" />}
      <span>
        <Row role="img" aria-label={words}>
          <Level level={Math.floor(standing.level)} size={20} />
          <b>{decimals(standing.level, 1)}</b>
          {standing.change.trend === 'GREW' && <span aria-hidden>↗</span>}
          {standing.change.trend === 'SLIPPED' && <span aria-hidden>↘</span>}
        </Row>
        <Steps aria-hidden>
          {standing.tries.slice(-6).map((t) => (
            <i key={`${t.received}${t.page}`} title={dayOf(t.received)} style={{ height: `${3 + 3 * t.level}px`, background: levelGreys[Math.floor(t.level)] }} />
          ))}
        </Steps>
      </span>
    </Held>
  );
}

const Held = styled.span`
  display: flex;
  align-items: center;
  gap: ${space(2)};
  & img { width: 40px; height: 34px; object-fit: cover; }
`;
const Row = styled.span`display: flex; align-items: center; gap: 4px;`;
const Steps = styled.span`
  display: flex;
  align-items: flex-end;
  gap: 2px;
  height: 16px;
  & i { width: 6px; outline: 1px solid ${colour.line}; }
`;
