import styled from 'styled-components';
import { levelNames } from '../words/words';
import { colour, levelGreys, sizes } from './tokens';

/** A level as a step of the value scale with its number. */
export function Level({ level, size = 22 }: { level: number; size?: number }) {
  return (
    <Step $level={level} $size={size} title={`${level} ${levelNames[level] ?? ''}`}>
      {level}
    </Step>
  );
}

const Step = styled.span<{ $level: number; $size: number }>`
  display: inline-grid;
  place-items: center;
  flex: none;
  width: ${(p) => p.$size}px;
  height: ${(p) => p.$size}px;
  font-size: ${sizes.small};
  font-weight: 600;
  line-height: 1;
  background: ${(p) => levelGreys[p.$level]};
  color: ${(p) => (p.$level >= 3 ? levelGreys[0] : levelGreys[4])};
  box-shadow: inset 0 0 0 1px ${(p) => (p.$level === 0 ? levelGreys[2] : 'transparent')};
`;

/** Shares of a whole as one bar of value steps, for example students at each level. */
export function Spread({ counts, label }: { counts: readonly number[]; label: string }) {
  const total = counts.reduce((a, b) => a + b, 0);
  return (
    <Bar role="img" aria-label={label}>
      {counts.map((count, level) =>
        count === 0 ? null : (
          <Part key={level} $level={level} style={{ flexGrow: count / Math.max(1, total) }}>
            {count}
          </Part>
        ),
      )}
    </Bar>
  );
}

const Bar = styled.div`display: flex; height: 18px; width: 100%; border: 1px solid ${colour.line};`;
const Part = styled.span<{ $level: number }>`
  display: grid;
  place-items: center;
  flex-basis: 0;
  min-width: 14px;
  font-size: ${sizes.small};
  font-weight: 600;
  background: ${(p) => levelGreys[p.$level]};
  color: ${(p) => (p.$level >= 3 ? levelGreys[0] : levelGreys[4])};
`;
