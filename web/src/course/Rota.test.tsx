import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { answers, show } from '../testing';
import { Rota } from './Rota';
import { remedyWords } from './rotaWords';

const blue = { code: 'S12', name: 'Tide Blue', colour: '#224488' };
const rota: Schemas['RotaView'] = {
  tasks: [
    { label: 'Red family', minutes: 6, pencils: [{ code: 'S01', name: 'Buoy Red', colour: '#aa2222' }] },
    { label: 'Blue family', minutes: 6, pencils: [blue] },
  ],
  tables: [
    {
      numbers: [1, 2],
      missing: [],
      seats: [
        {
          seat: 'A',
          turns: [
            { task: 0, starts: 0, ends: 6, waits: 0 },
            { task: 1, starts: 6, ends: 12, waits: 0 },
          ],
        },
        {
          seat: 'B',
          turns: [
            { task: 1, starts: 0, ends: 6, waits: 0 },
            { task: 0, starts: 6, ends: 15, waits: 3 },
          ],
        },
      ],
      waiting: 3,
      remedies: [{ change: 'ONE_MORE_COPY', pencil: blue, saves: 3 }],
    },
    { numbers: [3], missing: [blue], seats: [], waiting: 0, remedies: [] },
  ],
};

describe('the rota', () => {
  it('says who waits, what would end it, and which table has no copy', async () => {
    answers('GET', rota);
    show(<Rota schoolClass="c" lesson="l" />);
    expect(await screen.findByText('Tables 1, 2')).toBeTruthy();
    expect(screen.getByText('3 min of waiting at each such table.')).toBeTruthy();
    expect(screen.getByText('Red family, waits 3 min')).toBeTruthy();
    expect(screen.getByText('Buy one more S12 Tide Blue: saves 3 min of waiting.')).toBeTruthy();
    expect(screen.getByText(/There is no copy for this table: S12 Tide Blue/)).toBeTruthy();
    expect(screen.getByRole('link', { name: 'Table cards (PDF)' }).getAttribute('href')).toBe('/api/courses/c/lessons/l/rota.pdf');
  });

  it('says what a substitute changes', () => {
    expect(remedyWords({ change: 'SUBSTITUTE', pencil: blue, substitute: { code: 'S14', name: 'Slate', colour: '#445566' }, deltaValue: -0.42, deltaHue: 12.4, saves: 5 })).toBe(
      'Use S14 Slate as well as S12 Tide Blue (value −0.4, hue +12°): saves 5 min of waiting.',
    );
    expect(remedyWords({ change: 'SEATS_IN_PAIRS', saves: 8 })).toBe('Let students work in pairs, two to a sheet: saves 8 min of waiting.');
  });
});
