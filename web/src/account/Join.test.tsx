import { fireEvent, screen, waitFor } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { expect, it } from 'vitest';
import { ApiError } from '../api/client';
import { answers, answersTo, press, show, type } from '../testing';
import Join from './Join';

const invited = '/api/account/invites/{token}';
const nobody = { firstStart: false, isDemo: false };

const open = () =>
  show(
    <MemoryRouter initialEntries={['/join/abc_1']}>
      <Routes>
        <Route path="/join/:token" element={<Join />} />
        <Route path="/" element={<p>your desk</p>} />
      </Routes>
    </MemoryRouter>,
  );

it('whoever is invited makes an account and is in', async () => {
  answersTo('GET', { '/api/account/session': nobody, [invited]: { until: '2026-12-04T08:55:00Z' } });
  const sent = answers('POST', { name: 'w.adeyemi', displayName: 'Wren Adeyemi', administrator: false });
  open();
  await screen.findByText(/You are invited until/);
  type('Your name, as colleagues know it', 'Wren Adeyemi');
  type('Sign-in name', 'w.adeyemi');
  fireEvent.change(screen.getByLabelText('Password'), { target: { value: 'gannet-quarry-umbrella-nine' } });
  press('Create account');
  expect(await screen.findByText('your desk')).toBeTruthy();
  expect(sent).toHaveBeenCalledWith(invited, {
    params: { path: { token: 'abc_1' } },
    body: { name: 'w.adeyemi', displayName: 'Wren Adeyemi', password: 'gannet-quarry-umbrella-nine' },
  });
});

it('a link that is used or over says so', async () => {
  answersTo('GET', { '/api/account/session': nobody, [invited]: new ApiError(410, 'LINK_OVER', 'This invitation is used or over.', []) });
  open();
  await waitFor(() => expect(screen.getByText(/This invitation is used or over/)).toBeTruthy());
  expect(screen.queryByRole('button', { name: 'Create account' })).toBeNull();
});
