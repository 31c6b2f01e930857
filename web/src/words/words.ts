import type { Schemas } from '../api/client';
import { count, formatMessage } from './intl';

type Cause = Schemas['CauseView'];
export type Notice = Schemas['PageRow']['notices'][number];
export type Band = Schemas['ClassView']['band'];
type PressureGrade = Schemas['ReachStepView']['grade'];

export const levelNames = [
  formatMessage({ id: 'words.level.notTried' }),
  formatMessage({ id: 'words.level.beginning' }),
  formatMessage({ id: 'words.level.nearly' }),
  formatMessage({ id: 'words.level.secure' }),
  formatMessage({ id: 'words.level.beyond' }),
];

/** The cause in a few words, with its field. */
export const causeWords = (cause: Pick<Cause, 'sign'>, field?: string | null) => (field ? `${cause.sign} (${field})` : cause.sign);

const problems: Record<string, (figure: number) => string> = {
  NOT_A_PICTURE: () => formatMessage({ id: 'words.problem.notAPicture' }),
  DAMAGED: () => formatMessage({ id: 'words.problem.damaged' }),
  TOO_MANY_PIXELS: (f) => formatMessage({ id: 'words.problem.tooManyPixels' }, { megapixels: Math.round(f) }),
  TOO_MANY_PAGES: (f) => formatMessage({ id: 'words.problem.tooManyPages' }, { pages: Math.round(f) }),
  PASSWORD: () => formatMessage({ id: 'words.problem.password' }),
  ALREADY_HERE: () => formatMessage({ id: 'words.problem.alreadyHere' }),
  NO_MARKERS: () => formatMessage({ id: 'words.problem.noMarkers' }),
  TOO_FEW_MARKERS: (f) => formatMessage({ id: 'words.problem.tooFewMarkers' }, { markers: Math.round(f) }),
  TOO_MANY_SHEETS: (f) => formatMessage({ id: 'words.problem.tooManySheets' }, { sheets: Math.round(f) }),
  NO_CODE: () => formatMessage({ id: 'words.problem.noCode' }),
  UNKNOWN_SHEET: () => formatMessage({ id: 'words.problem.unknownSheet' }),
  TOO_SLOW: (f) => formatMessage({ id: 'words.problem.tooSlow' }, { seconds: Math.round(f) }),
  TOO_HEAVY: () => formatMessage({ id: 'words.problem.tooHeavy' }),
  NOT_FLAT: (f) => formatMessage({ id: 'words.problem.notFlat' }, { millimetres: decimals(f, 1) }),
  TEXT_MODE: () => formatMessage({ id: 'words.problem.textMode' }),
  NO_PAPER: () => formatMessage({ id: 'words.problem.noPaper' }),
  TOO_COARSE: (f) => formatMessage({ id: 'words.problem.tooCoarse' }, { dpi: Math.round(f) }),
  OTHER_CLASS: () => formatMessage({ id: 'words.problem.otherClass' }),
  DISK_FULL: () => formatMessage({ id: 'words.problem.diskFull' }),
  NOT_STORED: () => formatMessage({ id: 'words.problem.notStored' }),
  QUEUE_FULL: () => formatMessage({ id: 'words.problem.queueFull' }),
  FAILED: () => formatMessage({ id: 'words.problem.failed' }),
};

export const problemWords = (code: string, figure?: number | null) => problems[code]?.(figure ?? 0) ?? code;

export const noticeWords: Record<Notice, string> = {
  SECOND_PAGE: formatMessage({ id: 'words.notice.secondPage' }),
  OLDER_RUN: formatMessage({ id: 'words.notice.olderVersion' }),
  THREE_MARKERS: formatMessage({ id: 'words.notice.threeMarkers' }),
  ANOTHER_SHEET: formatMessage({ id: 'words.notice.anotherSheet' }),
  CLIPPED: formatMessage({ id: 'words.notice.clipped' }),
  SHARED_PICTURE: formatMessage({ id: 'words.notice.sharedPicture' }),
  BENT: formatMessage({ id: 'words.notice.bent' }),
  OTHER_PAPER: formatMessage({ id: 'words.notice.otherPaper' }),
  WITHOUT_MARKERS: formatMessage({ id: 'words.notice.withoutMarkers' }),
  COARSE: formatMessage({ id: 'words.notice.coarse' }),
  BLURRED: formatMessage({ id: 'words.notice.blurred' }),
  GLARE: formatMessage({ id: 'words.notice.glare' }),
  SHADOW: formatMessage({ id: 'words.notice.shadow' }),
  STAINED: formatMessage({ id: 'words.notice.stained' }),
  GREY: formatMessage({ id: 'words.notice.grey' }),
  OLDER_READER: formatMessage({ id: 'words.notice.olderReader' }),
  BY_HAND: formatMessage({ id: 'words.notice.byHand' }),
};

export const bandNames: Record<Band, string> = {
  FIRST_STEPS: formatMessage({ id: 'words.band.firstSteps' }),
  DEVELOPING: formatMessage({ id: 'words.band.developing' }),
  ADVANCED: formatMessage({ id: 'words.band.advanced' }),
};

export const gradeNames: Record<PressureGrade, string> = {
  WHISPER: formatMessage({ id: 'words.pressure.whisper' }),
  LIGHT: formatMessage({ id: 'words.pressure.light' }),
  MEDIUM: formatMessage({ id: 'words.pressure.medium' }),
  FIRM: formatMessage({ id: 'words.pressure.firm' }),
  FULL: formatMessage({ id: 'words.pressure.full' }),
};

export const passWords = (passes: number) => count(passes, 'pass');

/** A figure with so many decimal places; what rounds to nothing has no sign. */
export const decimals = (n: number, digits = 0) => (Number(n.toFixed(digits)) + 0).toFixed(digits);

const clock = new Intl.DateTimeFormat(undefined, { hour: '2-digit', minute: '2-digit' });
const day = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'short' });
export const timeOf = (iso: string) => clock.format(new Date(iso));
export const dayOf = (iso: string) => day.format(new Date(iso));

export const cardWords = formatMessage({ id: 'words.print.cardHelp' });

/** What pressing *Print* gives. */
export const printWords = (as: 'pages' | 'variants' | 'card', students: number, pages: number) =>
  as === 'card' ? formatMessage({ id: 'words.print.card' }, { cards: pages, labels: students * pages }) : formatMessage({ id: 'words.print.pages' }, { pages: students * pages });
