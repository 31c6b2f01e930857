import { fireEvent, screen, waitFor } from '@testing-library/react';
import { expect, it } from 'vitest';
import { ApiError } from '../api/client';
import { answers, press, show, type } from '../testing';
import { SignInAgain } from './SignInAgain';

const maren = { name: 'm.okonjo', displayName: 'Maren Okonjo', administrator: false };

function enter() {
  type('Sign-in name', 'm.okonjo');
  fireEvent.change(screen.getByLabelText('Password'), { target: { value: 'kelp' } });
  press('Sign in');
}

it('signs the same teacher in again', async () => {
  const post = answers('POST', maren);
  show(<SignInAgain teacher={maren} />);
  expect(screen.getByText(/The session of Maren Okonjo has ended/)).toBeTruthy();
  enter();
  await waitFor(() => expect(post).toHaveBeenCalledWith('/api/account/session', { body: { name: 'm.okonjo', password: 'kelp' } }));
});

it('says why signing in failed', async () => {
  answers('POST', new ApiError(422, 'WRONG', 'Name and password do not match.', []));
  show(<SignInAgain teacher={maren} />);
  enter();
  await screen.findByText(/Name and password do not match/);
});
