import { screen, waitFor } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Schemas } from '../api/client';
import { answers, answersTo, press, show } from '../testing';
import { Reach } from './Reach';

const PATH = '/api/kit/sets/{id}/reach';
const kit = { sets: [{ id: 'fathom', name: 'Fathom 24' }] } as unknown as Schemas['KitView'];
const reach = (state: string, cells: unknown[] = []) => ({ state, progress: 0.4, tried: 1200, cells });
const red = { value: 5, hue: 'RED', chroma: 48, colour: '#c04040', steps: [{ pencil: 'S07 Buoy Red', grade: 'MEDIUM', passes: 2 }] };

test('a reach that nobody asked for yet is worked out at once', async () => {
  answersTo('GET', { [PATH]: reach('NOT_STARTED') });
  const start = answers('POST', reach('DONE', [red]));
  show(<Reach kit={kit} paper="harbour" />);
  await waitFor(() => expect(start).toHaveBeenCalledTimes(1));
  expect(await screen.findByText(/1,200 recipes/)).toBeTruthy();
  press('value 5, red, chroma 48');
  expect(screen.getByText('S07 Buoy Red: medium, 2 passes')).toBeTruthy();
});

test('what was cancelled stays so until it is asked for', async () => {
  answersTo('GET', { [PATH]: reach('CANCELLED') });
  const start = answers('POST', reach('AT_WORK'));
  show(<Reach kit={kit} paper="harbour" />);
  await screen.findByRole('button', { name: 'Calculate' });
  expect(start).not.toHaveBeenCalled();
  press('Calculate');
  expect(await screen.findByRole('progressbar')).toBeTruthy();
});
