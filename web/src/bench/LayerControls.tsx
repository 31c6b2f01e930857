import { memo, useMemo } from 'react';
import styled from 'styled-components';
import { LinkButton, Segments, Select } from '../design/Controls';
import { Stepper } from '../design/Stepper';
import { Grained } from '../design/Swatch';
import { useLatest } from '../design/useLatest';
import { colour, sizes, space } from '../design/tokens';
import { grades, nearest, points, strokes, type Kit, type LayerData, type Pencil } from './stack';
import { formatMessage } from '../words/intl';

interface Props {
  kit: Kit;
  layer: LayerData;
  number: number;
  onChange: (layer: LayerData) => void;
  onRemove: () => void;
  onMove: (by: number) => void;
}

/** Everything that can be said of the chosen layer. */
export const LayerControls = memo(function LayerControls({ kit, layer, number, onChange, onRemove, onMove }: Props) {
  const set = useLatest((change: Partial<LayerData>) => onChange({ ...layer, ...change }));
  const to = useMemo(
    () => ({
      pencil: (pencil: string) => set({ pencil }),
      pressure: (id: string) => set({ pressure: Number(id) }),
      point: (id: string) => set({ point: Number(id) }),
      stroke: (stroke: NonNullable<LayerData['stroke']>) => set({ stroke }),
      passes: (passes: number) => set({ passes }),
      strength: (id: string) => set({ strength: Number(id) }),
    }),
    [set],
  );
  const usesPencil = layer.kind === 'COLOUR' || layer.kind === 'BURNISH';
  const burnishing = layer.kind === 'BURNISH' ? layer.pencil : null;
  const choices = useMemo(
    () =>
      (burnishing === null ? kit.pencils : burnishers(kit, burnishing)).map((p) => ({
        id: p.id,
        name: `${p.code} ${p.name}`,
        note: p.range,
        mark: <Grained colour={p.colour} />,
      })),
    [kit, burnishing],
  );
  return (
    <Panel aria-label={formatMessage({ id: 'bench.layer' }, { number })}>
      {usesPencil && (
        <Select
          label={layer.kind === 'BURNISH' ? formatMessage({ id: 'bench.layer.burnishLabel' }, { number }) : formatMessage({ id: 'bench.layer.pencilLabel' }, { number })}
          value={layer.pencil ?? null}
          onChange={to.pencil}
          choices={choices}
        />
      )}
      {layer.kind === 'COLOUR' && (
        <>
          <Tight>
            <Segments label={formatMessage({ id: 'bench.pressure' })} value={nearest(grades, layer.pressure ?? 0.4).id} onChange={to.pressure} choices={grades} />
          </Tight>
          <Pair>
            <Tight>
              <Segments label={formatMessage({ id: 'bench.point' })} value={nearest(points, layer.point ?? 0.7).id} onChange={to.point} choices={points} />
            </Tight>
            <Stepper label={formatMessage({ id: 'bench.passes' })} value={layer.passes ?? 1} least={1} most={20} onChange={to.passes} />
          </Pair>
          <Tight>
            <Segments label={formatMessage({ id: 'bench.stroke' })} value={layer.stroke ?? 'CIRCLES'} onChange={to.stroke} choices={strokes} />
          </Tight>
        </>
      )}
      {layer.kind === 'BURNISH' && <Stepper label={formatMessage({ id: 'bench.rounds' })} value={layer.passes ?? 1} least={1} most={20} onChange={to.passes} />}
      {layer.kind === 'LIFT' && (
        <Tight>
          <Segments label={formatMessage({ id: 'bench.layer.liftLabel' }, { number })} value={(layer.strength ?? 0.5) > 0.6 ? '1' : '0.5'} onChange={to.strength} choices={lifts} />
        </Tight>
      )}
      {layer.kind === 'SOLVENT' && <Caution>{formatMessage({ id: 'bench.solvent.caution' })}</Caution>}
      <Actions>
        <LinkButton onPress={() => onMove(1)}>{formatMessage({ id: 'bench.layer.up' })}</LinkButton>
        <LinkButton onPress={() => onMove(-1)}>{formatMessage({ id: 'bench.layer.down' })}</LinkButton>
        <LinkButton onPress={onRemove}>{formatMessage({ id: 'bench.layer.remove' })}</LinkButton>
      </Actions>
    </Panel>
  );
});

const lifts = [
  { id: '0.5', name: formatMessage({ id: 'bench.lift.lightly' }) },
  { id: '1', name: formatMessage({ id: 'bench.lift.strongest' }) },
] as const;

/** What is burnished with: blender, whites and pale tints first, then the rest. */
function burnishers(kit: Kit, chosen: string | undefined): Pencil[] {
  const pale = kit.pencils.filter((p) => p.colourless || p.value > 7.6 || p.id === chosen);
  return [...pale].sort((a, b) => Number(b.colourless) - Number(a.colourless) || b.value - a.value);
}

const Panel = styled.section`
  display: flex;
  flex-direction: column;
  gap: ${space(2)};
  padding-top: ${space(2)};
  border-top: 2px solid ${colour.ink};
`;
const Tight = styled.div`
  & button { min-width: 0; padding: 2px 7px; min-height: 30px; }
`;
const Pair = styled.div`display: flex; gap: ${space(3)}; justify-content: space-between; & > :last-child > div { width: 100px; }`;
const Actions = styled.div`display: flex; gap: ${space(4)}; font-size: ${sizes.small}; & > :last-child { margin-left: auto; }`;
const Caution = styled.p`font-size: ${sizes.small}; line-height: 1.35;`;
