import { queryOptions } from '@tanstack/react-query';
import { api, body } from '../api/client';

/** One page with everything that was read on it. */
export const pageQuery = (id: string) =>
  queryOptions({
    queryKey: ['page', id],
    queryFn: () => body(api.GET('/api/returns/pages/{id}', { params: { path: { id } } })),
  });
