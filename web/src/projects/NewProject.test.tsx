import { fireEvent, screen } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { expect, it } from 'vitest';
import { ApiError } from '../api/client';
import { answers, press, show, type } from '../testing';
import { NewProject } from './NewProject';

const open = () =>
  show(
    <MemoryRouter initialEntries={['/projects/new']}>
      <Routes>
        <Route path="/projects/new" element={<NewProject />} />
        <Route path="/projects/:id" element={<p>taken in</p>} />
      </Routes>
    </MemoryRouter>,
  );

const choose = () => {
  const input = document.querySelector('input[type=file]') as HTMLInputElement;
  fireEvent.change(input, { target: { files: [new File(['x'], 'mug.jpg', { type: 'image/jpeg' })] } });
};

it('takes a picture with its title and the right to use it', async () => {
  answers('GET', []);
  const post = answers('POST', { id: 'm' });
  open();
  expect(screen.getByRole('button', { name: 'Add picture' })).toHaveProperty('disabled', true);
  choose();
  type('Title', 'Enamel mug');
  fireEvent.click(screen.getByRole('radio', { name: 'set up from life' }));
  press('Add picture');
  await screen.findByText('taken in');
  expect(post.mock.calls[0]?.[1]).toMatchObject({ params: { query: { title: 'Enamel mug', rights: 'SET_UP_FROM_LIFE' } } });
});

it('says what is wrong with a file and leaves the form as it is', async () => {
  answers('GET', []);
  answers('POST', new ApiError(422, 'NOT_A_PICTURE', 'This is no picture: JPEG, PNG and TIFF are taken.', []));
  open();
  choose();
  type('Title', 'Mug');
  press('Add picture');
  expect((await screen.findByRole('alert')).textContent).toContain('This is no picture');
  expect(screen.getByRole('textbox', { name: 'Title' })).toHaveProperty('value', 'Mug');
});
