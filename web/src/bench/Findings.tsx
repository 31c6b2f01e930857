import { useQuery } from '@tanstack/react-query';
import { memo } from 'react';
import styled from 'styled-components';
import { served } from '../api/served';
import { Segments, Select } from '../design/Controls';
import { colour, sizes, space } from '../design/tokens';
import { GoalPicker } from './GoalPicker';
import { HuePlot } from './HuePlot';
import { Recipes } from './Recipes';
import type { Goal, Kit, Look, StackData } from './stack';
import { ValueLadder } from './ValueLadder';
import type { Intention } from './useBenchStack';
import { Warnings } from './Warnings';
import { decimals } from '../words/words';
import { formatMessage } from '../words/intl';

const NO_CLASS = 'none';

interface Props {
  kit: Kit;
  /** The paper a recipe would be for. */
  paper: string;
  look: Look | undefined;
  names: readonly string[];
  steps: number;
  onSteps: (steps: number) => void;
  goal: Goal | null;
  onGoal: (goal: Goal | null) => void;
  /** Whose method warnings and recipes follow; null for no class. */
  schoolClass: string | null;
  onSchoolClass: (id: string | null) => void;
  intention: Intention;
  onIntention: (intention: Intention) => void;
  onRemedy: (stack: StackData) => void;
}

/** What is found out about the stack: figures, value, hue, distance to the goal, what to watch out for. */
export const Findings = memo(function Findings({ kit, paper, look, names, steps, onSteps, goal, onGoal, schoolClass, onSchoolClass, intention, onIntention, onRemedy }: Props) {
  const classes = useQuery(served.taught);
  return (
    <Side>
      {look && (
        <>
          <Figures>
            <dt>{formatMessage({ id: 'bench.value' })}</dt>
            <dd>{decimals(look.colour.value, 1)}</dd>
            <dt>{formatMessage({ id: 'bench.chroma' })}</dt>
            <dd>{decimals(look.colour.chroma, 0)}</dd>
            <dt>{formatMessage({ id: 'bench.paperShowing' })}</dt>
            <dd>{Math.round(look.specks * 100)} %</dd>
            <dt>{formatMessage({ id: 'bench.toothLeft' })}</dt>
            <dd>{Math.round(look.toothLeft * 100)} %</dd>
            {look.layersLeft != null && (
              <>
                <dt title={formatMessage({ id: 'bench.layersLeft.help' })}>{formatMessage({ id: 'bench.layersLeft' })}</dt>
                <dd>{formatMessage({ id: 'bench.layersLeft.value' }, { count: look.layersLeft })}</dd>
              </>
            )}
            <dt title={formatMessage({ id: 'bench.time.help' })}>{formatMessage({ id: 'bench.time.label' })}</dt>
            <dd>{formatMessage({ id: 'bench.time.minutes' }, { minutes: look.minutes < 1 ? '< 1' : Math.round(look.minutes) })}</dd>
            <dt>{formatMessage({ id: 'bench.goal.lab' })}</dt>
            <dd>
              {decimals(look.colour.l, 0)} {decimals(look.colour.a, 0)} {decimals(look.colour.b, 0)}
            </dd>
          </Figures>
          <ValueLadder look={look} steps={steps} onSteps={onSteps} />
          <HuePlot look={look} names={names} />
        </>
      )}
      <GoalPicker kit={kit} goal={goal} found={look?.goal} onGoal={onGoal} />
      <Select
        label={formatMessage({ id: 'bench.methodOf' })}
        value={schoolClass ?? NO_CLASS}
        onChange={(id) => onSchoolClass(id === NO_CLASS ? null : id)}
        choices={[{ id: NO_CLASS, name: formatMessage({ id: 'bench.method.usual' }) }, ...(classes.data ?? []).map((c) => ({ id: c.id, name: c.name }))]}
      />
      {goal && <Recipes kit={kit} paper={paper} goal={goal} schoolClass={schoolClass} onTake={onRemedy} />}
      <Segments
        label={formatMessage({ id: 'bench.meantAs.label' })}
        value={intention}
        onChange={onIntention}
        choices={[
          { id: 'COLOUR', name: formatMessage({ id: 'bench.meantAs.colour' }) },
          { id: 'SHADOW', name: formatMessage({ id: 'bench.meantAs.shadow' }) },
          { id: 'BLACK', name: formatMessage({ id: 'bench.meantAs.black' }) },
        ]}
      />
      {look && <Warnings look={look} names={names} onRemedy={onRemedy} />}
    </Side>
  );
});

const Side = styled.div`display: flex; flex-direction: column; gap: ${space(3)}; min-height: 0; overflow: auto;`;
const Figures = styled.dl`
  display: grid;
  grid-template-columns: minmax(0, auto) 1fr minmax(0, auto) auto;
  gap: 0 ${space(2)};
  margin: 0;
  font-size: ${sizes.small};
  dt { color: ${colour.muted}; overflow-wrap: anywhere; }
  dd { margin: 0; font-weight: 600; white-space: nowrap; }
`;
