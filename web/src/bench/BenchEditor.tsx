import { memo, useMemo, useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { ApiError, api, type Schemas } from '../api/client';
import { save } from '../api/save';
import { Button, Segments, Select } from '../design/Controls';
import { grey } from '../design/greys';
import { Place } from '../design/Place';
import { Notice } from '../design/States';
import { useLatest } from '../design/useLatest';
import { useSize } from '../design/useSize';
import { colour, space } from '../design/tokens';
import { Findings } from './Findings';
import { GrainedSwatch, type Zoom } from './GrainedSwatch';
import { Keeping } from './Keeping';
import { StackList } from './StackList';
import { layerTitle, type Kit, type StackData } from './stack';
import { ToothSection } from './ToothSection';
import { useBenchStack } from './useBenchStack';
import { WhatIfRow } from './WhatIfRow';
import { formatMessage } from '../words/intl';

type Saved = Schemas['StackView'];

interface Props {
  kit: Kit;
  stacks: Saved[];
  open: Saved | undefined;
  start: StackData;
  /** Where the stack comes from, if it was brought. */
  brought: string | undefined;
  onOpen: (stack: Saved | null) => void;
  onReload: () => void;
}

const surroundings = ['95', '75', '50', '25', '8'] as const;
type Around = (typeof surroundings)[number];

/** The bench with one stack on it. */
export function BenchEditor({ kit, stacks, open, start, brought, onOpen, onReload }: Props) {
  const bench = useBenchStack(start);
  const { stack, history, look, shown } = bench;
  const seen = look.data;
  const [zoom, setZoom] = useState<Zoom>('NEAR');
  const [around, setAround] = useState<Around>('95');
  const [keeping, setKeeping] = useState(false);
  const [frame, size] = useSize({ width: 484, height: 252 });

  const titles = JSON.stringify(stack.layers.map((layer) => layerTitle(layer, kit)));
  const names = useMemo(() => JSON.parse(titles) as string[], [titles]);
  const change = useLatest(bench.change);
  const adopt = useLatest(bench.adopt);
  const undo = useLatest(history.undo);
  const redo = useLatest(history.redo);
  const keep = useLatest(() => setKeeping((k) => !k));
  const print = useLatest(() => void printCard(open?.name ?? formatMessage({ id: 'bench.card' }), open?.note ?? '', stack));
  const openLatest = useLatest(onOpen);
  const paper = kit.papers.find((p) => p.id === stack.paper);
  const changed = JSON.stringify(stack) !== JSON.stringify(open?.stack);
  return (
    <Place
      title={formatMessage({ id: 'bench.title' })}
      about={open ? (changed ? formatMessage({ id: 'bench.stack.changed' }, { name: open.name }) : open.name) : (brought ?? formatMessage({ id: 'bench.stack.unsaved' }))}
      actions={
        <Actions
          stacks={stacks}
          openId={open?.id}
          canUndo={history.canUndo}
          canRedo={history.canRedo}
          onOpen={openLatest}
          onUndo={undo}
          onRedo={redo}
          onKeep={keep}
          onPrint={print}
        />
      }
    >
      {keeping && (
        <Keeping
          stack={stack}
          open={open}
          changed={changed}
          onClose={() => setKeeping(false)}
          onReload={onReload}
          onKept={(saved) => {
            setKeeping(false);
            onOpen(saved);
          }}
        />
      )}
      <Layout>
        <StackList kit={kit} stack={stack} look={shown} selected={bench.selected} onSelect={bench.select} onChange={change} />
        <Middle>
          <Surround style={{ background: grey(Number(around)) }}>
            {seen && (
              <Frame ref={frame}>
                <GrainedSwatch look={seen} zoom={zoom} {...size} stale={look.isPlaceholderData} />
              </Frame>
            )}
            {seen?.goal && <GoalPatch style={{ background: seen.goal.colour.colour }} title={formatMessage({ id: 'bench.goal.askedFor' })} />}
          </Surround>
          <Views zoom={zoom} onZoom={setZoom} around={around} onAround={setAround} />
          {look.error && <Notice role="alert">▲ {look.error instanceof ApiError ? look.error.message : formatMessage({ id: 'bench.unreachableStackSafe' })}</Notice>}
          {shown && <ToothSection section={shown.section} paper={paper?.colour ?? '#fff'} names={names} />}
        </Middle>
        <Findings
          kit={kit}
          paper={stack.paper}
          look={shown}
          names={names}
          steps={bench.steps}
          onSteps={bench.setSteps}
          goal={bench.goal}
          onGoal={bench.setGoal}
          schoolClass={bench.schoolClass}
          onSchoolClass={bench.setSchoolClass}
          intention={bench.intention}
          onIntention={bench.setIntention}
          onRemedy={adopt}
        />
      </Layout>
      {bench.whatIf && <WhatIfRow variants={bench.whatIf} stale={bench.stale} onAdopt={adopt} />}
    </Place>
  );
}

interface ActionsProps {
  stacks: Saved[];
  openId: string | undefined;
  canUndo: boolean;
  canRedo: boolean;
  onOpen: (stack: Saved | null) => void;
  onUndo: () => void;
  onRedo: () => void;
  onKeep: () => void;
  onPrint: () => void;
}

/** What is done with the stack as a whole. Kept apart, as a change of the stack changes nothing in it. */
const Actions = memo(function Actions({ stacks, openId, canUndo, canRedo, onOpen, onUndo, onRedo, onKeep, onPrint }: ActionsProps) {
  return (
    <>
      <Picker>
        <Select
          label={formatMessage({ id: 'bench.stack' })}
          value={openId ?? 'new'}
          onChange={(id) => onOpen(stacks.find((s) => s.id === id) ?? null)}
          choices={[{ id: 'new', name: formatMessage({ id: 'bench.newStack' }) }, ...stacks.map((s) => ({ id: s.id, name: s.name }))]}
        />
      </Picker>
      <Button onPress={onUndo} isDisabled={!canUndo}>
        {formatMessage({ id: 'bench.undo' })}
      </Button>
      <Button onPress={onRedo} isDisabled={!canRedo}>
        {formatMessage({ id: 'bench.redo' })}
      </Button>
      <Button onPress={onKeep}>{formatMessage({ id: 'bench.stack.saveAs' })}</Button>
      {openId && <Link to={`/show/stack/${openId}`}>{formatMessage({ id: 'bench.show' })}</Link>}
      <Button onPress={onPrint}>{formatMessage({ id: 'bench.card.print' })}</Button>
    </>
  );
});

interface ViewsProps {
  zoom: Zoom;
  onZoom: (zoom: Zoom) => void;
  around: Around;
  onAround: (around: Around) => void;
}

/** From where and on what the swatch is seen. */
const Views = memo(function Views({ zoom, onZoom, around, onAround }: ViewsProps) {
  return (
    <Strip>
      <Segments
        label={formatMessage({ id: 'bench.view.label' })}
        value={zoom}
        onChange={onZoom}
        choices={[
          { id: 'ARM', name: formatMessage({ id: 'bench.view.armsLength' }) },
          { id: 'NEAR', name: formatMessage({ id: 'bench.view.near' }) },
          { id: 'LOUPE', name: formatMessage({ id: 'bench.view.loupe' }) },
        ]}
      />
      <Segments label={formatMessage({ id: 'bench.view.surroundLightness' })} value={around} onChange={onAround} choices={surroundings.map((id) => ({ id, name: id }))} />
    </Strip>
  );
});

/** The card as a PDF in a window of its own. */
async function printCard(name: string, note: string, stack: StackData) {
  const pdf = await api.POST('/api/bench/card.pdf', { body: { name, note, stack }, parseAs: 'blob' });
  save(pdf.data as unknown as Blob, `${name}.pdf`);
}

const Picker = styled.div`width: 190px;`;
const Layout = styled.div`
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: 292px minmax(0, 1fr) 248px;
  gap: ${space(5)};
  padding: ${space(3)} ${space(5)};
  @media (max-width: 1100px) { grid-template-columns: 264px minmax(0, 1fr) 210px; gap: ${space(3)}; padding: ${space(3)}; }
  @media (max-width: 820px) { display: block; & > * + * { margin-top: ${space(5)}; } }
`;
const Middle = styled.div`display: flex; flex-direction: column; gap: ${space(3)}; min-width: 0; overflow: auto;`;
const Surround = styled.div`
  position: relative;
  flex: 1;
  min-height: 220px;
  padding: ${space(5)};
  border: 1px solid ${colour.line};
`;
const Frame = styled.div`position: relative; width: 100%; height: 100%;`;
const GoalPatch = styled.i`position: absolute; right: ${space(4)}; top: ${space(4)}; width: 96px; height: 96px;`;
const Strip = styled.div`display: flex; flex-wrap: wrap; gap: ${space(2)} ${space(4)}; align-items: flex-end; & button { min-height: 30px; padding-left: 7px; padding-right: 7px; min-width: 24px; }`;
