import { keepPreviousData, queryOptions, replaceEqualDeep, useQuery, useQueryClient } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { api, body, type Schemas } from '../api/client';
import { useKeys } from '../design/useKeys';
import { useHistory } from './history';
import { moved, without, type Goal, type StackData } from './stack';

export type Intention = NonNullable<Schemas['LookRequest']['intention']>;

/** A stack on the bench: its layers with what they were before, what it looks like, and what it could become. */
export function useBenchStack(start: StackData) {
  const history = useHistory<StackData>(() => start);
  const stack = history.present;
  const [selected, setSelected] = useState(Math.max(0, start.layers.length - 1));
  const [goal, setGoal] = useState<Goal | null>(null);
  const [steps, setSteps] = useState(5);
  const [schoolClass, setSchoolClass] = useState<string | null>(null);
  const [intention, setIntention] = useState<Intention>('COLOUR');

  const queries = useQueryClient();
  const lookAt = (at: StackData) => {
    const request = { stack: at, steps, intention, ...(schoolClass ? { schoolClass } : {}), ...(goal ? { goal } : {}) };
    return queryOptions({
      queryKey: ['look', request],
      queryFn: ({ signal }) => body(api.POST('/api/bench/look', { body: request, signal })),
      staleTime: Infinity,
      gcTime: 60_000,
    });
  };
  const look = useQuery({ ...lookAt(stack), placeholderData: keepPreviousData });
  // The neighbours come after the swatch itself, so that the swatch need not wait for them.
  const whatIf = useQuery({
    queryKey: ['what-if', stack, goal],
    queryFn: ({ signal }) => body(api.POST('/api/bench/what-if', { body: { stack, ...(goal ? { goal } : {}) }, signal })),
    enabled: !look.isPlaceholderData && look.data !== undefined,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 60_000,
  });
  /** @param at the layer that is selected afterwards; the same as before where it is left out */
  const change = (next: StackData, at?: number) => {
    // Asked for before anything is drawn anew: the answer is on its way while the controls follow.
    queries.query(lookAt(next)).catch(() => undefined);
    // What stays the same stays the same object, and is not drawn anew.
    history.set(replaceEqualDeep(stack, next));
    setSelected(Math.max(0, Math.min(at ?? selected, next.layers.length - 1)));
  };
  const adopt = (next: StackData) => change(next, next.layers.length - 1);
  const isStale = whatIf.isPlaceholderData || look.isPlaceholderData;

  useKeys((_, event) => {
    const command = keyCommand(event);
    if (command === 'undo') {
      history.undo();
    } else if (command === 'redo') {
      history.redo();
    } else if (command === 'up' || command === 'down') {
      const by = command === 'up' ? 1 : -1;
      change(moved(stack, selected, by), selected + by);
    } else if (command === 'remove' && stack.layers.length > 0) {
      change(without(stack, selected), selected);
    } else if (typeof command === 'number' && whatIf.data?.[command] && !isStale) {
      adopt(whatIf.data[command].stack);
    } else {
      return false;
    }
    return true;
  });

  return {
    stack,
    history,
    selected,
    select: setSelected,
    goal,
    setGoal,
    steps,
    setSteps,
    schoolClass,
    setSchoolClass,
    intention,
    setIntention,
    change,
    adopt,
    look,
    // The swatch first; what is said of it follows in the next moment.
    shown: useDeferredValue(look.data),
    whatIf: whatIf.data,
    // The row says a moment later that it is of the stack before: the swatch comes first.
    stale: useDeferredValue(isStale),
  };
}

/** Number keys take a what-if, Alt with arrows moves the layer, Delete takes it away, Ctrl Z and Ctrl Y go back and forth. */
function keyCommand(e: KeyboardEvent): 'undo' | 'redo' | 'up' | 'down' | 'remove' | number | null {
  const key = e.key.toLowerCase();
  if (e.ctrlKey || e.metaKey) {
    if (key === 'z') {
      return e.shiftKey ? 'redo' : 'undo';
    }
    return key === 'y' ? 'redo' : null;
  }
  if (e.altKey) {
    return key === 'arrowup' ? 'up' : key === 'arrowdown' ? 'down' : null;
  }
  if (key === 'delete') {
    return 'remove';
  }
  return /^[0-9]$/.test(key) ? (Number(key) + 9) % 10 : null;
}
