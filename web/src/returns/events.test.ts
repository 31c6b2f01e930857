import { QueryClient } from '@tanstack/react-query';
import { expect, it } from 'vitest';
import { follow, followSums } from './events';
import { pageQuery } from './pageQuery';

const KEYS = [
  ['returns', 'r1'],
  ['returns', 'r2'],
  ['returns', 'unplaced'],
  pageQuery('p1').queryKey,
  pageQuery('p2').queryKey,
  ['wall', 'r1'],
  ['wall', 'r2'],
  ['today'],
  ['agreement', null],
  ['runs'],
];

function asked(act: (queries: QueryClient) => void): string[] {
  const queries = new QueryClient();
  KEYS.forEach((key) => queries.setQueryData(key, 'known'));
  act(queries);
  return KEYS.filter((key) => queries.getQueryState(key)?.isInvalidated).map((key) => key.join(' '));
}

it('a page that was read makes its own list ask again and no other', () => {
  expect(asked((q) => follow(q, [{ page: 'p1', run: 'r1' }]))).toEqual(['returns r1', 'returns unplaced', 'page p1']);
});

it('a page that waits belongs to no list of a printing yet', () => {
  expect(asked((q) => follow(q, [{ page: 'p1', run: null }]))).toEqual(['returns unplaced', 'page p1']);
});

it('what sums pages up follows, agreement too', () => {
  expect(asked((q) => followSums(q, [{ page: 'p1', run: 'r1' }]))).toEqual(['wall r1', 'today', 'agreement ']);
});
