import type { Schemas } from '../api/client';
import { formatMessage } from '../words/intl';

export type StackData = Schemas['StackData'];
export type LayerData = Schemas['LayerData'];
export type Look = Schemas['LookView'];
export type WhatIf = Schemas['WhatIfView'];
export type Kit = Schemas['KitView'];
export type Pencil = Schemas['PencilView'];
export type Goal = Schemas['AimData'];

/** The five pressures a class is taught; the server's grades. */
export const grades = [
  { id: '0.08', name: formatMessage({ id: 'bench.whisper' }) },
  { id: '0.2', name: formatMessage({ id: 'bench.stroke.light' }) },
  { id: '0.4', name: formatMessage({ id: 'bench.pressure.medium' }) },
  { id: '0.65', name: formatMessage({ id: 'bench.lift.firm' }) },
  { id: '1', name: formatMessage({ id: 'bench.pressure.full' }) },
] as const;

export const points = [
  { id: '0.2', name: formatMessage({ id: 'bench.point.dull' }) },
  { id: '0.7', name: formatMessage({ id: 'bench.point.sharp' }) },
  { id: '0.95', name: formatMessage({ id: 'bench.point.needle' }) },
] as const;

export const strokes = [
  { id: 'CIRCLES', name: formatMessage({ id: 'bench.stroke.circles' }) },
  { id: 'CROSSED', name: formatMessage({ id: 'bench.stroke.crossed' }) },
  { id: 'ONE_WAY', name: formatMessage({ id: 'bench.stroke.oneWay' }) },
] as const;

/** The nearest of a row of choices to a number. */
export function nearest<T extends { id: string }>(choices: readonly T[], value: number): T {
  return [...choices].sort((a, b) => Math.abs(Number(a.id) - value) - Math.abs(Number(b.id) - value))[0] as T;
}

export const colourLayer = (pencil: string): LayerData => ({
  kind: 'COLOUR',
  pencil,
  pressure: 0.4,
  point: 0.7,
  stroke: 'CIRCLES',
  passes: 1,
});

/** A layer in one line, as it lies on the paper. */
export function layerTitle(layer: LayerData, kit: Kit): string {
  const pencil = kit.pencils.find((p) => p.id === layer.pencil);
  switch (layer.kind) {
    case 'COLOUR':
      return pencil?.name ?? '';
    case 'BURNISH':
      return formatMessage({ id: 'bench.layer.burnishWith' }, { name: pencil?.name ?? '' });
    case 'SOLVENT':
      return formatMessage({ id: 'bench.layer.solvent' });
    case 'STUMP':
      return formatMessage({ id: 'bench.layer.stump' });
    case 'LIFT':
      return formatMessage({ id: 'bench.puttyEraser' });
  }
}

/** How it is done, in a few words. */
export function layerManner(layer: LayerData): string {
  switch (layer.kind) {
    case 'COLOUR': {
      const passes = layer.passes ?? 1;
      return [
        nearest(grades, layer.pressure ?? 0.4).name,
        passes > 1 ? `× ${passes}` : '',
        nearest(points, layer.point ?? 0.7).name,
        strokes.find((s) => s.id === layer.stroke)?.name ?? '',
      ]
        .filter(Boolean)
        .join(' · ');
    }
    case 'BURNISH':
      return formatMessage({ id: 'bench.layer.burnishHow' }, { rounds: layer.passes ?? 1 });
    case 'SOLVENT':
      return formatMessage({ id: 'bench.layer.solventHow' });
    case 'STUMP':
      return formatMessage({ id: 'bench.layer.stumpHow' });
    case 'LIFT':
      return (layer.strength ?? 0.5) > 0.6 ? formatMessage({ id: 'bench.lift.strongest' }) : 'lightly';
  }
}

/** The stack with a layer moved so many places up (towards the top) or down; the same stack where it cannot. */
export function moved(stack: StackData, at: number, by: number): StackData {
  const to = at + by;
  if (to < 0 || to >= stack.layers.length) {
    return stack;
  }
  const layers = [...stack.layers];
  const [layer] = layers.splice(at, 1);
  layers.splice(to, 0, layer as LayerData);
  return { ...stack, layers };
}

export const without = (stack: StackData, at: number): StackData => ({
  ...stack,
  layers: stack.layers.filter((_, i) => i !== at),
});

export const changed = (stack: StackData, at: number, change: Partial<LayerData>): StackData => ({
  ...stack,
  layers: stack.layers.map((layer, i) => (i === at ? { ...layer, ...change } : layer)),
});
