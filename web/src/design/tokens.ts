import { grey } from './greys';

/** Surrounds a colour can be judged on; every grey of the interface follows the one chosen. */
export const surrounds = {
  light: { paper: 97, raised: 100, wash: 93, line: 80, muted: 40, ink: 10 },
  middle: { paper: 64, raised: 70, wash: 58, line: 44, muted: 14, ink: 4 },
  dark: { paper: 12, raised: 18, wash: 24, line: 40, muted: 74, ink: 95 },
} as const;

export type Surround = keyof typeof surrounds;

/** Greys of the value scale, level 0…4; 0 is drawn as an empty frame. */
export const levelGreys = [grey(100), grey(82), grey(62), grey(38), grey(10)] as const;

/** One spacing step, px; everything is a multiple of it. */
export const step = 4;
export const space = (n: number) => `${n * step}px`;

export const sizes = { small: '13px', text: '15px', lead: '18px', head: '24px', display: '34px' } as const;

export const faces = {
  text: "'Source Sans 3', sans-serif",
  head: "'Source Serif 4', serif",
} as const;

/** Greys as custom properties, so that the surround changes without a new style sheet. */
export function surroundProperties(surround: Surround): string {
  return Object.entries(surrounds[surround])
    .map(([name, lightness]) => `--${name}: ${grey(lightness)};`)
    .join('\n');
}

export const colour = {
  paper: 'var(--paper)',
  raised: 'var(--raised)',
  wash: 'var(--wash)',
  line: 'var(--line)',
  muted: 'var(--muted)',
  ink: 'var(--ink)',
} as const;
