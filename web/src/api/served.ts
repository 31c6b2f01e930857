import { queryOptions } from '@tanstack/react-query';
import { api, body, type Schemas } from './client';

/** All of its students went on to another class or left. */
export const isPast = (c: Schemas['ClassView']) => c.students.length === 0 && c.former.length > 0;

const classes = queryOptions({ queryKey: ['classes'], queryFn: () => body(api.GET('/api/classes')) });

/**
 * What several places ask the server for, each kept under one key: whoever changes it says so by the same. Keys of parts begin
 * with that of the whole, so that who changes the whole has changed its parts.
 */
export const served = {
  classes,
  /** Without those of last year, whose students all went on. */
  taught: queryOptions({ ...classes, select: (all) => all.filter((c) => !isPast(c)) }),
  sharedClasses: queryOptions({ queryKey: ['shared-classes'], queryFn: () => body(api.GET('/api/shared-classes')) }),
  kit: queryOptions({ queryKey: ['kit'], queryFn: () => body(api.GET('/api/kit')) }),
  charts: queryOptions({ queryKey: ['charts'], queryFn: () => body(api.GET('/api/charts')) }),
  stacks: queryOptions({ queryKey: ['stacks'], queryFn: () => body(api.GET('/api/bench/stacks')) }),
  kinds: queryOptions({ queryKey: ['kinds'], queryFn: () => body(api.GET('/api/sheets/kinds')), staleTime: Infinity }),
  meanings: queryOptions({ queryKey: ['meanings'], queryFn: () => body(api.GET('/api/meanings')), staleTime: Infinity }),
  sheets: queryOptions({ queryKey: ['sheets'], queryFn: () => body(api.GET('/api/sheets')) }),
  runs: queryOptions({ queryKey: ['runs'], queryFn: () => body(api.GET('/api/sheets/runs')) }),
  unplaced: queryOptions({ queryKey: ['returns', 'unplaced'], queryFn: () => body(api.GET('/api/returns/unplaced')) }),
  phrases: queryOptions({ queryKey: ['phrases'], queryFn: () => body(api.GET('/api/returns/phrases')) }),
  courses: queryOptions({ queryKey: ['courses'], queryFn: () => body(api.GET('/api/courses')) }),
  feed: queryOptions({ queryKey: ['feed'], queryFn: () => body(api.GET('/api/courses/feed')) }),
  projects: queryOptions({ queryKey: ['projects'], queryFn: () => body(api.GET('/api/projects')) }),
};

/** Everything that a place shows, whichever part of it was asked for. */
export const keysOf = { today: ['today'], returns: ['returns'] };
