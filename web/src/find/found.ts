import type { Schemas } from '../api/client';

type FoundView = Schemas['FoundView'];

/** A place of the application, found as anything else. */
export interface Place {
  kind: 'PLACE';
  id: string;
  name: string;
  within: string;
}

export const kindNames: Record<FoundView['kind'] | 'PLACE', string> = {
  STUDENT: 'student',
  CLASS: 'class',
  LESSON: 'lesson',
  SHEET: 'sheet',
  PENCIL: 'pencil',
  STACK: 'stack',
  PROJECT: 'project',
  PLACE: 'place',
};

/** Where something found is shown. */
export function addressOf(found: FoundView | Place): string {
  switch (found.kind) {
    case 'PLACE':
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
  places
    .filter((p) => p.name.toLowerCase().startsWith(q.toLowerCase()))
    .map((p) => ({ kind: 'PLACE', id: p.to, name: p.name, within: '' }));
