import styled from 'styled-components';
import type { Schemas } from '../../api/client';
import { colour, levelGreys } from '../../design/tokens';

type Goal = Schemas['GoalView'];

/** A figure on the scale of its thresholds: four steps of grey from beginning to beyond, a tick at the figure, its interval. */
export function FigureBar({ goal }: { goal: Goal }) {
  const figure = goal.found.figure;
  if (figure == null || figure >= 999) {
    return null;
  }
  const rising = goal.ladder.nearly < goal.ladder.beyond;
  const span = Math.abs(goal.ladder.beyond - goal.ladder.nearly);
  const worst = rising ? goal.ladder.nearly - 0.6 * span : goal.ladder.nearly + 0.6 * span;
  const best = rising ? goal.ladder.beyond + 0.4 * span : goal.ladder.beyond - 0.4 * span;
  const at = (value: number) => 100 * Math.min(1, Math.max(0, (value - worst) / (best - worst)));
  const edges = [worst, goal.ladder.nearly, goal.ladder.secure, goal.ladder.beyond, best].map(at);
  const unsure = goal.found.plusMinus ?? 0;
  const from = at(figure - unsure);
  const to = at(figure + unsure);
  return (
    <Bar aria-hidden viewBox="0 0 100 10" preserveAspectRatio="none">
      {[1, 2, 3, 4].map((level) => (
        <rect key={level} x={edges[level - 1]} width={(edges[level] ?? 0) - (edges[level - 1] ?? 0)} y={3} height={4} fill={levelGreys[level]} />
      ))}
      <line x1={Math.min(from, to)} x2={Math.max(from, to)} y1={5} y2={5} className="interval" />
      <line x1={at(figure)} x2={at(figure)} y1={0} y2={10} className="figure" />
    </Bar>
  );
}

const Bar = styled.svg`
  display: block;
  width: 100%;
  max-width: 220px;
  height: 12px;
  rect { stroke: ${colour.muted}; stroke-width: 0.5; vector-effect: non-scaling-stroke; }
  line { vector-effect: non-scaling-stroke; }
  .figure { stroke: ${colour.ink}; stroke-width: 3; }
  .interval { stroke: ${colour.ink}; stroke-width: 1; }
`;
