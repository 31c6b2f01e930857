import { fireEvent, screen, waitFor } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { answers, press, show } from '../../testing';
import { ChartFound } from './ChartFound';

type Pencil = Schemas['ChartPencilView'];

const look = (colour: string, value: number) => ({ colour, l: 40, a: 40, b: 20, value });
const red: Pencil = {
  row: 0,
  pencil: 'red',
  revision: 3,
  code: 'S07',
  name: 'Buoy Red',
  before: look('#b03030', 4.1),
  after: look('#a02828', 3.8),
  off: 3.24,
  plusMinus: 1.1,
  hidingBefore: 0.5,
  hiding: { value: 0.61, plusMinus: 0.2 },
  softnessBefore: 1,
  softness: { value: 1.14, plusMinus: 0.1 },
  boxes: 6,
  same: false,
};
const fit: Schemas['ChartFitView'] = {
  pencils: [
    red,
    { ...red, row: 1, pencil: 'white', revision: 0, code: 'S01', name: 'Gull White', plusMinus: 6.2 },
    { ...red, row: 2, pencil: 'blue', code: 'S16', name: 'Tide Blue', same: true },
    { row: 3, code: 'S22', name: 'Kelp', boxes: 1, same: false },
  ],
  depthBefore: 1,
  depth: { value: 0.8, plusMinus: 0.3 },
  hands: [{ copy: 1, grades: [{ grade: 'LIGHT', asked: 0.2, found: { value: 0.26, plusMinus: 0.03 } }], point: { value: 0.6, plusMinus: 0.2 } }],
  before: 2.9,
  after: 0.7,
  boxes: 30,
  odd: [
    { page: 1, box: '4c', pencil: 'S07 Buoy Red', work: 'MEDIUM_TWICE', why: 'OTHER_PENCIL', like: 'S16 Tide Blue' },
    { page: 1, box: '2b', pencil: 'S01 Gull White', work: 'LIGHT_THRICE', why: 'EMPTY' },
  ],
  sheets: [{ id: 'sheet', title: 'Pressure scale', fields: 3, most: 4.2 }],
};
const chart: Schemas['ChartView'] = {
  id: 'chart',
  revision: 5,
  title: 'Skerry 36',
  paper: 'cartridge',
  paperName: 'Harbour Cartridge',
  printedAt: '2026-10-05T09:00:00Z',
  state: 'FITTED',
  pages: [],
  fit,
};

const found = () =>
  show(
    <MemoryRouter>
      <ChartFound chart={chart} fit={fit} />
    </MemoryRouter>,
  );

describe('what a chart found', () => {
  it('says how much nearer the kit would come, and which boxes and sheets are concerned', () => {
    found();
    expect(screen.getByText(/The kit’s prediction is/).textContent).toContain('2.9 ΔE away from what 30 boxes show. With the chart’s values it is 0.7 away.');
    expect(screen.getByText(/S07 Buoy Red, medium twice: looks like S16 Tide Blue/)).toBeTruthy();
    expect(screen.getByText(/S01 Gull White, light three times: empty/)).toBeTruthy();
    expect(screen.getByRole('link', { name: 'Pressure scale' })).toBeTruthy();
    expect(screen.getByText(/too few boxes/)).toBeTruthy();
  });

  it('leaves what is unsure, what is the same and what is unknown for the teacher', () => {
    found();
    expect(screen.getByRole('checkbox', { name: /^S07 Buoy Red: value 4.1 as entered, 3.8 measured, ± 1.1/ })).toHaveProperty('checked', true);
    expect(screen.getByRole('checkbox', { name: /^S01 Gull White/ })).toHaveProperty('checked', false);
    expect(screen.getByRole('checkbox', { name: /^S16 Tide Blue/ })).toHaveProperty('disabled', true);
    expect(screen.getByRole('checkbox', { name: 'S22 Kelp: too few boxes' })).toHaveProperty('disabled', true);
  });

  it('takes over what is ticked, as it was looked at', async () => {
    const sent = answers('POST', chart);
    found();
    fireEvent.click(screen.getByRole('checkbox', { name: /^Tooth of Harbour Cartridge/ }));
    fireEvent.click(screen.getByRole('checkbox', { name: /^S01/ }));
    press('Use 2 pencils');
    await waitFor(() =>
      expect(sent).toHaveBeenCalledWith('/api/charts/{id}/taking', {
        params: { path: { id: 'chart' } },
        body: {
          revision: 5,
          pencils: [
            { row: 0, revision: 3 },
            { row: 1, revision: 0 },
          ],
          paper: true,
        },
      }),
    );
  });

  it('chooses all or none', () => {
    found();
    press('All');
    expect(screen.getByRole('button', { name: 'Use 2 pencils' })).toBeTruthy();
    press('None');
    expect(screen.getByRole('button', { name: 'Use' })).toHaveProperty('disabled', true);
  });
});
