import { formatDateTime, parseDate, parseDateTime } from '../civil-time/index.js';
import { planOf } from '../testing/plans.js';
import { timerWeek, type TimerWeekAsked } from './index.js';

const PLAN = {
  stations: [{ number: 1 }, { number: 2, enabled: false }, { number: 3 }, { number: 4 }],
  programs: [
    {
      id: 'A',
      starts: ['23:50'],
      days: { mode: 'weekdays', weekdays: [1] },
      runs: [
        { station: 1, seconds: 1800 },
        { station: 2, seconds: 600 },
      ],
    },
    { id: 'B', days: { mode: 'odd' }, runs: [{ station: 4, seconds: 600 }] },
  ],
};
const week = (fields: object, asked: Partial<TimerWeekAsked> = {}) =>
  timerWeek({
    plan: planOf({ ...PLAN, ...fields }),
    from: parseDate('2026-06-01')!,
    now: parseDateTime('2026-06-02T00:10:00')!,
    station: 1,
    heldUntil: null,
    ...asked,
  });
const begins = (all: readonly { from: Parameters<typeof formatDateTime>[0] }[]) =>
  all.map(({ from }) => formatDateTime(from));

it('tells of a station what goes on since before midnight, and what comes', () => {
  const { waterings, next, dry, again } = week({});
  expect(begins(next)).toEqual([
    '2026-06-01T23:50:00',
    '2026-06-08T23:50:00',
    '2026-06-15T23:50:00',
  ]);
  expect(begins(waterings)).toEqual(['2026-06-01T23:50:00']);
  expect([dry, again]).toEqual([null, null]);
});

it.each([
  ['timer-off', 1, { controller: { off: true } }],
  ['station-off', 2, {}],
  ['in-no-program', 3, {}],
  ['not-in-time', 4, {}],
] as const)('says why a station is dry: %s', (reason, station, fields) => {
  expect(week(fields, { station })).toMatchObject({ next: [], dry: reason });
});

it('tells of no station where nobody asks, and when water comes after a hold', () => {
  const pauses = [{ from: '2026-06-02T00:00:00', to: '2026-06-09T12:00:00' }];
  const { next, dry, again } = week(
    { controller: { pauses } },
    { station: null, heldUntil: parseDateTime('2026-06-09T12:00:00')! },
  );
  expect([next, dry]).toEqual([[], null]);
  expect(begins([again!])).toEqual(['2026-06-15T23:50:00']);
});
