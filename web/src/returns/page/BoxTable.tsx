import styled from 'styled-components';
import type { Schemas } from '../../api/client';
import { grey } from '../../design/greys';
import { Asked } from '../../design/Swatch';
import { MetricHelp } from '../../design/MetricHelp';
import { colour, sizes, space } from '../../design/tokens';
import { dayOf, decimals } from '../../words/words';
import { pictureOf } from '../pictures';
import { formatMessage } from '../../words/intl';

type Box = Schemas['BoxReadingView'];

interface Props {
  pageId: string;
  read: string | undefined;
  boxes: Box[];
  before: Schemas['BeforeView'] | undefined;
  field: string | null;
  onField: (field: string | null) => void;
}

/** Every even field: its crop under the one of the page before, and beside what was asked for, and what was measured in it. */
export function BoxTable({ pageId, read, boxes, before, field, onField }: Props) {
  const earlier = (b: Box) => before?.fields.find((f) => f.field === b.field);
  return (
    <Scroll>
      <Table>
        <thead>
          <tr>
            <th>{formatMessage({ id: 'returns.box.label' })}</th>
            {boxes.map((b) => (
              <th key={b.field} scope="col" title={b.label}>
                {b.field}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {before && boxes.some(earlier) && (
            <tr>
              <th scope="row">{dayOf(before.received)}</th>
              {boxes.map((b) => {
                const of = earlier(b);
                return (
                  <Cell key={b.field} $on={b.field === field}>
                    {of && <Crop src={pictureOf(of.page, of.read, of.there)} alt={formatMessage({ id: 'returns.box.pictureBefore' }, { box: b.field })} />}
                  </Cell>
                );
              })}
            </tr>
          )}
          <tr>
            <th scope="row">{before ? formatMessage({ id: 'returns.now' }) : formatMessage({ id: 'returns.box.drawn' })}</th>
            {boxes.map((b) => (
              <Cell key={b.field} $on={b.field === field} onMouseEnter={() => onField(b.field)} onMouseLeave={() => onField(null)}>
                <Crop src={pictureOf(pageId, read, b.field)} alt={formatMessage({ id: 'returns.box.picture' }, { box: b.field })} />
              </Cell>
            ))}
          </tr>
          <tr>
            <th scope="row">{formatMessage({ id: 'returns.box.asked' })}</th>
            {boxes.map((b) => (
              <Cell key={b.field} $on={b.field === field}>
                {b.asked.colours.length > 0 && (
                  <Value>
                    <Asked $colour={b.read.difference == null ? grey(b.asked.lightness) : (b.asked.colours[0] ?? 'none')} $size={14} /> {decimals(b.asked.value, 1)}
                  </Value>
                )}
              </Cell>
            ))}
          </tr>
          <Figures code="VALUE" name={formatMessage({ id: 'returns.value' })} boxes={boxes} field={field} of={(b) => (b.read.blank ? 'empty' : decimals(b.read.value, 1))} strong />
          <Figures code="OFF" name={formatMessage({ id: 'returns.box.offPlan' })} boxes={boxes} field={field} of={(b) => b.read.difference?.toFixed(1)} />
          <Figures
            code="STEP"
            name={formatMessage({ id: 'returns.box.step' })}
            boxes={boxes}
            field={field}
            of={(b) => (b.read.step == null ? undefined : decimals(Math.abs(b.read.step), 1))}
          />
          <Figures code="SPECKS" name={formatMessage({ id: 'returns.box.paperShowing' })} boxes={boxes} field={field} of={(b) => decimals(b.read.specks, 0)} />
          <Figures code="UNEVEN" name={formatMessage({ id: 'returns.box.uneven' })} boxes={boxes} field={field} of={(b) => decimals(b.read.unevenness, 1)} />
          <Figures code="OUTSIDE" name={formatMessage({ id: 'returns.box.outside' })} boxes={boxes} field={field} of={(b) => b.read.outside?.toFixed(1)} />
          <Figures
            code="STROKES"
            name={formatMessage({ id: 'returns.overlay.strokes' })}
            boxes={boxes}
            field={field}
            of={(b) => (b.read.direction == null ? undefined : `${decimals(b.read.direction, 0)}°`)}
          />
          <Figures
            code="GLARE"
            name={formatMessage({ id: 'returns.box.glare' })}
            boxes={boxes}
            field={field}
            of={(b) => (b.read.glare > 0.5 ? decimals(b.read.glare, 0) : undefined)}
          />
        </tbody>
      </Table>
    </Scroll>
  );
}

interface FiguresProps {
  code: string;
  name: string;
  boxes: Box[];
  field: string | null;
  of: (box: Box) => string | undefined;
  strong?: boolean;
}

/** A row of figures; left out where no field has one. */
function Figures({ code, name, boxes, field, of, strong }: FiguresProps) {
  if (boxes.every((b) => of(b) === undefined)) {
    return null;
  }
  return (
    <tr>
      <th scope="row">
        <MetricHelp code={code} label={name} />
      </th>
      {boxes.map((b) => (
        <Cell key={b.field} $on={b.field === field}>
          {strong ? <b>{of(b)}</b> : of(b)}
        </Cell>
      ))}
    </tr>
  );
}

const Scroll = styled.div`overflow-x: auto;`;
const Table = styled.table`
  width: 100%;
  th { font-weight: 400; color: ${colour.muted}; font-size: ${sizes.small}; text-align: left; white-space: nowrap; padding-right: ${space(1)}; }
  thead th { font-weight: 600; color: ${colour.ink}; text-align: center; }
  thead th:first-child { text-align: left; font-weight: 400; color: ${colour.muted}; }
  tr > :last-child { padding-right: ${space(3)}; }
`;
const Cell = styled.td<{ $on: boolean }>`
  text-align: center;
  padding: 2px 1px;
  background: ${(p) => (p.$on ? colour.wash : 'transparent')};
  border-top: 1px solid ${colour.line};
`;
const Crop = styled.img`display: block; width: 100%; max-width: 64px; max-height: 64px; object-fit: contain; height: auto; margin: 0 auto;`;
const Value = styled.span`display: inline-flex; align-items: center; gap: ${space(1)};`;
