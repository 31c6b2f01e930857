import type { Schemas } from '../api/client';
import { decimals } from '../words/words';
import { signed } from './words';
import { formatMessage } from '../words/intl';

type Remedy = Schemas['RotaRemedyView'];

/** What would end waiting, with what it changes and saves. */
export function remedyWords(r: Remedy): string {
  const pencil = r.pencil ? `${r.pencil.code} ${r.pencil.name}` : '';
  const saves = formatMessage({ id: 'course.warning.savesWaiting' }, { minutes: decimals(r.saves) });
  switch (r.change) {
    case 'ONE_MORE_COPY':
      return formatMessage({ id: 'course.warning.oneMorePencil' }, { pencil, saves });
    case 'SUBSTITUTE':
      return formatMessage(
        { id: 'course.warning.substitute' },
        {
          code: r.substitute?.code ?? '',
          name: r.substitute?.name ?? '',
          pencil,
          valueDifference: signed(r.deltaValue ?? 0, 1),
          hueDifference: signed(r.deltaHue ?? 0, 0),
          saves,
        },
      );
    case 'SEATS_IN_PAIRS':
      return formatMessage({ id: 'course.warning.pairs' }, { saves });
  }
}
