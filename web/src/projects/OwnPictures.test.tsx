import { fireEvent, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { expect, it, vi } from 'vitest';
import { answers, answersTo, press, show } from '../testing';
import { usual } from './example';
import { OwnPictures } from './OwnPictures';
import { ProjectEditor } from './ProjectEditor';
import type { Project } from './words';

const mug: Project = { id: 'm', revision: 1, title: 'Enamel mug', schoolClass: 'c', rights: 'OWN_PHOTO', rightsNote: '', settings: usual };
const theirs: Project = { ...mug, id: 'o', ofProject: 'm', student: 's2' };
const classes = [
  {
    id: 'c',
    name: '10 Avocet',
    students: [
      { id: 's1', name: 'Ivo Markov' },
      { id: 's2', name: 'Alba Serrano' },
    ],
  },
];

const panel = (own: Project[]) =>
  show(
    <MemoryRouter>
      <OwnPictures of={mug} own={own} />
    </MemoryRouter>,
  );

it('says who draws what, and offers a picture of their own to those who have none', async () => {
  answersTo('GET', { '/api/classes': classes });
  panel([theirs]);
  expect(await screen.findByText('1 draw the class’s picture, 1 draw their own:')).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Alba Serrano' })).toBeTruthy();
  press('Another picture for one student …');
  const students = document.querySelector('select') as HTMLSelectElement;
  expect([...students.options].map((o) => o.textContent.trim()).filter(Boolean)).toEqual(['Ivo Markov']);
});

it('takes a picture in for a student, and says why one is not taken', async () => {
  answersTo('GET', { '/api/classes': classes });
  const post = answers('POST', new Error('The picture has too few pixels.'), theirs);
  panel([]);
  fireEvent.click(await screen.findByRole('button', { name: /Another picture for one student/ }));
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Add picture' }).disabled).toBe(true);
  fireEvent.change(document.querySelector('select') as HTMLSelectElement, { target: { value: 's1' } });
  fireEvent.change(document.querySelector('input[type=file]') as HTMLInputElement, { target: { files: [new File(['x'], 'shell.jpg')] } });
  press('Add picture');
  expect((await screen.findByRole('alert')).textContent).toContain('too few pixels');
  press('Add picture');
  await vi.waitFor(() => expect(post).toHaveBeenCalledTimes(2));
  expect(post.mock.calls[1]).toMatchObject(['/api/projects/{id}/own', { params: { path: { id: 'm' }, query: { student: 's1', rights: 'OWN_PHOTO' } } }]);
});

it('leaves frame, paper and printing to the class on a picture of a student’s own', async () => {
  answersTo('GET', { '/api/projects/{id}/values': { steps: [], outlines: '', areas: 4 }, '/api/classes': classes });
  show(
    <MemoryRouter>
      <ProjectEditor open={theirs} whose="Alba Serrano" />
    </MemoryRouter>,
  );
  expect(await screen.findByText(/^Alba Serrano’s own picture\./)).toBeTruthy();
  expect(screen.queryByRole('textbox', { name: 'Frame width, mm' })).toBeNull();
  expect(screen.queryByRole('button', { name: 'Make a sheet' })).toBeNull();
  expect(screen.getByRole('link', { name: 'Outlines, values, picture' })).toBeTruthy();
});
