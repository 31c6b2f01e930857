import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen } from '@testing-library/react';
import type { ReactElement } from 'react';
import { vi, type Mock } from 'vitest';
import { api } from './api/client';

/** Renders with what places have around them. */
export function show(place: ReactElement) {
  return render(<QueryClientProvider client={new QueryClient({ defaultOptions: { mutations: { retry: false }, queries: { retry: false } } })}>{place}</QueryClientProvider>);
}

type Method = 'GET' | 'POST' | 'PUT' | 'DELETE';

/** A server that gives these answers, one after another; an Error is thrown. */
export function answers(method: Method, ...given: unknown[]) {
  const spy = vi.spyOn(api, method as 'POST');
  for (const answer of given) {
    if (answer instanceof Error) {
      spy.mockRejectedValueOnce(answer);
    } else {
      spy.mockResolvedValueOnce({ data: answer });
    }
  }
  return spy as unknown as Mock<(path: string, request?: unknown) => unknown>;
}

/** A server that answers by the path asked for, as often as it is asked; an Error is thrown. */
export function answersTo(method: Method, given: Record<string, unknown>) {
  const spy = vi.spyOn(api, method as 'POST');
  spy.mockImplementation(((path: string) => {
    const answer = given[path];
    return answer instanceof Error ? Promise.reject(answer) : Promise.resolve({ data: answer });
  }) as never);
  return spy as unknown as Mock<(path: string, request?: unknown) => unknown>;
}

/** Types into a field and leaves it. */
export function type(label: string | RegExp, value: string, at = 0) {
  const field = screen.getAllByRole('textbox', { name: label })[at] as HTMLElement;
  fireEvent.change(field, { target: { value } });
  fireEvent.blur(field);
}

export const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));
