import { render, screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import { HandHabit } from './HandHabit';

const example = { page: 'p', read: 'r', field: '3', drawn: '#c0a0a0', explained: '#c8aaaa', asked: '#803030' };

it('tells a habit with the fields that say so, drawn beside explained and asked', () => {
  render(<HandHabit hand={{ deed: 'TOO_LITTLE', fields: 6, examples: [example] }} where="this page" />);
  expect(screen.getByText(/lighter than planned/)).toBeTruthy();
  expect(screen.getByText('6 boxes together show this.')).toBeTruthy();
  expect(screen.getByAltText('Box 3 as drawn')).toBeTruthy();
});

it('is silent where fields tell nothing, or that all was as asked', () => {
  const { container } = render(
    <>
      <HandHabit hand={{ fields: 4, examples: [] }} where="this page" />
      <HandHabit hand={{ deed: 'AS_ASKED', fields: 4, examples: [] }} where="this page" />
    </>,
  );
  expect(container.textContent).toBe('');
});
