import { useState } from 'react';

interface Kept {
  revision: number;
}

/**
 * The revision a form's change is made on. Other forms may change the same thing: their changes count as known as long as
 * what this form shows has stayed the same; where it has not, the server refuses and says so.
 *
 * @param kept the thing as the server last told it; none for a new one
 * @param shown what the form shows of it
 */
export function useRevision<T extends Kept>(kept: T | undefined, shown: (kept: T) => unknown) {
  const look = (thing: T) => ({ shown: JSON.stringify(shown(thing)), revision: thing.revision });
  const [base, setBase] = useState(() => (kept ? look(kept) : undefined));
  const same = kept !== undefined && base !== undefined && look(kept).shown === base.shown;
  return {
    known: same ? kept.revision : base?.revision,
    /** The form's own change has been kept. */
    saved: (thing: T) => setBase(look(thing)),
  };
}
