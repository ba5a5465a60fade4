import fc from 'fast-check';
import { differences } from '../compare/index.js';
import { programOf, setStarts, type Plan } from '../settings/index.js';
import { anyPlan, planOf } from '../testing/plans.js';
import { KEY_IN_PARTS, type KeyInPart } from '../timer-types/index.js';
import {
  isSameValue,
  keyInPlaces,
  keyInSteps,
  valueWords,
  withShown,
  type KeyInStep,
} from './index.js';

const STATIONS = [{ number: 1, name: 'Kerb strip' }, { number: 2 }];

const planWith = (starts: string[], seconds: [number, number], percent = 100, timer: object = {}) =>
  planOf({
    timer: { programs: ['A', 'B'], startsPerProgram: 3, maxStationDelaySeconds: 0, ...timer },
    controller: { season: { mode: 'whole', percent } },
    stations: STATIONS,
    programs: [
      {
        id: 'A',
        starts,
        days: { mode: 'weekdays', weekdays: [2, 5] },
        runs: STATIONS.map(({ number: station }, index) => ({ station, seconds: seconds[index] })),
      },
    ],
  });

const stepsOf = (
  target: Plan,
  present: Plan | null,
  {
    isWhole = false,
    order = KEY_IN_PARTS,
  }: { readonly isWhole?: boolean; readonly order?: readonly KeyInPart[] } = {},
) => keyInSteps({ target, present, order, isWhole });

const statement = (steps: readonly KeyInStep[]) =>
  steps.map(({ key, value }) => (value ? `${key}: ${valueWords(value)}` : key));

const LOOK = ['look run: set to run', 'look sensor: active', 'look percent: 100 %', 'look clock'];

it('is only what differs, with what is to be cleared, and a last look', () => {
  const steps = stepsOf(planWith(['03:30'], [900, 600]), planWith(['02:00', '05:00'], [900, 750]));
  expect(statement(steps)).toEqual([
    'clock',
    'A start 1: 03:30',
    'A start 2: off',
    'A station 2: 10 min',
    ...LOOK,
  ]);
  expect(valueWords(steps[3]!.before!)).toBe('12 min 30 s');
});

it('sets the percentage to 100 % before run times, and to what it is to be afterwards', () => {
  const [present, target] = [planWith([], [900, 600], 130), planWith([], [900, 660], 80)];
  expect(statement(stepsOf(target, present))).toEqual([
    'clock',
    'percent first: 100 %',
    'A station 2: 11 min',
    'percent: 80 %',
    'look run: set to run',
    'look sensor: active',
    'look percent: 80 %',
    'look clock',
  ]);
  // Without run times to enter there is nothing to set it for.
  expect(statement(stepsOf(planWith([], [900, 600], 80), present))).toEqual([
    'clock',
    'percent: 80 %',
    'look run: set to run',
    'look sensor: active',
    'look percent: 80 %',
    'look clock',
  ]);
});

it('sets the percentage back after the run times, though it is to be what it was, in any order', () => {
  const [present, target] = [planWith([], [900, 600], 130), planWith([], [900, 660], 130)];
  const keyed = ['percent first: 100 %', 'A station 2: 11 min', 'percent: 130 %'];
  const between = (order: readonly KeyInPart[]) =>
    statement(stepsOf(target, present, { order })).filter((line) => !/^(clock|look)/.test(line));
  expect(between(KEY_IN_PARTS)).toEqual(keyed);
  expect(between(['percent', 'clock', 'run-times', 'starts', 'days', 'extras'])).toEqual(keyed);
  // And what is at 100 % in the end is not set to it twice.
  const plain = statement(stepsOf(planWith([], [900, 660], 100), present));
  expect(plain.filter((line) => line.startsWith('percent'))).toEqual(['percent first: 100 %']);
});

it('follows the order of the kind, and is everything where nobody knows what is in it', () => {
  const order = ['days', 'run-times', 'starts', 'clock', 'extras', 'percent'] as const;
  const steps = stepsOf(planWith(['03:30'], [900, 0]), null, { order });
  const parts = steps.map(({ part }) => part);
  expect(parts.filter((part, index) => part !== parts[index - 1])).toEqual([
    'days',
    'percent',
    'run-times',
    'starts',
    'clock',
    'extras',
    'percent',
    'last-look',
  ]);
  expect(statement(steps)).toEqual(
    expect.arrayContaining([
      'A start 3: off',
      'B start 1: off',
      'B station 1: off',
      'B days: no days chosen',
    ]),
  );
  const whole = stepsOf(planWith(['03:30'], [900, 0]), planWith(['03:30'], [900, 0]), {
    order,
    isWhole: true,
  });
  expect(statement(whole).filter((line) => line !== 'percent first: 100 %')).toEqual(
    statement(steps).filter((line) => line !== 'percent first: 100 %'),
  );
});

it('asks for no percentage where the timer has none, and by program where it goes by program', () => {
  const none = planWith(['03:30'], [900, 0], 100, { season: null });
  expect(statement(stepsOf(none, null)).filter((line) => line.includes('percent'))).toEqual([]);
  const byProgram = (percent: number): Plan => {
    const plan = planWith([], [900, percent]);
    return {
      ...plan,
      controller: { ...plan.controller, season: { mode: 'program' } },
      programs: plan.programs.map((program) => ({ ...program, percent })),
    };
  };
  const lines = statement(stepsOf(byProgram(120), byProgram(90)));
  expect(lines.filter((line) => line.includes('percent'))).toEqual([
    'A percent first: 100 %',
    'A percent: 120 %',
  ]);
});

it('every place writes what it reads: a plan is keyed into another, and is then the same', () => {
  fc.assert(
    fc.property(anyPlan, anyPlan, (one, other) => {
      const timer = { ...other.timer, startsPerProgram: 6 };
      const target = { ...other, timer, stations: other.stations };
      const present: Plan = {
        ...target,
        controller: { ...target.controller, monthDaysOff: one.controller.monthDaysOff },
        programs: one.programs,
      };
      const shown = new Map(keyInPlaces(target).map((place) => [place.key, place.read(target)]));
      const keyed = withShown(present, shown);
      const facts = keyInPlaces(target).map(({ key, read }) => [key, valueWords(read(keyed))]);
      expect(facts).toEqual([...shown].map(([key, value]) => [key, valueWords(value)]));
    }),
  );
});

/** A timer that can hold everything. */
const HOLDS_ALL = {
  ...{ startsPerProgram: 6, monthDaysOff: true, noWaterWindows: true, pumpPerStation: true },
  ...{ programWindows: true, freezeSensor: true },
  ...{ maxConcurrentStations: 3, rainSensor: true, cycleSoak: { policy: 'in-order' } as const },
};

/** Nothing of what a timer leaves out of its own accord. */
function asHeld(plan: Plan): Plan {
  const { mode } = plan.controller.season;
  return {
    ...plan,
    stations: plan.stations.map(({ cycleSeconds = 0, soakSeconds = 0, pump = false, ...rest }) => ({
      ...rest,
      ...(cycleSeconds > 0 && { cycleSeconds }),
      ...(soakSeconds > 0 && { soakSeconds }),
      pump,
    })),
    programs: plan.timer.programs.map((id) => {
      const program = programOf(plan, id);
      return {
        ...program,
        // Of an interval in hours they mean nothing.
        starts: [...setStarts(program)].sort(),
        percent: mode === 'program' ? program.percent : 100,
        runs: program.runs
          .filter(({ seconds }) => seconds > 0)
          .sort((a, b) => a.station - b.station),
      };
    }),
  };
}

it('whatever stood in a timer, once all is keyed in that differs it holds what is wanted', () => {
  fc.assert(
    fc.property(anyPlan, anyPlan, (one, other) => {
      const timer = { ...other.timer, ...HOLDS_ALL, stationOrder: 'number' as const };
      const target: Plan = { ...other, timer };
      const present: Plan = {
        ...one,
        timer,
        programs: one.programs.map((program) => ({
          ...program,
          runs: program.runs.filter(({ station }) => station <= target.stations.length),
        })),
        controller: { ...one.controller, season: other.controller.season },
        ...(other.weather && { weather: other.weather }),
        stations: target.stations.map((station) => ({
          ...station,
          ...one.stations.find(({ number }) => number === station.number),
        })),
      };
      const steps = keyInSteps({ target, present, order: KEY_IN_PARTS, isWhole: false });
      const shown = new Map(
        keyInPlaces(target).map((place) => [place.key, place.read(present)] as const),
      );
      for (const { key, value } of steps) if (value) shown.set(key.replace(/ first$/, ''), value);
      expect(differences(asHeld(withShown(present, shown)), asHeld(target))).toEqual([]);
    }),
  );
});

it('asks of a program and a station whether it is on only where it is off, or is to be', () => {
  const switches = (target: Plan, present: Plan | null) =>
    statement(stepsOf(target, present)).filter((line) => /^(. on|stations off)/.test(line));
  const on = planWith(['03:30'], [900, 600]);
  const off: Plan = {
    ...on,
    stations: on.stations.map((station) => ({ ...station, enabled: station.number !== 2 })),
    programs: on.programs.map((program) => ({ ...program, enabled: false })),
  };
  expect(switches(on, null)).toEqual([]);
  expect(switches(off, on)).toEqual(['A on: off', 'stations off: 2']);
  expect(switches(off, null)).toEqual(['A on: off', 'stations off: 2']);
  expect(switches(on, off)).toEqual(['A on: on', 'stations off: none']);
});

it('what the display shows otherwise is what was saved, starts in the middle too', () => {
  const target = planWith(['01:00', '03:00', '05:00'], [900, 600]);
  const shown = withShown(
    target,
    new Map([
      ['A start 1', { type: 'time', time: null }],
      ['A start 3', { type: 'time', time: '05:15' }],
      ['A station 2', { type: 'length', seconds: 630 }],
      ['look sensor', { type: 'choice', isOn: false, words: ['active', 'bypassed'] }],
      ['no such place', { type: 'percent', percent: 5 }],
    ] as const),
  );
  expect(shown.programs[0]).toMatchObject({
    starts: ['03:00', '05:15'],
    runs: [
      { station: 1, seconds: 900 },
      { station: 2, seconds: 630 },
    ],
  });
  expect(shown.controller.rainSensor).toBe('bypass');
  expect(differences(target, shown).length).toBeGreaterThan(2);
});

it('asks for what the timer would show otherwise: not for another count of the same days', () => {
  const every = (anchor: string) =>
    ({ type: 'days', days: { mode: 'interval', everyDays: 3, anchor } }) as const;
  expect(isSameValue(every('2026-06-02'), every('2026-06-05'))).toBe(true);
  expect(isSameValue(every('2026-06-02'), every('2026-06-03'))).toBe(false);
  // 2191 days lie between them: not a multiple of three.
  expect(isSameValue(every('2020-06-02'), every('2026-06-02'))).toBe(false);
  expect(isSameValue({ type: 'length', seconds: 60 }, { type: 'length', seconds: 61 })).toBe(false);
});

it('says of the percentage before run times what stands there now, and that it is only for now', () => {
  const first = (present: Plan | null, target = planWith([], [900, 660], 130)) =>
    stepsOf(target, present).filter(({ key }) => key.endsWith('first'));
  const step = {
    key: 'percent first',
    part: 'percent',
    program: null,
    station: null,
    what: 'Season percentage, while run times are entered',
    value: { type: 'percent', percent: 100 },
    isForNow: true,
  };
  expect(first(planWith([], [900, 600], 130))).toEqual([
    { ...step, before: { type: 'percent', percent: 130 } },
  ]);
  expect(first(null)).toEqual([{ ...step, before: null }]);
  // It is at 100 % already; or a table by month stands there, which no display multiplies run times by.
  expect(first(planWith([], [900, 600], 100))).toEqual([]);
  const present = planWith([], [900, 600]);
  const percents = Array.from({ length: 12 }, () => 70);
  const monthly: Plan = {
    ...present,
    controller: { ...present.controller, season: { mode: 'monthly', percents } },
  };
  expect(first(monthly)).toEqual([]);
});

it('by program, only what is not at 100 % is set to it for now', () => {
  const present = planOf({
    timer: { programs: ['A', 'B'] },
    controller: { season: { mode: 'program' } },
    stations: STATIONS,
    programs: ['A', 'B'].map((id) => ({
      id,
      percent: id === 'A' ? 100 : 70,
      days: { mode: 'odd' },
      runs: [{ station: 1, seconds: 600 }],
    })),
  });
  const target = { ...present, programs: present.programs.map((one) => ({ ...one, runs: [] })) };
  const steps = stepsOf(target, present).filter(({ part }) => part === 'percent');
  expect(steps.map(({ key, program, before }) => [key, program, before])).toEqual([
    ['B percent first', 'B', { type: 'percent', percent: 70 }],
    // And back: it stands at 100 % now, and is to be what it was.
    ['B percent', 'B', { type: 'percent', percent: 70 }],
  ]);
});

it('leaves the percentage where it comes in the order of the timer when no run time is keyed in', () => {
  const keys = stepsOf(planWith(['03:30'], [900, 600], 80), planWith([], [900, 600]), {
    order: ['percent', 'starts', 'run-times', 'days', 'clock'],
  }).map(({ key }) => key);
  expect(keys.slice(0, 3)).toEqual(['percent', 'A start 1', 'clock']);
});

it('a step is of its program and station, and stays', () => {
  const [clock, run] = stepsOf(planWith([], [900, 660]), planWith([], [900, 600]));
  expect(clock).toEqual({
    key: 'clock',
    part: 'clock',
    program: null,
    station: null,
    what: 'Clock: year, date, weekday, time',
    value: null,
    before: null,
    isForNow: false,
  });
  expect(run).toEqual({
    key: 'A station 2',
    part: 'run-times',
    program: 'A',
    station: 2,
    what: 'Run time',
    value: { type: 'length', seconds: 660 },
    before: { type: 'length', seconds: 600 },
    isForNow: false,
  });
});

it('looks last at the switch, the sensor, the percentage and the clock, each in its words', () => {
  const last = (controller: object, timer: object = {}) => {
    const plan = planWith([], [900, 600], 100, timer);
    const steps = stepsOf({ ...plan, controller: { ...plan.controller, ...controller } }, plan);
    return steps
      .filter(({ part }) => part === 'last-look')
      .map(({ what, value, program, station, before, isForNow }) => [
        ...[what, value && valueWords(value)],
        ...[program, station, before, isForNow],
      ]);
  };
  const rest = [null, null, null, false];
  expect(last({ off: true, rainSensor: 'bypass' })).toEqual([
    ['The switch', 'off', ...rest],
    ['Rain sensor', 'bypassed', ...rest],
    ['Season percentage', '100 %', ...rest],
    ['Clock shows the true time and weekday', null, ...rest],
  ]);
  expect(last({}, { rainSensor: false, season: null }).map(([what]) => what)).toEqual([
    'The switch',
    'Clock shows the true time and weekday',
  ]);
  expect(last({ season: { mode: 'program' } }).map(([what]) => what)).not.toContain(
    'Season percentage',
  );
});
