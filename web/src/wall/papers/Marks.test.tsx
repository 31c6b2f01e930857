import { fireEvent, screen, waitFor } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { answers, press, show } from '../../testing';
import Marks from './Marks';

const goals = [{ goal: 'EVEN_INSIDE', label: 'Even inside', level: 3 } as const, { goal: 'ORDER', label: 'In order', level: 2 } as const];
const view = (value: number, name: string, revision = -1): Schemas['MarksView'] => ({
  revision,
  className: '8 Dunlin',
  steps: [0, 1, 2, 3, 4].map((v) => ({ value: v, name: '' })),
  weights: [
    { goal: 'EVEN_INSIDE', label: 'Even inside', weight: 1 },
    { goal: 'ORDER', label: 'In order', weight: 1 },
  ],
  classCode: '',
  work: [{ id: 'w', run: 'r', exercise: -1, title: 'Value scale', printedAt: '2026-10-02T09:00:00Z' }],
  students: [
    { student: 'a', name: 'Amara', marks: [{ work: 'w', level: 2.5, value, name, goals }] },
    { student: 'b', name: 'Björn', marks: [] },
  ],
});

const place = async () => {
  show(
    <MemoryRouter initialEntries={['/wall/class/dunlin/marks']}>
      <Routes>
        <Route path="/wall/class/:id/marks" element={<Marks />} />
      </Routes>
    </MemoryRouter>,
  );
  await screen.findByText('Amara');
};

describe('marks', () => {
  it('shows each mark with its goals, and where other programs take them', async () => {
    answers('GET', view(2.5, ''));
    await place();
    expect(screen.getByText('2.5').closest('[title]')?.getAttribute('title')).toBe('Even inside 3, In order 2');
    expect(screen.getByText('OneRoster').getAttribute('href')).toBe('/api/progress/classes/dunlin/marks/export?format=ONEROSTER');
    expect(screen.getByRole('button', { name: 'Save scale' })).toHaveProperty('disabled', true);
  });

  it('shows another scale on real marks before it is kept', async () => {
    answers('GET', view(2.5, ''));
    const post = answers('POST', view(62.5, 'C'));
    const put = answers('PUT', view(62.5, 'C', 0));
    await place();
    press('letters');
    await screen.findByText('C');
    expect(post.mock.calls[0]?.[1]).toMatchObject({ body: { scale: { steps: [{ value: 0, name: 'E' }, {}, {}, {}, { value: 85, name: 'A' }] } } });
    press('Save scale');
    await waitFor(() => expect(put).toHaveBeenCalled());
    expect(put.mock.calls[0]?.[1]).toMatchObject({ body: { revision: -1 } });
  });

  it('lets a goal weigh nothing', async () => {
    answers('GET', view(2.5, ''));
    const post = answers('POST', view(3, ''));
    await place();
    const weight = screen.getByRole('textbox', { name: 'Weight of In order' });
    fireEvent.change(weight, { target: { value: '0' } });
    fireEvent.blur(weight);
    await waitFor(() => expect(post).toHaveBeenCalled());
    expect(post.mock.calls[0]?.[1]).toMatchObject({ body: { scale: { weights: { ORDER: 0, EVEN_INSIDE: 1 } } } });
  });
});
