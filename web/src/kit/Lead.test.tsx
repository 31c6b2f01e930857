import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { MemoryRouter } from 'react-router';
import type { Schemas } from '../api/client';
import { answers, press, show } from '../testing';
import { Lead } from './Lead';

const kelp: Schemas['LeadLineView'] = { pencil: 'p', code: 'S23', name: 'Kelp', colour: '#4a5a30', copies: 18, leftMm: 62, neededMm: 33, shortOn: '2026-12-05', order: 3 };
const rust: Schemas['LeadLineView'] = { pencil: 'q', code: 'S05', name: 'Rust', colour: '#8a4020', copies: 30, leftMm: 170, neededMm: 4, order: 0 };

const lead = () =>
  show(
    <MemoryRouter>
      <Lead />
    </MemoryRouter>,
  );

describe('lead left', () => {
  it('says what to order and when a pencil runs short', async () => {
    answers('GET', [kelp, rust]);
    lead();
    expect(await screen.findByText(/3 × S23 Kelp/)).toBeTruthy();
    expect(screen.getByText(/5 Dec, 3 new ones|Dec 5, 3 new ones/)).toBeTruthy();
    expect(screen.getByText('lasts')).toBeTruthy();
    expect(screen.getByRole('img', { name: '62 mm left, 29 mm after the planned lessons' })).toBeTruthy();
  });

  it('notes a worn out pencil in one press', async () => {
    answers('GET', [kelp], [{ ...kelp, leftMm: 40 }]);
    const noted = answers('POST', {});
    lead();
    await screen.findByRole('button', { name: 'S23 Kelp is worn out' });
    press('S23 Kelp is worn out');
    await screen.findByText(/^40 mm$/);
    expect(noted).toHaveBeenCalledWith('/api/kit/pencils/{id}/lead', { params: { path: { id: 'p' } }, body: { leadMm: 40 } });
  });

  it('leads to a course where nothing is planned', async () => {
    answers('GET', []);
    lead();
    expect(await screen.findByRole('link', { name: 'Plan a course' })).toBeTruthy();
  });
});
