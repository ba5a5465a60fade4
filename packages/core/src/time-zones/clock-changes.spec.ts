import fc from 'fast-check';
import { asDayNumber, formatDateTime, parseDate, startOfDay } from '../civil-time/index.js';
import { runs } from '../testing/runs.js';
import { clockChanges, clockIn, offsetOn } from './index.js';

const day = (text: string) => parseDate(text)!;
const within = (zone: string, from: string, to: string) =>
  clockChanges(zone, day(from), day(to)).map(({ at, ...offsets }) => [
    formatDateTime(at),
    offsets.offsetBeforeSeconds / 3600,
    offsets.offsetAfterSeconds / 3600,
  ]);

it('names when clocks are put, in the time that they show before', () => {
  expect(within('America/Denver', '2026-01-01', '2027-01-01')).toEqual([
    ['2026-03-08T02:00:00', -7, -6],
    ['2026-11-01T02:00:00', -6, -7],
  ]);
  expect(within('Australia/Adelaide', '2026-04-05', '2026-10-05')).toEqual([
    ['2026-04-05T03:00:00', 10.5, 9.5],
    ['2026-10-04T02:00:00', 9.5, 10.5],
  ]);
});

it('takes the dates from the first to the one before the last', () => {
  expect(within('America/Denver', '2026-03-08', '2026-03-09')).toHaveLength(1);
  expect(within('America/Denver', '2026-03-09', '2026-11-01')).toEqual([]);
});

it('knows zones that never change', () => {
  expect(within('America/Phoenix', '2026-01-01', '2030-01-01')).toEqual([]);
  expect(offsetOn('America/Phoenix', day('2026-07-01'))).toBe(-25_200);
});

it('what a clock shows is ahead of UTC by the offset of its zone, on any date', () => {
  const zones = Intl.supportedValuesOf('timeZone');
  fc.assert(
    fc.property(
      fc.constantFrom(...zones),
      fc.integer({ min: day('1975-01-01'), max: day('2080-01-01') }),
      (zone, drawn) => {
        const date = asDayNumber(drawn);
        const ahead = offsetOn(zone, date);
        const shown = clockIn(zone, 1000 * (86_400 * date - ahead));
        expect([zone, formatDateTime(shown)]).toEqual([zone, formatDateTime(startOfDay(date))]);
      },
    ),
    runs(100, 3000),
  );
});

it('knows what a right clock shows', () => {
  const instant = Date.UTC(2026, 5, 1, 14, 52, 30, 999);
  expect(formatDateTime(clockIn('America/Denver', instant))).toBe('2026-06-01T08:52:30');
  expect(formatDateTime(clockIn('Asia/Kolkata', instant))).toBe('2026-06-01T20:22:30');
});
