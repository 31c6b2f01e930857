import type { Schemas } from '../api/client';

type Period = Schemas['PeriodView'];
type Day = Period['day'];

const days: Day[] = ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY', 'SUNDAY'];

/** "Tue 11:05, Thu 9:10" as weekly periods; null where a part is not a day and a time. */
export function parsePeriods(text: string): Period[] | null {
  const parts = text.split(/[,;\n]/).map((p) => p.trim()).filter((p) => p !== '');
  const periods = parts.map(parsePeriod);
  return periods.every((p) => p !== null) ? periods : null;
}

function parsePeriod(text: string): Period | null {
  const match = /^([a-z]{2,9})\.?\s+(\d{1,2})[:.](\d{2})$/i.exec(text);
  if (!match) {
    return null;
  }
  const [, name = '', hour = '', minute = ''] = match;
  const day = days.find((d) => d.startsWith(name.toUpperCase()));
  if (!day || Number(hour) > 23 || Number(minute) > 59) {
    return null;
  }
  return { day, starts: `${hour.padStart(2, '0')}:${minute}` };
}

/** Periods as a teacher writes them. */
export function periodWords(periods: readonly Period[]): string {
  return periods.map((p) => `${p.day.charAt(0)}${p.day.slice(1, 3).toLowerCase()} ${p.starts.slice(0, 5)}`).join(', ');
}
