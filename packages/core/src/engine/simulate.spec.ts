import fc from 'fast-check';
import { asDayNumber, parseDate, parseTimeOfDay, weekdayOf, dayOf } from '../civil-time/index.js';
import type { Plan } from '../settings/index.js';
import { anyPlan, planOf } from '../testing/plans.js';
import {
  scaledSeconds,
  simulate,
  simulationReport,
  factsOf,
  percentOn,
  type WaterPiece,
} from './index.js';
import { runs } from '../testing/runs.js';

const FROM = parseDate('2026-05-28')!;
const RANGE = { from: FROM, days: 21 };
const RUNS = runs(40, 500);

const groupedBy = <Item>(items: readonly Item[], key: (item: Item) => string) => {
  const groups = new Map<string, Item[]>();
  for (const item of items) groups.set(key(item), [...(groups.get(key(item)) ?? []), item]);
  return [...groups.values()];
};

const runKey = ({ run }: WaterPiece) => `${run.program.id} ${run.startNumber} ${run.nominal}`;

/** The same plan with nothing that takes water away or gets in the way of a run. */
const undisturbed = (plan: Plan): Plan => ({
  ...plan,
  timer: {
    ...plan.timer,
    ...{ overlap: 'concurrent', noWaterWindows: false, programWindows: false },
  },
});

describe('one run', () => {
  it('gives each enabled station its scaled time, no more and no less', () => {
    fc.assert(
      fc.property(anyPlan, (plan) => {
        const { pieces, runs } = simulate(undisturbed(plan), RANGE);
        for (const run of runs) {
          const settings = plan.programs.find(({ id }) => id === run.program.id)!;
          const percent = percentOn(plan, settings, factsOf(dayOf(run.nominal)));
          for (const { station, seconds } of settings.runs) {
            const enabled = plan.stations.find(({ number }) => number === station)!.enabled;
            const given = pieces
              .filter((piece) => piece.run === run && piece.station === station)
              .reduce((sum, piece) => sum + piece.to - piece.from, 0);
            expect(given).toBe(enabled ? scaledSeconds(seconds, percent, 60) : 0);
          }
        }
      }),
      RUNS,
    );
  });

  it('never has more stations open than its slots, and keeps the delay in one slot', () => {
    fc.assert(
      fc.property(anyPlan, (plan) => {
        const delay = plan.controller.stationDelaySeconds;
        for (const pieces of groupedBy(simulate(undisturbed(plan), RANGE).pieces, runKey)) {
          const { concurrent } = plan.programs.find(({ id }) => id === pieces[0]!.run.program.id)!;
          const slots = Math.min(concurrent, plan.timer.maxConcurrentStations);
          for (const piece of pieces) {
            const open = pieces.filter(
              ({ from, to }) => from <= piece.from && piece.from < to + delay,
            );
            // Itself, and at most slots − 1 others that have begun and whose delay is not over.
            expect(open.length).toBeLessThanOrEqual(slots);
          }
        }
      }),
      RUNS,
    );
  });

  it("keeps each station's cycle and soak, and counts its pieces from 1", () => {
    fc.assert(
      fc.property(anyPlan, (plan) => {
        const { pieces } = simulate(undisturbed(plan), RANGE);
        for (const own of groupedBy(pieces, (piece) => `${runKey(piece)} ${piece.station}`)) {
          const station = plan.stations.find(({ number }) => number === own[0]!.station)!;
          const soak = Math.max(station.soakSeconds ?? 0, plan.controller.stationDelaySeconds);
          expect(own.map(({ piece }) => piece)).toEqual(own.map((_, index) => index + 1));
          own.slice(1).forEach((piece, index) => {
            expect(piece.from - own[index]!.to).toBeGreaterThanOrEqual(soak);
            expect(own[index]!.to - own[index]!.from).toBe(station.cycleSeconds);
          });
          if (!plan.timer.cycleSoak) expect(own).toHaveLength(1);
        }
      }),
      RUNS,
    );
  });

  it('wastes no time: with one station, no soak and no delay, it lasts as long as its water', () => {
    const plan = planOf({
      timer: { cycleSoak: {} },
      stations: [{ number: 1, cycleSeconds: 60 }],
      programs: [
        {
          id: 'A',
          starts: ['04:00'],
          days: { mode: 'even' },
          runs: [{ station: 1, seconds: 600 }],
        },
      ],
    });
    const { runs } = simulate(plan, RANGE);
    expect(runs[0]!.end - runs[0]!.begin).toBe(600);
  });
});

describe('many runs', () => {
  it('never go at once, unless the timer waters both', () => {
    fc.assert(
      fc.property(anyPlan, (plan) => {
        const { runs } = simulate(plan, RANGE);
        const wait = plan.timer.overlap === 'queue' ? plan.controller.stationDelaySeconds : 0;
        if (plan.timer.overlap === 'concurrent') {
          expect(runs.every((run) => run.begin === run.nominal)).toBe(true);
        } else {
          runs.slice(1).forEach((run, index) => {
            expect(run.begin).toBeGreaterThanOrEqual(run.nominal);
            expect(run.begin - runs[index]!.end).toBeGreaterThanOrEqual(wait);
          });
        }
      }),
      RUNS,
    );
  });

  it('wait no longer than they must in a queue, and lose no water', () => {
    fc.assert(
      fc.property(anyPlan, (any) => {
        const plan = { ...any, timer: { ...any.timer, overlap: 'queue' as const } };
        const { runs } = simulate(plan, RANGE);
        const alone = simulate(undisturbed(plan), RANGE).runs;
        expect(runs.map(({ begin, end }) => end - begin)).toEqual(
          alone.map(({ begin, end }) => end - begin),
        );
        runs.forEach((run, index) => {
          const free = index
            ? runs[index - 1]!.end + plan.controller.stationDelaySeconds
            : -Infinity;
          expect(run.begin).toBe(Math.max(run.nominal, free));
        });
      }),
      RUNS,
    );
  });

  it('collide just when a later start lies inside the earlier run, alone', () => {
    fc.assert(
      fc.property(anyPlan, (plan) => {
        const alone = simulate(undisturbed(plan), RANGE).runs;
        const pairs = alone.flatMap((a, first) =>
          alone.slice(first + 1).flatMap((b) => (b.nominal < a.end ? [{ a, b }] : [])),
        );
        const wanted = pairs.map(
          ({ a, b }) =>
            `${a.nominal} ${a.program.id}${a.startNumber} ${b.nominal} ${b.program.id}${b.startNumber} ${Math.min(a.end, b.end) - b.nominal}`,
        );
        const found = simulate(plan, RANGE).collisions.map(
          ({ a, b, seconds }) =>
            `${a.nominal} ${a.program.id}${a.startNumber} ${b.nominal} ${b.program.id}${b.startNumber} ${seconds}`,
        );
        expect([...found].sort()).toEqual(wanted.sort());
      }),
      RUNS,
    );
  });
});

describe('water that is taken away', () => {
  it('never flows inside a forbidden window, and flows everywhere else', () => {
    fc.assert(
      fc.property(anyPlan, (any) => {
        const plan = { ...any, timer: { ...any.timer, noWaterWindows: true } };
        const open = { ...plan, timer: { ...plan.timer, noWaterWindows: false } };
        const isForbidden = (second: number) =>
          plan.controller.noWater.some(({ from, to, weekdays }) => {
            const begin = parseTimeOfDay(from)! * 60;
            const length = ((parseTimeOfDay(to)! * 60 - begin + 86_400 - 1) % 86_400) + 1;
            return [0, 1].some((back) => {
              const day = asDayNumber(Math.floor(second / 86_400) - back);
              const into = second - day * 86_400 - begin;
              return weekdays.includes(weekdayOf(day)) && into >= 0 && into < length;
            });
          });
        const kept = simulate(plan, RANGE).pieces;
        for (const { from, to } of kept)
          for (const second of [from, Math.floor((from + to) / 2), to - 1])
            expect(isForbidden(second)).toBe(false);
        const week = { from: FROM, days: 5 };
        const byMinute = (pieces: readonly WaterPiece[]) =>
          pieces.flatMap((piece) => {
            const minutes = [];
            for (let at = piece.from; at < piece.to; at++)
              if (at % 60 === 0 && !isForbidden(at)) minutes.push(`${piece.station} ${at}`);
            return minutes;
          });
        expect(byMinute(simulate(plan, week).pieces).sort()).toEqual(
          byMinute(simulate(open, week).pieces).sort(),
        );
      }),
      { numRuns: 25 },
    );
  });

  const rained = (fields: object) =>
    planOf({
      stations: [{ number: 1 }],
      programs: [
        { id: 'A', starts: ['04:00'], days: { mode: 'odd' }, runs: [{ station: 1, seconds: 600 }] },
      ],
      weather: { rain: [{ from: '2026-05-01T00:00:00', to: '2026-07-01T00:00:00' }] },
      ...fields,
    });

  it('is kept back by rain only where sensor, timer and station heed it', () => {
    const count = (fields: object) => simulate(rained(fields), RANGE).pieces.length;
    expect(count({})).toBe(0);
    expect(count({ controller: { rainSensor: 'bypass' } })).toBe(11);
    expect(count({ timer: { rainSensor: false } })).toBe(11);
    expect(count({ stations: [{ number: 1, rainSensor: false }] })).toBe(11);
  });
});

describe('what does not water', () => {
  const plan = (controller: object, program: object = {}) =>
    planOf({
      stations: [{ number: 1 }],
      controller,
      programs: [
        {
          id: 'A',
          starts: ['04:00'],
          days: { mode: 'weekdays', weekdays: [1, 2, 3, 4, 5, 6, 7] },
          runs: [{ station: 1, seconds: 600 }],
          ...program,
        },
      ],
    });
  const count = (controller: object, program = {}) =>
    simulate(plan(controller, program), { from: FROM, days: 7 }).runs.length;

  it('is a timer that is off, a program that is off, and a percentage of 0', () => {
    expect(count({})).toBe(7);
    expect(count({ off: true })).toBe(0);
    expect(count({}, { enabled: false })).toBe(0);
    expect(count({ season: { mode: 'whole', percent: 0 } })).toBe(0);
  });

  it('is a start inside a pause, its begin included and its end not', () => {
    const pause = (from: string, to: string) => count({ pauses: [{ from, to }] });
    expect(pause('2026-05-29T04:00:00', '2026-05-30T04:00:00')).toBe(6);
    expect(pause('2026-05-29T04:00:01', '2026-05-30T04:00:00')).toBe(7);
    expect(pause('2026-05-29T04:00:00', '2026-05-30T04:00:01')).toBe(5);
  });
});

it('prints times by the clock on the wall when it is told how wrong the clock is', () => {
  const plan = planOf({
    stations: [{ number: 1 }],
    programs: [
      { id: 'A', starts: ['04:00'], days: { mode: 'odd' }, runs: [{ station: 1, seconds: 600 }] },
    ],
  });
  const [piece] = simulationReport(simulate(plan, RANGE), 12 * 3600).pieces;
  expect(piece).toMatchObject({ nominal: '2026-05-28T16:00:00', to: '2026-05-28T16:10:00' });
});
