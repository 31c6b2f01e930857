import { memo, useMemo, useRef, useState } from 'react';
import { Button, GridList, GridListItem, useDragAndDrop } from 'react-aria-components';
import styled from 'styled-components';
import { Button as Plate } from '../design/Controls';
import { Grained } from '../design/Swatch';
import { colour, sizes, space } from '../design/tokens';
import { useLatest } from '../design/useLatest';
import { LayerControls } from './LayerControls';
import { Sheet } from './Sheet';
import { changed, colourLayer, layerManner, layerTitle, moved, without, type Kit, type LayerData, type Look, type StackData } from './stack';
import { formatMessage } from '../words/intl';

interface Props {
  kit: Kit;
  stack: StackData;
  look: Look | undefined;
  selected: number;
  onSelect: (at: number) => void;
  onChange: (stack: StackData, selected?: number) => void;
}

/** The layers as they lie on paper: the last one laid on top. */
export const StackList = memo(function StackList({ kit, stack, look, selected, onSelect, onChange }: Props) {
  const list = useRef<HTMLDivElement>(null);
  const last = stack.layers.length - 1;
  const items = useItems(stack.layers);
  const { dragAndDropHooks } = useDragAndDrop({
    getItems: (keys) => [...keys].map((key) => ({ 'text/plain': String(key) })),
    onReorder: ({ keys, target }) => {
      const [from] = [...keys].map(Number);
      const over = Number(target.key);
      if (from === undefined || from === over) {
        return;
      }
      // On screen the top layer comes first: "before" on screen is after in the stack.
      const wanted = target.dropPosition === 'before' ? over + (from > over ? 1 : 0) : over - (from < over ? 1 : 0);
      onChange(moved(stack, from, wanted - from), wanted);
    },
  });
  const add = useLatest((layer: LayerData) => onChange({ ...stack, layers: [...stack.layers, layer] }, stack.layers.length));
  const current = stack.layers[selected];
  const changeLayer = useLatest((layer: LayerData) => onChange(changed(stack, selected, layer), selected));
  const removeLayer = useLatest(() => onChange(without(stack, selected), Math.max(0, Math.min(selected, last - 1))));
  const moveLayer = useLatest((by: number) => onChange(moved(stack, selected, by), Math.min(last, Math.max(0, selected + by))));
  const changeSheet = useLatest((next: StackData) => onChange(next));
  return (
    <Side>
      <Adders kit={kit} topPencil={stack.layers[last]?.pencil} onAdd={add} />
      <List
        ref={list}
        aria-label={formatMessage({ id: 'bench.layer.list' })}
        items={items}
        selectionMode="single"
        disallowEmptySelection
        selectedKeys={stack.layers.length ? [String(selected)] : []}
        onSelectionChange={(keys) => {
          const [key] = keys;
          if (key !== undefined) {
            onSelect(Number(key));
          }
        }}
        dragAndDropHooks={dragAndDropHooks}
        dependencies={[look, kit]}
        renderEmptyState={() => <Nothing>{formatMessage({ id: 'bench.stack.empty' })}</Nothing>}
      >
        {({ id, at, layer }: Item) => (
          <Row id={id} textValue={`${at + 1}: ${layerTitle(layer, kit)}, ${layerManner(layer)}`}>
            <Button slot="drag" aria-label={formatMessage({ id: 'bench.layer.move' }, { layer: at + 1 })}>
              ⠿
            </Button>
            <Ordinal>{at + 1}</Ordinal>
            <Grained colour={look?.layers[at]?.own?.colour ?? kit.pencils.find((p) => p.id === layer.pencil)?.colour ?? 'transparent'} width={30} height={24} />
            <span>
              <b>{layerTitle(layer, kit)}</b>
              <small>{layerManner(layer)}</small>
            </span>
            <Share title={formatMessage({ id: 'bench.share.help' })}>{look?.layers[at] ? `${Math.round(look.layers[at].share * 100)} %` : ''}</Share>
          </Row>
        )}
      </List>
      <Sheet kit={kit} stack={stack} onChange={changeSheet} />
      {current && <LayerControls kit={kit} layer={current} number={selected + 1} onChange={changeLayer} onRemove={removeLayer} onMove={moveLayer} />}
    </Side>
  );
});

interface Item {
  id: string;
  at: number;
  layer: LayerData;
}

/** A row of the list for each layer, top layer first. A layer that stays what and where it is keeps its row, which is then not drawn anew. */
function useItems(layers: readonly LayerData[]): Item[] {
  const [known] = useState(() => new WeakMap<LayerData, Item>());
  return useMemo(
    () =>
      layers
        .map((layer, at) => {
          const before = known.get(layer);
          const item = before?.at === at ? before : { id: String(at), at, layer };
          known.set(layer, item);
          return item;
        })
        .reverse(),
    [layers, known],
  );
}

interface AddersProps {
  kit: Kit;
  topPencil: string | undefined;
  onAdd: (layer: LayerData) => void;
}

/** What can be laid on top. */
const Adders = memo(function Adders({ kit, topPencil, onAdd }: AddersProps) {
  const [white, first] = useMemo(() => {
    const coloured = kit.pencils.filter((p) => !p.colourless);
    return [[...coloured].sort((a, b) => b.value - a.value)[0]?.id ?? '', coloured[0]?.id ?? ''];
  }, [kit]);
  return (
    <Adding>
      <Plate onPress={() => onAdd(colourLayer(topPencil ?? first))}>{formatMessage({ id: 'bench.layer.add' })}</Plate>
      <Quiet onPress={() => onAdd({ kind: 'BURNISH', pencil: white, passes: 1 })}>{formatMessage({ id: 'bench.layer.burnishShort' })}</Quiet>
      <Quiet onPress={() => onAdd({ kind: 'SOLVENT' })}>{formatMessage({ id: 'bench.layer.solventShort' })}</Quiet>
      <Quiet onPress={() => onAdd({ kind: 'STUMP' })}>{formatMessage({ id: 'bench.layer.stumpShort' })}</Quiet>
      <Quiet onPress={() => onAdd({ kind: 'LIFT', strength: 0.5 })}>{formatMessage({ id: 'bench.layer.liftShort' })}</Quiet>
    </Adding>
  );
});

const Side = styled.div`display: flex; flex-direction: column; gap: ${space(2)}; min-height: 0;`;
const Adding = styled.div`display: flex; gap: ${space(3)}; align-items: baseline;`;
const Quiet = styled(Button)`
  min-width: 24px;
  min-height: 24px;
  padding: 0;
  border: 0;
  background: none;
  font-size: ${sizes.small};
  text-decoration: underline;
  text-underline-offset: 0.18em;
  cursor: pointer;
`;
const List = styled(GridList)`
  flex: 0 1 auto;
  min-height: 48px;
  overflow: auto;
  border-top: 1px solid ${colour.line};
  outline-offset: -2px;
` as typeof GridList;
const Row = styled(GridListItem)`
  display: flex;
  align-items: center;
  gap: ${space(2)};
  padding: 5px ${space(2)} 5px 2px;
  border-bottom: 1px solid ${colour.line};
  cursor: default;
  outline-offset: -2px;
  &[data-selected] { background: ${colour.wash}; box-shadow: inset 4px 0 0 ${colour.ink}; }
  &[data-dragging] { opacity: 0.5; }
  & b { display: block; font-weight: 600; line-height: 1.2; }
  & small { display: block; font-size: ${sizes.small}; line-height: 1.25; color: ${colour.muted}; }
  & button[slot='drag'] { border: 0; background: none; padding: 0 2px 0 6px; color: ${colour.muted}; cursor: grab; }
  & > span { min-width: 0; }
  & [slot=drag] { min-width: 24px; min-height: 24px; }
`;
const Ordinal = styled.span`width: 14px; text-align: right; font-weight: 600;`;
const Share = styled.span`margin-left: auto; font-size: ${sizes.small}; color: ${colour.muted}; white-space: nowrap;`;
const Nothing = styled.p`padding: ${space(4)} 0; color: ${colour.muted};`;
