import type { Schemas } from '../api/client';
import { say } from '../words/say';

export type StackData = Schemas['StackData'];
export type LayerData = Schemas['LayerData'];
export type Look = Schemas['LookView'];
export type WhatIf = Schemas['WhatIfView'];
export type Kit = Schemas['KitView'];
export type Pencil = Schemas['PencilView'];
export type Goal = Schemas['AimData'];

/** The five pressures a class is taught; the server's grades. */
export const grades = [
  { id: '0.08', name: say('bench.whisper') },
  { id: '0.2', name: say('bench.light') },
  { id: '0.4', name: say('bench.medium') },
  { id: '0.65', name: say('bench.firm') },
  { id: '1', name: say('bench.full') },
] as const;

export const points = [
  { id: '0.2', name: say('bench.dull') },
  { id: '0.7', name: say('bench.sharp') },
  { id: '0.95', name: say('bench.needle') },
] as const;

export const strokes = [
  { id: 'CIRCLES', name: say('bench.circles') },
  { id: 'CROSSED', name: say('bench.crossed') },
  { id: 'ONE_WAY', name: say('bench.one-way') },
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
      return say('bench.burnish-2', { name: pencil?.name ?? '' });
    case 'SOLVENT':
      return say('bench.solvent-2');
    case 'STUMP':
      return say('bench.blending-stump');
    case 'LIFT':
      return say('bench.putty-eraser');
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
      return say('bench.hard-and-dull', { more: (layer.passes ?? 1) > 1 ? ` × ${layer.passes ?? 1}` : '' });
    case 'SOLVENT':
      return say('bench.brush-then-dry-5-10');
    case 'STUMP':
      return say('bench.rubbed-in-no-finger');
    case 'LIFT':
      return (layer.strength ?? 0.5) > 0.6 ? say('bench.as-much-as-it-takes') : 'lightly';
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
