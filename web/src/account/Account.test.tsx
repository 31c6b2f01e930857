import { fireEvent, screen, waitFor } from '@testing-library/react';
import { expect, it } from 'vitest';
import { ApiError } from '../api/client';
import { answers, answersTo, press, show, type } from '../testing';
import Account from './Account';

const maren = { name: 'm.okonjo', displayName: 'Maren Okonjo', administrator: true };
const wren = { id: 'w', name: 'w.adeyemi', displayName: 'Wren Adeyemi', administrator: false, disabled: false };
const all = [{ id: 'm', ...maren, disabled: false }, wren];
const asAdministrator = { '/api/account/teachers': all, '/api/account/sign-ins': [], '/api/account/invites': [], '/api/backups': { made: true, folder: '/srv', kept: [] } };
const secret = (label: string, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } });

it('a password is changed by whoever knows the present one, and the boxes are emptied', async () => {
  const sent = answers('PUT', maren);
  show(<Account teacher={{ ...maren, administrator: false }} />);
  secret('Current password', 'kelp-rope-lantern-tide');
  secret('New password', 'gannet-quarry-umbrella-nine');
  press('Change password');
  expect((await screen.findByRole('status')).textContent).toMatch(/^Your password was changed/);
  expect(sent).toHaveBeenCalledWith('/api/account/password', { body: { old: 'kelp-rope-lantern-tide', password: 'gannet-quarry-umbrella-nine' } });
  expect(screen.getByLabelText<HTMLInputElement>('Current password').value).toBe('');
});

it('what is wrong with it stands at its field', async () => {
  answers('PUT', new ApiError(422, 'INVALID', 'Not so.', [{ path: 'old', code: 'WRONG', message: 'This is not your present password.' }]));
  show(<Account teacher={{ ...maren, administrator: false }} />);
  secret('Current password', 'x');
  secret('New password', 'y');
  press('Change password');
  expect(await screen.findByText('This is not your present password.')).toBeTruthy();
});

it('nobody but the administrator sees the accounts of others', () => {
  const asked = answers('GET');
  show(<Account teacher={{ ...maren, administrator: false }} />);
  expect(screen.queryByText('Teachers')).toBeNull();
  expect(asked).not.toHaveBeenCalled();
});

it('the administrator disables a colleague and gives a new password, but not to herself', async () => {
  answersTo('GET', asAdministrator);
  const sent = answers('PUT', undefined, undefined);
  show(<Account teacher={maren} />);
  await screen.findByText('Wren Adeyemi');
  expect(screen.getAllByRole('button', { name: 'Disable' })).toHaveLength(1);
  press('Disable');
  await waitFor(() => expect(sent).toHaveBeenCalledWith('/api/account/teachers/{id}/standing', { params: { path: { id: 'w' } }, body: { disabled: true } }));
  press('New password');
  secret('New password for Wren Adeyemi', 'harbour-gannet-slate-seven');
  press('Set password');
  await waitFor(() =>
    expect(sent).toHaveBeenCalledWith('/api/account/teachers/{id}/password', { params: { path: { id: 'w' } }, body: { password: 'harbour-gannet-slate-seven' } }),
  );
});

it('a colleague is added with a name, a sign-in name and a password', async () => {
  answersTo('GET', asAdministrator);
  const sent = answers('POST', new ApiError(422, 'INVALID', 'Taken.', [{ path: 'name', code: 'TAKEN', message: 'This sign-in name is taken.' }]), wren);
  show(<Account teacher={maren} />);
  await screen.findByText('Wren Adeyemi');
  type('Name', 'Teo Marchetti');
  type('Sign-in name', 'w.adeyemi');
  secret('First password', 'gannet-quarry-umbrella-nine');
  press('Add');
  expect(await screen.findByText('This sign-in name is taken.')).toBeTruthy();
  type('Sign-in name', 't.marchetti');
  press('Add');
  await waitFor(() =>
    expect(sent.mock.lastCall).toEqual(['/api/account/teachers', { body: { name: 't.marchetti', displayName: 'Teo Marchetti', password: 'gannet-quarry-umbrella-nine' } }]),
  );
});
