import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import styled from 'styled-components';
import { colour, space } from '../design/tokens';
import { asked, focused, focusOf, moved, unfocused, zoomed, type Settings } from './words';
import { formatMessage } from '../words/intl';

export type Overlay = 'NONE' | 'QUARTERS' | 'GRID';
export type Seen = 'IN_PENCILS' | 'VALUES' | 'DIFFERENCE';

/** Share of what is seen that an arrow key moves by. */
const STEP = 0.05;

interface Props {
  project: string;
  settings: Settings;
  shown: 'reference' | 'values' | 'outlines' | 'zones' | 'finished' | 'focus';
  /** Of the area that counts as the focus. */
  radiusMm?: number | undefined;
  /** How a finished picture is looked at. */
  seen?: Seen;
  outlines: boolean;
  overlay: Overlay;
  /** Outlines as an SVG path in mm. */
  path: string | undefined;
  /** Areas of one colour each, where these are shown. */
  zones?: readonly { number: number; own: string; outline: string }[];
  openZone?: number;
  onZone?: (zone: number) => void;
  onMove: (settings: Settings) => void;
}

/** What lies in the frame. It is moved by dragging or with the arrow keys, enlarged with + and −. */
export function FrameView({ project, settings, shown, seen = 'IN_PENCILS', outlines, overlay, path, zones = [], openZone, radiusMm, onZone, onMove }: Props) {
  const from = useRef<{ x: number; y: number; settings: Settings } | undefined>(undefined);
  const { frameWidthMm: wide, frameHeightMm: high } = settings;
  const finished = `/api/projects/${project}/finished.png?seen=${seen}&${asked(settings)}`;
  // Colours are found first, which takes seconds: until then it says so, and where it fails too.
  const [answer, setAnswer] = useState({ to: '', words: '' });
  const words = shown !== 'finished' ? '' : answer.to === finished ? answer.words : formatMessage({ id: 'projects.recipes.finding' });
  const focus = focusOf(settings);
  const place = (dx: number, dy: number) => focused(settings, (focus?.x ?? 0.5) + dx, (focus?.y ?? 0.5) + dy);
  const press = (event: KeyboardEvent) => {
    const pointed: Record<string, Settings | undefined> = {
      ArrowLeft: place(-STEP / 2, 0),
      ArrowRight: place(STEP / 2, 0),
      ArrowUp: place(0, -STEP / 2),
      ArrowDown: place(0, STEP / 2),
      Delete: unfocused(settings),
    };
    const next: Record<string, Settings | undefined> = {
      ArrowLeft: moved(settings, -STEP, 0),
      ArrowRight: moved(settings, STEP, 0),
      ArrowUp: moved(settings, 0, -STEP),
      ArrowDown: moved(settings, 0, STEP),
      '+': zoomed(settings, 1.15),
      '-': zoomed(settings, 1 / 1.15),
    };
    const now = (shown === 'focus' ? pointed : next)[event.key];
    if (now) {
      event.preventDefault();
      onMove(now);
    }
  };
  const drag = (event: PointerEvent<SVGSVGElement>) => {
    const start = from.current;
    const box = event.currentTarget.getBoundingClientRect();
    if (start && box.width > 0) {
      onMove(moved(start.settings, (start.x - event.clientX) / box.width, (start.y - event.clientY) / box.height));
    }
  };
  return (
    <Room>
      <svg
        viewBox={`0 0 ${wide} ${high}`}
        tabIndex={0}
        role="img"
        aria-label={formatMessage({ id: 'projects.frame.heading' }, { wide, high, view: shown })}
        onKeyDown={press}
        onPointerDown={(event) => {
          if (shown === 'focus') {
            const box = event.currentTarget.getBoundingClientRect();
            onMove(focused(settings, (event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height));
            return;
          }
          event.currentTarget.setPointerCapture(event.pointerId);
          from.current = { x: event.clientX, y: event.clientY, settings };
        }}
        onPointerMove={drag}
        onPointerUp={() => {
          from.current = undefined;
        }}
      >
        {shown === 'outlines' && <rect width={wide} height={high} fill="#fff" />}
        {shown === 'zones' &&
          zones.map((z) => (
            <path
              key={z.number}
              d={z.outline}
              fillRule="evenodd"
              fill={z.own}
              stroke={z.number === openZone ? '#fff' : '#111'}
              strokeWidth={z.number === openZone ? 3 : 1}
              vectorEffect="non-scaling-stroke"
              onClick={() => onZone?.(z.number)}
            />
          ))}
        {(shown === 'reference' || shown === 'values' || shown === 'focus') && (
          <image href={`/api/projects/${project}/${shown === 'focus' ? 'reference' : shown}.png?${asked(settings)}`} width={wide} height={high} preserveAspectRatio="none" />
        )}
        {shown === 'finished' && (
          <image
            href={finished}
            width={wide}
            height={high}
            preserveAspectRatio="none"
            onLoad={() => setAnswer({ to: finished, words: '' })}
            onError={() => setAnswer({ to: finished, words: formatMessage({ id: 'projects.view.failed' }) })}
          />
        )}
        {words && (
          <text x={wide / 2} y={high / 2} textAnchor="middle" fontSize={wide / 28} fill="#111">
            {words}
          </text>
        )}
        {shown !== 'zones' && shown !== 'finished' && shown !== 'focus' && (outlines || shown === 'outlines') && path && (
          <path d={path} fill="none" stroke={shown === 'outlines' ? '#111' : '#fff'} strokeWidth={1} vectorEffect="non-scaling-stroke" />
        )}
        {outlines && path && (shown === 'reference' || shown === 'values') && (
          <path d={path} fill="none" stroke="#111" strokeWidth={1} strokeDasharray="3 3" vectorEffect="non-scaling-stroke" />
        )}
        {(words ? [] : lines(overlay, settings)).map(([x1, y1, x2, y2]) => (
          <line key={`${x1} ${y1}`} x1={x1} y1={y1} x2={x2} y2={y2} stroke="#111" strokeOpacity={0.7} strokeWidth={1} vectorEffect="non-scaling-stroke" />
        ))}
        {shown === 'focus' &&
          focus &&
          radiusMm !== undefined &&
          ['#fff', '#111'].map((line, i) => (
            <circle key={line} cx={focus.x * wide} cy={focus.y * high} r={radiusMm} fill="none" stroke={line} strokeWidth={3 - 2 * i} vectorEffect="non-scaling-stroke" />
          ))}
        <rect width={wide} height={high} fill="none" stroke="#111" strokeWidth={1.5} vectorEffect="non-scaling-stroke" />
      </svg>
    </Room>
  );
}

/** The lines of a grid, or those that quarter the frame. */
function lines(overlay: Overlay, s: Settings): [number, number, number, number][] {
  if (overlay === 'NONE') {
    return [];
  }
  const columns = overlay === 'GRID' ? s.columns : 2;
  const rows = overlay === 'GRID' ? s.rows : 2;
  const at = (i: number, of: number, length: number) => (length * i) / of;
  return [
    ...Array.from({ length: columns - 1 }, (_, i): [number, number, number, number] => [
      at(i + 1, columns, s.frameWidthMm),
      0,
      at(i + 1, columns, s.frameWidthMm),
      s.frameHeightMm,
    ]),
    ...Array.from({ length: rows - 1 }, (_, i): [number, number, number, number] => [0, at(i + 1, rows, s.frameHeightMm), s.frameWidthMm, at(i + 1, rows, s.frameHeightMm)]),
  ];
}

const Room = styled.div`
  flex: 1;
  min-height: 0;
  padding: ${space(4)} ${space(5)};
  background: ${colour.wash};
  display: flex;
  justify-content: center;
  & svg { max-width: 100%; height: 100%; touch-action: none; cursor: grab; }
  & svg:active { cursor: grabbing; }
`;
