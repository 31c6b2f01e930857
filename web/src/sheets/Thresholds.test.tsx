import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { Thresholds } from './Thresholds';
import type { Holding } from '../classes/useThreshold';

const spread = { goal: 'EQUAL_STEPS' as const, label: 'Equal steps', figure: 'spread of the steps', unit: '%', secure: 25, usual: 25, more: false };
const dunlin = { id: 'd', revision: 1, name: '8 Dunlin', thresholds: {} };

function show(goal: typeof spread, schoolClass: Holding | undefined) {
  const onThreshold = vi.fn();
  render(
    <QueryClientProvider client={new QueryClient()}>
      <Thresholds goals={[goal]} schoolClass={schoolClass} onThreshold={onThreshold} />
    </QueryClientProvider>,
  );
  return onThreshold;
}

it('a usual threshold has nothing to be taken returned', () => {
  show(spread, dunlin);
  expect(screen.getByText('at most')).toBeTruthy();
  expect(screen.queryByRole('button', { name: /^(back|for all)/ })).toBeNull();
});

it('typing another says by what it multiplies the usual', () => {
  const onThreshold = show(spread, dunlin);
  const box = screen.getByRole('textbox', { name: 'Equal steps, secure' });
  fireEvent.change(box, { target: { value: '30' } });
  fireEvent.blur(box);
  expect(onThreshold).toHaveBeenCalledWith('EQUAL_STEPS', 1.2);
});

it('one moved for the sheet goes back to what the class has', () => {
  const onThreshold = show({ ...spread, secure: 20 }, { ...dunlin, thresholds: { EQUAL_STEPS: 1.2 } });
  fireEvent.click(screen.getByRole('button', { name: 'reset to 30.0' }));
  expect(onThreshold).toHaveBeenCalledWith('EQUAL_STEPS', undefined);
  expect(screen.getByRole('button', { name: 'for all new sheets of 8 Dunlin' })).toBeTruthy();
});

it('one of the class is said to be so', () => {
  show({ ...spread, secure: 30 }, { ...dunlin, thresholds: { EQUAL_STEPS: 1.2 } });
  expect(screen.getByText('as usual for 8 Dunlin; otherwise 25.0')).toBeTruthy();
  expect(screen.queryByRole('button', { name: /^(back|for all)/ })).toBeNull();
});
