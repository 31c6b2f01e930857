import { later, mondayOf } from '../words/dates';
import type { Lane, Period } from './words';

export interface Week {
  monday: string;
  /** A holiday's name where it covers the school week; empty for one without a name. */
  holiday?: string;
}

/** The weeks that any of the lanes has a term or a period in. */
export function weeksOf(lanes: readonly Lane[]): Week[] {
  const days = lanes.flatMap((l) => [...(l.term ? [l.term.from, l.term.to] : []), ...l.periods.map((p) => p.starts)]);
  if (days.length === 0) {
    return [];
  }
  const mondays = days.map(mondayOf).sort();
  const last = mondays.at(-1) ?? '';
  const weeks: Week[] = [];
  for (let monday = mondays[0] ?? last; monday <= last; monday = later(monday, 7)) {
    weeks.push(week(monday, lanes));
  }
  return weeks;
}

function week(monday: string, lanes: readonly Lane[]): Week {
  const friday = later(monday, 4);
  const covering = lanes.map((l) => l.holidays.find((h) => h.from <= monday && h.to >= friday));
  const [first] = covering;
  return covering.length > 0 && covering.every((h) => h !== undefined) ? { monday, holiday: first?.name ?? '' } : { monday };
}

/** A lane's periods by the Monday of their week. */
export function byWeek(lane: Lane): Map<string, Period[]> {
  const weeks = new Map<string, Period[]>();
  for (const period of lane.periods) {
    const monday = mondayOf(period.starts);
    weeks.set(monday, [...(weeks.get(monday) ?? []), period]);
  }
  return weeks;
}
