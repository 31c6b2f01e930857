import { cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import type { Schemas } from '../api/client';
import { answers, show } from '../testing';
import { usual } from './example';
import { ZonePanel } from './ZonePanel';

const zone = (number: number): Schemas['ZoneView'] => ({ number, own: '#336699', light: '#88aacc', shadow: '#112233', value: 4.2, areaMm2: 1240, outline: 'M0 0L1 0L1 1Z' });
const colours: Schemas['ZoneColourView'][] = [
  { part: 'OWN', wanted: '#336699', colour: '#34669a', error: 1.23, valueOff: -0.14, minutes: 2, layers: [{ code: 'S16', name: 'Tide Blue', colour: '#2050a0', grade: 'MEDIUM', passes: 2 }] },
  { part: 'LIGHT', wanted: '#ffffff', colour: '#f8f8f8', error: 0.8, valueOff: 0, minutes: 0, layers: [] },
  { part: 'SHADOW', wanted: '#000000', colour: '#222222', error: 9.3, valueOff: 1.2, minutes: 4, layers: [{ code: 'S30', name: 'Slate', colour: '#303030', grade: 'FULL', passes: 3 }] },
];

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

it('says what the pencils make of a zone, what stays bare and what is not reached', async () => {
  answers('GET', colours);
  show(<ZonePanel project="m" settings={usual} zones={[zone(1), zone(2)]} open={2} onOpen={() => undefined} />);
  expect(screen.getByText('Zone 2: value 4.2, 12 cm²')).toBeTruthy();
  await screen.findByText(/^1\. Tide Blue, medium, /);
  expect(screen.getByText('leave the paper bare')).toBeTruthy();
  expect(screen.getByText('▲ the nearest there is: ΔE 9.3, value +1.2')).toBeTruthy();
  expect(screen.getByText('ΔE 1.2, value −0.1')).toBeTruthy();
});

it('opens another zone', () => {
  answers('GET', colours);
  const open = vi.fn();
  show(<ZonePanel project="m" settings={usual} zones={[zone(1), zone(2)]} open={1} onOpen={open} />);
  expect(screen.getByRole('button', { name: 'Zone 1' }).getAttribute('aria-pressed')).toBe('true');
  fireEvent.click(screen.getByRole('button', { name: 'Zone 2' }));
  expect(open).toHaveBeenCalledWith(2);
});
