import { useState } from 'react';

interface Kept {
  revision: number;
}

interface Revision<T, Known> {
  /** The revision that a change is made on; none for a new thing. */
  known: Known;
  /** The form's own change has been saved. */
  saved: (thing: T) => void;
  /** The change is made on what the server has now, whatever this form shows of it. */
  adopt: () => void;
}

/**
 * The revision a form's change is made on. Other forms may change the same thing: their changes count as known as long as
 * what this form shows has stayed the same; where it has not, the server refuses and says so.
 *
 * @param kept the thing as the server last told it; none for a new one
 * @param shown what the form shows of it
 */
export function useRevision<T extends Kept>(kept: T, shown: (kept: T) => unknown): Revision<T, number>;
export function useRevision<T extends Kept>(kept: T | undefined, shown: (kept: T) => unknown): Revision<T, number | undefined>;
export function useRevision<T extends Kept>(kept: T | undefined, shown: (kept: T) => unknown): Revision<T, number | undefined> {
  const look = (thing: T) => ({ shown: JSON.stringify(shown(thing)), revision: thing.revision });
  const [base, setBase] = useState(() => (kept ? look(kept) : undefined));
  const [adopted, setAdopted] = useState(0);
  const same = kept !== undefined && base !== undefined && look(kept).shown === base.shown;
  return {
    known: same || adopted > 0 ? kept?.revision : base?.revision,
    saved: (thing: T) => {
      setBase(look(thing));
      setAdopted(0);
    },
    adopt: () => setAdopted((n) => n + 1),
  };
}
