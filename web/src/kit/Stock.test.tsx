import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { MemoryRouter } from 'react-router';
import type { Schemas } from '../api/client';
import { answers, press, show } from '../testing';
import { Stock } from './Stock';

const kelp: Schemas['StockLineView'] = {
  pencil: 'p',
  code: 'S23',
  name: 'Kelp',
  colour: '#4a5a30',
  copies: 18,
  students: 26,
  leftMm: 62,
  neededMm: 33,
  shortOn: '2026-12-05',
  order: 3,
  moreForOneEach: 5,
};
const rust: Schemas['StockLineView'] = {
  pencil: 'q',
  code: 'S05',
  name: 'Rust',
  colour: '#8a4020',
  copies: 30,
  students: 26,
  leftMm: 170,
  neededMm: 4,
  order: 0,
  moreForOneEach: 0,
};

const stock = () =>
  show(
    <MemoryRouter>
      <Stock />
    </MemoryRouter>,
  );

describe('stock', () => {
  it('says what to order and when a pencil runs short', async () => {
    answers('GET', [kelp, rust]);
    stock();
    expect(await screen.findByText(/3 × S23 Kelp/)).toBeTruthy();
    expect(screen.getByText(/▲ (5 Dec|Dec 5)/)).toBeTruthy();
    expect(screen.getByText('5 more for one each')).toBeTruthy();
    expect(screen.getByText('lasts')).toBeTruthy();
    expect(screen.getByRole('img', { name: '62 mm left, 29 mm after the planned lessons' })).toBeTruthy();
  });

  it('notes a worn out pencil in one press', async () => {
    answers('GET', [kelp], [{ ...kelp, leftMm: 40 }]);
    const noted = answers('POST', {});
    stock();
    await screen.findByRole('button', { name: 'S23 Kelp is worn out' });
    press('S23 Kelp is worn out');
    await screen.findByText(/^40 mm$/);
    expect(noted).toHaveBeenCalledWith('/api/kit/pencils/{id}/lead', { params: { path: { id: 'p' } }, body: { leadMm: 40 } });
  });

  it('counts one lost in one press', async () => {
    answers('GET', [kelp], [{ ...kelp, copies: 17 }]);
    const counted = answers('POST', {});
    stock();
    await screen.findByRole('button', { name: 'One S23 Kelp broken or lost' });
    press('One S23 Kelp broken or lost');
    await screen.findByText('17');
    expect(counted).toHaveBeenCalledWith('/api/kit/pencils/{id}/copies', { params: { path: { id: 'p' } }, body: { copies: 17 } });
  });

  it('leads to a course where nothing is planned', async () => {
    answers('GET', []);
    stock();
    expect(await screen.findByRole('link', { name: 'Plan a course' })).toBeTruthy();
  });
});
