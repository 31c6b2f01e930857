import type { Schemas } from '../api/client';
import { decimals } from '../words/words';
import { signed } from './words';
import { say } from '../words/say';

type Remedy = Schemas['RotaRemedyView'];

/** What would end waiting, with what it changes and saves. */
export function remedyWords(r: Remedy): string {
  const pencil = r.pencil ? `${r.pencil.code} ${r.pencil.name}` : '';
  const saves = say('course.saves-min-of-waiting', { saves: decimals(r.saves) });
  switch (r.change) {
    case 'ONE_MORE_COPY':
      return say('course.one-more', { pencil, saves });
    case 'SUBSTITUTE':
      return say('course.beside-value-hue', {
        code: r.substitute?.code ?? '',
        name: r.substitute?.name ?? '',
        pencil,
        deltaValue: signed(r.deltaValue ?? 0, 1),
        deltaHue: signed(r.deltaHue ?? 0, 0),
        saves,
      });
    case 'SEATS_IN_PAIRS':
      return say('course.seats-in-pairs-one-sheet', { saves });
  }
}
