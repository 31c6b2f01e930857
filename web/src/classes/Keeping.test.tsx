import { screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { answers, show } from '../testing';
import { Keeping } from './Keeping';

const held: Schemas['HoldingsView'] = { students: 28, printings: 4, pages: 96, confirmed: 90, marks: 410 };

it('says what there is of a class and where it can be had in one file', async () => {
  answers('GET', held);
  show(<Keeping schoolClass="dunlin" />);
  const link = await screen.findByRole('link', { name: 'Download the archive' });
  expect(link.getAttribute('href')).toBe('/api/progress/classes/dunlin/archive');
  expect(screen.getByText(/4 assignments, 96 pages returned, 90 confirmed, 410 marks/)).toBeTruthy();
  expect(screen.queryByText(/The term ended/)).toBeNull();
});

it('reminds of it when the term is over', async () => {
  answers('GET', { ...held, ended: '2026-12-18' });
  show(<Keeping schoolClass="dunlin" />);
  expect(await screen.findByText(/The term ended on/)).toBeTruthy();
});
