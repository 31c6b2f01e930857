import styled from 'styled-components';
import { Stepper } from '../design/Stepper';
import { colour, sizes, space } from '../design/tokens';
import type { Look } from './stack';
import { decimals } from '../words/words';
import { formatMessage } from '../words/intl';

interface Props {
  look: Look;
  steps: number;
  onSteps: (steps: number) => void;
}

/** The teacher's value scale, with the step this swatch stands on. */
export function ValueLadder({ look, steps, onSteps }: Props) {
  return (
    <div>
      <Row role="img" aria-label={formatMessage({ id: 'bench.value.spoken' }, { value: decimals(look.colour.value, 1), step: look.step, steps: look.ladder.length })}>
        {look.ladder.map((rung, i) => (
          <Rung key={i} style={{ background: rung.colour }}>
            {i + 1 === look.step && <Here style={{ background: look.colour.colour }} />}
          </Rung>
        ))}
      </Row>
      <Below>
        <span>{formatMessage({ id: 'bench.value.step' }, { step: look.step, strong: (words) => <b>{words}</b>, ladder: look.ladder.length })}</span>
        <Stepper label={formatMessage({ id: 'bench.steps' })} value={steps} least={3} most={11} onChange={onSteps} />
      </Below>
    </div>
  );
}

const Row = styled.div`display: flex; height: 34px; border: 1px solid ${colour.line};`;
const Rung = styled.div`flex: 1; display: grid; place-items: center;`;
const Here = styled.i`display: block; width: 70%; height: 70%; max-width: 24px; border: 2px solid ${colour.raised}; outline: 1px solid ${colour.ink};`;
const Below = styled.div`
  display: flex;
  justify-content: space-between;
  align-items: flex-end;
  padding-top: ${space(1)};
  font-size: ${sizes.small};
`;
