import { fireEvent, screen } from '@testing-library/react';
import { beforeEach, expect, it, vi } from 'vitest';
import { show } from '../testing';
import { Strip } from './Strip';
import { lane, lesson, period } from './testing';
import type { Lane } from './words';

beforeEach(() =>
  vi.stubGlobal(
    'ResizeObserver',
    class {
      observe() {}
      disconnect() {}
    },
  ),
);

const piece = (id: string, goesOn = false) => ({ lesson: id, stages: [{ id: 'show', kind: 'SHOW' as const, minutes: 8 }], goesOn, stop: 'GOOD' as const });
const at = (day: string, change: Parameters<typeof period>[0] = {}) => period({ key: `2026-09-${day}T11:05:00`, starts: `2026-09-${day}T11:05:00`, ...change });
const dunlin = lane({
  term: { from: '2026-08-31', to: '2026-09-18' },
  lessons: [lesson({ id: 'a', title: 'Fading out' }), lesson({ id: 'b', title: 'Round' })],
  periods: [
    at('01', { pieces: [piece('a', true)], planned: 30, logged: true }),
    at('08', { pieces: [piece('a'), piece('b', true)], planned: 38 }),
    at('15', { state: 'CANCELLED' }),
  ],
  warnings: [{ kind: 'POOR_STOP', lesson: 'b', skills: [], period: '2026-09-08T11:05:00' }],
});
const avocet = lane({ schoolClass: 'd', name: '10 Avocet', term: { from: '2026-08-31', to: '2026-09-18' }, periods: [at('03'), at('10')] });

function strip(lanes: Lane[] = [dunlin, avocet]) {
  const told = { open: vi.fn(), move: vi.fn(), drop: vi.fn() };
  show(<Strip lanes={lanes} today="2026-09-08" zoom="term" open={{ lane: 'c', lesson: 'a' }} onOpen={told.open} onMove={told.move} onDrop={told.drop} />);
  return told;
}

const box = (name: RegExp) => screen.getByRole('button', { name });

it('reads out each period with its lessons, minutes and warnings', () => {
  strip();
  expect(box(/8 Dunlin, .*11:05: lesson 1 Fading out, continues, 30 of 40 min, logged/)).toBeTruthy();
  expect(box(/lesson 1 Fading out; lesson 2 Round, continues, 38 of 40 min, 1 warning/)).toBeTruthy();
  expect(box(/8 Dunlin, .*: cancelled/)).toBeTruthy();
});

it('goes from period to period and from class to class by arrow keys', () => {
  strip();
  const first = box(/30 of 40 min, logged/);
  first.focus();
  fireEvent.keyDown(first, { key: 'ArrowRight' });
  expect(document.activeElement).toBe(box(/38 of 40 min/));
  fireEvent.keyDown(document.activeElement as Element, { key: 'ArrowDown' });
  expect((document.activeElement as HTMLElement).dataset['box']).toBe('d 2026-09-10T11:05:00');
  fireEvent.keyDown(document.activeElement as Element, { key: 'ArrowUp' });
  expect(document.activeElement?.getAttribute('aria-label')).toMatch(/^8 Dunlin/);
});

it('moves the last lesson of a period with Alt, and nothing at an empty one', () => {
  const told = strip();
  fireEvent.keyDown(box(/38 of 40 min/), { key: 'ArrowLeft', altKey: true });
  expect(told.move).toHaveBeenCalledExactlyOnceWith(dunlin, 'b', -1);
  fireEvent.keyDown(box(/cancelled/), { key: 'ArrowRight', altKey: true });
  expect(told.move).toHaveBeenCalledOnce();
});

it('opens a period by pressing it', () => {
  const told = strip();
  fireEvent.click(box(/38 of 40 min/));
  expect(told.open).toHaveBeenCalledWith(dunlin, dunlin.periods[1]);
});

it('takes a lesson dropped on a period of its own class, not of another', () => {
  const told = strip();
  const carried = (text: string) => ({ dataTransfer: { getData: () => text, setData: vi.fn() } });
  fireEvent.drop(box(/30 of 40 min/), carried('c b'));
  expect(told.drop).toHaveBeenCalledExactlyOnceWith(dunlin, 'b', dunlin.periods[0]);
  fireEvent.drop(screen.getAllByRole('button', { name: /^10 Avocet/ })[0] as Element, carried('c b'));
  expect(told.drop).toHaveBeenCalledOnce();
});

it('marks what is open and what belongs to the chosen lesson', () => {
  strip();
  expect(box(/30 of 40 min/).dataset['lit']).toBe('true');
  expect(box(/30 of 40 min/).dataset['past']).toBe('true');
  expect(box(/38 of 40 min/).dataset['past']).toBe('false');
});
