import { describe, expect, it } from 'vitest';
import { fresh, leftAt, timerWords, toggled } from './timer';

describe('the timer of the students’ turn', () => {
  it('begins at whole minutes and stands still until it is set going', () => {
    expect(leftAt(fresh(7.2), 1e9)).toBe(8 * 60_000);
  });

  it('counts down, stands still, and goes on from there', () => {
    const going = toggled(fresh(2), 1000);
    expect(leftAt(going, 31_000)).toBe(90_000);
    const still = toggled(going, 31_000);
    expect(leftAt(still, 99_000)).toBe(90_000);
    expect(leftAt(toggled(still, 100_000), 110_000)).toBe(80_000);
  });

  it('ends at nothing', () => {
    expect(leftAt(toggled(fresh(1), 0), 90_000)).toBe(0);
  });

  it('is read as minutes and seconds', () => {
    expect(timerWords(90_000)).toBe('1:30');
    expect(timerWords(59_001)).toBe('1:00');
    expect(timerWords(0)).toBe('0:00');
  });
});
