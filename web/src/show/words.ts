import type { Schemas } from '../api/client';
import { grades, nearest, points, strokes } from '../bench/stack';
import { say } from '../words/say';

export type ShowData = Schemas['ShowView'];
export type Scene = Schemas['SceneView'];
export type Layer = Schemas['ShownLayerView'];

export const gradeOf = (layer: Layer) => nearest(grades, layer.pressure ?? 1);
export const pointName = (layer: Layer) => nearest(points, layer.point ?? 0.2).name;
export const strokeName = (layer: Layer) => strokes.find((s) => s.id === layer.stroke)?.name ?? '';

/** What the hand does, as a headline. */
export function layerWords(layer: Layer): string {
  const name = layer.pencil ? `${layer.pencil.code} ${layer.pencil.name}` : '';
  switch (layer.manner) {
    case 'COLOUR':
      return name;
    case 'BURNISH':
      return say('show.burnish-with', { name });
    case 'SOLVENT':
      return say('show.solvent-with-a-brush-then');
    case 'STUMP':
      return say('show.blend-with-a-stump-not');
    case 'LIFT':
      return say('show.lift-with-the-putty-eraser');
  }
}

export const slipNames: Record<NonNullable<Scene['slip']>, string> = {
  BLUNT_POINT: say('show.with-a-blunt-point'),
  TOO_HEAVY: say('show.pressed-too-hard'),
  TOO_LIGHT: say('show.pressed-too-lightly'),
  ONE_DIRECTION: say('show.with-strokes-that-all-run'),
  ORDER_TURNED_ROUND: say('show.with-the-layers-in-the'),
  LAST_LAYER_LEFT_OUT: say('show.without-the-last-layer'),
};

/** A scene in a line, for those who listen. */
export function sceneWords(scene: Scene, n: number, of: number): string {
  const at = say('show.of', { n, of });
  switch (scene.kind) {
    case 'OPENING':
      return `${at}${scene.title}. ${scene.words.join(' ')}`;
    case 'LAYING':
      return say('show.layer-of-2', { at, title: scene.title, number: scene.number, of: scene.of, layer: scene.layer ? layerWords(scene.layer) : '' });
    case 'TURN':
      return say('show.your-turn-2', { at, more: scene.words.join(' ') });
    case 'FAULT':
      return say('show.watch-for-2', { at, title: scene.title, more: scene.words.join(' ') });
    case 'CAUTIONS':
      return say('show.mind-2', { at, more: scene.words.join(' ') });
  }
}
