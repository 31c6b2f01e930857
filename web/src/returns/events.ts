import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';

/** While the page is open, whatever shows returned pages follows the server's events. */
export function useReturnEvents() {
  const queries = useQueryClient();
  useEffect(() => {
    const source = new EventSource('/api/returns/events');
    let timer: number | undefined;
    // Pages come in bursts; the screen is asked to follow at most four times a second.
    const follow = () => {
      timer ??= window.setTimeout(() => {
        timer = undefined;
        for (const key of ['returns', 'wall', 'today', 'page']) {
          void queries.invalidateQueries({ queryKey: [key] });
        }
      }, 250);
    };
    source.addEventListener('page', follow);
    return () => {
      window.clearTimeout(timer);
      source.close();
    };
  }, [queries]);
}
