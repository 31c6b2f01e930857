import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { beforeEach, expect, test, vi } from 'vitest';
import { api } from '../api/client';
import { box, page } from './testing';
import { usePrefetchedPages } from './usePrefetchedPages';

let asked: string[];
let pictures: string[];

beforeEach(() => {
  asked = [];
  pictures = [];
  vi.spyOn(api, 'GET').mockImplementation(((_: string, request: { params: { path: { id: string } } }) => {
    const id = request.params.path.id;
    asked.push(id);
    return Promise.resolve({ data: { row: page({ id, read: 'r1' }), boxes: [box({ field: '1' }), box({ field: '2' })] } });
  }) as never);
  vi.stubGlobal(
    'Image',
    class {
      set src(address: string) {
        pictures.push(address);
      }
    },
  );
});

const around = ({ children }: { children: ReactNode }) => <QueryClientProvider client={new QueryClient()}>{children}</QueryClientProvider>;

test('pages ahead are asked for once each, with the page’s picture and each field’s', async () => {
  renderHook(() => usePrefetchedPages('b', undefined, 'b'), { wrapper: around });
  await waitFor(() => expect(pictures).toHaveLength(3));
  expect(asked).toEqual(['b']);
  expect(pictures.every((p) => p.includes('/b/picture') && p.includes('read=r1'))).toBe(true);
  expect(pictures.filter((p) => p.includes('part='))).toHaveLength(2);
});

test('where nothing lies ahead nothing is asked for', () => {
  renderHook(() => usePrefetchedPages(undefined, undefined), { wrapper: around });
  expect(asked).toEqual([]);
});

test('another page ahead is asked for when it becomes the next', async () => {
  const { rerender } = renderHook(({ next }) => usePrefetchedPages(next), { wrapper: around, initialProps: { next: 'b' } });
  rerender({ next: 'c' });
  await waitFor(() => expect(asked).toContain('c'));
});
