import type { Schemas } from '../api/client';
import { count, say } from './say';

type Cause = Schemas['CauseView'];
export type Notice = Schemas['PageRow']['notices'][number];
export type Band = Schemas['ClassView']['band'];
type PressureGrade = Schemas['ReachStepView']['grade'];

export const levelNames = [say('words.not-tried'), 'beginning', 'nearly', 'secure', 'beyond'] as const;

/** The cause in a few words, with its field. */
export const causeWords = (cause: Pick<Cause, 'sign'>, field?: string | null) => (field ? `${cause.sign} (${field})` : cause.sign);

const problems: Record<string, (figure: number) => string> = {
  NOT_A_PICTURE: () => say('words.not-a-jpeg-png-tiff'),
  DAMAGED: () => say('words.the-file-is-damaged-or'),
  TOO_MANY_PIXELS: (f) => say('words.megapixels-at-most-60-are', { f: Math.round(f) }),
  TOO_MANY_PAGES: (f) => say('words.pages-at-most-80-are', { f: Math.round(f) }),
  PASSWORD: () => say('words.the-pdf-asks-for-a'),
  ALREADY_HERE: () => say('words.this-very-file-has-come'),
  NO_MARKERS: () => say('words.no-corner-markers-found-is'),
  TOO_FEW_MARKERS: (f) => say('words.only-of-the-four-corner', { f: Math.round(f) }),
  TOO_MANY_SHEETS: (f) => say('words.about-sheets-in-one-picture', { f: Math.round(f) }),
  NO_CODE: () => say('words.the-square-code-cannot-be'),
  UNKNOWN_SHEET: () => say('words.the-code-belongs-to-no'),
  TOO_SLOW: (f) => say('words.decoding-it-took-over-seconds', { f: Math.round(f) }),
  TOO_HEAVY: () => say('words.decoding-it-needs-more-memory'),
  NOT_FLAT: (f) => say('words.the-sheet-is-bent-by', { f: decimals(f, 1) }),
  TEXT_MODE: () => say('words.black-and-white-without-greys'),
  NO_PAPER: () => say('words.nowhere-in-or-beside-the'),
  TOO_COARSE: (f) => say('words.about-dpi-too-few-to', { f: Math.round(f) }),
  OTHER_CLASS: () => say('words.sent-from-a-phone-for'),
  DISK_FULL: () => say('words.not-stored-the-disk-is'),
  NOT_STORED: () => say('words.not-stored-nothing-can-be'),
  QUEUE_FULL: () => say('words.not-stored-too-many-pages'),
  FAILED: () => say('words.reading-failed-unexpectedly-try-again'),
};

export const problemWords = (code: string, figure?: number | null) => problems[code]?.(figure ?? 0) ?? code;

export const noticeWords: Record<Notice, string> = {
  SECOND_PAGE: say('words.a-second-page-of-this'),
  OLDER_RUN: say('words.from-an-earlier-printing-of'),
  THREE_MARKERS: say('words.one-corner-marker-is-hidden'),
  ANOTHER_SHEET: say('words.a-corner-of-another-sheet'),
  CLIPPED: say('words.paper-was-pushed-to-white'),
  SHARED_PICTURE: say('words.one-of-several-sheets-in'),
  BENT: say('words.the-sheet-was-bent-it'),
  OTHER_PAPER: say('words.drawn-on-another-paper-than'),
  WITHOUT_MARKERS: say('words.a-drawing-without-markers-light'),
  COARSE: say('words.few-pixels-values-are-good'),
  BLURRED: say('words.out-of-focus-or-shaken'),
  GLARE: say('words.a-lamp-is-mirrored-in'),
  SHADOW: say('words.a-shadow-lies-across-the'),
  STAINED: say('words.a-stain-lies-beside-a'),
  GREY: say('words.a-black-and-white-picture'),
  OLDER_READER: say('words.read-by-an-older-reader'),
  BY_HAND: say('words.matched-by-hand'),
};

export const bandNames: Record<Band, string> = {
  FIRST_STEPS: say('words.first-steps'),
  DEVELOPING: say('words.developing'),
  ADVANCED: say('words.advanced'),
};

export const gradeNames: Record<PressureGrade, string> = {
  WHISPER: say('words.whisper'),
  LIGHT: say('words.light'),
  MEDIUM: say('words.medium'),
  FIRM: say('words.firm'),
  FULL: say('words.full'),
};

export const passWords = (passes: number) => count(passes, 'pass');

/** A figure with so many decimal places; what rounds to nothing has no sign. */
export const decimals = (n: number, digits = 0) => (Number(n.toFixed(digits)) + 0).toFixed(digits);

const clock = new Intl.DateTimeFormat(undefined, { hour: '2-digit', minute: '2-digit' });
const day = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'short' });
export const timeOf = (iso: string) => clock.format(new Date(iso));
export const dayOf = (iso: string) => day.format(new Date(iso));

export const cardWords = say('words.for-paper-that-no-printer');

/** What pressing *Print* gives. */
export const printWords = (as: 'pages' | 'variants' | 'card', students: number, pages: number) =>
  as === 'card' ? say('words.print', { cards: count(pages, 'card'), labels: count(students * pages, 'label') }) : say('words.print-2', { pages: count(students * pages, 'page') });
