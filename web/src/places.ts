import type { QueryClient, QueryKey } from '@tanstack/react-query';
import { served } from './api/served';
import { dayQuery } from './today/useDay';
import { formatMessage } from './words/intl';

interface PlaceEntry {
  to: string;
  name: string;
  /** Fetches the place's code; asking again costs nothing. */
  load: () => Promise<unknown>;
  /** What the place asks the server for first. */
  data: readonly { queryKey: QueryKey }[];
}

/** The places in the order of the spine. */
export const places: readonly PlaceEntry[] = [
  { to: '/', name: formatMessage({ id: 'shell.today' }), load: () => import('./today/Today'), data: [dayQuery()] },
  { to: '/course', name: formatMessage({ id: 'shell.course' }), load: () => import('./course/Course'), data: [served.courses] },
  { to: '/bench', name: formatMessage({ id: 'shell.bench' }), load: () => import('./bench/Bench'), data: [served.kit, served.stacks] },
  { to: '/sheets', name: formatMessage({ id: 'shell.sheets' }), load: () => import('./sheets/Sheets'), data: [served.kit, served.kinds, served.sheets, served.classes] },
  { to: '/returns', name: formatMessage({ id: 'shell.returns' }), load: () => import('./returns/Returns'), data: [served.runs, served.classes, served.unplaced] },
  { to: '/wall', name: formatMessage({ id: 'shell.wall' }), load: () => import('./wall/Wall'), data: [served.runs, served.classes] },
  { to: '/projects', name: formatMessage({ id: 'shell.projects' }), load: () => import('./projects/Projects'), data: [served.projects] },
  { to: '/kit', name: formatMessage({ id: 'shell.kit' }), load: () => import('./kit/Kit'), data: [served.kit, served.classes] },
  { to: '/classes', name: formatMessage({ id: 'shell.classes' }), load: () => import('./classes/Classes'), data: [served.classes] },
];

/** Fetches the code of every place once the browser has nothing else to do. A place that cannot be fetched now is fetched when it is opened. */
export function loadPlacesWhenIdle() {
  const load = () => places.forEach((place) => void place.load().catch(() => undefined));
  if ('requestIdleCallback' in window) {
    const id = window.requestIdleCallback(load, { timeout: 3000 });
    return () => window.cancelIdleCallback(id);
  }
  const id = setTimeout(load, 1000);
  return () => clearTimeout(id);
}

/** Asks for what a place will show, as soon as somebody points at its name. */
export function prepare(place: PlaceEntry, queries: QueryClient) {
  void place.load().catch(() => undefined);
  place.data.forEach((query) => void queries.query(query).catch(() => undefined));
}
