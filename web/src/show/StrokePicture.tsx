import styled, { keyframes } from 'styled-components';
import type { Schemas } from '../api/client';
import { colour } from '../design/tokens';

type Stroke = NonNullable<Schemas['ShownLayerView']['stroke']>;

/** How the pencil travels, as a line that is being drawn; without movement where none is wanted. */
export function StrokePicture({ stroke, passes }: { stroke: Stroke; passes: number }) {
  return (
    <Picture viewBox="0 0 240 90" aria-hidden>
      {paths[stroke].map((d, i) => (
        <path key={d} d={d} pathLength={1} style={{ animationDelay: `${i * 1.6}s` }} />
      ))}
      {Array.from({ length: passes }, (_, i) => (
        <rect key={i} x={i * 18} y={80} width={12} height={8} />
      ))}
    </Picture>
  );
}

const circles = 'a12 26 0 1 1 0.1 0 m14 0 '.repeat(15);
const slanted = (down: boolean) => Array.from({ length: 15 }, (_, i) => (down ? `M${8 + i * 15} 6 l14 62` : `M${22 + i * 15} 6 l-14 62`)).join(' ');

const paths: Record<Stroke, string[]> = {
  CIRCLES: [`M14 66 ${circles}`],
  CROSSED: [slanted(true), slanted(false)],
  ONE_WAY: [slanted(false)],
};

const draw = keyframes`from { stroke-dashoffset: 1; } 60%, to { stroke-dashoffset: 0; }`;
const Picture = styled.svg`
  width: 100%;
  max-width: 300px;
  path { fill: none; stroke: ${colour.ink}; stroke-width: 2.4; stroke-dasharray: 1; animation: ${draw} 5s ease-in-out infinite; }
  rect { fill: ${colour.ink}; }
  @media (prefers-reduced-motion: reduce) { path { stroke-dasharray: none; } }
`;
