import { screen, waitFor } from '@testing-library/react';
import { expect, it } from 'vitest';
import { ApiError } from '../api/client';
import { Papers } from './Papers';
import { answers, press, show, type } from '../testing';
import { kit } from './testing';

it('a paper is changed in the form beside the list', async () => {
  const sent = answers('PUT', kit.papers[0]);
  show(<Papers kit={kit} />);
  press('Edit');
  expect(screen.getByRole('heading', { name: 'Harbour Cartridge' })).toBeTruthy();
  type('Tooth', '1.19');
  press('Save');
  await waitFor(() => expect(sent).toHaveBeenCalled());
  expect(sent.mock.lastCall).toMatchObject(['/api/kit/papers/{id}', { params: { path: { id: 'cartridge' } }, body: { name: 'Harbour Cartridge', tooth: 1.19 } }]);
  expect(await screen.findByRole('heading', { name: 'New paper' })).toBeTruthy();
});

it('a name that is taken is said at the name', async () => {
  answers('POST', new ApiError(422, 'INVALID', 'Look at the marked fields.', [{ path: 'name', code: 'NAME_TAKEN', message: 'There is a paper of this name.' }]));
  show(<Papers kit={kit} />);
  expect(screen.getByRole('button', { name: 'Add paper' }).hasAttribute('disabled')).toBe(true);
  type('Name', 'Harbour Cartridge');
  press('Add paper');
  expect(await screen.findByText('There is a paper of this name.')).toBeTruthy();
  expect(screen.queryByRole('alert')).toBeNull();
});

it('a new paper has no swatches to find its tooth from', () => {
  show(<Papers kit={kit} />);
  expect(screen.queryByRole('button', { name: /from swatches/ })).toBeNull();
  press('Edit');
  press('Measure the tooth from swatches');
  press('Cancel');
  expect(screen.getByRole('textbox', { name: 'Tooth' })).toBeTruthy();
});
