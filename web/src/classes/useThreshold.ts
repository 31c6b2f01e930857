import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, body, type Schemas } from '../api/client';

type Thresholds = Schemas['ClassView']['thresholds'];
type Goal = Schemas['AgreementView']['goal'];

/** A class with what its new sheets multiply the usual thresholds by. */
export interface Holding {
  id: string;
  revision: number;
  name: string;
  thresholds: Thresholds;
}

/** Thresholds with one moved; without a factor that goal has none. */
export function moved(thresholds: Thresholds | undefined, goal: Goal, factor: number | undefined): Thresholds {
  const others = Object.entries(thresholds ?? {}).filter(([g]) => g !== goal);
  return Object.fromEntries(factor === undefined ? others : [...others, [goal, factor]]);
}

/** Moves the threshold of one goal for all new sheets of a class, or leaves it to the usual again. */
export function useThreshold() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ of, goal, factor }: { of: Holding; goal: Goal; factor: number | undefined }) =>
      body(api.PUT('/api/classes/{id}/thresholds', { params: { path: { id: of.id } }, body: { revision: of.revision, thresholds: moved(of.thresholds, goal, factor) } })),
    onSuccess: () => queries.invalidateQueries(),
  });
}
