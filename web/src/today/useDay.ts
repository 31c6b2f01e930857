import { queryOptions, useQuery } from '@tanstack/react-query';
import { api, body } from '../api/client';

/** What a day asks of a teacher. @param date another than today */
export const dayQuery = (date?: string | null) =>
  queryOptions({
    queryKey: ['today', date ?? ''],
    queryFn: () => body(api.GET('/api/today', { params: { query: date ? { date } : {} } })),
  });

export const useDay = (date?: string | null) => useQuery(dayQuery(date));
