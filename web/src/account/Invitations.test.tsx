import { screen, waitFor } from '@testing-library/react';
import { expect, it } from 'vitest';
import { answers, press, show } from '../testing';
import { Invitations } from './Invitations';

const open = { id: 'i', made: '2026-11-27T08:55:00Z', until: '2026-12-04T08:55:00Z' };

it('a link is made, shown once, and taken returned', async () => {
  const asked = answers('GET', [], [open], []);
  answers('POST', { token: 'abc_1', until: open.until });
  const taken = answers('DELETE', undefined);
  show(<Invitations />);
  press('Make a link');
  expect((await screen.findByText(/\/join\/abc_1$/)).textContent).toBe(`${window.location.origin}/join/abc_1`);
  await screen.findByRole('list', { name: 'Open invitations' });
  press('Withdraw');
  await waitFor(() => expect(screen.queryByText(/\/join\//)).toBeNull());
  expect(taken).toHaveBeenCalledWith('/api/account/invites/{id}', { params: { path: { id: 'i' } } });
  await waitFor(() => expect(asked).toHaveBeenCalledTimes(3));
});

it('why none can be made stands there', async () => {
  answers('GET', []);
  answers('POST', new Error('There are 50 open invitations.'));
  show(<Invitations />);
  press('Make a link');
  expect((await screen.findByRole('alert')).textContent).toContain('50 open invitations');
});
