import type { Schemas } from '../api/client';
import { grades, nearest, points, strokes } from '../bench/stack';
import { formatMessage } from '../words/intl';

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
      return formatMessage({ id: 'show.layer.burnish' }, { name });
    case 'SOLVENT':
      return formatMessage({ id: 'show.layer.solvent' });
    case 'STUMP':
      return formatMessage({ id: 'show.layer.stump' });
    case 'LIFT':
      return formatMessage({ id: 'show.layer.lift' });
  }
}

export const slipNames: Record<NonNullable<Scene['slip']>, string> = {
  BLUNT_POINT: formatMessage({ id: 'show.mistake.bluntPoint' }),
  TOO_HEAVY: formatMessage({ id: 'show.mistake.tooHard' }),
  TOO_LIGHT: formatMessage({ id: 'show.mistake.tooLightly' }),
  ONE_DIRECTION: formatMessage({ id: 'show.mistake.oneWay' }),
  ORDER_TURNED_ROUND: formatMessage({ id: 'show.mistake.reversed' }),
  LAST_LAYER_LEFT_OUT: formatMessage({ id: 'show.mistake.lastMissing' }),
};

/** A scene in a line, for those who listen. */
export function sceneWords(scene: Scene, n: number, of: number): string {
  const at = formatMessage({ id: 'show.scene.place' }, { number: n, count: of });
  switch (scene.kind) {
    case 'OPENING':
      return `${at} ${scene.title}. ${scene.words.join(' ')}`;
    case 'LAYING':
      return formatMessage(
        { id: 'show.layer.spoken' },
        { place: at, title: scene.title, number: scene.number, count: scene.of, layer: scene.layer ? layerWords(scene.layer) : '' },
      );
    case 'TURN':
      return formatMessage({ id: 'show.turn.spoken' }, { place: at, task: scene.words.join(' ') });
    case 'FAULT':
      return formatMessage({ id: 'show.mistake.spoken' }, { place: at, title: scene.title, advice: scene.words.join(' ') });
    case 'CAUTIONS':
      return formatMessage({ id: 'show.caution.spoken' }, { place: at, caution: scene.words.join(' ') });
  }
}
