import type { Schemas } from '../api/client';

type Cause = Schemas['CauseView'];
export type Notice = Schemas['PageRow']['notices'][number];
export type Band = Schemas['ClassView']['band'];
type PressureGrade = Schemas['ReachStepView']['grade'];

export const levelNames = ['not tried', 'beginning', 'nearly', 'secure', 'beyond'] as const;

/** The cause in a few words, with its field. */
export const causeWords = (cause: Pick<Cause, 'sign'>, field?: string | null) => (field ? `${cause.sign} (${field})` : cause.sign);

const problems: Record<string, (figure: number) => string> = {
  NOT_A_PICTURE: () => 'Not a JPEG, PNG, TIFF or PDF, nor a ZIP of them.',
  DAMAGED: () => 'The file is damaged or ends too early. Scan or send it again.',
  TOO_MANY_PIXELS: (f) => `${Math.round(f)} megapixels; at most 60 are taken. Scan at 300 dpi.`,
  TOO_MANY_PAGES: (f) => `${Math.round(f)} pages; at most 80 are taken. Split the PDF.`,
  PASSWORD: () => 'The PDF asks for a password. Save it without one.',
  ALREADY_HERE: () => 'This very file has come in before.',
  NO_MARKERS: () => 'No corner markers found. Is it a Grastel sheet, and is all of it in the picture?',
  TOO_FEW_MARKERS: (f) => `Only ${Math.round(f)} of the four corner markers found; three are needed.`,
  TOO_MANY_SHEETS: (f) => `About ${Math.round(f)} sheets in one picture; at most 12 are told apart. Take fewer at a time.`,
  NO_CODE: () => 'The square code cannot be read. Say whose page it is.',
  UNKNOWN_SHEET: () => 'The code belongs to no sheet of yours. Was it deleted, or is it a colleague’s?',
  TOO_SLOW: (f) => `Decoding it took over ${Math.round(f)} seconds and was stopped. Scan it as a plain JPEG.`,
  TOO_HEAVY: () => 'Decoding it needs more memory than is allowed. Scan it as a plain JPEG at 300 dpi.',
  NOT_FLAT: (f) => `The sheet is bent by ${decimals(f, 1)} mm. Press it flat and scan again.`,
  TEXT_MODE: () => 'Black and white without greys: the scanner’s text mode. Scan in colour.',
  NO_PAPER: () => 'Nowhere in or beside the drawing is bare paper to be seen, which tells the light. Photograph it with a margin.',
  TOO_COARSE: (f) => `About ${Math.round(f)} dpi, too few to measure by. Go nearer, or scan at 150 dpi or more.`,
  OTHER_CLASS: () => 'Sent from a phone for another class than its sheet is of.',
  DISK_FULL: () => 'Not stored: the disk is full. Free some room and send it again.',
  QUEUE_FULL: () => 'Not stored: too many pages are waiting. Send it again when they are read.',
  FAILED: () => 'Reading failed unexpectedly. Try again, or match it by hand.',
};

export const problemWords = (code: string, figure?: number | null) => problems[code]?.(figure ?? 0) ?? code;

export const noticeWords: Record<Notice, string> = {
  SECOND_PAGE: 'A second page of this student and sheet. Confirm the one that counts; delete the other.',
  OLDER_RUN: 'From an earlier printing of this sheet; read against that version.',
  THREE_MARKERS: 'One corner marker is hidden; read from three.',
  ANOTHER_SHEET: 'A corner of another sheet is in the picture; that sheet was not read.',
  CLIPPED: 'Paper was pushed to white: light fields are a guess. Switch the scanner’s automatic levels off.',
  SHARED_PICTURE: 'One of several sheets in its picture.',
  BENT: 'The sheet was bent; it was straightened by its printed lines. Edges may lie a little off.',
  OTHER_PAPER: 'Drawn on another paper than planned; read as the paper it is. Predictions are for the planned one.',
  WITHOUT_MARKERS: 'A drawing without markers: light and paper are less sure, proportion and edges are not judged.',
  COARSE: 'Few pixels: values are good, specks are a guess.',
  BLURRED: 'Out of focus or shaken: values are good, specks are a guess.',
  GLARE: 'A lamp is mirrored in the wax; those places are left out.',
  SHADOW: 'A shadow lies across the sheet; evened out as far as the paper shows it.',
  STAINED: 'A stain lies beside a field, perhaps across it: values there are less sure.',
  GREY: 'A black and white picture: values can be judged, colours cannot.',
  OLDER_READER: 'Read by an older reader than the present one.',
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

/** A figure with so many decimal places; what rounds to nothing has no sign. */
export const decimals = (n: number, digits = 0) => (Number(n.toFixed(digits)) + 0).toFixed(digits);

export function count(n: number, one: string, many = `${one}s`): string {
  return `${n} ${n === 1 ? one : many}`;
}

const clock = new Intl.DateTimeFormat(undefined, { hour: '2-digit', minute: '2-digit' });
const day = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'short' });
export const timeOf = (iso: string) => clock.format(new Date(iso));
export const dayOf = (iso: string) => day.format(new Date(iso));

export const cardWords =
  'For paper that no printer takes. An adult cuts the windows out once; students trace them and draw on any paper; laid over the drawing, with the student’s label in its slot, the card is photographed.';

/** What pressing *Print* gives. */
export const printWords = (as: 'pages' | 'variants' | 'card', students: number, pages: number) =>
  as === 'card' ? `Print ${count(pages, 'card')}, ${count(students * pages, 'label')}` : `Print ${count(students * pages, 'page')}`;
