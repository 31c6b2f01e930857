import { screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { expect, it } from 'vitest';
import { answers, press, show, type } from '../testing';
import { StudentName } from './StudentName';

const student = () =>
  show(
    <MemoryRouter>
      <StudentName schoolClass="c" id="s" name="Ana Sliva" />
    </MemoryRouter>,
  );

it('writes a name otherwise', async () => {
  const put = answers('PUT', {});
  student();
  press('Rename Ana Sliva');
  type('Name', 'Ana Silva');
  press('Save');
  await screen.findByRole('link', { name: 'Ana Sliva' });
  expect(put).toHaveBeenCalledWith('/api/classes/{id}/students/{student}', expect.objectContaining({ body: { name: 'Ana Silva', seen: 'Ana Sliva' } }));
});

it('says why a name is refused and keeps what was typed', async () => {
  answers('PUT', new Error('Ugo Bassi is in the class already.'));
  student();
  press('Rename Ana Sliva');
  type('Name', 'Ugo Bassi');
  press('Save');
  await screen.findByText('Ugo Bassi is in the class already.');
  expect(screen.getByRole<HTMLInputElement>('textbox', { name: 'Name' }).value).toBe('Ugo Bassi');
});
