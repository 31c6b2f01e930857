import { isoDate, mondayOf, type Lane, type Period } from './words';

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

export const periodsIn = (lane: Lane, monday: string): Period[] =>
  lane.periods.filter((p) => mondayOf(p.starts) === monday);

function later(iso: string, days: number): string {
  const day = new Date(`${iso}T12:00`);
  day.setDate(day.getDate() + days);
  return isoDate(day);
}
