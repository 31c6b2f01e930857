import { useCallback, useLayoutEffect, useRef } from 'react';

/** A function that stays the same and always does what the latest one given would do; for props of memoised components. */
export function useLatest<A extends unknown[], R>(fn: (...args: A) => R): (...args: A) => R {
  const latest = useRef(fn);
  useLayoutEffect(() => {
    latest.current = fn;
  });
  return useCallback((...args: A) => latest.current(...args), []);
}
