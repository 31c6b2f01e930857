import { unzipSync, strFromU8 } from 'fflate';
import { formatMessage } from '../../words/intl';

/** Pages of one printing that a student gave in. */
export interface ArchivedPage {
  id: string;
  printing: string;
  student: string;
  received: string;
  confirmed: boolean;
  file: string;
  goals: { exercise: number; goal: string; level: number }[];
}

export interface ClassArchive {
  name: string;
  made: string;
  students: { id: string; name: string }[];
  printings: { id: string; title: string; printed: string }[];
  pages: ArchivedPage[];
  /** The picture of a page; unpacked when it is asked for. */
  picture: (page: ArchivedPage) => Blob | undefined;
}

const VERSION = 1;
/** Unpacked, bytes: no archive that Grastel writes comes near. */
const MOST_JSON = 50_000_000;
const MOST_PICTURE = 30_000_000;

/** Opens what was written as an archive of a class; says what is wrong where it is none. Nothing leaves this computer. */
export function archiveOf(zip: Uint8Array): ClassArchive {
  const written = file(zip, 'class.json', MOST_JSON);
  if (!written) {
    throw new Error(formatMessage({ id: 'classes.archive.notOne' }));
  }
  const found: unknown = JSON.parse(strFromU8(written));
  if (!isArchive(found)) {
    throw new Error(formatMessage({ id: 'classes.archive.notOne' }));
  }
  return {
    ...found,
    picture: (page) => {
      const bytes = file(zip, page.file, MOST_PICTURE);
      return bytes && new Blob([new Uint8Array(bytes)], { type: 'image/jpeg' });
    },
  };
}

/** One file of a zip, undefined where it is missing or would be too large. */
function file(zip: Uint8Array, name: string, most: number): Uint8Array | undefined {
  try {
    return unzipSync(zip, { filter: (f) => f.name === name && f.originalSize <= most })[name];
  } catch {
    throw new Error(formatMessage({ id: 'classes.archive.notOne' }));
  }
}

const isText = (value: unknown): value is string => typeof value === 'string';
const has = <K extends string>(value: unknown, ...keys: K[]): value is Record<K, unknown> => typeof value === 'object' && value !== null && keys.every((key) => key in value);
const isDate = (value: unknown) => isText(value) && !Number.isNaN(Date.parse(value));

function isArchive(value: unknown): value is Omit<ClassArchive, 'picture'> {
  return (
    has(value, 'grastelClassArchive', 'name', 'made', 'students', 'printings', 'pages') &&
    value.grastelClassArchive === VERSION &&
    isText(value.name) &&
    isDate(value.made) &&
    Array.isArray(value.students) &&
    value.students.every((s) => has(s, 'id', 'name') && isText(s.id) && isText(s.name)) &&
    Array.isArray(value.printings) &&
    value.printings.every((p) => has(p, 'id', 'title', 'printed') && isText(p.id) && isText(p.title) && isDate(p.printed)) &&
    Array.isArray(value.pages) &&
    value.pages.every(isPage)
  );
}

const isPage = (value: unknown) =>
  has(value, 'id', 'printing', 'student', 'received', 'confirmed', 'file', 'goals') &&
  isText(value.id) &&
  isText(value.file) &&
  isDate(value.received) &&
  Array.isArray(value.goals) &&
  value.goals.every((g) => has(g, 'goal', 'level') && isText(g.goal) && Number.isInteger(g.level) && Number(g.level) >= 0 && Number(g.level) <= 4);
