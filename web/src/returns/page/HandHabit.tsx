import { useQuery } from '@tanstack/react-query';
import styled from 'styled-components';
import { api, body, type Schemas } from '../../api/client';
import { colour, sizes, space } from '../../design/tokens';
import { pictureOf } from '../pictures';
import { formatMessage } from '../../words/intl';

type Hand = Schemas['HandView'];
type Deed = NonNullable<Hand['deed']>;

const deedWords: Record<Deed, string> = {
  AS_ASKED: formatMessage({ id: 'returns.cause.asPlanned' }),
  TOO_LITTLE: formatMessage({ id: 'returns.cause.lighter' }),
  TOO_MUCH: formatMessage({ id: 'returns.cause.heavier' }),
  FOUNDATION: formatMessage({ id: 'returns.cause.underneath' }),
  LAYER_MISSING: formatMessage({ id: 'returns.cause.layerMissing' }),
  WRONG_PENCIL: formatMessage({ id: 'returns.cause.otherPencil' }),
};

/** What the hand did on a page. */
export function PageHand({ page, read }: { page: string; read: string | undefined }) {
  const hand = useQuery({
    queryKey: ['hand', page, read],
    queryFn: () => body(api.GET('/api/returns/pages/{id}/hand', { params: { path: { id: page } } })),
  });
  return hand.data ? <HandHabit hand={hand.data} where={formatMessage({ id: 'returns.page.this' })} /> : null;
}

/** A habit that several fields tell together, beside what it would look like; nothing where they tell none. */
export function HandHabit({ hand, where }: { hand: Hand; where: string }) {
  if (!hand.deed || hand.deed === 'AS_ASKED') {
    return null;
  }
  return (
    <Section aria-label={formatMessage({ id: 'returns.hand.title' })}>
      <p>
        <b>{formatMessage({ id: 'returns.hand.heading' }, { place: where })}</b> {deedWords[hand.deed]}.{' '}
        <small>{formatMessage({ id: 'returns.cause.boxes' }, { boxes: hand.fields })}</small>
      </p>
      <Examples>
        {hand.examples.map((e) => (
          <figure key={`${e.page}${e.field}`}>
            <img src={pictureOf(e.page, e.read, e.field)} alt={formatMessage({ id: 'returns.box.picture' }, { box: e.field })} loading="lazy" />
            <i style={{ background: e.explained }} />
            <i style={{ background: e.asked }} />
            <figcaption>{e.field}</figcaption>
          </figure>
        ))}
        {hand.examples.length > 0 && <small>{formatMessage({ id: 'returns.box.mapKey' })}</small>}
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
