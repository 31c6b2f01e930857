import type { Schemas } from '../api/client';
import { formatMessage } from '../words/intl';

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
  RED: formatMessage({ id: 'kit.hueRed' }),
  RED_ORANGE: formatMessage({ id: 'kit.hueRedOrange' }),
  ORANGE: formatMessage({ id: 'kit.hueOrange' }),
  YELLOW_ORANGE: formatMessage({ id: 'kit.hueYellowOrange' }),
  YELLOW: formatMessage({ id: 'kit.hueYellow' }),
  YELLOW_GREEN: formatMessage({ id: 'kit.hueYellowGreen' }),
  GREEN: formatMessage({ id: 'kit.hueGreen' }),
  BLUE_GREEN: formatMessage({ id: 'kit.hueBlueGreen' }),
  BLUE: formatMessage({ id: 'kit.hueBlue' }),
  BLUE_VIOLET: formatMessage({ id: 'kit.hueBlueViolet' }),
  VIOLET: formatMessage({ id: 'kit.hueViolet' }),
  RED_VIOLET: formatMessage({ id: 'kit.hueRedViolet' }),
};

/** No hue is a grey. */
export const hueName = (hue: Hue | undefined) => (hue === undefined ? formatMessage({ id: 'kit.hueGrey' }) : names[hue]);

/** Names from left to right, the greys last. */
export const hues: readonly string[] = [...wheel.map(hueName), hueName(undefined)];

export const hueOf = (pencil: Coloured): string => hueName(pencil.chroma < GREYISH || pencil.colourless ? undefined : wheel[Math.round(pencil.place / STEP) % wheel.length]);
