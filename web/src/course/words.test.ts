import { expect, it } from 'vitest';
import { warningWords, type Warning } from './words';

const warning = (more: Partial<Warning>): Warning => ({ kind: 'NO_ROOM', lesson: 'a', skills: [], ...more });
const title = (id: string) => (id === 'b' ? 'Fading out' : id);

it('says a warning with its figures', () => {
  expect(warningWords(warning({ kind: 'NEEDED_BEFORE_TAUGHT', skills: ['GRADATION'], other: 'b' }), title)).toBe('Needs gradation, taught later, in “Fading out”.');
  expect(warningWords(warning({ kind: 'FEW_SECURE', skills: ['LAYERING'], count: 9, of: 24 }), title)).toBe(
    '9 of 24 students are secure in layering. At least two in three should be.',
  );
  expect(warningWords(warning({ kind: 'NO_ROOM', why: 'NO_PERIOD_LEFT', minutes: 20.4 }), title)).toBe('20 min not scheduled: no period of the term is left.');
});

it('tells where taking turns is enough and where it is not', () => {
  const few = { kind: 'TOO_FEW_COPIES', pencil: 'S16 Tide Blue', of: 24, count: 18 } as const;
  expect(warningWords(warning({ ...few, inTurns: 12 }), title)).toContain('That is enough if students take turns');
  expect(warningWords(warning({ ...few, inTurns: 24 }), title)).toContain('Taking turns would need 24 pencils');
});
