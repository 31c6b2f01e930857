import { describe, expect, it } from 'vitest';
import { filterValues } from './eyes';

describe('the filter of other eyes', () => {
  it('has each row of the matrix and leaves alpha as it is', () => {
    expect(filterValues([1, 2, 3, 4, 5, 6, 7, 8, 9])).toBe('1 2 3 0 0 4 5 6 0 0 7 8 9 0 0 0 0 0 1 0');
  });
});
