import { fireEvent, screen, waitFor } from '@testing-library/react';
import { expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { Sets } from './Sets';
import { answers, press, show, type } from '../testing';
import { kit } from './testing';

const dunlin = { id: 'd', name: '8 Dunlin' } as Schemas['ClassView'];
const three = { id: 'three', revision: 5, name: 'Three', pencils: ['S07', 'black'], users: [{ schoolClass: 'd', howMany: 4 }] };

it('a new set is what is ticked, for the classes that use it', async () => {
  const sent = answers('POST', { ...three, id: 'new' });
  show(<Sets kit={{ ...kit, pencils: kit.pencils.map((p) => ({ ...p, id: p.code })) }} classes={[dunlin]} />);
  expect(screen.getByRole('button', { name: 'Create set' }).hasAttribute('disabled')).toBe(true);
  type('Set name', 'Two');
  fireEvent.click(screen.getByRole('checkbox', { name: 'S07 Buoy Red' }));
  fireEvent.click(screen.getByRole('checkbox', { name: 'S36 Lamp Black' }));
  type('Sets for 8 Dunlin', '3');
  press('Create set');
  await waitFor(() => expect(sent).toHaveBeenCalled());
  expect(sent.mock.lastCall).toEqual(['/api/kit/sets', { body: { name: 'Two', pencils: ['S07', 'S36'], users: [{ schoolClass: 'd', howMany: 3 }] } }]);
});

it('says who uses a set, and a class that uses none of it is skipped', async () => {
  const sent = answers('PUT', three);
  show(<Sets kit={{ ...kit, sets: [three] }} classes={[dunlin]} />);
  expect(screen.getByText(/2 pencils · 4 for 8 Dunlin/)).toBeTruthy();
  type('Sets for 8 Dunlin', '0');
  press('Save');
  await waitFor(() => expect(sent).toHaveBeenCalled());
  expect(sent.mock.lastCall).toMatchObject(['/api/kit/sets/{id}', { body: { users: [] } }]);
});
