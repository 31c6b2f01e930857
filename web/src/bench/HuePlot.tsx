import styled from 'styled-components';
import { colour } from '../design/tokens';
import type { Look } from './stack';
import { decimals } from '../words/words';
import { formatMessage } from '../words/intl';

const R = 84;
const MOST_CHROMA = 90;

interface Props {
  look: Look;
  names: readonly string[];
}

/** Hue round the painter's wheel (red on top, yellow lower right, blue lower left), chroma outwards. */
export function HuePlot({ look, names }: Props) {
  const spoken = look.layers
    .map((l, i) => (l.own ? `${names[i] ?? ''} ${Math.round(l.share * 100)} %` : ''))
    .filter(Boolean)
    .join(', ');
  return (
    <Plot
      viewBox={`${-R - 14} ${-R - 14} ${2 * R + 28} ${2 * R + 28}`}
      role="img"
      aria-label={formatMessage({ id: 'bench.result.plotSpoken' }, { chroma: decimals(look.colour.chroma, 0), shares: spoken })}
    >
      {[30, 60, 90].map((c) => (
        <circle key={c} r={(c / MOST_CHROMA) * R} fill="none" stroke={colour.line} strokeWidth={0.7} />
      ))}
      {[0, 1, 2, 3, 4, 5].map((i) => {
        const [px, py] = polar(i * 60, MOST_CHROMA);
        return <line key={i} x1={0} y1={0} x2={px} y2={py} stroke={colour.line} strokeWidth={0.7} />;
      })}
      {['red', 'orange', 'yellow', 'green', 'blue', 'violet'].map((name, i) => {
        const [px, py] = polar(i * 60, MOST_CHROMA + 8);
        return (
          <text key={name} x={px} y={py + 3} textAnchor={px > 12 ? 'end' : px < -12 ? 'start' : 'middle'} fontSize={10} fill={colour.muted}>
            {name}
          </text>
        );
      })}
      {look.layers.map((layer, i) => {
        if (!layer.own) {
          return null;
        }
        const [px, py] = polar(layer.own.place, layer.own.chroma);
        return <circle key={i} cx={px} cy={py} r={2.5 + 6 * Math.sqrt(layer.share)} fill={layer.own.colour} stroke={colour.muted} strokeWidth={0.6} />;
      })}
      {look.goal && <Cross at={polar(look.goal.colour.place, look.goal.colour.chroma)} />}
      <Mark at={polar(look.colour.place, look.colour.chroma)} fill={look.colour.colour} />
    </Plot>
  );
}

/** @param place on the wheel, 0 red, clockwise */
function polar(place: number, chroma: number): [number, number] {
  const angle = ((place - 90) * Math.PI) / 180;
  const r = (Math.min(MOST_CHROMA + 12, chroma) / MOST_CHROMA) * R;
  return [r * Math.cos(angle), r * Math.sin(angle)];
}

function Mark({ at: [x, y], fill }: { at: [number, number]; fill: string }) {
  return <rect x={x - 6} y={y - 6} width={12} height={12} fill={fill} stroke={colour.ink} strokeWidth={1.6} />;
}

function Cross({ at: [x, y] }: { at: [number, number] }) {
  return <path d={`M${x - 7} ${y}h14M${x} ${y - 7}v14`} stroke={colour.ink} strokeWidth={1.4} />;
}

const Plot = styled.svg`display: block; width: 100%; max-height: 190px;`;
