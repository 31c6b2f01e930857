import { act, renderHook } from '@testing-library/react';
import { expect, it } from 'vitest';
import { useRevision } from './useRevision';

interface Thing {
  revision: number;
  name: string;
  pupils: number;
}

const form = (first: Thing) => renderHook((thing: Thing) => useRevision(thing, (t) => t.name), { initialProps: first });

it('a change of something else counts as known', () => {
  const hook = form({ revision: 3, name: '8 Dunlin', pupils: 24 });
  hook.rerender({ revision: 4, name: '8 Dunlin', pupils: 25 });
  expect(hook.result.current.known).toBe(4);
});

it('a change of what the form shows does not: the server is asked on the old state and refuses', () => {
  const hook = form({ revision: 3, name: '8 Dunlin', pupils: 24 });
  hook.rerender({ revision: 4, name: '8 Plover', pupils: 24 });
  expect(hook.result.current.known).toBe(3);
});

it('the form’s own change is what the next one is made on', () => {
  const hook = form({ revision: 3, name: '8 Dunlin', pupils: 24 });
  const kept = { revision: 4, name: '8 Plover', pupils: 24 };
  act(() => hook.result.current.saved(kept));
  hook.rerender(kept);
  expect(hook.result.current.known).toBe(4);
});
