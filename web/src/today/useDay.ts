import { useQuery } from '@tanstack/react-query';
import { api, body } from '../api/client';

/** What a day asks of a teacher. @param date another than today */
export function useDay(date?: string | null) {
  return useQuery({
    queryKey: ['today', date ?? ''],
    queryFn: () => body(api.GET('/api/today', { params: { query: date ? { date } : {} } })),
  });
}
