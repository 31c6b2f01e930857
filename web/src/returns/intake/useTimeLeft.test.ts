import { describe, expect, it } from 'vitest';
import { secondsLeft } from './useTimeLeft';

describe('time left', () => {
  it('follows the pace so far', () => {
    expect(secondsLeft({ at: 0, waiting: 30 }, 10_000, 20)).toBe(20);
  });
  it('is not known before the first page is done', () => {
    expect(secondsLeft({ at: 0, waiting: 30 }, 10_000, 30)).toBeNull();
  });
});
