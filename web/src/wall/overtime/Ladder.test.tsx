import { screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import type { Schemas } from '../../api/client';
import { answers, show } from '../../testing';
import { Ladder } from './Ladder';

const tried = (page: string, level: number, received: string) => ({ page, level, received, read: '2026-10-09T09:00:00Z', field: '3' });
const amara: Schemas['StudentProgressView'] = {
  student: 'a',
  name: 'Amara',
  next: 'EVEN_TONE',
  standings: [
    {
      skill: 'EVEN_TONE',
      level: 2.4,
      state: 'ON_THE_WAY',
      spread: 1,
      tries: [tried('one', 1, '2026-09-07T09:00:00Z'), tried('two', 2, '2026-10-05T09:00:00Z')],
      growths: [{ goal: 'EVEN_INSIDE', label: 'Even inside', unit: 'L*', digits: 1, first: 5.2, latest: 3.1, plusMinus: 0.9 }],
      cause: { code: 'PATCHY', sign: 'patchy', next: 'Small circles at one pressure.' },
    },
    { skill: 'EQUAL_STEPS', level: 1, state: 'SLIPPING', spread: 2, tries: [tried('two', 1, '2026-10-05T09:00:00Z')], growths: [] },
  ],
};

it('shows each skill with what grew, then and now, and what is next', async () => {
  answers('GET', amara);
  show(<Ladder student="a" />);
  expect(await screen.findByText('Next: even tone.')).toBeTruthy();
  expect(screen.getByText('Progress: Even inside 5.2 to 3.1 ± 0.9 L*. Small circles at one pressure.')).toBeTruthy();
  expect(screen.getByText('getting weaker')).toBeTruthy();
  expect(screen.getAllByRole('figure')).toHaveLength(2);
  expect(screen.getByRole('img', { name: /^even tone, (5 Oct|Oct 5)$/ }).getAttribute('src')).toContain('/two/');
});

it('shows nothing before anything is confirmed', async () => {
  const asked = answers('GET', { ...amara, standings: [] });
  const { container } = show(<Ladder student="a" />);
  await vi.waitFor(() => expect(asked).toHaveBeenCalled());
  expect(container.textContent).toBe('');
});
