import type { Schemas } from '../api/client';

/** A goal as it comes from the server, for tests; what matters to a test is given. */
export function goal(of: Partial<Schemas['GoalView']>): Schemas['GoalView'] {
  return {
    id: of.goal ?? 'g',
    goal: 'EQUAL_STEPS',
    exercise: '',
    label: 'Equal steps',
    figureName: 'spread of the steps',
    unit: '%',
    digits: 0,
    praise: 'The steps are even.',
    proposed: 3,
    figure: 22,
    plusMinus: 2,
    nearly: 45,
    secure: 25,
    beyond: 15,
    close: false,
    ...of,
  };
}

/** An even field 20 mm wide. */
export function box(of: Partial<Schemas['BoxReadingView']>): Schemas['BoxReadingView'] {
  return {
    field: '1',
    label: '',
    x: 14,
    y: 52,
    width: 20,
    height: 20,
    outline: [],
    asked: ['#888888'],
    askedValue: 5,
    askedLightness: 50,
    colour: '#808080',
    value: 5.1,
    lightness: 51,
    plusMinus: 0.4,
    specks: 2,
    unevenness: 1.2,
    outside: 0.3,
    blank: false,
    profile: [],
    askedProfile: [],
    glare: 0,
    picture: false,
    ...of,
  };
}

/** A page that has been read and waits to be confirmed. */
export function page(of: Partial<Schemas['PageRow']>): Schemas['PageRow'] {
  return {
    id: 'p',
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
