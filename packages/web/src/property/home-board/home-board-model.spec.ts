import { nightOfHome } from '@water-clock/core/engine';
import { parseDate } from '@water-clock/core/civil-time';
import { testPlan } from '../../testing/plans';
import { flowStretches, hoursInUse, overlapsOf } from './home-board-model';

const timer = (start: string, minutes: number, flowLpm: number, fields = {}) =>
  testPlan({
    stations: [{ number: 1, flowLpm }],
    programs: [
      {
        id: 'A',
        starts: [start],
        days: { mode: 'weekdays', weekdays: [1, 2, 3, 4, 5, 6, 7] },
        runs: [{ station: 1, seconds: minutes * 60 }],
      },
    ],
    ...fields,
  });
const DAY = parseDate('2026-06-01')!;
/** Seconds since noon as a time of day. */
const at = (second: number) => new Date((second + 43_200) * 1000).toISOString().slice(11, 16);
const spans = (all: readonly { from: number; to: number }[]) =>
  all.map(({ from, to }) => `${at(from)}-${at(to)}`);

it('two timers on one axis: when both water, and what they take together', () => {
  const night = nightOfHome([timer('04:00', 30, 20), timer('04:20', 25, 15)], DAY);
  expect(night.pieces.map(({ timer: place }) => place)).toEqual([0, 1]);
  expect(spans(overlapsOf(night))).toEqual(['04:20-04:30']);
  const flow = flowStretches(night);
  expect(flow.map(({ lpm }) => lpm)).toEqual([0, 20, 35, 15, 0]);
  expect(spans(flow)).toEqual([
    ...['12:00-04:00', '04:00-04:20', '04:20-04:30', '04:30-04:45', '04:45-12:00'],
  ]);
  expect(spans([hoursInUse(night)])).toEqual(['01:00-07:00']);
});

it('one that begins as the other ends overlaps in no second, and wrong clocks are set right', () => {
  expect(overlapsOf(nightOfHome([timer('04:00', 30, 20), timer('04:30', 25, 15)], DAY))).toEqual(
    [],
  );
  // Its clock is ten minutes ahead: what it calls 04:30 is 04:20.
  const clock = { timerReads: '2026-06-01T08:10:00', trueTime: '2026-06-01T08:00:00' };
  const ahead = timer('04:30', 25, 15, { controller: { clock } });
  expect(spans(overlapsOf(nightOfHome([timer('04:00', 30, 20), ahead], DAY)))).toEqual([
    '04:20-04:30',
  ]);
});

it('a night without water has hours all the same, and water at noon stays within the night', () => {
  const off = timer('04:00', 30, 20, { controller: { off: true } });
  expect(spans([hoursInUse(nightOfHome([off, off], DAY))])).toEqual(['20:00-08:00']);
  const night = nightOfHome([timer('11:50', 30, 20), timer('13:00', 5, 20)], DAY);
  expect(spans([hoursInUse(night)])).toEqual(['12:00-12:00']);
  expect(flowStretches(night)[0]).toEqual({ from: 0, to: 1200, lpm: 20 });
});
