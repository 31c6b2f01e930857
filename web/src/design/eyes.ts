import { useSyncExternalStore } from 'react';
import type { Schemas } from '../api/client';
import { say } from '../words/say';

export type Eyes = Schemas['EyesView']['vision'] | 'USUAL';

export const eyesNames: Record<Eyes, string> = {
  USUAL: say('design.usual'),
  PROTAN: say('design.protan'),
  PROTAN_PARTLY: say('design.protan-partly'),
  DEUTAN: say('design.deutan'),
  DEUTAN_PARTLY: say('design.deutan-partly'),
  TRITAN: say('design.tritan'),
  TRITAN_PARTLY: say('design.tritan-partly'),
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
