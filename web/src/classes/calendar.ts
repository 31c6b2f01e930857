import type { Schemas } from '../api/client';
import { say } from '../words/say';

export type CalendarData = Schemas['CalendarData'];
export type SlotData = CalendarData['slots'][number];
export type ChangeData = NonNullable<CalendarData['changes']>[number];
export type DatesData = NonNullable<CalendarData['term']>;

export const days: readonly { id: SlotData['day']; name: string }[] = [
  { id: 'MONDAY', name: say('classes.monday') },
  { id: 'TUESDAY', name: say('classes.tuesday') },
  { id: 'WEDNESDAY', name: say('classes.wednesday') },
  { id: 'THURSDAY', name: say('classes.thursday') },
  { id: 'FRIDAY', name: say('classes.friday') },
  { id: 'SATURDAY', name: say('classes.saturday') },
  { id: 'SUNDAY', name: say('classes.sunday') },
];

export const turns = [
  { id: 'EVERY', name: say('classes.every') },
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
  { id: 'CANCELLED', name: say('classes.is-cancelled') },
  { id: 'MOVED', name: say('classes.is-moved-to') },
  { id: 'RESIZED', name: say('classes.lasts-otherwise') },
  { id: 'EXTRA', name: say('classes.is-held-as-an-extra') },
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
