import { render, screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import { Level, Spread } from './Level';

it('a level shows its number and says its name', () => {
  render(<Level level={3} />);
  expect(screen.getByText('3').title).toBe('3 secure');
});

it('a spread shows only the levels that occur, wide as their share', () => {
  render(<Spread counts={[0, 2, 0, 6, 0]} label="2 beginning, 6 secure" />);
  const bar = screen.getByRole('img', { name: '2 beginning, 6 secure' });
  expect([...bar.children].map((part) => part.textContent)).toEqual(['2', '6']);
  expect([...bar.children].map((part) => (part as HTMLElement).style.flexGrow)).toEqual(['0.25', '0.75']);
});
