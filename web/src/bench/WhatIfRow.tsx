import { memo } from 'react';
import { Button } from 'react-aria-components';
import styled from 'styled-components';
import { colour, faces, sizes, space } from '../design/tokens';
import type { StackData, WhatIf } from './stack';
import { signed, whatIfWords } from './words';
import { decimals } from '../words/words';
import { formatMessage } from '../words/intl';

interface Props {
  variants: readonly WhatIf[];
  /** True while the row still belongs to the stack before. */
  stale: boolean;
  onAdopt: (stack: StackData) => void;
}

/** The neighbours of the stack; each is taken by its number key. */
export const WhatIfRow = memo(function WhatIfRow({ variants, stale, onAdopt }: Props) {
  return (
    <Row aria-label={formatMessage({ id: 'bench.whatIf' })} data-stale={stale}>
      <Head>{formatMessage({ id: 'bench.whatIf.heading' }, { small: (words) => <small>{words}</small> })}</Head>
      {variants.map((w, i) => (
        <Chip key={w.kind} isDisabled={stale} onPress={() => onAdopt(w.stack)} data-what-if={w.kind}>
          <img src={w.picture} width={88} height={51} alt="" />
          <Name>
            <Key>{(i + 1) % 10}</Key>
            {whatIfWords[w.kind]}
          </Name>
          <Figure>
            {formatMessage({ id: 'bench.goal.differenceShort' }, { difference: decimals(w.deltaE, 1), valueDifference: signed(w.deltaValue) })}
            {w.toGoal != null && (
              <>
                <br />
                {formatMessage({ id: 'bench.goal.distance' }, { difference: decimals(w.toGoal, 1) })}
              </>
            )}
          </Figure>
        </Chip>
      ))}
      {variants.length === 0 && <Nothing>{formatMessage({ id: 'bench.whatIf.empty' })}</Nothing>}
    </Row>
  );
});

const Row = styled.section`
  display: flex;
  gap: ${space(2)};
  align-items: flex-start;
  padding: ${space(2)} ${space(5)};
  border-top: 1px solid ${colour.line};
  flex-wrap: wrap;
  min-height: 118px;
`;
const Head = styled.h2`
  flex: none;
  width: 84px;
  white-space: nowrap;
  font-size: ${sizes.lead};
  & small { display: block; white-space: normal; font: 400 ${sizes.small} / 1.2 ${faces.text}; color: ${colour.muted}; padding-top: ${space(1)}; }
`;
const Chip = styled(Button)`
  flex: 1 1 0;
  display: grid;
  justify-items: start;
  min-width: 62px;
  max-width: 96px;
  padding: 2px;
  border: 0;
  background: none;
  cursor: pointer;
  text-align: left;
  &[data-hovered] { background: ${colour.wash}; }
  & img { display: block; width: 100%; height: auto; }
`;
const Name = styled.span`overflow-wrap: anywhere; font-size: ${sizes.small}; line-height: 1.2; padding-top: 3px;`;
const Key = styled.kbd`font: inherit; font-weight: 600; border: 1px solid ${colour.muted}; padding: 0 3px; margin-right: 4px;`;
const Figure = styled.span`font-size: 11.5px; line-height: 1.25; color: ${colour.muted};`;
const Nothing = styled.p`color: ${colour.muted}; padding-top: ${space(1)};`;
