import { screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import { ApiError } from '../api/client';
import { answers, press, show } from '../testing';
import { Backups } from './Backups';

const MB = 1024 * 1024;
const kept = (day: number) => ({ name: `grastel-2026-11-${day}.zip`, at: `2026-11-${day}T09:05:00Z`, bytes: day * MB });
const backups = (...days: number[]) => ({ made: true, folder: '/srv/backups', kept: days.map(kept) });

it('what is kept is listed, and another is made when asked for', async () => {
  answers('GET', backups(28));
  answers('POST', backups(29, 28));
  show(<Backups />);
  expect(await screen.findByText('28 MB')).toBeTruthy();
  expect(screen.getByText(/The backups are in \/srv\/backups/)).toBeTruthy();
  press('Back up now');
  expect(await screen.findByText('29 MB')).toBeTruthy();
});

it('why none could be made stands there, and what is kept stays listed', async () => {
  answers('GET', backups(28));
  answers('POST', new ApiError(507, 'DISK_FULL', 'The disk is full: free 12 MB.', []));
  show(<Backups />);
  await screen.findByText('28 MB');
  press('Back up now');
  expect((await screen.findByRole('alert')).textContent).toContain('free 12 MB');
  expect(screen.getByText('28 MB')).toBeTruthy();
});

it('a failure of the night is told in the morning', async () => {
  answers('GET', { ...backups(), problem: 'Nothing could be written into /srv/backups.' });
  show(<Backups />);
  expect((await screen.findByRole('alert')).textContent).toContain('Nothing could be written');
});
