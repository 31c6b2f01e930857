import styled from 'styled-components';
import type { Schemas } from '../api/client';
import { colour } from '../design/tokens';

/** What is shown of the page below its last box, mm. */
const below = 48;

interface Props {
  id: string;
  width: number;
  height: number;
  boxes: Schemas['BoxReadingView'][];
  field: string | null;
  onField: (field: string | null) => void;
}

/** The straightened page down to its boxes; each box can be pointed at, the one looked at is framed. Coordinates are mm. */
export function PagePicture({ id, width, height, boxes, field, onField }: Props) {
  const shown = Math.min(height, Math.max(...boxes.map((b) => b.y + b.height)) + below);
  return (
    <svg viewBox={`0 0 ${width} ${shown}`} role="img" aria-label="The page, straightened and evenly lit">
      <image href={`/api/returns/pages/${id}/picture`} width={width} height={height} />
      {boxes.map((b) => (
        <Frame
          key={b.field}
          x={b.x - 1.6}
          y={b.y - 1.6}
          width={b.width + 3.2}
          height={b.height + 3.2}
          $on={b.field === field}
          onMouseEnter={() => onField(b.field)}
          onMouseLeave={() => onField(null)}
        />
      ))}
    </svg>
  );
}

const Frame = styled.rect<{ $on: boolean }>`
  fill: transparent;
  stroke: ${colour.ink};
  stroke-width: ${(p) => (p.$on ? 1.4 : 0)};
`;
