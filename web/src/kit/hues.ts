import type { Schemas } from '../api/client';

type Coloured = Pick<Schemas['PencilView'], 'chroma' | 'colourless' | 'place'>;

/** Pencils with less chroma lie with the greys, C*. */
const GREYISH = 9;
/** Of one step on the painter's wheel, degrees. */
const STEP = 30;

/** As pencils lie on the table, from left to right. */
export const hues = [
  'red',
  'red-orange',
  'orange',
  'yellow-orange',
  'yellow',
  'yellow-green',
  'green',
  'blue-green',
  'blue',
  'blue-violet',
  'violet',
  'red-violet',
  'grey',
] as const;

export const hueOf = (pencil: Coloured): (typeof hues)[number] =>
  (pencil.chroma < GREYISH || pencil.colourless ? undefined : hues[Math.round(pencil.place / STEP) % (hues.length - 1)]) ?? 'grey';
