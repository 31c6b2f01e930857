import { describe, expect, it } from 'vitest';
import schema from '../../openapi.json';
import { causeWords, count, nextWords, noticeWords, passWords, problemWords } from './words';
import type { Cause, Notice } from './words';

/** The values of an enumeration as the server describes them. */
function values(type: string, property: string): string[] {
  const schemas = schema.components.schemas as Record<string, { properties: Record<string, { enum?: string[]; items?: { enum?: string[] } }> }>;
  const found = schemas[type]?.properties[property];
  return found?.enum ?? found?.items?.enum ?? [];
}

describe('every code of the server has its words', () => {
  it('causes, each with a next action', () => {
    const causes = values('GoalView', 'cause') as Cause[];
    expect(causes.length).toBeGreaterThan(5);
    for (const cause of causes) {
      expect(causeWords(cause), cause).toBeTruthy();
      expect(nextWords(cause), cause).toMatch(/\.$/);
    }
  });

  it('notices', () => {
    for (const notice of values('PageRow', 'notices') as Notice[]) {
      expect(noticeWords[notice], notice).toBeTruthy();
    }
  });
});

it('a cause names its box only when it has one', () => {
  expect(causeWords('PATCHY', '3')).toBe('pressure wandered inside the box (box 3)');
  expect(causeWords('PATCHY', null)).toBe('pressure wandered inside the box');
});

it('counts in words', () => {
  expect(count(1, 'page')).toBe('1 page');
  expect(count(24, 'page')).toBe('24 pages');
  expect(passWords(1)).toBe('1 pass');
  expect(passWords(3)).toBe('3 passes');
});

it('an unknown problem is shown by its code rather than not at all', () => {
  expect(problemWords('SOMETHING_NEW')).toBe('SOMETHING_NEW');
  expect(problemWords('TOO_COARSE', 92.4)).toContain('92 dpi');
});
