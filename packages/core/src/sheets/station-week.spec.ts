import fc from 'fast-check';
import {
  addDays,
  formatDateTime,
  parseDate,
  parseDateTime,
  startOfDay,
} from '../civil-time/index.js';
import { simulate } from '../engine/index.js';
import { anyPlan, planOf } from '../testing/plans.js';
import { runs } from '../testing/runs.js';
import { nextWatering, stationWaterings } from './index.js';

const MONDAY = parseDate('2026-06-01')!;

const PLAN = {
  timer: { cycleSoak: {} },
  stations: [{ number: 1, cycleSeconds: 300, soakSeconds: 1200 }, { number: 2 }],
  programs: [
    {
      id: 'A',
      starts: ['23:55'],
      days: { mode: 'weekdays', weekdays: [1] },
      runs: [
        { station: 1, seconds: 600 },
        { station: 2, seconds: 1800 },
      ],
    },
  ],
};
const told = (fields: object, from = MONDAY, days = 1) =>
  stationWaterings(planOf({ ...PLAN, ...fields }), from, days).map(
    ({ station, from: begin, to, seconds, parts }) =>
      `${station} ${formatDateTime(begin)} to ${formatDateTime(to).slice(11)}: ${seconds} s in ${parts}`,
  );

it('what begins after midnight stands on its own date, with its soaks within it', () => {
  expect(told({})).toEqual(['1 2026-06-01T23:55:00 to 00:35:00: 600 s in 2']);
  expect(told({}, parseDate('2026-06-02')!)).toEqual([
    '2 2026-06-02T00:00:00 to 00:30:00: 1800 s in 1',
  ]);
});

it('is told in true time: a clock that is a day and a half ahead waters so much earlier', () => {
  const clock = { timerReads: '2026-06-02T20:00:00', trueTime: '2026-06-01T08:00:00' };
  expect(told({ controller: { clock } }, parseDate('2026-05-31')!)).toEqual([
    '1 2026-05-31T11:55:00 to 12:35:00: 600 s in 2',
    '2 2026-05-31T12:00:00 to 12:30:00: 1800 s in 1',
  ]);
});

it('the next watering comes after a hold, and there is none of a timer that is off', () => {
  const pauses = [{ from: '2026-06-01T12:00:00', to: '2026-06-09T12:00:00' }];
  const next = (controller: object) => {
    const found = nextWatering(
      planOf({ ...PLAN, controller }),
      parseDateTime('2026-06-01T12:00:00')!,
    );
    return found && `${found.station} ${formatDateTime(found.from)}`;
  };
  expect(next({})).toBe('1 2026-06-01T23:55:00');
  expect(next({ pauses })).toBe('1 2026-06-15T23:55:00');
  expect(next({ off: true })).toBeNull();
});

it('holds each piece of water that the engine gives, and the same by date as by week', () => {
  fc.assert(
    fc.property(anyPlan, ({ controller: { clock: _clock, ...controller }, ...rest }) => {
      const plan = { ...rest, controller };
      const week = stationWaterings(plan, MONDAY, 7);
      const byDate = [0, 1, 2, 3, 4, 5, 6].flatMap((later) =>
        stationWaterings(plan, addDays(MONDAY, later), 1),
      );
      expect(byDate).toEqual(week);
      const [begin, end] = [startOfDay(addDays(MONDAY, 1)), startOfDay(addDays(MONDAY, 6))];
      const inside = simulate(plan, { from: MONDAY, days: 7 }).pieces.filter(
        ({ run, from, to }) => run.begin >= begin && from >= begin && to <= end,
      );
      const homeless = inside.filter(
        ({ station, run, from, to }) =>
          !week.some(
            (watering) =>
              watering.station === station &&
              watering.program === run.program.id &&
              watering.from <= from &&
              to <= watering.to,
          ),
      );
      expect(homeless).toEqual([]);
    }),
    runs(20, 300),
  );
});
