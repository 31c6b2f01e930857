import type { Schemas } from '../api/client';
import { saidOf } from '../help/guide';
import { formatMessage } from '../words/intl';

type FoundView = Schemas['FoundView'];

/** A place of the application, or where its guide speaks of something, found as anything else. */
export interface Place {
  kind: 'PLACE' | 'GUIDE';
  id: string;
  name: string;
  within: string;
}

export const kindNames: Record<FoundView['kind'] | Place['kind'], string> = {
  STUDENT: formatMessage({ id: 'find.student' }),
  CLASS: formatMessage({ id: 'find.class' }),
  LESSON: formatMessage({ id: 'find.lesson' }),
  SHEET: formatMessage({ id: 'find.sheet' }),
  PENCIL: formatMessage({ id: 'find.pencil' }),
  STACK: formatMessage({ id: 'find.stack' }),
  PROJECT: formatMessage({ id: 'find.project' }),
  PLACE: formatMessage({ id: 'find.place' }),
  GUIDE: formatMessage({ id: 'find.guide' }),
};

/** Where something found is shown. */
export function addressOf(found: FoundView | Place): string {
  switch (found.kind) {
    case 'PLACE':
    case 'GUIDE':
      return found.id;
    case 'STUDENT':
      return `/students/${found.id}`;
    case 'CLASS':
      return `/classes/${found.id}`;
    case 'LESSON':
      return `/course/${found.schoolClass ?? ''}/${found.id}`;
    case 'SHEET':
      return `/sheets/${found.id}`;
    case 'PENCIL':
      return `/kit?pencil=${found.id}`;
    case 'STACK':
      return `/bench/${found.id}`;
    case 'PROJECT':
      return `/projects/${found.id}`;
  }
}

export const placesLike = (places: readonly { to: string; name: string }[], q: string): Place[] =>
  places.filter((p) => p.name.toLowerCase().startsWith(q.toLowerCase())).map((p) => ({ kind: 'PLACE', id: p.to, name: p.name, within: '' }));

export const guideLike = (q: string): Place[] => saidOf(q).map((s) => ({ kind: 'GUIDE', id: `/help#${s.within.id}`, name: s.name, within: s.within.title }));
