import { ToggleButton } from 'react-aria-components';
import styled from 'styled-components';
import type { Schemas } from '../api/client';
import { colour, faces, sizes, space } from '../design/tokens';
import { hueOf, hues } from './hues';
import { formatMessage } from '../words/intl';

type Pencil = Schemas['PencilView'];

interface Props {
  pencils: Pencil[];
  wanted: string;
  paper: string;
  open: string | null;
  onOpen: (id: string) => void;
}

/** Pencils as they would lie on a table: hue from left to right round the painter's wheel, light at the top, dark below. */
export function PencilTable({ pencils, wanted, paper, open, onOpen }: Props) {
  const columns = hues.map((name) => ({ name, pencils: pencils.filter((p) => hueOf(p) === name).sort((a, b) => b.value - a.value) }));
  const used = columns.filter((c) => c.pencils.length > 0);
  const needle = wanted.trim().toLowerCase();
  const found = (p: Pencil) => !needle || `${p.code} ${p.name} ${p.range} ${hueOf(p)}`.toLowerCase().includes(needle);
  if (pencils.length === 0) {
    return <Nothing>{formatMessage({ id: 'kit.set.empty' })}</Nothing>;
  }
  return (
    <Table $columns={used.length}>
      {used.map((c) => (
        <Column key={c.name} aria-label={c.name}>
          <h2>{c.name}</h2>
          {placed(c.pencils).map(({ pencil, gap }) => (
            <Lying
              key={pencil.id}
              isSelected={pencil.id === open}
              onChange={() => onOpen(pencil.id)}
              aria-label={`${pencil.code} ${pencil.value.toFixed(1)} ${pencil.name}, ${pencil.range}`}
              style={{ marginTop: gap }}
              data-found={found(pencil)}
            >
              <img src={`/api/kit/pencils/${pencil.id}/swatch.png?paper=${paper}&look=${signature(pencil)}`} width={60} height={28} alt="" loading="lazy" />
              <span>
                <b>{pencil.code}</b> {pencil.value.toFixed(1)}
              </span>
            </Lying>
          ))}
        </Column>
      ))}
    </Table>
  );
}

/** Changes whenever the pencil looks different, so that a kept picture is not shown for another colour. */
const signature = (p: Pencil) => [p.lab.l, p.lab.a, p.lab.b, p.hiding, p.softness].map((n) => n.toFixed(3)).join('_');

/** Each at the height of its value, or right under the one before. */
function placed(column: Pencil[]): { pencil: Pencil; gap: number }[] {
  const card = 50;
  let bottom = 0;
  return column.map((pencil) => {
    const wanted = (9.6 - pencil.value) * 44;
    const top = Math.max(bottom, wanted);
    const gap = top - bottom;
    bottom = top + card;
    return { pencil, gap };
  });
}

const Table = styled.div<{ $columns: number }>`
  display: grid;
  grid-template-columns: repeat(${(p) => p.$columns}, minmax(56px, 1fr));
  gap: ${space(1)};
  padding: ${space(3)} ${space(5)};
  overflow: auto;
  align-items: start;
`;
const Column = styled.section`
  min-width: 0;
  & h2 { font: 400 ${sizes.small} / 1.1 ${faces.text}; color: ${colour.muted}; height: 30px; padding-right: ${space(2)}; display: flex; align-items: flex-end; }
`;
const Lying = styled(ToggleButton)`
  display: block;
  width: 100%;
  height: 48px;
  margin-bottom: 2px;
  padding: 2px;
  border: 0;
  background: none;
  text-align: left;
  cursor: pointer;
  & img { display: block; width: 100%; height: 28px; object-fit: fill; border: 1px solid ${colour.line}; }
  & span { font-size: 12px; line-height: 1.2; white-space: nowrap; }
  &[data-found='false'] { opacity: 0.18; }
  &[data-hovered] { background: ${colour.wash}; }
  &[data-selected] { outline: 3px solid ${colour.ink}; outline-offset: 0; }
`;
const Nothing = styled.p`padding: ${space(6)}; color: ${colour.muted};`;
