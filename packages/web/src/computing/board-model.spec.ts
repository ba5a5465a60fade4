import {
  dayNumberOf,
  formatDateTime,
  parseDateTime,
  parseTimeOfDay,
  type DayNumber,
} from '@water-clock/core/civil-time';
import { simulate } from '@water-clock/core/engine';
import { testPlan } from '../testing/plans';
import { boardModel, NIGHTS, type BoardRun } from './board-model';

const HOUR = 3600;
const NOON = 12 * HOUR;

/** Monday; the plan of the tests has a collision on Thursday the 4th, at 04:00. */
const MONDAY: DayNumber = dayNumberOf({ year: 2026, month: 6, day: 1 });

/** Seconds since noon of the day before, of a time in the morning. */
const morning = (time: string): number => parseTimeOfDay(time)! * 60 + NOON;

const board = (fields: Record<string, unknown> = {}, moveBackSeconds = 0) =>
  boardModel(testPlan(fields), MONDAY, moveBackSeconds);

const names = (runs: readonly BoardRun[]) =>
  runs.map(({ program, startNumber }) => `${program}${startNumber}`);

const program = (id: string, starts: string[], seconds: number, rest: object = {}) => ({
  id,
  starts,
  days: { mode: 'weekdays', weekdays: [1, 2, 3, 4, 5, 6, 7] },
  runs: [{ station: 1, seconds }],
  ...rest,
});

describe('nights', () => {
  it('are fourteen, from noon to noon, each with the runs of its evening and of the morning after', () => {
    const { nights } = board();
    expect(nights.map(({ day }) => day - MONDAY)).toEqual([...Array(NIGHTS).keys()]);
    // A runs on Mondays and Thursdays before dawn: in the nights that began on Sunday and Wednesday.
    expect(nights.map(({ runs }) => names(runs).join())).toEqual([
      '',
      '',
      'A1,B1',
      '',
      '',
      '',
      'A1',
      '',
      '',
      'A1,B1',
      '',
      '',
      '',
      'A1',
    ]);
    expect(nights[2]!.runs[0]!.asked).toEqual({ from: morning('03:30'), to: morning('04:20') });
  });

  it('show a run that goes past noon in both, with what has passed before its noon', () => {
    const { nights } = board({ programs: [program('A', ['11:30'], HOUR)] });
    const [{ runs: today }, { runs: tomorrow }] = [nights[0]!, nights[1]!];
    expect(today.map(({ asked }) => asked.from)).toEqual([-HOUR / 2, 23.5 * HOUR]);
    expect(tomorrow[0]!.key).toBe(today[1]!.key);
    expect(tomorrow[0]!.asked).toEqual({ from: -HOUR / 2, to: HOUR / 2 });
  });

  it('keep the key of a start on a date when its time of day changes', () => {
    const keys = (start: string) =>
      board({ programs: [program('A', [start], 600)] }).nights.flatMap(({ runs }) =>
        runs.map(({ key }) => key),
      );
    expect(keys('02:00')).toEqual(keys('05:15'));
    expect(new Set(keys('02:00')).size).toBe(NIGHTS);
  });
});

it('names what waters too seldom to be in any of them, with its next start', () => {
  const everyThirty = { days: { mode: 'interval', everyDays: 30, anchor: '2026-05-25' } };
  const programs = [
    program('A', ['02:00'], 600),
    program('B', ['05:30'], 600, everyThirty),
    program('C', ['06:00'], 600, { enabled: false }),
  ];
  const next = (moveBackSeconds: number) =>
    board({ programs }, moveBackSeconds).seldom.map(({ program: id, next: at }) => [
      id,
      formatDateTime(at),
    ]);
  expect(next(0)).toEqual([['B', '2026-06-24T05:30:00']]);
  expect(next(HOUR)).toEqual([['B', '2026-06-24T04:30:00']]);
  expect(board({ programs: [programs[0]!, program('B', ['05:30'], 0)] }).seldom).toEqual([]);
  // What is held for months waters again once that is over.
  const pauses = [{ from: '2026-05-01T00:00:00', to: '2026-10-12T00:00:00' }];
  expect(board({ programs: [programs[0]!], controller: { pauses } }).seldom).toEqual([
    { program: 'A', next: parseDateTime('2026-10-12T02:00:00') },
  ]);
});

describe('collisions', () => {
  it('stand in the night of the later run, from its start, as long as the two overlap', () => {
    const { nights, collisions } = board();
    expect(
      collisions.map(({ a, b, from, to, seconds }) => [names([a, b]), from, to, seconds]),
    ).toEqual(Array(2).fill([['A1', 'B1'], morning('04:00'), morning('04:20'), 1200]));
    expect(nights.map((night) => night.collisions.length)).toEqual([
      ...[0, 0, 1, 0, 0, 0, 0],
      ...[0, 0, 1, 0, 0, 0, 0],
    ]);
  });

  it('are all those of the engine on these dates, whatever the timer makes of an overlap', () => {
    for (const overlap of ['queue', 'drop', 'preempt', 'concurrent']) {
      const plan = testPlan({
        timer: { overlap, maxConcurrentStations: 3 },
        programs: [
          program('A', ['01:00', '13:00'], 3 * HOUR),
          program('B', ['02:00', '22:30'], 2 * HOUR, { days: { mode: 'odd' } }),
          program('C', ['03:30', '13:30'], HOUR),
        ],
      });
      const shown = boardModel(plan, MONDAY).collisions.map(
        ({ a, b, seconds }) => `${a.program} ${b.program} ${b.nominal} ${seconds}`,
      );
      const first = MONDAY * 24 * HOUR + NOON;
      const known = simulate(plan, { from: MONDAY, days: NIGHTS + 1 })
        .collisions.filter(({ b }) => b.nominal >= first && b.nominal < first + NIGHTS * 24 * HOUR)
        .map(({ a, b, seconds }) => `${a.program.id} ${b.program.id} ${b.nominal} ${seconds}`);
      expect(known.length).toBeGreaterThan(NIGHTS);
      expect(shown).toEqual(known);
    }
  });
});

describe('what the timer makes of a run', () => {
  const thursday = (overlap: string) => board({ timer: { overlap } }).nights[2]!.runs;

  it('is what was asked where nothing is in its way', () => {
    const [a] = thursday('queue');
    expect(a!.real).toEqual(a!.asked);
    expect(a!.pieces.map(({ station, from, to }) => [station, from, to])).toEqual([
      [1, morning('03:30'), morning('03:50')],
      [2, morning('03:50'), morning('04:20')],
    ]);
  });

  it('is later where it waits, and its pieces are still drawn where they were asked for', () => {
    const [, b] = thursday('queue');
    expect(b!.real).toEqual({ from: morning('04:20'), to: morning('05:00') });
    expect(b!.asked).toEqual({ from: morning('04:00'), to: morning('04:40') });
    expect(b!.pieces.map(({ from, to }) => [from, to])).toEqual([
      [morning('04:00'), morning('04:40')],
    ]);
  });

  it('is nothing where the timer leaves it out', () => {
    const [a, b] = thursday('drop');
    expect([a!.real, b!.real]).toEqual([a!.asked, null]);
  });
});

describe('places in a row', () => {
  it('give runs that go together a lane each, and one that is alone all of the row', () => {
    const { runs } = board({
      programs: [
        program('A', ['00:00', '06:00'], 2 * HOUR),
        program('B', ['01:00'], 2 * HOUR),
        program('C', ['02:00'], HOUR),
      ],
    }).nights[0]!;
    // C begins when A has ended, and takes its lane.
    expect(runs.map(({ program: id, lane, lanes }) => [id, lane, lanes])).toEqual([
      ['A', 0, 2],
      ['B', 1, 2],
      ['C', 0, 2],
      ['A', 0, 1],
    ]);
  });

  it('give stations that are open at once a slot each', () => {
    const { runs } = board({
      timer: { maxConcurrentStations: 2 },
      programs: [
        program('A', ['04:00'], 0, {
          concurrent: 2,
          runs: [
            { station: 1, seconds: 600 },
            { station: 2, seconds: 1200 },
            { station: 3, seconds: 600 },
          ],
        }),
      ],
    }).nights[0]!;
    expect(runs[0]!.slots).toBe(2);
    expect(runs[0]!.pieces.map(({ station, slot }) => [station, slot])).toEqual([
      [1, 0],
      [2, 1],
      [3, 0],
    ]);
  });
});

describe('true time', () => {
  const wrong = { clock: { timerReads: '2026-06-01T12:20:00', trueTime: '2026-06-01T12:00:00' } };

  it('moves every run and collision back by what the clock is ahead, and leaves their lengths', () => {
    const [asRead, asTrue] = [board({ controller: wrong }), board({ controller: wrong }, 1200)];
    const [read, moved] = [asRead.nights[2]!, asTrue.nights[2]!];
    // Noon moves with them: inside its night a run stands at the true time.
    expect(moved.runs.map(({ asked }) => asked)).toEqual(
      read.runs.map(({ asked: { from, to } }) => ({ from: from - 1200, to: to - 1200 })),
    );
    expect(moved.runs.map(({ nominal }) => nominal)).toEqual(
      read.runs.map(({ nominal }) => nominal - 1200),
    );
    expect(moved.collisions.map(({ from, seconds }) => [from, seconds])).toEqual([
      [morning('03:40'), 1200],
    ]);
  });

  it('has the timer’s own hours moved, and those of the rules where they are', () => {
    const hours = [{ from: '10:00', to: '18:00', weekdays: [1, 2, 3, 4, 5, 6, 7] }];
    const fields = {
      timer: { noWaterWindows: true },
      controller: { ...wrong, noWater: hours },
      rules: { noWater: hours },
    };
    const spans = (moveBackSeconds: number) =>
      board(fields, moveBackSeconds).nights[0]!.forbidden.map(({ from, to }) => [from, to]);
    const byRules = [
      [0, 6 * HOUR],
      [22 * HOUR, 24 * HOUR],
    ];
    expect(spans(0)).toEqual([...byRules, ...byRules]);
    expect(spans(1200)).toEqual([[0, 6 * HOUR - 1200], [22 * HOUR - 1200, 24 * HOUR], ...byRules]);
  });
});

it('hours of the rules are drawn in the nights on whose dates they hold', () => {
  const noWater = [{ from: '22:00', to: '04:00' }];
  const rules = { periods: [{ from: '2026-06-03', to: '2026-06-04', noWater }] };
  const spans = board({ rules }).nights.map(({ forbidden }) =>
    forbidden.map(({ from, to }) => [from / HOUR, to / HOUR]),
  );
  // They begin in the evening of the 3rd and of the 4th.
  expect(spans.slice(0, 6)).toEqual([[], [], [[10, 16]], [[10, 16]], [], []]);
});

it('hours that the timer cannot keep are not drawn', () => {
  const noWater = [{ from: '10:00', to: '18:00' }];
  expect(board({ controller: { noWater } }).nights[0]!.forbidden).toEqual([]);
});

describe('the hours of the board', () => {
  const axis = (...programs: object[]) => {
    const { from, to } = board({ programs }).axis;
    return [from / HOUR - 12, to / HOUR - 12];
  };

  it('are whole ones around all runs, half an hour off them at least', () => {
    expect(axis(program('A', ['22:40'], 600), program('B', ['07:00'], 3600))).toEqual([-2, 9]);
  });

  it('are eight where the runs need less, and from eight to eight where there are none', () => {
    expect(axis(program('A', ['03:30'], 600))).toEqual([0, 8]);
    expect(axis(program('A', [], 600))).toEqual([-4, 8]);
  });

  it('never reach past the noons', () => {
    expect(axis(program('A', ['11:30'], 3600))).toEqual([-12, 12]);
  });

  it('hold what the timer makes of the runs too', () => {
    const waits = axis(program('A', ['01:00'], 6 * HOUR), program('B', ['02:00'], 3 * HOUR));
    expect(waits[1]).toBe(11);
  });
});

it('one run of each program is as long as its percentage makes it, without starts or days too', () => {
  const { totals } = board({
    controller: { season: { mode: 'whole', percent: 150 } },
    programs: [
      program('A', ['03:00', '09:00'], 1200),
      program('B', [], 600, { days: { mode: 'weekdays', weekdays: [] } }),
      program('C', ['03:00'], 0),
    ],
  });
  expect(totals).toEqual({
    A: { lengthSeconds: 1800, percent: 150 },
    B: { lengthSeconds: 900, percent: 150 },
  });
});

describe('sunrise', () => {
  const site = { latitude: 0, longitude: 0, timeZone: 'UTC' };

  it('is the morning’s, at the equator about six o’clock', () => {
    for (const { sunrise } of board({ site }).nights)
      expect(Math.abs(sunrise! - morning('06:00'))).toBeLessThan(HOUR / 4);
  });

  it('is not drawn where the place is not known, nor where the sun does not set', () => {
    const sunrises = (place?: object) => [
      ...new Set(board({ ...(place && { site: place }) }).nights.map(({ sunrise }) => sunrise)),
    ];
    expect(sunrises()).toEqual([null]);
    expect(sunrises({ ...site, timeZone: undefined })).toEqual([null]);
    expect(sunrises({ ...site, latitude: 80 })).toEqual([null]);
  });
});

describe('what holds water back', () => {
  const daily = [program('A', ['03:30', '21:00'], HOUR)];
  const held = (fields: Record<string, unknown>) =>
    board({ programs: daily, ...fields }).nights.map(({ holds, leftOut, runs }) => [
      holds.map(({ why, from, to }) => `${why} ${from / HOUR}-${to / HOUR}`).join(),
      leftOut,
      runs.length,
    ]);

  it('is nothing where nothing does', () => {
    expect(held({})).toEqual(Array.from({ length: NIGHTS }, () => ['', 0, 2]));
  });

  it('is a pause, with the runs that it takes from each night', () => {
    const pauses = [{ from: '2026-06-02T22:00:00', to: '2026-06-04T06:00:00' }];
    expect(held({ controller: { pauses } }).slice(0, 5)).toEqual([
      ['', 0, 2],
      // Tuesday's evening still waters; Wednesday morning does not.
      ['pause 10-24', 1, 1],
      ['pause 0-18', 2, 0],
      ['', 0, 2],
      ['', 0, 2],
    ]);
  });

  it('is a day of the month off, from midnight to midnight', () => {
    const fields = { timer: { monthDaysOff: true }, controller: { monthDaysOff: [3] } };
    expect(held(fields).slice(1, 4)).toEqual([
      ['day-off 12-24', 1, 1],
      ['day-off 0-12', 1, 1],
      ['', 0, 2],
    ]);
    // A timer that knows no such days waters on them.
    expect(held({ controller: { monthDaysOff: [3] } })[1]).toEqual(['', 0, 2]);
  });

  it('is the switch, and rain where the sensor hears it', () => {
    expect(held({ controller: { off: true } })[0]).toEqual(['off 0-24', 2, 0]);
    const weather = { rain: [{ from: '2026-06-01T18:00:00', to: '2026-06-01T23:00:00' }] };
    expect(held({ weather })[0]).toEqual(['rain 6-11', 0, 2]);
    expect(held({ weather, controller: { rainSensor: 'bypass' } })[0]).toEqual(['', 0, 2]);
  });
});
