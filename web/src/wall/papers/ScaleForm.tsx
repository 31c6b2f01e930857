import { Input, Label, TextField } from 'react-aria-components';
import styled from 'styled-components';
import type { Schemas } from '../../api/client';
import { LinkButton, Words } from '../../design/Controls';
import { NumberBox } from '../../design/NumberBox';
import { colour, sizes, space } from '../../design/tokens';
import { levelNames } from '../../words/words';
import { formatMessage } from '../../words/intl';

export type Scale = Pick<Schemas['ScaleData'], 'steps' | 'weights' | 'classCode'>;

const STEPS = 5;
const ready: readonly { name: string; values: readonly number[]; names: readonly string[] }[] = [
  { name: '0–4', values: [0, 1, 2, 3, 4], names: [] },
  { name: formatMessage({ id: 'wall.perCent' }), values: [0, 40, 60, 80, 100], names: [] },
  { name: 'letters', values: [0, 40, 55, 70, 85], names: ['E', 'D', 'C', 'B', 'A'] },
];

interface Props {
  scale: Scale;
  weights: Schemas['WeightView'][];
  onChange: (scale: Scale) => void;
}

/** What levels are worth, and what goals weigh. */
export function ScaleForm({ scale, weights, onChange }: Props) {
  const step = (at: number, change: Partial<Scale['steps'][number]>) => onChange({ ...scale, steps: scale.steps.map((s, i) => (i === at ? { ...s, ...change } : s)) });
  return (
    <>
      <h2>{formatMessage({ id: 'wall.scale' })}</h2>
      <Ready>
        {ready.map((r) => (
          <LinkButton key={r.name} onPress={() => onChange({ ...scale, steps: Array.from({ length: STEPS }, (_, i) => ({ value: r.values[i] ?? 0, name: r.names[i] ?? '' })) })}>
            {r.name}
          </LinkButton>
        ))}
      </Ready>
      <Steps>
        {levelNames.map((level, i) => (
          <li key={level}>
            <span>
              {i} {level}
            </span>
            <NumberBox
              label={formatMessage({ id: 'wall.scale.worth' }, { level })}
              hidden
              value={scale.steps[i]?.value ?? 0}
              least={-1000}
              most={1000}
              digits={2}
              onChange={(value) => step(i, { value })}
            />
            <Name value={scale.steps[i]?.name ?? ''} onChange={(name) => step(i, { name })} maxLength={20}>
              <Hidden>{formatMessage({ id: 'wall.scale.levelName' }, { level })}</Hidden>
              <Input placeholder={formatMessage({ id: 'wall.name' })} />
            </Name>
          </li>
        ))}
      </Steps>
      <h2>{formatMessage({ id: 'wall.scale.weights' })}</h2>
      <Weights>
        {weights.map((w) => (
          <li key={w.goal}>
            <span>{w.label}</span>
            <NumberBox
              label={formatMessage({ id: 'wall.scale.weightOf' }, { label: w.label })}
              hidden
              value={scale.weights[w.goal] ?? 1}
              least={0}
              most={10}
              step={0.5}
              onChange={(value) => onChange({ ...scale, weights: { ...scale.weights, [w.goal]: value } })}
            />
          </li>
        ))}
      </Weights>
      <Words
        label={formatMessage({ id: 'wall.files.classCode' })}
        hint={formatMessage({ id: 'wall.files.oneRosterHelp' })}
        value={scale.classCode ?? ''}
        onChange={(classCode) => onChange({ ...scale, classCode })}
      />
    </>
  );
}

const Ready = styled.div`display: flex; gap: ${space(4)};`;
const list = `margin: 0; padding: 0; list-style: none; width: 100%; display: flex; flex-direction: column; gap: 2px;`;
const Steps = styled.ul`${list} & li { display: grid; grid-template-columns: 1fr 70px 76px; gap: ${space(2)}; align-items: center; }`;
const Weights = styled.ul`${list} & li { display: grid; grid-template-columns: 1fr 70px; gap: ${space(2)}; align-items: center; font-size: ${sizes.small}; }`;
const Name = styled(TextField)`& input { width: 100%; min-height: 32px; padding: ${space(1)} ${space(2)}; border: 1px solid ${colour.muted}; background: ${colour.raised}; }`;
const Hidden = styled(Label)`position: absolute; width: 1px; height: 1px; overflow: hidden; clip-path: inset(50%);`;
