import { screen, waitFor } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { answers, press, show, type } from '../../testing';
import { Calibrate } from './Calibrate';
import { threeSwatches } from './MeasuredSwatches';
import { pencil } from '../testing';

const fit = { before: 3.2, after: 0.4, hiding: 0.62, softness: 1.15, colour: '#a02828', kept: false, lab: { l: 40, a: 50, b: 30 } };

it('shows what fits before it keeps it', async () => {
  const sent = answers('POST', threeSwatches, fit, { ...fit, kept: true });
  const onDone = vi.fn();
  show(<Calibrate pencil={pencil({})} paper="cartridge" paperName="Harbour Cartridge" onDone={onDone} />);
  press('Read with the meter');
  const found = await screen.findByRole('status');
  expect(found.textContent).toContain('The prediction was off by ΔE 3.2; it is now off by 0.4.');
  expect(found.textContent).toContain('Opacity 0.50 → 0.62');
  expect(onDone).not.toHaveBeenCalled();
  press('Save');
  await waitFor(() => expect(onDone).toHaveBeenCalled());
  expect(sent.mock.calls.map(([, request]) => (request as { body?: { keep: boolean } }).body?.keep)).toEqual([undefined, false, true]);
});

it('never keeps a fit of other figures than those shown', async () => {
  answers('POST', threeSwatches, fit);
  show(<Calibrate pencil={pencil({})} paper="cartridge" paperName="Harbour Cartridge" onDone={vi.fn()} />);
  press('Read with the meter');
  await screen.findByRole('status');
  type('L*', '33');
  expect(screen.queryByRole('button', { name: 'Save' })).toBeNull();
  expect(screen.getByRole('button', { name: 'Calculate' })).toBeTruthy();
});
