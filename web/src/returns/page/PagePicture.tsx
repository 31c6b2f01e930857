import { useState } from 'react';
import styled from 'styled-components';
import type { Schemas } from '../../api/client';
import { Segments } from '../../design/Controls';
import { Small } from '../../design/Text';
import { colour, space } from '../../design/tokens';
import { overlayOf, pictureOf } from '../pictures';
import { formatMessage } from '../../words/intl';

/** What is shown of the page below its last field, mm. */
const below = 48;
/** Paper shown around a field that is looked at closely, mm. */
const around = 6;

/** What the figures were read from, to be laid over the page. */
type Over = 'NOTHING' | 'PLAN' | 'SPECKS' | 'LIGHT';
const legends = {
  PLAN: formatMessage({ id: 'returns.overlay.valueHelp' }),
  SPECKS: formatMessage({ id: 'returns.overlay.paperShowingHelp' }),
  LIGHT: formatMessage({ id: 'returns.overlay.lightHelp' }),
};

interface Props {
  id: string;
  read: string | undefined;
  width: number;
  height: number;
  boxes: Schemas['BoxReadingView'][];
  field: string | null;
  onField: (field: string | null) => void;
}

/**
 * The straightened page down to its fields; each can be pointed at, the one looked at is framed. Closer, the field looked at
 * fills the frame. Coordinates are mm.
 */
export function PagePicture({ id, read, width, height, boxes, field, onField }: Props) {
  const [close, setClose] = useState<'page' | 'field'>('page');
  const [over, setOver] = useState<Over>('NOTHING');
  const shown = Math.min(height, Math.max(...boxes.map((b) => b.lies.y + b.lies.height)) + below);
  const looked = boxes.find((b) => b.field === field) ?? boxes[0];
  const view =
    close === 'page' || !looked ? [0, 0, width, shown] : [looked.lies.x - around, looked.lies.y - around, looked.lies.width + 2 * around, looked.lies.height + 2 * around];
  return (
    <Frame>
      <svg viewBox={view.join(' ')} role="img" aria-label={formatMessage({ id: 'returns.page.straightened' })} style={{ maxHeight: close === 'field' ? 360 : undefined }}>
        <image href={pictureOf(id, read)} width={width} height={height} />
        {close === 'field' && looked && (
          <image
            href={pictureOf(id, read, looked.field)}
            x={looked.lies.x - 2.5}
            y={looked.lies.y - 2.5}
            width={looked.lies.width + 5}
            height={looked.lies.height + 5}
            preserveAspectRatio="none"
          />
        )}
        {over !== 'NOTHING' && <image href={overlayOf(id, read, over)} width={width} height={height} style={{ imageRendering: close === 'field' ? 'pixelated' : 'auto' }} />}
        {boxes.map((b) => (
          <Shape key={b.field} box={b} on={close === 'page' && b.field === field} outlined={over === 'LIGHT'} onField={onField} />
        ))}
      </svg>
      <Choices>
        <Segments
          label={formatMessage({ id: 'returns.seen' })}
          value={close}
          onChange={setClose}
          choices={[
            { id: 'page', name: formatMessage({ id: 'returns.loading.page' }) },
            { id: 'field', name: formatMessage({ id: 'returns.box.onlyOne' }) },
          ]}
        />
        <Segments
          label={formatMessage({ id: 'returns.overlay.label' })}
          value={over}
          onChange={setOver}
          choices={[
            { id: 'NOTHING', name: formatMessage({ id: 'returns.empty.nothing' }) },
            ...(boxes.some((b) => b.picture) ? [{ id: 'PLAN' as const, name: formatMessage({ id: 'returns.overlay.offPlan' }) }] : []),
            { id: 'SPECKS', name: formatMessage({ id: 'returns.overlay.paperShowing' }) },
            { id: 'LIGHT', name: formatMessage({ id: 'returns.overlay.light' }) },
          ]}
        />
      </Choices>
      {over !== 'NOTHING' && <Small>{legends[over]}</Small>}
    </Frame>
  );
}

interface ShapeProps {
  box: Schemas['BoxReadingView'];
  on: boolean;
  outlined: boolean;
  onField: (field: string | null) => void;
}

function Shape({ box, on, outlined, onField }: ShapeProps) {
  const line = on ? 1.4 : outlined ? 0.4 : 0;
  const watch = { onMouseEnter: () => onField(box.field), onMouseLeave: () => onField(null) };
  if (box.lies.outline.length > 0) {
    return <Zone d={box.lies.outline.map(loop).join(' ')} fillRule="evenodd" $line={line} {...watch} />;
  }
  return <Rect x={box.lies.x - 1.6} y={box.lies.y - 1.6} width={box.lies.width + 3.2} height={box.lies.height + 3.2} $line={line} {...watch} />;
}

const loop = (xy: number[]) => `M${xy.join(' ')}Z`;

const Frame = styled.div`
  display: flex;
  flex-direction: column;
  gap: 6px;
  & > svg { border: 1px solid ${colour.line}; width: 100%; }
`;
const Rect = styled.rect<{ $line: number }>`
  fill: transparent;
  stroke: ${colour.ink};
  stroke-width: ${(p) => p.$line};
`;
const Zone = styled.path<{ $line: number }>`
  fill: transparent;
  stroke: ${colour.ink};
  stroke-width: ${(p) => p.$line};
`;
const Choices = styled.div`display: flex; flex-wrap: wrap; gap: 6px ${space(5)};`;
