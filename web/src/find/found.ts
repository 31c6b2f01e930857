import type { Schemas } from '../api/client';
import { saidOf } from '../help/guide';
import { formatMessage } from '../words/intl';

type FoundView = Schemas['FoundView'];

/** A place of the application, something to do or set there, an exercise type, or where the guide speaks of something. */
export interface Place {
  kind: 'PLACE' | 'ACTION' | 'EXERCISE' | 'GUIDE';
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
  ACTION: formatMessage({ id: 'find.action' }),
  EXERCISE: formatMessage({ id: 'find.exercise' }),
  GUIDE: formatMessage({ id: 'find.guide' }),
};

/** Where something found is shown. */
export function addressOf(found: FoundView | Place): string {
  switch (found.kind) {
    case 'PLACE':
    case 'ACTION':
    case 'EXERCISE':
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

/** What is done or set where, beside the places themselves. */
const actions: readonly { to: string; name: string; within: string }[] = [
  { to: '/sheets', name: formatMessage({ id: 'find.action.newSheet' }), within: formatMessage({ id: 'shell.sheets' }) },
  { to: '/returns', name: formatMessage({ id: 'find.action.readPages' }), within: formatMessage({ id: 'shell.returns' }) },
  { to: '/returns/agreement', name: formatMessage({ id: 'find.action.thresholds' }), within: formatMessage({ id: 'shell.returns' }) },
  { to: '/classes', name: formatMessage({ id: 'find.action.newClass' }), within: formatMessage({ id: 'shell.classes' }) },
  { to: '/classes/archive', name: formatMessage({ id: 'find.action.openArchive' }), within: formatMessage({ id: 'shell.classes' }) },
  { to: '/projects', name: formatMessage({ id: 'find.action.newProject' }), within: formatMessage({ id: 'shell.projects' }) },
  { to: '/kit/stock', name: formatMessage({ id: 'find.action.stock' }), within: formatMessage({ id: 'shell.kit' }) },
  { to: '/kit/sets', name: formatMessage({ id: 'find.action.sets' }), within: formatMessage({ id: 'shell.kit' }) },
  { to: '/kit/papers', name: formatMessage({ id: 'find.action.papers' }), within: formatMessage({ id: 'shell.kit' }) },
  { to: '/kit/chart', name: formatMessage({ id: 'find.action.chart' }), within: formatMessage({ id: 'shell.kit' }) },
  { to: '/kit/files', name: formatMessage({ id: 'find.action.importPencils' }), within: formatMessage({ id: 'shell.kit' }) },
  { to: '/account', name: formatMessage({ id: 'find.action.password' }), within: formatMessage({ id: 'find.account' }) },
];

/** Begins a word of the name. */
const begins = (name: string, q: string) => ` ${name.toLowerCase()}`.includes(` ${q.toLowerCase()}`);

export const actionsLike = (q: string): Place[] => actions.filter((a) => begins(a.name, q)).map((a) => ({ kind: 'ACTION', id: a.to, name: a.name, within: a.within }));

export const exercisesLike = (kinds: readonly Pick<Schemas['KindView'], 'id' | 'name'>[], q: string): Place[] =>
  kinds.filter((k) => begins(k.name, q)).map((k) => ({ kind: 'EXERCISE', id: `/sheets?kind=${k.id}`, name: k.name, within: '' }));

export const guideLike = (q: string): Place[] => saidOf(q).map((s) => ({ kind: 'GUIDE', id: `/help#${s.within.id}`, name: s.name, within: s.within.title }));
