import { cleanup, fireEvent, screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import type { Schemas } from '../api/client';
import { answersTo, press, show, type } from '../testing';
import { usual } from './example';
import { chosen } from './words';
import { ZonePanel } from './ZonePanel';

const zone = (number: number): Schemas['ZoneView'] => ({
  number,
  own: '#336699',
  light: '#88aacc',
  shadow: '#112233',
  value: 4.2,
  areaMm2: 1240,
  outline: 'M0 0L1 0L1 1Z',
  name: number === 2 ? 'rim' : '',
  x: 0.1 * number,
  y: 0.5,
  splits: number === 2 ? [0] : [],
  joins: number === 2 ? [0] : [],
});
const colours: Schemas['ZoneColourView'][] = [
  {
    part: 'OWN',
    wanted: '#336699',
    colour: '#34669a',
    error: 1.23,
    valueOff: -0.14,
    minutes: 2,
    layers: [{ code: 'S16', name: 'Tide Blue', colour: '#2050a0', grade: 'MEDIUM', passes: 2 }],
  },
  { part: 'LIGHT', wanted: '#ffffff', colour: '#f8f8f8', error: 0.8, valueOff: 0, minutes: 0, layers: [] },
  {
    part: 'SHADOW',
    wanted: '#000000',
    colour: '#222222',
    error: 9.3,
    valueOff: 1.2,
    minutes: 4,
    layers: [{ code: 'S30', name: 'Slate', colour: '#303030', grade: 'FULL', passes: 3 }],
  },
];

const glaze: Schemas['GlazeView'] = { code: 'S02', name: 'Sail Cream', colour: '#f0e0b0', grade: 'WHISPER', zones: [1, 2], worst: 2.14 };
const server = (found = glaze) => answersTo('GET', { '/api/projects/{id}/zones/{number}/colours': colours, '/api/projects/{id}/zones/glaze': found });

it('says what the pencils make of a zone, what stays bare and what is not reached', async () => {
  server();
  show(
    <ZonePanel
      project="m"
      settings={usual}
      zones={[zone(1), zone(2)]}
      open={2}
      onOpen={() => undefined}
      joining={false}
      onJoining={() => undefined}
      onSettings={() => undefined}
    />,
  );
  expect(screen.getByText('Zone 2, rim: value 4.2, 12 cm²')).toBeTruthy();
  await screen.findByText(/^1\. Tide Blue, medium, /);
  expect(screen.getByText('leave the paper bare')).toBeTruthy();
  expect(screen.getByText('▲ nearest possible: ΔE 9.3, value +1.2')).toBeTruthy();
  expect(screen.getByText('ΔE 1.2, value −0.1')).toBeTruthy();
});

it('proposes one glaze over several zones, and takes it or leaves it', async () => {
  server();
  const set = vi.fn();
  const panel = (glazed: boolean) => (
    <ZonePanel
      project="m"
      settings={{ ...usual, glazed }}
      zones={[zone(1), zone(2)]}
      open={2}
      onOpen={() => undefined}
      joining={false}
      onJoining={() => undefined}
      onSettings={set}
    />
  );
  show(panel(false));
  await screen.findByText('Sail Cream, whisper, could be the last layer over zones 1, 2: at most ΔE 2.1 further off.');
  press('Use the glaze');
  expect(set).toHaveBeenLastCalledWith({ ...usual, glazed: true });
  cleanup();
  show(panel(true));
  await screen.findByText(/Sail Cream, whisper, as the last layer over zones 1, 2/);
  press('Without the glaze');
  expect(set).toHaveBeenLastCalledWith({ ...usual, glazed: false });
});

it('says where no glaze ties anything', async () => {
  server({ ...glaze, zones: [] });
  show(
    <ZonePanel
      project="m"
      settings={usual}
      zones={[zone(1), zone(2)]}
      open={2}
      onOpen={() => undefined}
      joining={false}
      onJoining={() => undefined}
      onSettings={() => undefined}
    />,
  );
  await screen.findByText(/No single glaze brings these zones together/);
});

it('opens another zone', () => {
  server();
  const open = vi.fn();
  show(<ZonePanel project="m" settings={usual} zones={[zone(1), zone(2)]} open={1} onOpen={open} joining={false} onJoining={() => undefined} onSettings={() => undefined} />);
  expect(screen.getByRole('button', { name: 'Zone 1' }).getAttribute('aria-pressed')).toBe('true');
  fireEvent.click(screen.getByRole('button', { name: 'Zone 2' }));
  expect(open).toHaveBeenCalledWith(2);
});

it('joins the open zone with the next one chosen, and only while that is asked for', () => {
  const zones = [zone(1), zone(2)];
  expect(chosen(zones, 1, true, 2, usual)?.joins).toEqual(['0.1000 0.5000 0.2000 0.5000']);
  expect(chosen(zones, 1, false, 2, usual)).toBeUndefined();
  expect(chosen(zones, 1, true, 1, usual)).toBeUndefined();
  server();
  const joining = vi.fn();
  show(<ZonePanel project="m" settings={usual} zones={zones} open={1} onOpen={() => undefined} joining={false} onJoining={joining} onSettings={() => undefined} />);
  press('Join with …');
  expect(joining).toHaveBeenCalledWith(true);
  expect(screen.queryByRole('button', { name: 'Separate again' })).toBeNull();
});

it('splits the open zone at its own place, and takes the split returned', () => {
  server();
  const set = vi.fn();
  const settings = { ...usual, splits: ['0.2000 0.5000', '0.7000 0.1000'] };
  show(<ZonePanel project="m" settings={settings} zones={[zone(1), zone(2)]} open={2} onOpen={() => undefined} joining={false} onJoining={() => undefined} onSettings={set} />);
  press('Split in two');
  expect(set).toHaveBeenLastCalledWith({ ...settings, splits: ['0.2000 0.5000', '0.7000 0.1000', '0.2000 0.5000'] });
  press('Undo the split');
  expect(set).toHaveBeenLastCalledWith({ ...settings, splits: ['0.7000 0.1000'] });
});

it('parts a zone again into what it was made from, and calls it otherwise', () => {
  server();
  const set = vi.fn();
  const settings = { ...usual, joins: ['0.1 0.5 0.2 0.5', '0.3 0.5 0.4 0.5'], names: ['0.2000 0.5000 rim'] };
  show(<ZonePanel project="m" settings={settings} zones={[zone(1), zone(2)]} open={2} onOpen={() => undefined} joining={false} onJoining={() => undefined} onSettings={set} />);
  press('Separate again');
  expect(set).toHaveBeenLastCalledWith({ ...settings, joins: ['0.3 0.5 0.4 0.5'] });
  type('Name', 'lip of the rim');
  expect(set).toHaveBeenLastCalledWith({ ...settings, names: ['0.2000 0.5000 lip of the rim'] });
});
