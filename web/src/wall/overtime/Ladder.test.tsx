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
      secure: false,
      spread: 1,
      tries: [tried('one', 1, '2026-09-07T09:00:00Z'), tried('two', 2, '2026-10-05T09:00:00Z')],
      change: {
        trend: 'GREW',
        levels: 1.2,
        plusMinus: 0.9,
        clearest: { goal: 'EVEN_INSIDE', label: 'Even inside', unit: 'L*', digits: 1, first: 5.2, latest: 3.1, plusMinus: 0.9 },
      },
      cause: { code: 'PATCHY', sign: 'patchy', next: 'Small circles at one pressure.' },
    },
    { skill: 'EQUAL_STEPS', level: 1, secure: false, change: { trend: 'SLIPPED', levels: -2, plusMinus: 0.9 }, spread: 2, tries: [tried('two', 1, '2026-10-05T09:00:00Z')] },
  ],
};

it('shows each skill with what grew, then and now, and what is next', async () => {
  answers('GET', amara);
  show(<Ladder student="a" />);
  expect(await screen.findByText('Next: even tone.')).toBeTruthy();
  expect(screen.getByText('grew by 1.2 ± 0.9 levels: Even inside 5.2 to 3.1 ± 0.9 L* · Small circles at one pressure.')).toBeTruthy();
  expect(screen.getByText('drawn once so far')).toBeTruthy();
  expect(screen.getAllByRole('figure')).toHaveLength(2);
  expect(screen.getByRole('img', { name: /^even tone, (5 Oct|Oct 5)$/ }).getAttribute('src')).toContain('/two/');
});

it('shows nothing before anything is confirmed', async () => {
  const asked = answers('GET', { ...amara, standings: [] });
  const { container } = show(<Ladder student="a" />);
  await vi.waitFor(() => expect(asked).toHaveBeenCalled());
  expect(container.textContent).toBe('');
});
