import { describe, expect, it } from 'vitest';
import { same, type SheetRequest, withoutValue, withThreshold, withValues } from './draft';

const request: SheetRequest = {
  title: 'Harbour finds',
  data: {
    paper: 'p',
    pageSize: 'A4',
    exercises: [
      { kind: 'pressure-scale', values: { steps: { number: 5 } } },
      { kind: 'form-study', values: {} },
    ],
  },
};

describe('a sheet request', () => {
  it('changes the values of one exercise only', () => {
    const changed = withValues(request, 1, { form: { word: 'SPHERE' } });
    expect(changed.data.exercises[1]?.values).toEqual({ form: { word: 'SPHERE' } });
    expect(changed.data.exercises[0]).toBe(request.data.exercises[0]);
    expect(request.data.exercises[1]?.values).toEqual({});
  });

  it('gives a value back to the plan', () => {
    expect(withoutValue(request, 0, 'steps').data.exercises[0]?.values).toEqual({});
  });

  it('moves the threshold of one goal, and leaves it to the class again', () => {
    const moved = withThreshold(withThreshold(request, 0, 'ORDER', 1.5), 0, 'EQUAL_STEPS', 0.8);
    expect(moved.data.exercises[0]?.thresholds).toEqual({ ORDER: 1.5, EQUAL_STEPS: 0.8 });
    expect(same(request, moved)).toBe(false);
    const back = withThreshold(withThreshold(moved, 0, 'ORDER', undefined), 0, 'EQUAL_STEPS', undefined);
    expect(back.data.exercises[0]?.thresholds).toEqual({});
    expect(same(request, back)).toBe(true);
  });

  it('is the same whatever the order of its keys, and with nulls for what is skipped', () => {
    const other = { data: { exercises: request.data.exercises, pageSize: 'A4', paper: 'p', set: null }, title: 'Harbour finds' };
    expect(same(request, other as unknown as SheetRequest)).toBe(true);
    expect(same(request, withValues(request, 0, { steps: { number: 6 } }))).toBe(false);
  });
});
