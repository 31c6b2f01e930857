import type { Schemas } from '../api/client';
import { decimals } from '../words/words';
import { signed } from './words';

type Remedy = Schemas['RotaRemedyView'];

/** What would end waiting, with what it changes and saves. */
export function remedyWords(r: Remedy): string {
  const pencil = r.pencil ? `${r.pencil.code} ${r.pencil.name}` : '';
  const saves = `saves ${decimals(r.saves)} min of waiting`;
  switch (r.change) {
    case 'ONE_MORE_COPY':
      return `One more ${pencil} ${saves}.`;
    case 'SUBSTITUTE':
      return `${r.substitute?.code ?? ''} ${r.substitute?.name ?? ''} beside ${pencil} (value ${signed(r.deltaValue ?? 0, 1)}, hue ${signed(r.deltaHue ?? 0, 0)}°) ${saves}.`;
    case 'SEATS_IN_PAIRS':
      return `Seats in pairs, one sheet for two, ${saves}.`;
  }
}
