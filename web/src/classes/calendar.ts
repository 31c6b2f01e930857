import type { Schemas } from '../api/client';
import { formatMessage } from '../words/intl';

export type CalendarData = Schemas['CalendarData'];
export type SlotData = CalendarData['slots'][number];
export type ChangeData = NonNullable<CalendarData['changes']>[number];
export type DatesData = NonNullable<CalendarData['term']>;

export const days: readonly { id: SlotData['day']; name: string }[] = [
  { id: 'MONDAY', name: formatMessage({ id: 'classes.monday' }) },
  { id: 'TUESDAY', name: formatMessage({ id: 'classes.tuesday' }) },
  { id: 'WEDNESDAY', name: formatMessage({ id: 'classes.wednesday' }) },
  { id: 'THURSDAY', name: formatMessage({ id: 'classes.thursday' }) },
  { id: 'FRIDAY', name: formatMessage({ id: 'classes.friday' }) },
  { id: 'SATURDAY', name: formatMessage({ id: 'classes.saturday' }) },
  { id: 'SUNDAY', name: formatMessage({ id: 'classes.sunday' }) },
];

export const turns = [
  { id: 'EVERY', name: formatMessage({ id: 'classes.every' }) },
  { id: 'A', name: 'A' },
  { id: 'B', name: 'B' },
] as const;

/** A new period of the week: like the last one, two days on. */
export function nextSlot(slots: readonly SlotData[]): SlotData {
  const last = slots.at(-1);
  if (!last) {
    return { day: 'TUESDAY', starts: '09:00', minutes: 50, room: '', turn: 'EVERY' };
  }
  const at = days.findIndex((d) => d.id === last.day);
  return { ...last, day: days[(at + 2) % 5]?.id ?? 'MONDAY' };
}

export const kinds: readonly { id: ChangeData['kind']; name: string }[] = [
  { id: 'CANCELLED', name: formatMessage({ id: 'classes.changes.cancelled' }) },
  { id: 'MOVED', name: formatMessage({ id: 'classes.changes.moved' }) },
  { id: 'RESIZED', name: formatMessage({ id: 'classes.changes.lasts' }) },
  { id: 'EXTRA', name: formatMessage({ id: 'classes.changes.extra' }) },
];

/** What a kind of change needs; what it does not need is left out. */
export function fitted(change: ChangeData): ChangeData {
  const { kind, period, to, minutes, room } = change;
  const length = { minutes: minutes ?? 50 };
  switch (kind) {
    case 'CANCELLED':
      return { kind, period };
    case 'MOVED':
      return { kind, period, to: to ?? period, ...length, ...(room ? { room } : {}) };
    case 'RESIZED':
      return { kind, period, ...length };
    case 'EXTRA':
      return { kind, period, ...length, ...(room ? { room } : {}) };
  }
}

/** Seats as a teacher writes them: "4, 4, 6". Null where a part is no number of seats. */
export function parseTables(text: string): number[] | null {
  const parts = text.split(/[\s,;+]+/).filter((p) => p !== '');
  const seats = parts.map(Number);
  return seats.every((n) => Number.isInteger(n) && n >= 1 && n <= 40) ? seats : null;
}
