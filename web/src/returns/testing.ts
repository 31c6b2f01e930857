import type { Schemas } from '../api/client';

type Goal = Schemas['GoalView'];
type Box = Schemas['BoxReadingView'];

/** A goal as it comes from the server, for tests; what matters to a test is given, wherever it belongs. */
export function goal(of: Partial<Omit<Goal, 'called' | 'ladder' | 'found'> & Omit<Goal['called'], 'figure'> & Goal['ladder'] & Goal['found']>): Goal {
  return {
    id: of.id ?? of.goal ?? 'g',
    goal: of.goal ?? 'EQUAL_STEPS',
    exercise: of.exercise ?? '',
    called: { label: of.label ?? 'Equal steps', figure: 'spread of the steps', unit: of.unit ?? '%', digits: of.digits ?? 0, praise: of.praise ?? 'The steps are even.' },
    proposed: of.proposed ?? 3,
    level: of.level,
    close: of.close ?? false,
    ladder: { nearly: of.nearly ?? 45, secure: of.secure ?? 25, beyond: of.beyond ?? 15 },
    found: { figure: 'figure' in of ? of.figure : 22, plusMinus: of.plusMinus ?? 2, cause: of.cause, field: of.field, atMm: of.atMm },
  };
}

interface BoxParts {
  lies?: Partial<Box['lies']>;
  read?: Partial<Box['read']>;
}

/** An even field 20 mm wide. */
export function box(of: Partial<Omit<Box, 'lies' | 'read'>> & BoxParts): Box {
  return {
    field: '1',
    label: '',
    asked: { colours: ['#888888'], value: 5, lightness: 50 },
    along: { read: [], asked: [] },
    picture: false,
    ...of,
    lies: { x: 14, y: 52, width: 20, height: 20, outline: [], ...of.lies },
    read: { colour: '#808080', value: 5.1, lightness: 51, plusMinus: 0.4, specks: 2, unevenness: 1.2, outside: 0.3, blank: false, glare: 0, ...of.read },
  };
}

/** A page that has been read and waits to be confirmed. */
export function page(of: Partial<Schemas['PageRow']>): Schemas['PageRow'] {
  return {
    id: 'p',
    seen: '2026-11-20T09:00:00Z/',
    file: 'scan.jpg',
    pageInFile: 1,
    received: '2026-11-25T09:00:00Z',
    state: 'READ',
    levels: [3],
    close: false,
    doubts: 0,
    confirmed: false,
    flagged: false,
    notices: [],
    place: {
      printedPage: 'x',
      run: 'r',
      title: 'Scale',
      version: 1,
      printedAt: '2026-11-24T09:00:00Z',
      student: { id: 's', name: 'Amara Diallo' },
      schoolClass: { id: 'c', name: '8 Dunlin' },
    },
    ...of,
  };
}
