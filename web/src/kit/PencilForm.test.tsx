import { fireEvent, screen, waitFor } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { ApiError } from '../api/client';
import { PencilForm } from './PencilForm';
import { answers, press, show, type } from '../testing';
import { kit, pencil } from './testing';

it('adds a pencil typed as L*a*b* to the range of the kit', async () => {
  const sent = answers('POST', pencil({ id: 'new' }));
  const onDone = vi.fn();
  show(<PencilForm kit={kit} onDone={onDone} />);
  type('Code', 'S40');
  type('Colour name', 'Rope');
  fireEvent.click(screen.getByRole('radio', { name: 'type' }));
  type('L*', '61.5');
  press('Add');
  await waitFor(() => expect(onDone).toHaveBeenCalledWith('new'));
  expect(sent.mock.lastCall).toMatchObject(['/api/kit/pencils', { body: { range: 'Skerry', code: 'S40', name: 'Rope', source: 'MEASURED_LAB', lab: { l: 61.5 } } }]);
});

it('takes over what the meter reads, and reads the next one after it', async () => {
  const sent = answers('POST', { lab: { l: 33.3, a: 12, b: -20 }, colour: '#444466' }, { lab: { l: 70.1, a: 1, b: 30 }, colour: '#ccbb88' });
  show(<PencilForm kit={kit} onDone={vi.fn()} />);
  fireEvent.click(screen.getByRole('radio', { name: 'meter' }));
  press('Read with the simulated meter');
  expect(await screen.findByDisplayValue('33.3')).toBeTruthy();
  press('Read with the simulated meter');
  expect(await screen.findByDisplayValue('70.1')).toBeTruthy();
  expect(sent.mock.calls.map(([, request]) => request)).toMatchObject([{ params: { query: { place: 0 } } }, { params: { query: { place: 1 } } }]);
});

it('a code that is taken is said at the code', async () => {
  answers('PUT', new ApiError(422, 'INVALID', 'Look at the marked fields.', [{ path: 'code', code: 'CODE_TAKEN', message: 'Skerry has an S36 already.' }]));
  show(<PencilForm kit={kit} pencil={pencil({})} onDone={vi.fn()} />);
  type('Code', 'S36');
  press('Save');
  expect(await screen.findByText('Skerry has an S36 already.')).toBeTruthy();
});
