import { fireEvent, screen, waitFor } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { answers, answersTo, press, show } from '../../testing';
import { MatchByHand } from './MatchByHand';
import { page as pageRow } from '../testing';

const students = [
  { id: 'p1', number: 1, student: 'Amara' },
  { id: 'p2', number: 2, student: 'Zoë' },
];
const lies = [
  { x: 0.2, y: 0.3 },
  { x: 0.8, y: 0.3 },
  { x: 0.8, y: 0.7 },
  { x: 0.2, y: 0.7 },
];
const pages = (drawing: object) => ({ '/api/sheets/runs/{id}/pages': students, '/api/returns/pages/{id}/drawing': drawing });
const unread = (problem: string) => pageRow({ id: 'u', state: 'UNREADABLE', problem, file: 'Zoe.jpg', place: undefined });
const match = (problem: string) => show(<MatchByHand page={unread(problem)} rows={[]} runId="r" />);
const ready = () => waitFor(() => expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Read it as this student’s' }).disabled).toBe(false));
const sent = (spy: ReturnType<typeof answers>) => (spy.mock.calls[0]?.[1] as { body: { corners?: { x: number; y: number }[]; drawing?: boolean; printedPage: string } }).body;

it('proposes where a drawing without markers lies, and sends it with what keys moved', async () => {
  answersTo('GET', pages({ offered: true, corners: lies }));
  const post = answers('POST', {});
  match('NO_MARKERS');
  const corner = await screen.findByRole('button', { name: /^top left corner, 20 % from the left, 30 % from the top/ });
  fireEvent.keyDown(corner, { key: 'ArrowRight' });
  fireEvent.keyDown(corner, { key: 'ArrowUp', shiftKey: true });
  await ready();
  press('Read it as this student’s');
  await waitFor(() => expect(post).toHaveBeenCalled());
  expect(sent(post)).toMatchObject({ printedPage: 'p2', drawing: true });
  expect(sent(post).corners?.[0]?.x).toBeCloseTo(0.207);
  expect(sent(post).corners?.[0]?.y).toBeCloseTo(0.2993);
  expect(sent(post).corners?.slice(1)).toEqual(lies.slice(1));
});

it('asks for the printed markers where a sheet holds no picture', async () => {
  answersTo('GET', pages({ offered: false, corners: [] }));
  const post = answers('POST', {});
  match('TOO_FEW_MARKERS');
  await screen.findByText(/middle of the marker/);
  expect(screen.queryByText('a drawing without markers')).toBeNull();
  await ready();
  press('Read it as this student’s');
  await waitFor(() => expect(post).toHaveBeenCalled());
  expect(sent(post)).toMatchObject({ drawing: false });
  expect(sent(post).corners).toHaveLength(4);
});

it('brings the nearest corner to where the picture is clicked', async () => {
  answersTo('GET', pages({ offered: true, corners: lies }));
  match('NO_MARKERS');
  const picture = await screen.findByAltText('The page as scanned');
  await screen.findByText(/found the drawing here/);
  const frame = picture.parentElement as HTMLElement;
  vi.spyOn(frame, 'getBoundingClientRect').mockReturnValue({ left: 0, top: 0, width: 100, height: 100 } as DOMRect);
  fireEvent.click(frame, { clientX: 90, clientY: 75 });
  expect(document.activeElement?.getAttribute('aria-label')).toBe('bottom right corner, 90 % from the left, 75 % from the top');
});

it('does not ask where a page lies that was found', async () => {
  const get = answersTo('GET', pages({ offered: true, corners: lies }));
  match('NO_CODE');
  await waitFor(() => expect(get).toHaveBeenCalled());
  expect(screen.queryByRole('button', { name: /corner/ })).toBeNull();
  expect(get.mock.calls.map((c) => c[0])).not.toContain('/api/returns/pages/{id}/drawing');
});
