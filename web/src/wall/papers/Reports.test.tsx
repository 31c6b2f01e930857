import { fireEvent, screen, waitFor } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../../api/client';
import { answers, press, show } from '../../testing';
import Reports from './Reports';

const seen = (day: number) => ({ page: `p${day}`, read: `2026-10-0${day}T10:00:00Z`, field: '3', received: `2026-10-0${day}T09:00:00Z` });
const drafts: Schemas['ReportDraftView'][] = [
  { student: 'a', name: 'Amara Diallo', secure: 'Amara can fill a shape smoothly.', grew: 'Better than at first.', next: 'Next: strokes.', first: seen(1), latest: seen(8) },
  { student: 'b', name: 'Björn Sæther', secure: 'Björn is on the way.', grew: '', next: 'Next: pressure.' },
];

const place = async (path = '/wall/class/dunlin/reports') => {
  show(
    <MemoryRouter initialEntries={[path]}>
      <Routes>
        <Route path="/wall/class/:id/reports" element={<Reports />} />
      </Routes>
    </MemoryRouter>,
  );
  await screen.findByText('Amara Diallo');
};

beforeEach(() => {
  vi.stubGlobal('URL', Object.assign(URL, { createObjectURL: () => 'blob:made', revokeObjectURL: () => {} }));
});

describe('reports', () => {
  it('prints the words as the teacher changed them, for those who are ticked, names off in one press', async () => {
    answers('GET', drafts);
    const post = answers('POST', new Blob());
    const saved = vi.spyOn(HTMLAnchorElement.prototype, 'click').mockReturnValue();
    await place();
    expect(screen.getAllByRole('img')).toHaveLength(2);
    fireEvent.change(screen.getAllByRole('textbox', { name: 'What goes well' })[0] as HTMLElement, { target: { value: 'My own words.' } });
    fireEvent.click(screen.getByRole('checkbox', { name: 'Report on Björn Sæther' }));
    press('Hide names');
    press('Print 1 page');
    await waitFor(() => expect(saved).toHaveBeenCalled());
    expect(post.mock.calls[0]?.[1]).toMatchObject({
      body: { named: false, reports: [{ student: 'a', secure: 'My own words.', grew: 'Better than at first.', next: 'Next: strokes.' }] },
    });
  });

  it('can be of one student alone', async () => {
    answers('GET', drafts);
    await place('/wall/class/dunlin/reports?student=a');
    expect(screen.queryByText('Björn Sæther')).toBeNull();
    expect(screen.getByRole('button', { name: 'Print 1 page' })).toBeTruthy();
  });
});
