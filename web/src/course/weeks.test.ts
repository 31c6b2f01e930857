import { expect, it } from 'vitest';
import { lane, period } from './testing';
import { byWeek, weeksOf } from './weeks';

it('has a week for each of the longest term, and says which are holidays', () => {
  const term = { from: '2026-08-31', to: '2026-09-18' };
  const holiday = { from: '2026-09-07', to: '2026-09-11', name: 'Harvest' };
  expect(weeksOf([lane({ term, holidays: [holiday] })])).toEqual([{ monday: '2026-08-31' }, { monday: '2026-09-07', holiday: 'Harvest' }, { monday: '2026-09-14' }]);
});

it('a week is a holiday only where all classes have it', () => {
  const term = { from: '2026-08-31', to: '2026-09-04' };
  const free = lane({ term, holidays: [{ from: '2026-08-31', to: '2026-09-04', name: '' }] });
  expect(weeksOf([free, lane({ term })])).toEqual([{ monday: '2026-08-31' }]);
});

it('holds what was logged before the term, too', () => {
  const early = period({ key: '2026-08-25T11:05:00', starts: '2026-08-25T11:05:00', logged: true });
  const weeks = weeksOf([lane({ term: { from: '2026-08-31', to: '2026-09-04' }, periods: [early] })]);
  expect(weeks.map((w) => w.monday)).toEqual(['2026-08-24', '2026-08-31']);
});

it('puts periods into their weeks, in order', () => {
  const tuesday = period({ key: '2026-09-01T11:05:00', starts: '2026-09-01T11:05:00' });
  const friday = period({ key: '2026-09-04T11:05:00', starts: '2026-09-04T11:05:00' });
  const next = period({ key: '2026-09-08T11:05:00', starts: '2026-09-08T11:05:00' });
  const weeks = byWeek(lane({ periods: [tuesday, friday, next] }));
  expect(weeks.get('2026-08-31')).toEqual([tuesday, friday]);
  expect(weeks.get('2026-09-07')).toEqual([next]);
});

it('without a term and without periods there is no week', () => {
  expect(weeksOf([lane({})])).toEqual([]);
  expect(weeksOf([])).toEqual([]);
});
