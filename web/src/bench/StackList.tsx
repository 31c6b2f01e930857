import { memo, useRef } from 'react';
import { Button, GridList, GridListItem, useDragAndDrop } from 'react-aria-components';
import styled from 'styled-components';
import { Button as Plate } from '../design/Controls';
import { Grained } from '../design/Swatch';
import { colour, sizes, space } from '../design/tokens';
import { useLatest } from '../design/useLatest';
import { LayerControls } from './LayerControls';
import { Sheet } from './Sheet';
import { changed, colourLayer, layerManner, layerTitle, moved, without, type Kit, type LayerData, type Look, type StackData } from './stack';

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
  const items = stack.layers.map((layer, at) => ({ id: String(at), at, layer })).reverse();
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
  const add = (layer: LayerData) => onChange({ ...stack, layers: [...stack.layers, layer] }, stack.layers.length);
  const first = kit.pencils.find((p) => !p.colourless)?.id ?? '';
  const white = [...kit.pencils].filter((p) => !p.colourless).sort((a, b) => b.value - a.value)[0]?.id ?? first;
  const topPencil = stack.layers[last]?.pencil ?? first;
  const current = stack.layers[selected];
  const changeLayer = useLatest((layer: LayerData) => onChange(changed(stack, selected, layer), selected));
  const removeLayer = useLatest(() => onChange(without(stack, selected), Math.max(0, Math.min(selected, last - 1))));
  const moveLayer = useLatest((by: number) => onChange(moved(stack, selected, by), Math.min(last, Math.max(0, selected + by))));
  const changeSheet = useLatest((next: StackData) => onChange(next));
  return (
    <Side>
      <Adders>
        <Plate onPress={() => add(colourLayer(topPencil))}>Add a layer</Plate>
        <Quiet onPress={() => add({ kind: 'BURNISH', pencil: white, passes: 1 })}>burnish</Quiet>
        <Quiet onPress={() => add({ kind: 'SOLVENT' })}>solvent</Quiet>
        <Quiet onPress={() => add({ kind: 'LIFT', strength: 0.5 })}>lift</Quiet>
      </Adders>
      <List
        ref={list}
        aria-label="Layers, top layer first"
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
        dependencies={[look, kit, selected]}
        renderEmptyState={() => <Nothing>Bare paper. Add a first layer.</Nothing>}
      >
        {({ id, at, layer }: (typeof items)[number]) => (
          <Row id={id} textValue={`${at + 1}: ${layerTitle(layer, kit)}, ${layerManner(layer)}`}>
            <Button slot="drag" aria-label={`Move layer ${at + 1}`}>
              ⠿
            </Button>
            <Ordinal>{at + 1}</Ordinal>
            <Grained colour={look?.layers[at]?.own?.colour ?? kit.pencils.find((p) => p.id === layer.pencil)?.colour ?? 'transparent'} width={30} height={24} />
            <span>
              <b>{layerTitle(layer, kit)}</b>
              <small>{layerManner(layer)}</small>
            </span>
            <Share title="How much of what is seen is this layer">{look?.layers[at] ? `${Math.round(look.layers[at].share * 100)} %` : ''}</Share>
          </Row>
        )}
      </List>
      <Sheet kit={kit} stack={stack} onChange={changeSheet} />
      {current && (
        <LayerControls
          kit={kit}
          layer={current}
          number={selected + 1}
          onChange={changeLayer}
          onRemove={removeLayer}
          onMove={moveLayer}
        />
      )}
    </Side>
  );
});

const Side = styled.div`display: flex; flex-direction: column; gap: ${space(2)}; min-height: 0;`;
const Adders = styled.div`display: flex; gap: ${space(3)}; align-items: baseline;`;
const Quiet = styled(Button)`
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
`;
const Ordinal = styled.span`width: 14px; text-align: right; font-weight: 600;`;
const Share = styled.span`margin-left: auto; font-size: ${sizes.small}; color: ${colour.muted}; white-space: nowrap;`;
const Nothing = styled.p`padding: ${space(4)} 0; color: ${colour.muted};`;
