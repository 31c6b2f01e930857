import styled from 'styled-components';
import type { Schemas } from '../../api/client';
import { colour, sizes, space } from '../../design/tokens';
import { dayOf } from '../../words/words';
import { pictureOf } from '../pictures';
import { formatMessage } from '../../words/intl';

type Box = Schemas['BoxReadingView'];

/** Where along a strip to look, and what for. */
export interface Spot {
  field: string;
  atMm: number;
}

interface Props {
  pageId: string;
  read: string | undefined;
  strips: Box[];
  spots: Spot[];
  before: Schemas['BeforeView'] | undefined;
  field: string | null;
  onField: (field: string | null) => void;
}

/** Strips as drawn, under those of the page before, each over its value profile: thin what was asked, thick what was measured, a mark where to look. */
export function Strips({ pageId, read, strips, spots, before, field, onField }: Props) {
  return strips.map((strip) => {
    const of = before?.fields.find((f) => f.field === strip.field);
    const then = of && before ? dayOf(before.received) : '';
    return (
      <Strip key={strip.field} $on={strip.field === field} onMouseEnter={() => onField(strip.field)} onMouseLeave={() => onField(null)}>
        <figcaption>
          {formatMessage(
            { id: 'returns.strip.title' },
            {
              strip: strip.field,
              compared: of !== undefined,
              then,
              blank: strip.read.blank,
              paperShowing: strip.read.specks.toFixed(0),
              outside: strip.read.blank || strip.read.outside == null ? 'none' : strip.read.outside.toFixed(1),
            },
          )}
        </figcaption>
        {of && (
          <Drawn
            src={pictureOf(of.page, of.read, of.there)}
            alt={formatMessage({ id: 'returns.strip.pictureBefore' }, { strip: strip.field, date: then })}
            style={drawnOut(strip)}
          />
        )}
        <Drawn src={pictureOf(pageId, read, strip.field)} alt={formatMessage({ id: 'returns.strip.picture' }, { strip: strip.field })} style={drawnOut(strip)} />
        <Course strip={strip} spots={spots.filter((s) => s.field === strip.field)} />
      </Strip>
    );
  });
}

/** The picture shows this much paper at either end, % of the strip: it is drawn out so that both scales agree. */
const margin = (strip: Box) => (100 * 2.5) / strip.lies.width;
const drawnOut = (strip: Box) => ({ marginLeft: `${-margin(strip)}%`, width: `${100 + 2 * margin(strip)}%` });

const HEIGHT = 30;

function Course({ strip, spots }: { strip: Box; spots: Spot[] }) {
  const y = (l: number) => ((100 - l) / 100) * HEIGHT;
  const measured = strip.along.read.map((l, i) => `${i + 1.5},${y(l).toFixed(2)}`).join(' ');
  const last = strip.along.asked.length - 1;
  const asked = strip.along.asked.map((l, i) => `${((i / last) * strip.lies.width).toFixed(1)},${y(l).toFixed(2)}`).join(' ');
  return (
    <Chart
      viewBox={`0 0 ${strip.lies.width} ${HEIGHT}`}
      preserveAspectRatio="none"
      role="img"
      aria-label={formatMessage(
        { id: 'returns.strip.spoken' },
        {
          strip: strip.field,
          first: strip.along.read[0]?.toFixed(0) ?? '',
          last: strip.along.read.at(-1)?.toFixed(0) ?? '',
          spots: spots.length,
          places: spots.map((s) => s.atMm.toFixed(0)).join(', '),
        },
      )}
    >
      {[25, 50, 75].map((l) => (
        <line key={l} x1={0} x2={strip.lies.width} y1={y(l)} y2={y(l)} className="rule" />
      ))}
      {last > 0 && <polyline points={asked} className="asked" />}
      <polyline points={measured} className="measured" />
      {spots.map((s) => (
        <line key={s.atMm} x1={s.atMm} x2={s.atMm} y1={0} y2={HEIGHT} className="spot" />
      ))}
    </Chart>
  );
}

const Strip = styled.figure<{ $on: boolean }>`
  margin: 0;
  padding: ${space(1)} ${space(3)} ${space(2)};
  overflow: hidden;
  background: ${(p) => (p.$on ? colour.wash : 'transparent')};
  figcaption { font-size: ${sizes.small}; color: ${colour.muted}; }
`;
const Drawn = styled.img`display: block; max-width: none;`;
const Chart = styled.svg`
  display: block;
  width: 100%;
  height: 74px;
  border-bottom: 1px solid ${colour.ink};
  * { vector-effect: non-scaling-stroke; fill: none; }
  .rule { stroke: ${colour.line}; stroke-width: 1; }
  .asked { stroke: ${colour.muted}; stroke-width: 1; stroke-dasharray: 4 3; }
  .measured { stroke: ${colour.ink}; stroke-width: 2; }
  .spot { stroke: ${colour.ink}; stroke-width: 1; stroke-dasharray: 2 2; }
`;
