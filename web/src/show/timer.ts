/** The students' turn, counted down. Moments are ms of one clock. */
export interface Timer {
  /** Left when it last stood still, ms. */
  left: number;
  /** When it was set going; null while it stands still. */
  since: number | null;
}

export const fresh = (minutes: number): Timer => ({ left: Math.ceil(minutes) * 60_000, since: null });

export const leftAt = (timer: Timer, now: number) => Math.max(0, timer.since === null ? timer.left : timer.left - Math.max(0, now - timer.since));

export const toggled = (timer: Timer, now: number): Timer => (timer.since === null ? { ...timer, since: now } : { left: leftAt(timer, now), since: null });

/** Minutes and seconds that are left, the second that has begun counted whole. */
export function timerWords(ms: number): string {
  const seconds = Math.ceil(ms / 1000);
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}
