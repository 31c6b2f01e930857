import { type KeyboardEvent, type MouseEvent, useRef } from 'react';
import styled from 'styled-components';
import type { Schemas } from '../../api/client';
import { colour, sizes, space } from '../../design/tokens';
import { formatMessage } from '../../words/intl';

type Point = Schemas['Point'];
export const cornerNames = [
  formatMessage({ id: 'returns.corner.topLeft' }),
  formatMessage({ id: 'returns.corner.topRight' }),
  formatMessage({ id: 'returns.corner.bottomRight' }),
  formatMessage({ id: 'returns.corner.bottomLeft' }),
] as const;

/** How far an arrow key moves a corner, as a share of the picture: two millimetres of a page, with Shift a fifth of one. */
const STEP = 0.007;
const FINE = 0.0007;
const ways: Record<string, readonly [number, number]> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

const within = (share: number) => Math.max(0, Math.min(1, share));

/** Four corners on a picture: a click brings the nearest one there, arrow keys move the one that is focused. */
export function CornerPins({ src, alt, corners, onChange }: { src: string; alt: string; corners: Point[]; onChange: (corners: Point[]) => void }) {
  const frame = useRef<HTMLDivElement>(null);
  const move = (at: number, to: Point) => onChange(corners.map((c, i) => (i === at ? { x: within(to.x), y: within(to.y) } : c)));
  const bring = (event: MouseEvent<HTMLElement>) => {
    const rect = event.currentTarget.getBoundingClientRect();
    const to = { x: (event.clientX - rect.left) / rect.width, y: (event.clientY - rect.top) / rect.height };
    const far = corners.map((c) => Math.hypot((c.x - to.x) * rect.width, (c.y - to.y) * rect.height));
    const nearest = far.indexOf(Math.min(...far));
    move(nearest, to);
    frame.current?.querySelectorAll('button')[nearest]?.focus();
  };
  const step = (at: number) => (event: KeyboardEvent) => {
    const way = ways[event.key];
    const corner = corners[at];
    if (way && corner) {
      event.preventDefault();
      const by = event.shiftKey ? FINE : STEP;
      move(at, { x: corner.x + way[0] * by, y: corner.y + way[1] * by });
    }
  };
  return (
    <Frame ref={frame} onClick={bring}>
      <img src={src} alt={alt} />
      {corners.length === 4 && (
        <svg viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden>
          <polygon points={corners.map((c) => `${c.x},${c.y}`).join(' ')} vectorEffect="non-scaling-stroke" />
        </svg>
      )}
      {corners.map((c, i) => (
        <Pin
          key={cornerNames[i]}
          type="button"
          aria-label={formatMessage({ id: 'returns.corner.place' }, { corner: cornerNames[i] ?? '', x: Math.round(c.x * 100), y: Math.round(c.y * 100) })}
          style={{ left: `${c.x * 100}%`, top: `${c.y * 100}%` }}
          onClick={(event) => event.stopPropagation()}
          onKeyDown={step(i)}
        >
          {i + 1}
        </Pin>
      ))}
    </Frame>
  );
}

const Frame = styled.div`
  position: relative;
  display: inline-block;
  margin-top: ${space(3)};
  background: ${colour.wash};
  cursor: crosshair;
  img { display: block; max-width: 100%; max-height: 62vh; }
  svg { position: absolute; inset: 0; width: 100%; height: 100%; pointer-events: none; }
  polygon { fill: none; stroke: ${colour.ink}; stroke-width: 1.5px; stroke-dasharray: 5 3; }
`;
const Pin = styled.button`
  position: absolute;
  translate: -50% -50%;
  display: grid;
  place-items: center;
  width: 24px;
  height: 24px;
  padding: 0;
  border: 0;
  border-radius: 50%;
  background: ${colour.ink};
  color: ${colour.paper};
  font-size: ${sizes.small};
  font-weight: 600;
  cursor: move;
`;
