import { screen, waitFor } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { ApiError } from '../../api/client';
import { FindTooth } from './FindTooth';
import { threeSwatches } from './MeasuredSwatches';
import { answers, press, show, type } from '../../testing';
import { kit } from '../testing';

const [paper] = kit.papers;
const read = threeSwatches.map((s, i) => ({ ...s, lab: { l: 20 + 30 * i, a: 0, b: 1 }, colour: '#444444' }));

function open() {
  const onFound = vi.fn();
  if (paper) {
    show(<FindTooth paper={paper} pencils={kit.pencils} onFound={onFound} onDone={vi.fn()} />);
  }
  return onFound;
}

it('begins with the darkest pencil and takes the meter’s readings and the depth they give', async () => {
  const sent = answers('POST', read, { tooth: 1.1899, before: 0.62, after: 0.41 });
  const onFound = open();
  expect(screen.getByRole('button', { name: /S36 Lamp Black/ })).toBeTruthy();
  press('Read with the meter');
  expect((await screen.findByRole('status')).textContent).toContain('Tooth 1.00 → 1.19');
  expect(screen.getByText('0.4')).toBeTruthy();
  expect(sent).toHaveBeenLastCalledWith('/api/kit/papers/{id}/calibration', { params: { path: { id: 'cartridge' } }, body: { pencil: 'black', swatches: read } });
  press('Use this depth');
  await waitFor(() => expect(onFound).toHaveBeenCalledWith(1.19));
});

it('a reading set right by hand wants another fit', async () => {
  const sent = answers('POST', read, { tooth: 1.19, before: 0.6, after: 0.4 }, { tooth: 1.3, before: 0.9, after: 0.5 });
  open();
  press('Read with the meter');
  await screen.findByRole('status');
  type('L*', '24');
  expect(screen.queryByRole('status')).toBeNull();
  press('Calculate');
  expect((await screen.findByRole('status')).textContent).toContain('1.30');
  expect(sent.mock.lastCall?.[1]).toMatchObject({ body: { swatches: [{ lab: { l: 24 } }, {}, {}] } });
});

it('says why nothing could be read', async () => {
  answers('POST', new ApiError(404, 'NOT_FOUND', 'This paper is not there.', []));
  open();
  press('Read with the meter');
  expect((await screen.findByRole('alert')).textContent).toContain('This paper is not there.');
});
