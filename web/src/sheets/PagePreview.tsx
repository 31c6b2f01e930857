import styled from 'styled-components';
import type { Schemas } from '../api/client';
import type { Planned } from './draft';
import { faces, grey } from './previewTokens';
import { formatMessage } from '../words/intl';

type Bits = Schemas['BitsView'];
type Page = Schemas['PageView'];
export type Filled = 'predicted' | 'asked' | 'blank';

interface Props {
  page: Page;
  exercises: Planned[];
  grainMm: number;
  filled: Filled;
  stale: boolean;
}

/** Three grains are enough for the eye: closed, a few specks, many. */
const grains = [
  { id: 'grain-closed', offset: 4.6 },
  { id: 'grain-some', offset: 3.6 },
  { id: 'grain-open', offset: 2.9 },
];
const grainOf = (specks: number) => (specks < 0.04 ? 0 : specks < 0.25 ? 1 : 2);

/** The page itself: everything where the server's geometry puts it, in mm. */
export function PagePreview({ page, exercises, grainMm, filled, stale }: Props) {
  const fields = new Map(exercises.flatMap((e) => e.fields).map((f) => [f.id, f]));
  const flagged = new Set(exercises.flatMap((e) => e.findings).map((f) => f.field));
  return (
    <Sheet
      viewBox={`0 0 ${page.width} ${page.height}`}
      role="img"
      aria-label={formatMessage({ id: 'sheets.page.boxes' }, { boxes: page.fields.length })}
      data-kinds={exercises.map((e) => e.kind.name).join(', ')}
      $stale={stale}
    >
      <defs>
        {grains.map((g) => (
          <filter key={g.id} id={g.id} x="0" y="0" width="100%" height="100%">
            <feTurbulence type="fractalNoise" baseFrequency={0.16 / grainMm} numOctaves="2" seed="7" result="noise" />
            <feColorMatrix in="noise" type="matrix" values={`0 0 0 0 0  0 0 0 0 0  0 0 0 0 0  -4 0 0 0 ${g.offset}`} result="holes" />
            <feComposite in="SourceGraphic" in2="holes" operator="in" />
          </filter>
        ))}
        {filled !== 'blank' &&
          page.fields.map((f) => {
            const colours = fields.get(f.id)?.[filled] ?? [];
            return colours.length > 1 ? (
              <linearGradient key={f.id} id={`fade-${f.id}`}>
                {colours.map((c, i) => (
                  <stop key={i} offset={i / (colours.length - 1)} stopColor={c} />
                ))}
              </linearGradient>
            ) : null;
          })}
      </defs>
      <rect width={page.width} height={page.height} fill={grey.paper} />
      {page.patches.map((p, i) => (
        <rect key={i} {...p.box} fill={p.colour} />
      ))}
      {filled !== 'blank' && (
        <>
          {grains.map((g, i) => (
            <g key={g.id} filter={filled === 'predicted' ? `url(#${g.id})` : undefined}>
              {page.fields
                .filter((f) => !fields.get(f.id)?.picture && grainOf(fields.get(f.id)?.specks ?? 1) === i && (fields.get(f.id)?.recipe.length ?? 0) > 0)
                .map((f) => (
                  <Fill key={f.id} field={f} colours={fields.get(f.id)?.[filled] ?? []} />
                ))}
            </g>
          ))}
        </>
      )}
      {filled === 'predicted' &&
        page.fields.map((f) => fields.get(f.id)?.picture && <image key={f.id} {...f.box} href={fields.get(f.id)?.picture} preserveAspectRatio="none" data-box={f.id} />)}
      {page.fields.map((f) =>
        f.path ? <path key={f.id} d={f.path} fill="none" stroke={grey.ink} strokeWidth={0.12} /> : <rect key={f.id} {...f.box} fill="none" stroke={grey.ink} strokeWidth={0.25} />,
      )}
      {page.keys.map((k, i) => (
        <rect key={i} {...k} fill="none" stroke={grey.ink} strokeWidth={0.25} />
      ))}
      {page.rules.map((r, i) => (
        <line key={i} x1={r.x1} y1={r.y1} x2={r.x2} y2={r.y2} stroke={grey.ink} strokeWidth={r.width} />
      ))}
      {page.texts.map((t, i) => (
        <text key={i} x={t.x} y={t.y} fontSize={t.size} fontWeight={t.bold ? 600 : 400} fontFamily={faces.text} fill={grey.ink}>
          {t.words}
        </text>
      ))}
      {page.bits.map((b, i) => (
        <path key={i} d={modules(b)} fill={grey.ink} />
      ))}
      {page.fields
        .filter((f) => flagged.has(f.id))
        .map((f) => (
          <path key={f.id} d={`M${f.box.x + f.box.width + 0.8} ${f.box.y + 3.4}l1.7 -3 1.7 3z`} fill={grey.ink} data-flag={f.id} />
        ))}
    </Sheet>
  );
}

function Fill({ field, colours }: { field: Page['fields'][number]; colours: string[] }) {
  const fill = colours.length > 1 ? `url(#fade-${field.id})` : (colours[0] ?? 'none');
  return field.path ? <path d={field.path} fill={fill} fillRule="evenodd" data-box={field.id} /> : <rect {...field.box} fill={fill} data-box={field.id} />;
}

/** The black modules of a pattern as one path. */
function modules({ box, rows }: Bits): string {
  const height = box.height / rows.length;
  return rows
    .flatMap((row, y) => {
      const width = box.width / row.length;
      return Array.from(row).map((cell, x) => (cell === '1' ? `M${box.x + x * width} ${box.y + y * height}h${width}v${height}h${-width}z` : ''));
    })
    .join('');
}

const Sheet = styled.svg<{ $stale: boolean }>`
  flex: 1;
  min-height: 0;
  max-width: 100%;
  filter: drop-shadow(0 1px 5px rgb(0 0 0 / 25%));
  opacity: ${(p) => (p.$stale ? 0.75 : 1)};
`;
