import { cleanup, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { expect, it, vi } from 'vitest';
import { press, show } from '../testing';
import { LessonPanel } from './LessonPanel';
import { lane, lesson, period, stage } from './testing';
import type { CourseChanges } from './useCourse';
import type { Lane, Warning } from './words';

const fading = lesson({
  id: 'b',
  title: 'Fading out',
  sheets: ['s'],
  needs: [{ anyOf: [{ skill: 'EQUAL_STEPS', secure: 19, of: 24 }] }],
  gives: [{ skill: 'GRADATION', secure: 0, of: 0 }],
  stages: [
    stage({}),
    stage({ id: 's1.1.1', kind: 'WORK', field: '1', minutes: 14, stop: 'GOOD' }),
    stage({ id: 's1.1.2', kind: 'WORK', field: '2', minutes: 14, stop: 'GOOD' }),
    stage({ id: 'look', kind: 'LOOK_TOGETHER', minutes: 3 }),
  ],
  wants: [{ code: 'S07', name: 'Buoy Red', colour: '#c03030', copies: 18, inTurns: 24, minutes: 28 }],
});
const course = [lesson({ id: 'a', title: 'Whisper to full' }), fading, lesson({ id: 'c', title: 'Seven even steps' })];
const warning = (change: Partial<Warning>): Warning => ({ kind: 'POOR_STOP', lesson: 'b', skills: [], ...change });

function panel(change: Partial<Lane> = {}, others: Lane[] = []) {
  const set = vi.fn();
  const onInsert = vi.fn();
  const shown = lane({ lessons: course, sheets: [{ id: 's', title: 'Fade in Buoy Red', kinds: ['gradation-strip'] }], ...change });
  show(
    <MemoryRouter>
      <LessonPanel lane={shown} lanes={[shown, ...others]} lesson={shown.lessons[1] ?? fading} course={{ set, busy: false } as unknown as CourseChanges} onInsert={onInsert} />
    </MemoryRouter>,
  );
  const order = () => (set.mock.lastCall?.[1] as { id: string; title: string }[]).map((l) => l.title);
  return { set, onInsert, order };
}

it('says what a lesson needs and gives, and how many are secure', () => {
  panel();
  expect(screen.getByText('equal steps 19/24')).toBeTruthy();
  expect(screen.getByText('gradation')).toBeTruthy();
  expect(screen.getByText(/24 × S07 Buoy Red \(18 owned\)/)).toBeTruthy();
});

it('moves, takes out and splits', () => {
  const { order } = panel();
  press('← Move earlier');
  expect(order()).toEqual(['Fading out', 'Whisper to full', 'Seven even steps']);
  press('Remove');
  expect(order()).toEqual(['Whisper to full', 'Seven even steps']);
  press('split here, before box 2');
  expect(order()).toEqual(['Whisper to full', 'Fading out', 'Fading out, continued', 'Seven even steps']);
});

it('pins a lesson to where it lies, and takes the pin away', () => {
  const on = period({ pieces: [{ lesson: 'b', stages: [], goesOn: false, stop: 'GOOD' }] });
  const { set } = panel({ periods: [on] });
  press('Pin to its date');
  expect((set.mock.lastCall?.[1] as { pin?: string }[])[1]?.pin).toBe(on.starts);
  cleanup();
  const pinned = panel({ lessons: [course[0] ?? fading, { ...fading, pin: on.starts }] });
  press('Unpin');
  expect((pinned.set.mock.lastCall?.[1] as { pin?: string }[])[1]?.pin).toBeUndefined();
});

it('copies to the end of another class', () => {
  const other = lane({ schoolClass: 'd', name: '10 Avocet', lessons: [lesson({ id: 'x', title: 'Theirs' })] });
  const { set, order } = panel({}, [other]);
  press('Copy to 10 Avocet');
  expect(set.mock.lastCall?.[0]).toBe(other);
  expect(order()).toEqual(['Theirs', 'Fading out']);
});

it('a skill taught later: its lesson comes before by one press', () => {
  const { order } = panel({ warnings: [warning({ kind: 'NEEDED_BEFORE_TAUGHT', skills: ['EQUAL_STEPS'], other: 'c' })] });
  press('Move “Seven even steps” before it');
  expect(order()).toEqual(['Whisper to full', 'Seven even steps', 'Fading out']);
});

it('a skill taught nowhere: the exercise that teaches it is suggested', () => {
  const { onInsert } = panel({ warnings: [warning({ kind: 'NEEDED_BEFORE_TAUGHT', skills: ['LAYERING'], exercise: 'layer-ladder' })] });
  press('Insert a lesson before this one …');
  expect(onInsert).toHaveBeenCalledWith(1, 'layer-ladder');
});

it('too few are secure: the lesson that gives it is done again before', () => {
  const giving = lesson({ id: 'a', title: 'Whisper to full', gives: [{ skill: 'EQUAL_STEPS', secure: 9, of: 24 }] });
  const { order } = panel({ lessons: [giving, fading], warnings: [warning({ kind: 'FEW_SECURE', skills: ['EQUAL_STEPS'], count: 9, of: 24 })] });
  press('Do “Whisper to full” again before it');
  expect(order()).toEqual(['Whisper to full', 'Whisper to full, again', 'Fading out']);
});

it('the quick wait: more of the same exercise is suggested after it', () => {
  const { onInsert } = panel({ warnings: [warning({ kind: 'QUICK_ARE_IDLE', minutes: 15, period: '2026-09-01T11:05:00' })] });
  press('Insert another exercise for the same skill …');
  expect(onInsert).toHaveBeenCalledWith(2, 'gradation-strip');
});

it('solvent against the method: a burnish trio is suggested', () => {
  const { onInsert } = panel({ warnings: [warning({ kind: 'SOLVENT_NOT_IN_METHOD' })] });
  press('Insert a burnish trio …');
  expect(onInsert).toHaveBeenCalledWith(2, 'burnish-trio');
});

it('says of a sheet that is gone that it is', () => {
  panel({ sheets: [] });
  expect(screen.getByText('▲ deleted sheet')).toBeTruthy();
});
