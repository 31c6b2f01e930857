import { grey as greyOf } from '../design/greys';

export { faces } from '../design/tokens';

/** Paper and ink of a printed page; they do not follow the surround. */
export const grey = { paper: greyOf(100), ink: greyOf(5) } as const;
