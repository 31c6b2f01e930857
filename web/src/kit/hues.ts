import type { Schemas } from '../api/client';
import { say } from '../words/say';

export type Hue = NonNullable<Schemas['ReachCellView']['hue']>;
type Coloured = Pick<Schemas['PencilView'], 'chroma' | 'colourless' | 'place'>;

/** Pencils with less chroma lie with the greys, C*. */
const GREYISH = 9;
/** Of one step on the painter's wheel, degrees. */
const STEP = 30;

/** The painter's wheel, as pencils lie on the table from left to right. */
export const wheel: readonly Hue[] = [
  'RED',
  'RED_ORANGE',
  'ORANGE',
  'YELLOW_ORANGE',
  'YELLOW',
  'YELLOW_GREEN',
  'GREEN',
  'BLUE_GREEN',
  'BLUE',
  'BLUE_VIOLET',
  'VIOLET',
  'RED_VIOLET',
];

const names: Record<Hue, string> = {
  RED: say('kit.hue-red'),
  RED_ORANGE: say('kit.hue-red-orange'),
  ORANGE: say('kit.hue-orange'),
  YELLOW_ORANGE: say('kit.hue-yellow-orange'),
  YELLOW: say('kit.hue-yellow'),
  YELLOW_GREEN: say('kit.hue-yellow-green'),
  GREEN: say('kit.hue-green'),
  BLUE_GREEN: say('kit.hue-blue-green'),
  BLUE: say('kit.hue-blue'),
  BLUE_VIOLET: say('kit.hue-blue-violet'),
  VIOLET: say('kit.hue-violet'),
  RED_VIOLET: say('kit.hue-red-violet'),
};

/** No hue is a grey. */
export const hueName = (hue: Hue | undefined) => (hue === undefined ? say('kit.hue-grey') : names[hue]);

/** Names from left to right, the greys last. */
export const hues: readonly string[] = [...wheel.map(hueName), hueName(undefined)];

export const hueOf = (pencil: Coloured): string => hueName(pencil.chroma < GREYISH || pencil.colourless ? undefined : wheel[Math.round(pencil.place / STEP) % wheel.length]);
