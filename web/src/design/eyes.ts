import { useSyncExternalStore } from 'react';
import type { Schemas } from '../api/client';
import { formatMessage } from '../words/intl';

export type Eyes = Schemas['EyesView']['vision'] | 'USUAL';

export const eyesNames: Record<Eyes, string> = {
  USUAL: formatMessage({ id: 'design.vision.typical' }),
  PROTAN: formatMessage({ id: 'design.vision.protan' }),
  PROTAN_PARTLY: formatMessage({ id: 'design.vision.protanPartly' }),
  DEUTAN: formatMessage({ id: 'design.vision.deutan' }),
  DEUTAN_PARTLY: formatMessage({ id: 'design.vision.deutanPartly' }),
  TRITAN: formatMessage({ id: 'design.vision.tritan' }),
  TRITAN_PARTLY: formatMessage({ id: 'design.vision.tritanPartly' }),
};

/** Which eyes colours are seen with: the same in all places until the page is loaded anew. */
let chosen: Eyes = 'USUAL';
const listeners = new Set<() => void>();

export function chooseEyes(eyes: Eyes) {
  chosen = eyes;
  listeners.forEach((tell) => tell());
}

export function useEyes(): Eyes {
  return useSyncExternalStore(
    (tell) => {
      listeners.add(tell);
      return () => listeners.delete(tell);
    },
    () => chosen,
  );
}

/** A colour matrix as an SVG filter has it: alpha stays. @param rows nine numbers, row by row */
export function filterValues(rows: readonly number[]): string {
  return [0, 3, 6].map((at) => `${rows.slice(at, at + 3).join(' ')} 0 0`).join(' ') + ' 0 0 0 1 0';
}
