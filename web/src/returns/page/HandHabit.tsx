import { useQuery } from '@tanstack/react-query';
import styled from 'styled-components';
import { api, body, type Schemas } from '../../api/client';
import { colour, sizes, space } from '../../design/tokens';
import { pictureOf } from '../pictures';
import { say } from '../../words/say';

type Hand = Schemas['HandView'];
type Deed = NonNullable<Hand['deed']>;

const deedWords: Record<Deed, string> = {
  AS_ASKED: say('returns.drawn-as-the-recipes-ask'),
  TOO_LITTLE: say('returns.lighter-than-asked-too-little'),
  TOO_MUCH: say('returns.heavier-than-asked-too-much'),
  FOUNDATION: say('returns.what-lies-underneath-is-too'),
  LAYER_MISSING: say('returns.a-layer-of-the-recipe'),
  WRONG_PENCIL: say('returns.another-pencil-of-the-sheet'),
};

/** What the hand did on a page. */
export function PageHand({ page, read }: { page: string; read: string | undefined }) {
  const hand = useQuery({
    queryKey: ['hand', page, read],
    queryFn: () => body(api.GET('/api/returns/pages/{id}/hand', { params: { path: { id: page } } })),
  });
  return hand.data ? <HandHabit hand={hand.data} where={say('returns.this-page')} /> : null;
}

/** A habit that several fields tell together, beside what it would look like; nothing where they tell none. */
export function HandHabit({ hand, where }: { hand: Hand; where: string }) {
  if (!hand.deed || hand.deed === 'AS_ASKED') {
    return null;
  }
  return (
    <Section aria-label={say('returns.what-the-hand-did')}>
      <p>
        <b>{say('returns.the-hand-on', { where })}</b> {deedWords[hand.deed]}. <small>{say('returns.fields-say-so-together', { fields: hand.fields })}</small>
      </p>
      <Examples>
        {hand.examples.map((e) => (
          <figure key={`${e.page}${e.field}`}>
            <img src={pictureOf(e.page, e.read, e.field)} alt={say('returns.field-as-drawn', { field: e.field })} loading="lazy" />
            <i style={{ background: e.explained }} />
            <i style={{ background: e.asked }} />
            <figcaption>{e.field}</figcaption>
          </figure>
        ))}
        {hand.examples.length > 0 && <small>{say('returns.each-drawn-so-explained-as')}</small>}
      </Examples>
    </Section>
  );
}

const Section = styled.section`margin: ${space(3)} 0; & small { font-size: ${sizes.small}; color: ${colour.muted}; }`;
const Examples = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: flex-end;
  gap: ${space(3)};
  margin-top: ${space(2)};
  & figure { margin: 0; display: grid; grid-template-columns: 34px 22px 22px; }
  & img { width: 34px; height: 34px; object-fit: cover; }
  & i { height: 34px; }
  & figcaption { grid-column: 1 / -1; font-size: ${sizes.small}; color: ${colour.muted}; }
`;
