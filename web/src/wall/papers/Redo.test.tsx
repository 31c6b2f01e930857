import { fireEvent, screen } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { answers, press, show } from '../../testing';
import Redo from './Redo';

const SMALL = 'Small circles at one pressure.';
const look: Schemas['RedoLookView'] = {
  title: 'Reteach: Value scale',
  students: [
    {
      student: 'a',
      name: 'Amara',
      minutes: 6.2,
      left: 1,
      pages: 1,
      parts: [
        {
          title: 'Value scale',
          fields: [
            { field: '2', advice: SMALL },
            { field: '4', advice: SMALL },
            { field: '5', advice: '' },
          ],
        },
      ],
    },
    { student: 'b', name: 'Björn', minutes: 3, left: 0, pages: 1, parts: [{ title: 'Value scale', fields: [{ field: '1', advice: SMALL }] }] },
  ],
};

const place = () =>
  show(
    <MemoryRouter initialEntries={['/wall/class/dunlin/redo']}>
      <Routes>
        <Route path="/wall/class/:id/redo" element={<Redo />} />
      </Routes>
    </MemoryRouter>,
  );

describe('redo pages', () => {
  it('says who does what again and what to do differently, fields with the same advice together', async () => {
    answers('POST', look);
    place();
    await screen.findByText('Amara');
    expect(screen.getByText('2, 4')).toBeTruthy();
    expect(screen.getByText('5')).toBeTruthy();
    expect(screen.getByText('about 6 min')).toBeTruthy();
    expect(screen.getByText('There was no room for 1 exercise more.')).toBeTruthy();
  });

  it('prints for those who are ticked', async () => {
    const post = answers('POST', look, { run: 'r', pages: 1 });
    place();
    await screen.findByText('Amara');
    fireEvent.click(screen.getByRole('checkbox', { name: 'Björn' }));
    press('Make 1 page');
    expect((await screen.findByText('Print the PDF')).getAttribute('href')).toBe('/api/sheets/runs/r/pages.pdf');
    expect(post.mock.calls[1]?.[1]).toEqual({ params: { path: { id: 'dunlin' } }, body: { students: ['a'] } });
  });

  it('says so where there is nothing to do again', async () => {
    answers('POST', { title: 'Once more', students: [] });
    place();
    expect(await screen.findByText('Nothing to do again')).toBeTruthy();
  });
});
