import { useReducer } from 'react';

interface History<T> {
  past: readonly T[];
  present: T;
  future: readonly T[];
}

type Step<T> = { do: T } | 'undo' | 'redo';

const MOST = 200;

function next<T>(history: History<T>, step: Step<T>): History<T> {
  const { past, present, future } = history;
  if (step === 'undo') {
    const before = past.at(-1);
    return before === undefined ? history : { past: past.slice(0, -1), present: before, future: [present, ...future] };
  }
  if (step === 'redo') {
    const [after, ...rest] = future;
    return after === undefined ? history : { past: [...past, present], present: after, future: rest };
  }
  return step.do === present ? history : { past: [...past, present].slice(-MOST), present: step.do, future: [] };
}

/** A value with everything it was before, to go back and forth in. */
export function useHistory<T>(start: () => T) {
  const [history, dispatch] = useReducer(next<T>, undefined, () => ({ past: [], present: start(), future: [] }));
  return {
    present: history.present,
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
    set: (value: T) => dispatch({ do: value }),
    undo: () => dispatch('undo'),
    redo: () => dispatch('redo'),
  };
}
