import { screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import { answers, show } from '../testing';
import { SignIns } from './SignIns';

const tried = (outcome: string, name?: string) => ({ at: '2026-11-27T08:55:00Z', name, address: '10.0.4.7', outcome });
const rows = () =>
  screen
    .getAllByRole('row')
    .slice(1)
    .map((r) => r.textContent);

it('says who was let in and who was not, and names nobody who is not here', async () => {
  answers('GET', [tried('LET_IN', 'Maren Okonjo'), tried('WRONG', 'Maren Okonjo'), tried('WRONG'), tried('DISABLED', 'Ilse Korhonen')]);
  show(<SignIns />);
  await screen.findByText('signed in');
  expect(rows()[1]).toMatch(/Maren Okonjo.*▲ wrong password$/);
  expect(rows()[2]).toMatch(/unknown name.*▲ no access$/);
  expect(rows()[3]).toMatch(/Ilse Korhonen.*▲ account is disabled$/);
});

it('is designed for nobody yet', async () => {
  answers('GET', []);
  show(<SignIns />);
  expect(await screen.findByText('Nobody has signed in yet.')).toBeTruthy();
});
