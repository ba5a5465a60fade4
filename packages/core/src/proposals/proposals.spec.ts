import { addDays, parseDate } from '../civil-time/index.js';
import { check } from '../findings/index.js';
import { Customary, yardNeeds, type YardNeeds } from '../needs/index.js';
import { planBrief, readBrief } from '../planner/index.js';
import type { Plan } from '../settings/index.js';
import { planOf } from '../testing/plans.js';
import type { MonthWeather } from '../weather/index.js';
import { readYard } from '../yards/index.js';
import {
  briefFor,
  changedPrograms,
  costsOf,
  isTarget,
  proposalOn,
  targetsOf,
  withPrograms,
  type PlanTargets,
  type StationTarget,
} from './index.js';

const FROM = parseDate('2026-06-01')!;
const DRY: MonthWeather = { et0Mm: 5, days: 30, rainsMm: [] };

const STATIONS = [
  { number: 1, head: 'spray', plant: 'cool turf', soil: 'clay', flowLpm: 20, areaSquareMetres: 32 },
  { number: 2, head: 'rotor', plant: 'cool turf' },
  { number: 3, head: 'bubbler', plant: 'trees' },
  { number: 4, head: 'spray', plant: 'seed', school: 'minute' },
  { number: 5, name: 'Nobody knows' },
  { number: 6, head: 'drip', plant: 'shrubs', enabled: false },
];

function needsOf(stations: object[], month: MonthWeather | null, plan: Plan): YardNeeds {
  const read = readYard({ format: 'waterclock.yard/1', stations });
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  const months = Array.from({ length: 12 }, () => month);
  return yardNeeds({
    yard: read.value,
    timer: plan.timer,
    months,
    month: 7,
    customary: new Customary(),
  });
}

/** As found: two programs that collide, station 5 on odd days, 10 minutes twice a date. */
const asFound = (fields: object = {}): Plan =>
  planOf({
    timer: { stations: 8, startStepMinutes: 5, cycleSoak: {} },
    controller: { season: { percent: 80 }, rainSensor: 'bypass' },
    rules: { finishBy: '06:30' },
    stations: [
      { number: 1, head: 'spray', plant: 'turf', cycleSeconds: 120, soakSeconds: 600 },
      { number: 2, head: 'rotor', plant: 'turf' },
      { number: 3, head: 'bubbler', plant: 'trees' },
      { number: 5, name: 'Nobody knows' },
    ],
    programs: [
      {
        id: 'A',
        starts: ['04:00'],
        days: { weekdays: [1, 3, 5] },
        runs: [
          { station: 1, seconds: 1200 },
          { station: 2, seconds: 3000 },
        ],
      },
      {
        id: 'C',
        starts: ['04:30', '05:30'],
        days: { mode: 'odd' },
        runs: [
          { station: 3, seconds: 1800 },
          { station: 5, seconds: 600 },
        ],
      },
    ],
    ...fields,
  });

const CONDITIONS = {
  dates: { from: FROM, until: addDays(FROM, 30) },
  usesIntervals: true,
  spread: ['07:00', '17:00'] as [string, string],
  nightSeconds: 37_800,
  isCutByStarts: false,
};

const targetFor = (number: number, conditions = CONDITIONS, plan = asFound()): StationTarget => {
  const target = targetsOf(plan, needsOf(STATIONS, DRY, plan), conditions).find(
    (one) => one.number === number,
  )!;
  if (!isTarget(target)) throw new Error(target.why);
  return target;
};

describe('what stations are to be given', () => {
  it('is the taken need, in pieces that the ground takes', () => {
    // 5 × 0.8 × 7 = 28 mm a week at 37.5 mm/h: 2,688 s. Clay roots hold 200 × 0.15 × 0.5 = 15 mm or
    // so: three or four waterings. 5 mm stand on level clay; 37.5 − 2.5 go off: 514 s.
    expect(targetFor(1)).toMatchObject({
      need: { weeklySeconds: 2688 },
      maxPieceSeconds: 514,
      minSoakSeconds: 7200,
      from: 'measurement',
      cut: null,
    });
    const { need } = targetFor(1) as { need: { daysPerWeek: number[] } };
    expect(need.daysPerWeek[1]).toBe(Math.min(5, need.daysPerWeek[0]! + 2));
  });

  it('goes by an interval where water is wanted less than weekly, if the timer and the target have it', () => {
    // 25 days for trees, as in needs.spec: 4,500 s in pieces of ten minutes with 50 between are too
    // long for half a night, 18,900 s: six pieces are not, 3,600 s at 180 s a day.
    expect(targetFor(3).need).toEqual({ everyDays: 20, seconds: 3600 });
    const endless = { ...CONDITIONS, nightSeconds: 86_400 };
    expect(targetFor(3, endless).need).toEqual({ everyDays: 25, seconds: 4500 });
    expect(targetFor(3, { ...CONDITIONS, usesIntervals: false }).need).toMatchObject({
      daysPerWeek: [1, 3],
    });
    const noIntervals = asFound({ timer: { stations: 8, dayModes: ['weekdays'] } });
    noIntervals.programs.splice(1);
    expect(targetFor(3, CONDITIONS, noIntervals).need).toHaveProperty('weeklySeconds');
    const tenDays = asFound({ timer: { stations: 8, intervalMaxDays: 10 } });
    const { need } = targetFor(3, CONDITIONS, tenDays) as { need: { seconds: number } };
    const { need: weekly } = targetFor(3, { ...CONDITIONS, usesIntervals: false }) as {
      need: { weeklySeconds: number };
    };
    expect(need).toMatchObject({ everyDays: 10 });
    expect(Math.abs(need.seconds - (weekly.weeklySeconds * 10) / 7)).toBeLessThan(2);
  });

  it('has few intervals: what is near to a shorter one goes with it', () => {
    const trees = (number: number, soil: string) => ({
      number,
      head: 'drip',
      plant: 'trees',
      soil,
    });
    const plan = asFound();
    const own = (stations: object[]) =>
      targetsOf(plan, needsOf(stations, DRY, plan), { ...CONDITIONS, nightSeconds: 864_000 })
        .filter(isTarget)
        .map(({ need }) => need as { everyDays: number; seconds: number });
    const [sandy] = own([trees(1, 'sandy loam')]);
    const [loam] = own([trees(2, 'loam')]);
    expect(sandy!.everyDays).toBeLessThan(loam!.everyDays);
    expect(sandy!.everyDays).toBeGreaterThan(loam!.everyDays * 0.6);
    const both = own([trees(1, 'sandy loam'), trees(2, 'loam')]);
    expect(both.map(({ everyDays }) => everyDays)).toEqual([sandy!.everyDays, sandy!.everyDays]);
    expect(both[1]!.seconds / both[1]!.everyDays).toBeCloseTo(loam!.seconds / loam!.everyDays, 0);
    const [sand, far] = own([trees(1, 'sand'), trees(2, 'loam')]);
    expect(sand!.everyDays).toBeLessThan(loam!.everyDays * 0.6);
    expect(far).toEqual(loam);
  });

  it('of new seed is several short runs by day, or by night like the rest', () => {
    // 15 minutes by custom, 14 times a week, is twice a day.
    expect(targetFor(4).need).toEqual({
      timesPerDay: 2,
      seconds: 900,
      daysPerWeek: [6, 7],
      spread: ['07:00', '17:00'],
    });
    expect(targetFor(4, { ...CONDITIONS, spread: null as never }).need).toEqual({
      weeklySeconds: 12_600,
      daysPerWeek: [7, 7],
    });
  });

  it('of new seed by measurement is as many runs a day as it wants, or says why it is fewer', () => {
    const stations = [
      {
        ...{ number: 1, head: 'spray', plant: 'seed', soil: 'clay loam', sun: 'full' },
        ...{ flowLpm: 19, areaSquareMetres: 30 },
      },
    ];
    const month = { et0Mm: 6.7, days: 30, rainsMm: [] };
    const own = (plan: Plan, conditions: object = {}) =>
      targetsOf(plan, needsOf(stations, month, plan), { ...CONDITIONS, ...conditions })[0];
    // 46.9 mm a week at 38 mm/h, 28 times: 159 s each.
    expect(own(asFound(), { spread: ['08:00', '16:00'] })).toMatchObject({
      need: { timesPerDay: 4, seconds: 159, daysPerWeek: [6, 7], spread: ['08:00', '16:00'] },
      cut: null,
    });
    const few = asFound({ timer: { stations: 8, startsPerProgram: 2 } });
    expect(own(few)).toMatchObject({
      need: { timesPerDay: 2, seconds: 317 },
      cut: { by: 'starts', perDay: 4 },
    });
    expect(own(asFound({ timer: { stations: 8, startsPerProgram: 1 } }))).toMatchObject({
      need: { weeklySeconds: 4443, daysPerWeek: [7, 7] },
      cut: { by: 'starts', perDay: 4 },
    });
    expect(own(asFound(), { spread: null })).toMatchObject({
      need: { weeklySeconds: 4443 },
      cut: { by: 'night', perDay: 4 },
    });
  });

  it('is what the settings give now where nobody knows better', () => {
    // 28 odd days of the 56 from 1 June: 28 × 2 × 600 s ÷ 8.
    expect(targetFor(5)).toMatchObject({
      need: { weeklySeconds: (28 * 2 * 600) / 8, daysPerWeek: [4, 5] },
      from: 'as-set',
    });
    const plan = asFound({ programs: [] });
    expect(targetsOf(plan, needsOf(STATIONS, DRY, plan), CONDITIONS)[4]).toEqual({
      number: 5,
      why: 'not-known',
    });
    const wet = { et0Mm: 1, days: 30, rainsMm: Array(30).fill(20) as number[] };
    expect(targetsOf(plan, needsOf(STATIONS, wet, plan), CONDITIONS)[0]).toEqual({
      number: 1,
      why: 'needs-nothing',
    });
  });

  it('is no oftener than the rules allow, and says so', () => {
    const seldom = asFound({ rules: { weekdays: [2, 4, 6], mowingWeekdays: [6] } });
    expect(targetFor(1, CONDITIONS, seldom)).toMatchObject({
      need: { daysPerWeek: [2, 2] },
      cut: { by: 'rules', perWeek: expect.any(Number) },
    });
    expect(targetFor(4, CONDITIONS, asFound({ rules: { dateParity: 'odd' } }))).toMatchObject({
      need: { timesPerDay: 2, daysPerWeek: [2, 3] },
      cut: { by: 'rules', perWeek: 7 },
    });
  });
});

const TARGETS: PlanTargets = {
  dates: { from: FROM, until: addDays(FROM, 30) },
  finishBy: '06:30',
  earliestStart: '20:00',
  headroomPercent: 120,
  prefer: 'one-program',
  isCutByStarts: false,
  pinned: { programs: [], stations: [] },
};

function proposed(plan: Plan, fields: Partial<PlanTargets> = {}): Plan {
  const targets = targetsOf(plan, needsOf(STATIONS.slice(0, 5), DRY, plan), {
    ...CONDITIONS,
    isCutByStarts: fields.isCutByStarts ?? false,
  })
    .filter(isTarget)
    .filter(({ number }) => number !== 4);
  const { document, standing } = briefFor(plan, targets, new Map(), { ...TARGETS, ...fields });
  const read = readBrief(document);
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  const answer = planBrief(document, read.value, { now: () => 0, standing });
  if (!answer.feasible) throw new Error(JSON.stringify(answer.reasons));
  return proposalOn(plan, answer.plan);
}

const faults = (plan: Plan): string[] =>
  check(plan, FROM)
    .filter(({ severity }) => severity !== 'info')
    .map(({ code }) => code);

describe('a proposal for settings as found', () => {
  it('puts right what programs can fix, and leaves the sensor to the technician', () => {
    expect(faults(asFound())).toContain('collision');
    const proposal = proposed(asFound());
    expect(faults(proposal)).toEqual(['sensor-bypassed']);
    expect(proposal.controller).toMatchObject({ season: { mode: 'whole', percent: 100 } });
    // Facts of the yard are not written over by what the soil was reckoned to take.
    expect(proposal.stations.map(({ runoffSeconds }) => runoffSeconds)).toEqual(
      Array(4).fill(undefined),
    );
    expect(proposal.stations[0]).toMatchObject({ cycleSeconds: 480, soakSeconds: 7200 });
    expect(proposal.stations[1]!.cycleSeconds).toBeUndefined();
  });

  it('keeps a pinned program, and a pinned station in its program alone', () => {
    const before = asFound();
    const whole = proposed(before, { pinned: { programs: ['C'], stations: [] } });
    expect(whole.programs.find(({ id }) => id === 'C')).toEqual(before.programs[1]);
    expect(faults(whole)).toEqual(['sensor-bypassed']);
    const one = proposed(before, { pinned: { programs: [], stations: [5] } });
    expect(one.programs.find(({ id }) => id === 'C')).toEqual({
      ...before.programs[1],
      runs: [{ station: 5, seconds: 600 }],
    });
    const others = one.programs.filter(({ id }) => id !== 'C').flatMap(({ runs }) => runs);
    expect(others.map(({ station }) => station).sort()).toEqual([1, 2, 3]);
    expect(faults(one)).toEqual(['sensor-bypassed']);
  });

  it('cuts by several starts where that is wanted, though the timer could soak', () => {
    const proposal = proposed(asFound(), { isCutByStarts: true });
    expect(proposal.stations.every(({ cycleSeconds }) => cycleSeconds === undefined)).toBe(true);
    const own = proposal.programs.find(({ runs }) => runs.some(({ station }) => station === 1))!;
    expect(own.starts.length).toBeGreaterThan(1);
    expect(own.runs.find(({ station }) => station === 1)!.seconds).toBeLessThanOrEqual(514);
  });

  it('is taken by program, with the cycles of its stations', () => {
    const before = asFound();
    const proposal = proposed(before);
    const changed = changedPrograms(before, proposal);
    expect(changed).toContain('A');
    const home = proposal.programs.find(({ runs }) => runs.some(({ station }) => station === 1))!;
    const mixed = withPrograms(before, proposal, [home.id]);
    expect(mixed.programs.find(({ id }) => id === home.id)).toEqual(home);
    for (const program of before.programs.filter(({ id }) => id !== home.id))
      expect(mixed.programs).toContainEqual(program);
    expect(mixed.stations[0]).toMatchObject({ cycleSeconds: 480 });
    expect(withPrograms(before, proposal, [])).toEqual(before);
    expect(withPrograms(before, proposal, changed)).toEqual(proposal);
    expect(changedPrograms(before, before)).toEqual([]);
  });
});

it('costs are those of the nights by hand', () => {
  const plan = planOf({
    timer: { startStepMinutes: 5 },
    controller: { stationDelaySeconds: 60 },
    stations: [
      { number: 1, flowLpm: 12 },
      { number: 2, flowLpm: 30 },
    ],
    programs: [
      {
        id: 'A',
        starts: ['23:30'],
        days: { weekdays: [1, 4] },
        runs: [
          { station: 1, seconds: 1200 },
          { station: 2, seconds: 600 },
        ],
      },
      { id: 'B', starts: ['05:00'], days: { weekdays: [5] }, runs: [{ station: 1, seconds: 600 }] },
      { id: 'C', starts: ['05:00'], days: { weekdays: [5] } },
    ],
  });
  // The night of Thursday: 23:30 to 05:10. A alone: 20 min, a minute's wait, 10 min: over at 00:01.
  expect(costsOf(plan, FROM)).toEqual({
    programs: 2,
    starts: 2,
    datesPerWeek: 2 + 2 + 1,
    longestNightSeconds: 5 * 3600 + 40 * 60,
    latestEndSeconds: 5 * 3600 + 600,
    weeklySeconds: 2 * 1800 + 600,
    weeklyLitres: 2 * (20 * 12 + 10 * 30) + 10 * 12,
    headroomPercent: 150,
  });
  expect(costsOf({ ...plan, programs: [] }, FROM)).toMatchObject({
    programs: 0,
    latestEndSeconds: null,
    longestNightSeconds: 0,
  });
});
