/** A local date or date and time without a zone, as the school's clock shows it. A date alone stands for its noon. */
export const local = (iso: string) => new Date(iso.length === 10 ? `${iso}T12:00` : iso);

/** The date a clock on the wall shows, whatever the zone. */
export function isoDate(day: Date): string {
  const two = (n: number) => String(n).padStart(2, '0');
  return `${day.getFullYear()}-${two(day.getMonth() + 1)}-${two(day.getDate())}`;
}

/** The date so many days on. */
export function later(date: string, days: number): string {
  const day = local(date);
  day.setDate(day.getDate() + days);
  return isoDate(day);
}

/** The Monday of a date's week. */
export const mondayOf = (iso: string) => later(iso.slice(0, 10), -((local(iso.slice(0, 10)).getDay() + 6) % 7));

/** ISO 8601 week of a date. */
export function weekOf(iso: string): number {
  const day = local(iso.slice(0, 10));
  const thursday = new Date(day);
  thursday.setDate(day.getDate() + 4 - (day.getDay() || 7));
  const newYear = new Date(thursday.getFullYear(), 0, 1, 12);
  return Math.ceil(((thursday.getTime() - newYear.getTime()) / 86_400_000 + 1) / 7);
}
