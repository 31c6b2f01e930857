import { describe, expect, it } from 'vitest';
import schema from '../../openapi.json';
import { causeWords, decimals, noticeWords, problemWords } from './words';
import type { Notice } from './words';

/** The values of an enumeration as the server describes them. */
function values(type: string, property: string): string[] {
  const schemas = schema.components.schemas as Record<string, { properties: Record<string, { enum?: string[]; items?: { enum?: string[] } }> }>;
  const found = schemas[type]?.properties[property];
  return found?.enum ?? found?.items?.enum ?? [];
}

describe('every code of the server has its words', () => {
  it('notices', () => {
    const notices = values('PageRow', 'notices') as Notice[];
    expect(notices.length).toBeGreaterThan(5);
    for (const notice of notices) {
      expect(noticeWords[notice], notice).toBeTruthy();
    }
  });
});

it('a cause names its field only when it has one', () => {
  const patchy = { code: 'PATCHY' as const, sign: 'pressure wandered', next: 'Small circles.' };
  expect(causeWords(patchy, '3')).toBe('pressure wandered (3)');
  expect(causeWords(patchy, null)).toBe('pressure wandered');
});

it('an unknown problem is shown by its code rather than not at all', () => {
  expect(problemWords('SOMETHING_NEW')).toBe('SOMETHING_NEW');
  expect(problemWords('TOO_COARSE', 92.4)).toContain('92 dpi');
});

it('a figure that rounds to nothing has no sign', () => {
  expect([decimals(-0.04, 1), decimals(-0.4), decimals(-0.06, 1), decimals(12.345, 2)]).toEqual(['0.0', '0', '-0.1', '12.35']);
});

it.each(['TOO_SLOW', 'TOO_HEAVY', 'DISK_FULL', 'NOT_STORED', 'QUEUE_FULL'])('%s is told in words', (code) => {
  expect(problemWords(code, 30)).toMatch(/^[A-Z].*\.$/);
});

it('two markers are two, not 2.0', () => {
  expect(problemWords('TOO_FEW_MARKERS', 2)).toBe('Only 2 of the four corner markers were found. Three are needed.');
});
