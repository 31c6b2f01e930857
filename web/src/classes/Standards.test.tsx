import { screen, within } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import type { Schemas } from '../api/client';
import { answers, press, show, type } from '../testing';
import { Standards } from './Standards';

const dunlin: Schemas['ClassView'] = {
  id: 'dunlin',
  revision: 4,
  name: '8 Dunlin',
  band: 'DEVELOPING',
  students: [],
  former: [],
  calendar: { slots: [], holidays: [], changes: [], tables: [] },
  method: [],
  namesHidden: false,
  thresholds: {},
  readyShare: 2 / 3,
};
const grade = (name: Schemas['PressureView']['grade'], taught: number, found: number, boxes: number) => ({ grade: name, taught, used: taught, found, plusMinus: 0.021, boxes });
const pressures = (own: boolean, boxes = 24): Schemas['PressuresView'] => ({ own, grades: [grade('WHISPER', 0.08, 0.08, 0), grade('LIGHT', 0.2, 0.27, boxes)] });

it('plans by the pressures that were found in one press, and returned', async () => {
  answers('GET', pressures(false));
  const put = answers('PUT', pressures(true));
  show(<Standards open={dunlin} />);
  const light = (await screen.findByRole('rowheader', { name: 'light' })).closest('tr') as HTMLElement;
  expect(within(light).getByText('27 (25–29)')).toBeTruthy();
  const whisper = screen.getByRole('rowheader', { name: 'whisper' }).closest('tr') as HTMLElement;
  expect(within(whisper).getByText('–')).toBeTruthy();
  expect(screen.queryByText('Use the taught pressures')).toBeNull();
  press('Use for planning sheets');
  await vi.waitFor(() => expect(put.mock.calls[0]?.[0]).toBe('/api/progress/classes/{id}/pressures'));
});

it('shows nothing to press where no scale has been confirmed', async () => {
  answers('GET', pressures(false, 0));
  show(<Standards open={dunlin} />);
  await screen.findByText(/This class has none yet/);
  expect(screen.queryByRole('button', { name: 'Use for planning sheets' })).toBeNull();
});

it('goes back to the pressures that are taught', async () => {
  answers('GET', pressures(true));
  const drop = answers('DELETE', pressures(false));
  show(<Standards open={dunlin} />);
  await screen.findByText('Use the taught pressures');
  press('Use the taught pressures');
  await vi.waitFor(() => expect(drop).toHaveBeenCalledTimes(1));
});

it('keeps the share that makes a class ready on the state it was changed on', async () => {
  answers('GET', pressures(false));
  const put = answers('PUT', dunlin);
  show(<Standards open={dunlin} />);
  type(/Students who are secure/, '50');
  press('Save');
  await vi.waitFor(() => expect(put.mock.calls[0]?.[1]).toMatchObject({ body: { revision: 4, share: 0.5 } }));
});
