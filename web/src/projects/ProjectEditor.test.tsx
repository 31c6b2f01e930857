import { fireEvent, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { expect, it, vi } from 'vitest';
import { ApiError, type Schemas } from '../api/client';
import { answers, answersTo, press, show, type } from '../testing';
import { usual } from './example';
import { ProjectEditor } from './ProjectEditor';
import type { Project } from './words';

const mug: Project = { id: 'm', revision: 3, title: 'Enamel mug', rights: 'OWN_PHOTO', rightsNote: 'by the window', settings: usual };
const values: Schemas['ValuesView'] = {
  steps: [
    { lightness: 30, value: 2.9, areaMm2: 9000, share: 0.3 },
    { lightness: 80, value: 7.9, areaMm2: 21000, share: 0.7 },
  ],
  outlines: 'M0 0L150 0L150 100Z',
  areas: 7,
};

const server = (measured: unknown = values) => answersTo('GET', { '/api/projects/{id}/values': measured, '/api/classes': [] });

const desk = () =>
  show(
    <MemoryRouter>
      <ProjectEditor open={mug} />
    </MemoryRouter>,
  );

it('shows the key lightest first, says how many areas there are and where values are too near', async () => {
  server();
  desk();
  const key = await screen.findByRole('list', { name: 'Value scale' });
  await screen.findByText('7 areas to draw');
  expect(key.textContent).toBe('7.970 %2.930 %');
  expect(screen.getByText('The picture has no more separate values.')).toBeTruthy();
});

it('moves the picture by keys and keeps that on the state it was changed on', async () => {
  server();
  const put = answers('PUT', { ...mug, revision: 4 });
  desk();
  const frame = screen.getByRole('img', { name: /^The frame, 150 × 200 mm/ });
  fireEvent.keyDown(frame, { key: '+' });
  fireEvent.keyDown(frame, { key: 'ArrowRight' });
  expect(screen.queryByRole('link', { name: 'Outlines, values, picture' })).toBeNull();
  press('Save');
  await vi.waitFor(() => expect(put.mock.calls[0]?.[1]).toMatchObject({ body: { revision: 3, title: 'Enamel mug', settings: { zoom: 1.15 } } }));
  const sent = put.mock.calls[0]?.[1] as { body: { settings: { centreX: number } } };
  expect(sent.body.settings.centreX).toBeGreaterThan(0.5);
});

it('takes a change back, and prints what is kept with the lines that are shown', async () => {
  server();
  desk();
  await screen.findByText('7 areas to draw');
  const print = () => screen.queryByRole('link', { name: 'Outlines, values, picture' })?.getAttribute('href');
  expect(print()).toBe('/api/projects/m/guide.pdf?paper=A4&lines=GRID&outlines=true');
  expect(screen.getByRole('link', { name: 'Sessions, checklist' }).getAttribute('href')).toBe('/api/projects/m/sessions.pdf?paper=A4&minutes=45');
  type('Frame width, mm', '180');
  expect(print()).toBeUndefined();
  press('Undo');
  press('Lines over it');
  expect(print()).toBe('/api/projects/m/guide.pdf?paper=A4&lines=GRID&outlines=false');
});

it('says what the server refuses, and keeps nothing', async () => {
  server(new ApiError(422, 'INVALID', 'The part that is seen has 60 × 80 pixels; at least 100 × 100 are needed', []));
  desk();
  expect((await screen.findByRole('alert')).textContent).toContain('at least 100 × 100');
});

it('is seen finished in its pencils, by values and by what is off', () => {
  server();
  desk();
  fireEvent.click(screen.getByRole('radio', { name: 'finished' }));
  const href = () => document.querySelector('svg image')?.getAttribute('href') ?? '';
  expect(href()).toMatch(/^\/api\/projects\/m\/finished\.png\?seen=IN_PENCILS&/);
  expect(screen.getByText(/with its grain/)).toBeTruthy();
  expect(screen.getByText(/^Finding recipes with/)).toBeTruthy();
  fireEvent.load(document.querySelector('svg image') as Element);
  expect(screen.queryByText(/^Finding recipes with/)).toBeNull();
  fireEvent.click(screen.getByRole('radio', { name: 'difference' }));
  expect(href()).toContain('seen=DIFFERENCE');
  expect(screen.getByText(/black at ΔE 20/)).toBeTruthy();
});

it('is made a sheet on the paper that is chosen', async () => {
  server();
  const post = answers('POST', { sheet: 's1' });
  desk();
  fireEvent.click(screen.getByRole('radio', { name: 'Letter' }));
  press('Make a sheet');
  await vi.waitFor(() => expect(post.mock.calls[0]).toMatchObject(['/api/projects/{id}/sheet', { params: { path: { id: 'm' } }, body: { paper: 'LETTER' } }]));
});

it('says where the light seems to come from, and takes it or another', async () => {
  answersTo('GET', {
    '/api/projects/{id}/values': values,
    '/api/projects/{id}/focus': { x: 0.66, y: 0.3, radiusMm: 27, light: 'UPPER_LEFT', subject: { widthMm: 83.4, heightMm: 100, wide: 5, high: 6 } },
    '/api/classes': [],
  });
  const put = answers('PUT', { ...mug, revision: 4 });
  desk();
  fireEvent.click(screen.getByRole('radio', { name: 'focus' }));
  await screen.findByText('The shading suggests light from the upper left.');
  expect(screen.getByText('The foreground is 83 mm wide and 100 mm high: 5 parts wide to 6 high.')).toBeTruthy();
  press('as suggested');
  expect(screen.queryByRole('button', { name: 'as suggested' })).toBeNull();
  press('Save');
  await vi.waitFor(() => expect(put.mock.calls[0]?.[1]).toMatchObject({ body: { settings: { light: 'UPPER_LEFT' } } }));
});

it('places the focus by pointing, by keys and as proposed, and takes it away again', async () => {
  answersTo('GET', {
    '/api/projects/{id}/values': values,
    '/api/projects/{id}/focus': { x: 0.66, y: 0.3, radiusMm: 27, subject: { widthMm: 50, heightMm: 50, wide: 1, high: 1 } },
    '/api/classes': [],
  });
  const put = answers('PUT', { ...mug, revision: 4 });
  desk();
  fireEvent.click(screen.getByRole('radio', { name: 'focus' }));
  await screen.findByText(/Without a focus, Grastel does not judge it/);
  const frame = screen.getByRole('img', { name: /place the focus/ });
  fireEvent.keyDown(frame, { key: 'ArrowRight' });
  await screen.findByText(/At 53 % from the left and 50 % from the top/);
  await vi.waitFor(() => expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Where contrast is strongest' }).disabled).toBe(false));
  press('Where contrast is strongest');
  await screen.findByText(/At 66 % from the left and 30 % from the top/);
  press('Save');
  await vi.waitFor(() => expect(put.mock.calls[0]?.[1]).toMatchObject({ body: { settings: { focus: '0.660 0.300' } } }));
  fireEvent.keyDown(frame, { key: 'Delete' });
  await screen.findByText(/Without a focus, Grastel does not judge it/);
});
