import { useQuery } from '@tanstack/react-query';
import styled from 'styled-components';
import { api, body, type Schemas } from '../../api/client';
import { skillNames } from '../../course/words';
import { colour, sizes, space } from '../../design/tokens';
import { HandHabit } from '../../returns/page/HandHabit';
import { pictureOf } from '../../returns/pictures';
import { dayOf } from '../../words/words';
import { StandingCell } from './StandingCell';
import { changeWords } from './words';
import { formatMessage } from '../../words/intl';

type Standing = Schemas['StandingView'];

/** The skills that a student has shown, in the order they are taught, with what grew: then and now. */
export function Ladder({ student }: { student: string }) {
  const progress = useQuery({
    queryKey: ['wall', 'student', student, 'progress'],
    queryFn: () => body(api.GET('/api/progress/students/{id}', { params: { path: { id: student } } })),
  });
  const hand = useQuery({
    queryKey: ['wall', 'student', student, 'hand'],
    queryFn: () => body(api.GET('/api/progress/students/{id}/hand', { params: { path: { id: student } } })),
  });
  const p = progress.data;
  if (!p || p.standings.length === 0) {
    return null;
  }
  return (
    <Section aria-label={formatMessage({ id: 'wall.skills' })}>
      <h2>{formatMessage({ id: 'wall.skills' })}</h2>
      {p.next && <p>{formatMessage({ id: 'wall.next.sentence' }, { next: skillNames[p.next] })}</p>}
      <List>
        {p.standings.map((s) => (
          <li key={s.skill}>
            <b>{skillNames[s.skill]}</b>
            <StandingCell standing={s} name={p.name} />
            <small>{words(s)}</small>
            <ThenAndNow standing={s} />
          </li>
        ))}
      </List>
      {hand.data && <HandHabit hand={hand.data} where={formatMessage({ id: 'wall.box.lastPages' })} />}
    </Section>
  );
}

function words(s: Standing): string {
  const next = s.level < 3 && s.cause ? s.cause.next : '';
  const change = s.tries.length === 1 ? formatMessage({ id: 'wall.growth.once' }) : changeWords(s.change);
  return [change, s.secure ? formatMessage({ id: 'wall.level.twoDays' }) : next].filter(Boolean).join(' · ');
}

/** The first and the newest box of one kind, side by side. */
function ThenAndNow({ standing }: { standing: Standing }) {
  const first = standing.tries[0];
  const latest = standing.tries[standing.tries.length - 1];
  if (!first?.field || !latest?.field || first === latest) {
    return null;
  }
  return (
    <Pair>
      {[first, latest].map((t) => (
        <figure key={t.page}>
          <img src={pictureOf(t.page, t.read, t.field ?? undefined)} alt={`${skillNames[standing.skill]}, ${dayOf(t.received)}`} loading="lazy" />
          <figcaption>{dayOf(t.received)}</figcaption>
        </figure>
      ))}
    </Pair>
  );
}

const Section = styled.section`padding: ${space(4)} ${space(6)}; border-bottom: 1px solid ${colour.line};`;
const List = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: ${space(4)} ${space(6)};
  margin: ${space(3)} 0 0;
  padding: 0;
  list-style: none;
  & li { display: flex; flex-direction: column; gap: ${space(1)}; }
  & small { font-size: ${sizes.small}; color: ${colour.muted}; }
`;
const Pair = styled.div`
  display: flex;
  gap: ${space(2)};
  & figure { margin: 0; }
  & img { display: block; height: 64px; max-width: 104px; object-fit: cover; }
  & figcaption { font-size: ${sizes.small}; color: ${colour.muted}; }
`;
