import { type QueryClient, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { pageQuery } from './pageQuery';
import { sharedClass } from '../api/sharedClass';
import { served } from '../api/served';

/** A returned page changed. `run` is the printing it belongs to, as far as it is known. */
export interface Changed {
  page: string;
  run?: string | null;
}

/** Pages come in bursts: the screen follows at most this often, ms. */
const OFTEN = 400;
/** What sums up many pages follows less often, ms. */
const SELDOM = 1500;

/** Makes what shows these pages ask again; whatever shows others is left alone. */
export function follow(queries: QueryClient, changes: readonly Changed[]) {
  const runs = new Set(changes.map((c) => c.run).filter((run) => run != null));
  for (const page of new Set(changes.map((c) => c.page))) {
    void queries.invalidateQueries({ queryKey: pageQuery(page).queryKey });
  }
  runs.forEach((run) => void queries.invalidateQueries({ queryKey: ['returns', run] }));
  void queries.invalidateQueries({ queryKey: served.unplaced.queryKey });
}

/** The same for what sums pages up. */
export function followSums(queries: QueryClient, changes: readonly Changed[]) {
  new Set(changes.map((c) => c.run).filter((run) => run != null)).forEach((run) => void queries.invalidateQueries({ queryKey: ['wall', run] }));
  for (const key of [['wall', 'student'], ['today'], ['agreement']]) {
    void queries.invalidateQueries({ queryKey: key });
  }
}

/** While the page is open, whatever shows returned pages follows the server's events; a colleague's class is asked anew when one comes back to it. */
export function useReturnEvents() {
  const queries = useQueryClient();
  useEffect(() => {
    if (sharedClass) {
      return undefined;
    }
    const source = new EventSource('/api/returns/events');
    const pages = gathering(OFTEN, (changes) => follow(queries, changes));
    const sums = gathering(SELDOM, (changes) => followSums(queries, changes));
    source.addEventListener('page', (event: MessageEvent<string>) => {
      const changed = JSON.parse(event.data) as Changed;
      pages.add(changed);
      sums.add(changed);
    });
    // Whatever was told while the line was down.
    let broken = false;
    source.addEventListener('error', () => {
      broken = true;
    });
    source.addEventListener('open', () => {
      if (broken) {
        broken = false;
        void queries.invalidateQueries();
      }
    });
    return () => {
      pages.stop();
      sums.stop();
      source.close();
    };
  }, [queries]);
}

/** Gathers what happens within a time and hands it over at its end. */
function gathering(ms: number, done: (changes: Changed[]) => void) {
  let gathered: Changed[] = [];
  let timer: number | undefined;
  return {
    add: (changed: Changed) => {
      gathered.push(changed);
      timer ??= window.setTimeout(() => {
        timer = undefined;
        const all = gathered;
        gathered = [];
        done(all);
      }, ms);
    },
    stop: () => window.clearTimeout(timer),
  };
}
