import type { Schemas } from '../api/client';
import { grades, nearest, points, strokes } from '../bench/stack';

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
      return `Burnish with ${name}`;
    case 'SOLVENT':
      return 'Solvent with a brush, then leave to dry';
    case 'STUMP':
      return 'Blend with a stump, not with a finger';
    case 'LIFT':
      return 'Lift with the putty eraser';
  }
}

export const slipNames: Record<NonNullable<Scene['slip']>, string> = {
  BLUNT_POINT: 'with a blunt point',
  TOO_HEAVY: 'pressed too hard',
  TOO_LIGHT: 'pressed too lightly',
  ONE_DIRECTION: 'with strokes that all run one way',
  ORDER_TURNED_ROUND: 'with the layers in the other order',
  LAST_LAYER_LEFT_OUT: 'without the last layer',
};

/** A scene in a line, for those who listen. */
export function sceneWords(scene: Scene, n: number, of: number): string {
  const at = `${n} of ${of}. `;
  switch (scene.kind) {
    case 'OPENING':
      return `${at}${scene.title}. ${scene.words.join(' ')}`;
    case 'LAYING':
      return `${at}${scene.title}, layer ${scene.number} of ${scene.of}: ${scene.layer ? layerWords(scene.layer) : ''}`;
    case 'TURN':
      return `${at}Your turn. ${scene.words.join(' ')}`;
    case 'FAULT':
      return `${at}Watch for: ${scene.title}. ${scene.words.join(' ')}`;
    case 'CAUTIONS':
      return `${at}Mind. ${scene.words.join(' ')}`;
  }
}
