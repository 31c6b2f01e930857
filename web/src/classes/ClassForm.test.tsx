import { screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { ApiError } from '../api/client';
import { press, show, type } from '../testing';
import { ClassForm } from './ClassForm';

const list = /^Students, one on each line/;
const make = () => screen.getByRole('button', { name: 'Create class' });

function open(error: Error | null = null) {
  const onCreate = vi.fn();
  show(<ClassForm onCreate={onCreate} error={error} busy={false} />);
  return onCreate;
}

it('wants a name and a list before it makes a class', () => {
  open();
  expect(make().hasAttribute('disabled')).toBe(true);
  type(/^Class name/, '8 Dunlin');
  expect(make().hasAttribute('disabled')).toBe(true);
  type(list, 'Amara Diallo\n\nBjörn Sæther');
  expect(screen.getByText('Students, one on each line or CSV (2 lines)')).toBeTruthy();
  expect(make().hasAttribute('disabled')).toBe(false);
});

it('sends the list as it was pasted', () => {
  const onCreate = open();
  type(/^Class name/, '8 Dunlin');
  type(list, 'Amara Diallo\nBjörn Sæther');
  press('Create class');
  expect(onCreate).toHaveBeenCalledWith({ name: '8 Dunlin', band: 'DEVELOPING', names: 'Amara Diallo\nBjörn Sæther' });
});

it('what is wrong with the list is said line by line, at most eight of them', () => {
  const lines = Array.from({ length: 10 }, (_, i) => ({ path: `names[${String(i)}]`, code: 'TWICE', message: `Line ${String(i + 1)}: twice.` }));
  open(new ApiError(422, 'ROSTER', 'Look at the list.', lines));
  const alert = screen.getByRole('alert');
  expect(alert.textContent).toContain('Line 8: twice.');
  expect(alert.textContent).not.toContain('Line 9');
  expect(alert.textContent).toContain('and 2 more');
});
