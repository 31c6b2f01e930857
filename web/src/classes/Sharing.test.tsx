import { screen, waitFor } from '@testing-library/react';
import { expect, it } from 'vitest';
import { ApiError } from '../api/client';
import { answers, press, show, type } from '../testing';
import { FromColleagues } from './FromColleagues';
import { Sharing } from './Sharing';

const share = { id: 's', colleague: 'Tomas Lind', right: 'LOOK' };

it('lets a colleague in by name and says who sees the class', async () => {
  answers('GET', []);
  const put = answers('PUT', [share]);
  show(<Sharing schoolClass="dunlin" />);
  expect(screen.getByRole('button', { name: 'Share' })).toHaveProperty('disabled', true);

  type('Colleague’s sign-in name', 'tomas.lind');
  press('Share');

  expect(await screen.findByText('Tomas Lind')).toBeTruthy();
  expect(put).toHaveBeenCalledWith('/api/classes/{id}/shares', expect.objectContaining({ body: { name: 'tomas.lind', right: 'LOOK' } }));
});

it('takes it returned', async () => {
  answers('GET', [share], []);
  const remove = answers('DELETE', undefined);
  show(<Sharing schoolClass="dunlin" />);
  await screen.findByText('Tomas Lind');

  press('Stop sharing with Tomas Lind');

  await waitFor(() => expect(remove).toHaveBeenCalledOnce());
  await waitFor(() => expect(screen.queryByText('Tomas Lind')).toBeNull());
});

it('says that nobody signs in by a name', async () => {
  answers('GET', []);
  answers('PUT', new ApiError(422, 'INVALID', 'Some fields cannot be taken as they are.', [{ path: 'name', code: 'NOBODY', message: 'No colleague signs in by this name.' }]));
  show(<Sharing schoolClass="dunlin" />);
  type('Colleague’s sign-in name', 'nobody');
  press('Share');
  expect(await screen.findByText(/No colleague signs in by this name/)).toBeTruthy();
});

it('leads to what colleagues share, and is nothing where there is nothing', async () => {
  answers('GET', [{ schoolClass: 'c', name: '9 Plover', owner: 'Ilse Korhonen', right: 'MARK' }]);
  const { unmount } = show(<FromColleagues />);
  expect((await screen.findByRole('link', { name: /9 Plover/ })).getAttribute('href')).toBe('/shared/c');
  expect(screen.getByText('Ilse Korhonen · view and mark')).toBeTruthy();
  unmount();

  answers('GET', []);
  show(<FromColleagues />);
  await waitFor(() => expect(screen.queryByText('From colleagues')).toBeNull());
});
