import type { Schemas } from '../api/client';

export type Cause = NonNullable<Schemas['GoalView']['cause']>;
export type Notice = Schemas['PageRow']['notices'][number];
export type Band = Schemas['ClassView']['band'];
type PressureGrade = Schemas['ReachStepView']['grade'];

export const levelNames = ['not tried', 'beginning', 'nearly', 'secure', 'beyond'] as const;

const say: Record<Cause, { cause: string; next: string }> = {
  BOXES_LEFT_OUT: { cause: 'boxes left out', next: 'Fill every box; a wrong step teaches more than an empty one.' },
  ORDER_REVERSED: { cause: 'order turned round', next: 'Squint at this box beside its neighbour and darken the one that should be darker.' },
  NEIGHBOURS_ALIKE: { cause: 'two neighbours alike', next: 'Give one of the two a light pass more, from another side.' },
  BUNCHED_DARK: { cause: 'steps bunch at the dark end: too heavy too soon', next: 'Start with the pencil’s own weight and step the pressure up by halves.' },
  BUNCHED_LIGHT: { cause: 'steps bunch at the light end: kept light too long', next: 'Let the second and third box be clearly darker than the first.' },
  STEP_JUMPS: { cause: 'one step jumps', next: 'Find the widest gap and darken the lighter box beside it a little.' },
  NEVER_DARK: { cause: 'never really dark', next: 'Darkest box: press, and go over it until no white shows.' },
  NEVER_LIGHT: { cause: 'never really light', next: 'Lightest box: hold loosely and let the pencil’s own weight do it.' },
  ALL_MIDDLE: { cause: 'all middle values', next: 'Push both ends: one box as dark as it goes, one just visible.' },
  PATCHY: { cause: 'pressure wandered inside the box', next: 'Small circles at one pressure; go over it again from another side.' },
  SPECKS_LEFT: { cause: 'paper shows: blunt point or one direction', next: 'Sharpen, small circles, one more light pass from another side.' },
  OVER_EDGE: { cause: 'strokes ran over the edge', next: 'Turn the sheet; draw the edge first with the tip.' },
  HUE_DRIFTS: { cause: 'no longer the same hue', next: 'End with the colours of the family; less of the other one under or over it.' },
  TINT_TOO_WEAK: { cause: 'white too early or too little', next: 'White last, firmly, over a light layer of the colour.' },
  SHADE_TOO_LIGHT: { cause: 'the dark did not darken', next: 'One more layer of the own colours, pressed a little; then compare again.' },
  SHADE_MUDDY: { cause: 'the dark has swallowed the colour', next: 'One whisper of the dark, then own colours on top.' },
  VALUE_MOVED: { cause: 'blending moved the value', next: 'Fill the grain with the colour first; then blend.' },
  CHROMA_UNEVEN: { cause: 'the steps towards grey are uneven', next: 'Count the light layers of both colours; change by one from box to box.' },
  STILL_COLOURED: { cause: 'the middle still has a hue', next: 'One more light layer of the weaker of the two.' },
  OFF_TARGET: { cause: 'the mixture is off its target', next: 'Lay the weaker colour once more; the last colour speaks loudest.' },
  BLACK_TOO_LIGHT: { cause: 'the mixed black stays light', next: 'Repeat both layers, then press the last one.' },
  TEMPERATURE_SAME: { cause: 'the glaze hardly turned it', next: 'One more thin layer of the warm or cool colour, no pressure.' },
  PAPER_COVERED: { cause: 'bare paper was coloured over', next: 'Plan what stays bare and draw round it first.' },
};

/** The cause in a few words, with its box. */
export const causeWords = (cause: Cause, field?: string | null) =>
  field ? `${say[cause].cause} (box ${field})` : say[cause].cause;

/** What to say to the student next. */
export const nextWords = (cause: Cause) => say[cause].next;

const problems: Record<string, (figure: number) => string> = {
  NOT_A_PICTURE: () => 'Not a JPEG, PNG or PDF.',
  DAMAGED: () => 'The file is damaged or ends too early. Scan or send it again.',
  TOO_MANY_PIXELS: (f) => `${Math.round(f)} megapixels; at most 60 are taken. Scan at 300 dpi.`,
  TOO_MANY_PAGES: (f) => `${Math.round(f)} pages; at most 80 are taken. Split the PDF.`,
  PASSWORD: () => 'The PDF asks for a password. Save it without one.',
  ALREADY_HERE: () => 'This very file has come in before.',
  NO_MARKERS: () => 'No corner markers found. Is it a Grastel sheet, and is all of it in the picture?',
  TOO_FEW_MARKERS: (f) => `Only ${Math.round(f)} of the four corner markers found; three are needed.`,
  NO_CODE: () => 'The square code cannot be read. Say whose page it is.',
  UNKNOWN_SHEET: () => 'The code belongs to no sheet of yours. Was it deleted, or is it a colleague’s?',
  NOT_FLAT: (f) => `The sheet is bent by ${f.toFixed(1)} mm. Press it flat and scan again.`,
  TOO_COARSE: (f) => `About ${Math.round(f)} dpi; at least 110 are needed. Go nearer or scan finer.`,
  FAILED: () => 'Reading failed unexpectedly. Try again, or match it by hand.',
};

export const problemWords = (code: string, figure?: number | null) => problems[code]?.(figure ?? 0) ?? code;

export const noticeWords: Record<Notice, string> = {
  SECOND_PAGE: 'A second page of this student and sheet. Confirm the one that counts; delete the other.',
  OLDER_RUN: 'From an earlier printing of this sheet; read against that version.',
  MARKER_MISSING: 'One corner marker is missing; read from three.',
  NOT_FLAT: 'The sheet did not lie flat; figures are a little less sure.',
  COARSE: 'Few pixels: value is good, specks are a guess.',
  BY_HAND: 'Matched by hand.',
};

export const bandNames: Record<Band, string> = {
  FIRST_STEPS: 'First steps',
  DEVELOPING: 'Developing',
  ADVANCED: 'Advanced',
};

export const gradeNames: Record<PressureGrade, string> = {
  WHISPER: 'whisper',
  LIGHT: 'light',
  MEDIUM: 'medium',
  FIRM: 'firm',
  FULL: 'full',
};

export const passWords = (passes: number) => (passes === 1 ? '1 pass' : `${passes} passes`);

export function count(n: number, one: string, many = `${one}s`): string {
  return `${n} ${n === 1 ? one : many}`;
}

const clock = new Intl.DateTimeFormat(undefined, { hour: '2-digit', minute: '2-digit' });
const day = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'short' });
export const timeOf = (iso: string) => clock.format(new Date(iso));
export const dayOf = (iso: string) => day.format(new Date(iso));
