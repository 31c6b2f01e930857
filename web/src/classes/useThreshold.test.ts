import { expect, it } from 'vitest';
import { moved } from './useThreshold';

it('moves one goal and keeps the others', () => {
  expect(moved({ ORDER: 1.1 }, 'EQUAL_STEPS', 1.2)).toEqual({ ORDER: 1.1, EQUAL_STEPS: 1.2 });
  expect(moved({ ORDER: 1.1 }, 'ORDER', 0.9)).toEqual({ ORDER: 0.9 });
});

it('leaves a goal to the usual again', () => {
  expect(moved({ ORDER: 1.1, EQUAL_STEPS: 1.2 }, 'ORDER', undefined)).toEqual({ EQUAL_STEPS: 1.2 });
  expect(moved(undefined, 'ORDER', undefined)).toEqual({});
});
