import styled from 'styled-components';
import type { Schemas } from '../api/client';
import { faces, grey } from './previewTokens';

type Bits = Schemas['BitsView'];

/** The page itself: everything where the server's geometry puts it, in mm. */
export function PagePreview({ draft, filled, stale }: { draft: Schemas['DraftView']; filled: boolean; stale: boolean }) {
  const { page, asked } = draft;
  return (
    <Sheet viewBox={`0 0 ${page.width} ${page.height}`} role="img" aria-label={`The page: ${asked.length} boxes`} $stale={stale}>
      <rect width={page.width} height={page.height} fill={grey.paper} />
      {page.patches.map((p, i) => (
        <rect key={i} {...p.box} fill={p.colour} />
      ))}
      {filled &&
        page.fields.map((f, i) => <rect key={f.id} {...f.box} fill={asked[i]?.predictedColour ?? 'none'} data-box={f.id} />)}
      {page.fields.map((f) => (
        <rect key={f.id} {...f.box} fill="none" stroke={grey.ink} strokeWidth={0.25} />
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
    </Sheet>
  );
}

/** The black modules of a pattern as one path. */
function modules({ box, rows }: Bits): string {
  const height = box.height / rows.length;
  return rows
    .flatMap((row, y) => {
      const width = box.width / row.length;
      return [...row].map((cell, x) =>
        cell === '1' ? `M${box.x + x * width} ${box.y + y * height}h${width}v${height}h${-width}z` : '',
      );
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
