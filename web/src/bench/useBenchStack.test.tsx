import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, fireEvent, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { beforeEach, expect, test, vi } from 'vitest';
import { api } from '../api/client';
import type { StackData } from './stack';
import { useBenchStack } from './useBenchStack';

const colour = (pencil: string) => ({ kind: 'COLOUR' as const, pencil, passes: 1 });
const start: StackData = { paper: 'cartridge', layers: [colour('red'), colour('blue')] };
const warmer: StackData = { paper: 'cartridge', layers: [colour('red'), colour('blue'), colour('orange')] };

let looks: StackData[];

beforeEach(() => {
  looks = [];
  vi.spyOn(api, 'POST').mockImplementation(((path: string, request: { body: { stack: StackData } }) => {
    if (path === '/api/bench/look') {
      looks.push(request.body.stack);
      return Promise.resolve({ data: { of: request.body.stack.layers.length } });
    }
    return Promise.resolve({ data: [{ stack: warmer, deltaE: 3 }] });
  }) as never);
});

async function bench() {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const around = ({ children }: { children: ReactNode }) => <QueryClientProvider client={client}>{children}</QueryClientProvider>;
  const { result } = renderHook(() => useBenchStack(start), { wrapper: around });
  await waitFor(() => expect(result.current.whatIf).toBeDefined());
  return result;
}

const key = (name: string, held: object = {}) => act(() => fireEvent.keyDown(document.body, { key: name, ...held }));

test('the last layer is selected, and the stack is looked at before its neighbours', async () => {
  const result = await bench();
  expect(result.current.selected).toBe(1);
  expect(looks).toEqual([start]);
});

test('a change is looked at, and can be taken back and made again', async () => {
  const result = await bench();
  act(() => result.current.change(warmer, 2));
  expect(result.current.selected).toBe(2);
  await waitFor(() => expect(looks.at(-1)).toEqual(warmer));
  await key('z', { ctrlKey: true });
  expect(result.current.stack).toEqual(start);
  await key('y', { ctrlKey: true });
  expect(result.current.stack).toEqual(warmer);
});

test('layers that stay the same stay the same object', async () => {
  const result = await bench();
  const red = result.current.stack.layers[0];
  act(() => result.current.change(structuredClone(warmer)));
  expect(result.current.stack.layers[0]).toBe(red);
});

test('a number takes the neighbour it stands at; one that is not there does nothing', async () => {
  const result = await bench();
  await key('2');
  expect(result.current.stack).toEqual(start);
  await key('1');
  expect(result.current.stack).toEqual(warmer);
  expect(result.current.selected).toBe(2);
});

test('Delete takes the selected layer away and keeps one selected', async () => {
  const result = await bench();
  await key('Delete');
  expect(result.current.stack.layers).toEqual([colour('red')]);
  expect(result.current.selected).toBe(0);
});

test('Alt with arrows moves the selected layer', async () => {
  const result = await bench();
  await key('ArrowDown', { altKey: true });
  expect(result.current.stack.layers.map((l) => l.pencil)).toEqual(['blue', 'red']);
  expect(result.current.selected).toBe(0);
});
