import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { pageQuery } from './pageQuery';
import { pictureOf } from './pictures';

/** Asks for pages before they are opened, with their pictures, so that they are there when a key is pressed. */
export function usePrefetchedPages(...ids: (string | undefined)[]) {
  const queries = useQueryClient();
  const ahead = [...new Set(ids.filter((id) => id !== undefined))].join(' ');
  useEffect(() => {
    for (const id of ahead.split(' ').filter((x) => x !== '')) {
      queries
        .query(pageQuery(id))
        .then((page) => {
          [undefined, ...page.boxes.map((b) => b.field)].forEach((field) => {
            new Image().src = pictureOf(id, page.row.read, field);
          });
        })
        // What cannot be had ahead is asked for when it is opened, and then said.
        .catch(() => undefined);
    }
  }, [ahead, queries]);
}
