import { fireEvent, screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { press, show } from '../testing';
import { Select } from './Controls';

const names = ['Lamp Yellow', 'Oré Cliff', 'Buoy Red', 'Tide Blue', 'Slate', 'Foam', 'Rust', 'Kelp', 'Mussel', 'Gull', 'Rope', 'Sand', 'Night Watch'];
const choices = (count: number) => names.slice(0, count).map((name) => ({ id: name, name }));
const offered = () => screen.getAllByRole('option').map((o) => o.textContent);

it('a long list is searched by typing, accents or not', () => {
  const onChange = vi.fn();
  show(<Select label="Pencil" value="Slate" onChange={onChange} choices={choices(13)} />);
  press(/Pencil$/);
  expect(offered()).toHaveLength(13);
  const search = screen.getByRole('searchbox', { name: 'Search Pencil' });
  fireEvent.change(search, { target: { value: 'ore' } });
  expect(offered()).toEqual(['Oré Cliff']);
  fireEvent.click(screen.getByRole('option', { name: 'Oré Cliff' }));
  expect(onChange).toHaveBeenCalledWith('Oré Cliff');
});

it('says when nothing is found', () => {
  show(<Select label="Pencil" value={null} onChange={vi.fn()} choices={choices(13)} />);
  press(/Pencil$/);
  fireEvent.change(screen.getByRole('searchbox'), { target: { value: 'xyz' } });
  expect(screen.getByText('No results.')).toBeTruthy();
});

it('a short one is not', () => {
  show(<Select label="Paper" value="Slate" onChange={vi.fn()} choices={choices(5)} />);
  press(/Paper$/);
  expect(offered()).toHaveLength(5);
  expect(screen.queryByRole('searchbox')).toBeNull();
});
