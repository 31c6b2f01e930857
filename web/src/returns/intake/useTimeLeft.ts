import { useState } from 'react';
import { formatMessage } from '../../words/intl';

interface Start {
  at: number;
  waiting: number;
}

/** Seconds until a pile that began with so many pages is read, at the pace so far; null where the pace is not known yet. */
export function secondsLeft(start: Start, now: number, waiting: number): number | null {
  const done = start.waiting - waiting;
  return done <= 0 ? null : (waiting * (now - start.at)) / done / 1000;
}

/** How long the waiting pages will take, in words; empty while nothing waits. @param at when that many were counted, ms */
export function useTimeLeft(waiting: number, at: number): string {
  const [start, setStart] = useState<Start | null>(null);
  if (waiting === 0 ? start !== null : start === null || waiting > start.waiting) {
    setStart(waiting === 0 ? null : { at, waiting });
  }
  if (waiting === 0) {
    return '';
  }
  const left = start && secondsLeft(start, at, waiting);
  return left === null
    ? formatMessage({ id: 'returns.queue.waiting' }, { waiting })
    : formatMessage(
        { id: 'returns.queue.waitingTime' },
        { waiting, minutes: left < 90 ? `${Math.max(1, Math.round(left))} s` : formatMessage({ id: 'returns.time.left' }, { left: Math.round(left / 60) }) },
      );
}
