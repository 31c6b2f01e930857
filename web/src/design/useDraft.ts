import { useCallback, useState } from 'react';

const PREFIX = 'draft/';
const OWNER = 'drafts/of';

function read(key: string): unknown {
  try {
    const kept = sessionStorage.getItem(PREFIX + key);
    return kept === null ? undefined : JSON.parse(kept);
  } catch {
    return undefined;
  }
}

function write(key: string, value: unknown) {
  try {
    if (value === undefined) {
      sessionStorage.removeItem(PREFIX + key);
    } else {
      sessionStorage.setItem(PREFIX + key, JSON.stringify(value));
    }
  } catch {
    // without room for it the draft lasts as long as the page
  }
}

/**
 * State of a form that survives a reload, and signing in again after the session has ended. It stays in this tab: words about
 * students are left on no shared computer.
 *
 * @param key of what is edited
 * @returns the draft, how to change it, and how to forget it once it is saved
 */
export function useDraft<T>(key: string, start: () => T): [T, (change: T | ((before: T) => T)) => void, () => void] {
  const [draft, setDraft] = useState<T>(() => (read(key) as T | undefined) ?? start());
  const change = useCallback(
    (to: T | ((before: T) => T)) =>
      setDraft((before) => {
        const next = typeof to === 'function' ? (to as (before: T) => T)(before) : to;
        write(key, next);
        return next;
      }),
    [key],
  );
  const forget = useCallback(() => forgetDraft(key), [key]);
  return [draft, change, forget];
}

/** What was begun under a key is not gone on with. */
export function forgetDraft(key: string) {
  write(key, undefined);
}

/** Whoever signs in again finds their drafts; another does not. */
export function keepDraftsOf(teacher: string) {
  if (sessionStorage.getItem(OWNER) !== teacher) {
    forgetDrafts();
    sessionStorage.setItem(OWNER, teacher);
  }
}

/** Of whoever signs out nothing stays behind. */
export function forgetDrafts() {
  Object.keys(sessionStorage)
    .filter((key) => key.startsWith(PREFIX))
    .forEach((key) => sessionStorage.removeItem(key));
}
