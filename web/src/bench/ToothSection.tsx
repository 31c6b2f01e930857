import { memo, type CSSProperties } from 'react';
import styled from 'styled-components';
import { colour, sizes, space } from '../design/tokens';
import type { Look } from './stack';
import { decimals } from '../words/words';
import { formatMessage } from '../words/intl';

/** Each height class twice, peak first, laid out so that they make hills and valleys as a cut through paper does. */
const ORDER = [2, 0, 1, 3, 5, 7, 6, 4, 2, 1, 0, 3, 4, 6, 7, 5];
const WIDTH = 560;
const HEIGHT = 190;
const PAPER_BASE = 14;

interface Props {
  section: Look['section'];
  paper: string;
  names: readonly string[];
}

/** A cut through the paper's tooth: the paper, and on it every film with its own thickness and colour. */
export const ToothSection = memo(function ToothSection({ section, paper, names }: Props) {
  const columns = ORDER.map((i) => section[i]).filter((c) => c !== undefined);
  const deepest = Math.max(0.6, ...columns.map((c) => c.depth));
  const thickest = Math.max(0.4, ...columns.map((c) => c.bands.reduce((sum, b) => sum + b.thickness, 0)));
  const scale = (HEIGHT - PAPER_BASE) / (deepest + thickest);
  const ground = columns.map((c) => (thickest + c.depth) * scale);
  const films = surfaces(columns, ground, scale);
  return (
    <Figure>
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} preserveAspectRatio="none" role="img" aria-label={spoken(section, names)}>
        <path {...shape(under(ground))} fill={paper} stroke="none" />
        {films.map((film, i) => (
          <g key={i}>
            {film.strips.map((strip, j) => (
              <path key={j} {...shape(strip.d)} fill={strip.colour} stroke={strip.colour} strokeWidth={0.6} />
            ))}
          </g>
        ))}
        <path {...shape(line(ground))} fill="none" stroke="currentColor" strokeWidth={0.8} />
      </svg>
      <figcaption>
        <span>{formatMessage({ id: 'bench.section.scale' })}</span>
      </figcaption>
    </Figure>
  );
});

interface Strip {
  d: string;
  colour: string;
}

/** Every film as strips from column to column, so that each keeps the colour it has there. */
function surfaces(columns: Look['section'], ground: number[], scale: number): { strips: Strip[] }[] {
  const count = Math.max(0, ...columns.map((c) => c.bands.length));
  let bottom = ground;
  return Array.from({ length: count }, (_, f) => {
    const top = columns.map((c, i) => (bottom[i] ?? 0) - (c.bands[f]?.thickness ?? 0) * scale);
    const strips = columns.map((c, i) => ({
      d: between(bottom, top, i),
      colour: c.bands[f]?.colour ?? 'none',
    }));
    bottom = top;
    return { strips };
  });
}

/** The same line as a property, which can be animated. */
const shape = (d: string) => ({ d, style: { d: `path("${d}")` } as CSSProperties });

const x = (i: number) => ((i + 0.5) * WIDTH) / ORDER.length;
const at = (line: number[], i: number) => line[Math.min(ORDER.length - 1, Math.max(0, i))] ?? 0;
const half = (line: number[], i: number) => (at(line, i) + at(line, i + 1)) / 2;

/** One column of a film: from half way to its left neighbour to half way to its right one. */
function between(bottom: number[], top: number[], i: number): string {
  const left = i === 0 ? 0 : x(i) - WIDTH / ORDER.length / 2;
  const right = i === ORDER.length - 1 ? WIDTH : x(i) + WIDTH / ORDER.length / 2;
  return `M${left} ${half(bottom, i - 1)}L${x(i)} ${at(bottom, i)}L${right} ${half(bottom, i)}` + `L${right} ${half(top, i)}L${x(i)} ${at(top, i)}L${left} ${half(top, i - 1)}Z`;
}

function line(ys: number[]): string {
  return `M0 ${half(ys, -1)}${ys.map((y, i) => `L${x(i)} ${y}`).join('')}L${WIDTH} ${half(ys, ORDER.length - 1)}`;
}

const under = (ys: number[]) => `${line(ys)}L${WIDTH} ${HEIGHT}L0 ${HEIGHT}Z`;

function spoken(section: Look['section'], names: readonly string[]): string {
  const totals = names.map((name, layer) => {
    const mean = section.reduce((sum, c) => sum + c.bands.filter((b) => b.layer === layer).reduce((s, b) => s + b.thickness, 0), 0) / section.length;
    return `${name} ${decimals(mean, 2)}`;
  });
  return formatMessage({ id: 'bench.section.label' }, { layers: totals.join(', ') || formatMessage({ id: 'bench.paper.noCover' }) });
}

const Figure = styled.figure`
  margin: 0;
  width: 100%;
  & svg { display: block; width: 100%; height: 150px; background: ${colour.raised}; border: 1px solid ${colour.line}; color: ${colour.ink}; }
  & path { transition: d 260ms ease-out; }
  & figcaption { display: flex; justify-content: space-between; font-size: ${sizes.small}; color: ${colour.muted}; padding-top: ${space(1)}; }
`;
