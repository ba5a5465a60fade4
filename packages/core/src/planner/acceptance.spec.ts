import { casesIn } from '../testing/cases.js';
import { changeProgram, movedTime, setProgram, type Plan } from '../settings/index.js';
import { faultOf } from './acceptance.js';
import { DailyNeed } from './brief.js';
import { planBrief, readBrief } from './index.js';
import { situationOf, type Situation } from './situation.js';

type Raw = Record<string, unknown>;

/** A public brief that can be met, changed by hand, with its plan. */
function planned(name: string, changes: Raw = {}): { situation: Situation; plan: Plan } {
  const [, text] = casesIn('plan').find(([file]) => file.startsWith(name))!;
  const document = { ...((JSON.parse(text) as Raw)['brief'] as Raw), ...changes };
  const read = readBrief(document);
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  let looks = 0;
  const answer = planBrief(document, read.value, { now: () => looks++ / 20, withNearest: false });
  if (!answer.feasible) throw new Error(JSON.stringify(answer.reasons));
  return { situation: situationOf(read.value), plan: answer.plan };
}

/** What is wrong with a plan once it is changed by hand; it was right before. */
function faultAfter(
  { situation, plan }: ReturnType<typeof planned>,
  change: (plan: Plan) => Plan,
): string | null {
  expect(faultOf(situation, plan)).toBeNull();
  return faultOf(situation, change(plan));
}

const first = (plan: Plan) => plan.programs[0]!;

describe('a finished plan is refused', () => {
  const one = planned('01');

  it('where a start is added that collides', () => {
    const fault = faultAfter(one, (plan) => {
      const { id, starts } = first(plan);
      return setProgram(id, { starts: [...starts, movedTime(starts[0]!, 15)] })(plan);
    });
    expect(fault).toMatch(/^collision: /);
  });

  it('where it waters by day', () => {
    const fault = faultAfter(one, (plan) =>
      setProgram(first(plan).id, { starts: ['13:00'] })(plan),
    );
    expect(fault).toMatch(/^(late-finish: |station \d+ runs outside the night$)/);
  });

  it('where a run goes on past noon, into another night', () => {
    const free = planned('01', { rules: { headroomPercent: 100 } });
    const fault = faultAfter(free, (plan) =>
      setProgram(first(plan).id, { starts: ['11:45'] })(plan),
    );
    expect(fault).toMatch(/^a run of station \d+ spans two nights$/);
  });

  it('where a station is given nothing', () => {
    const fault = faultAfter(one, (plan) =>
      changeProgram(first(plan).id, ({ runs }) => ({ runs: runs.slice(1) }))(plan),
    );
    expect(fault).toMatch(/^station-idle: Station 1 /);
  });

  it('where the rules forbid one of its days', () => {
    const four = planned('04');
    const fault = faultAfter(four, (plan) =>
      setProgram(first(plan).id, {
        days: { mode: 'weekdays', weekdays: [1, 2, 3, 4, 5, 6, 7] },
        blockedWeekdays: [],
      })(plan),
    );
    expect(fault).toMatch(/^rule-day: /);
  });

  it('where it holds as it is set, and not up to the percentage that was asked for', () => {
    // 82 minutes from 4:30 are over by 5:55; at 130 % they are 106.
    const fault = faultAfter(one, (plan) =>
      setProgram(first(plan).id, { starts: ['04:30'] })(plan),
    );
    expect(fault).toMatch(/^at 130 %: late-finish: /);
  });
});

interface TwoStations {
  readonly rules?: Raw;
  /** How long the second goes; the first goes for a quarter of an hour. */
  readonly secondMinutes?: number;
}

/** A brief of two stations, back to back on three days a week, and its plan with a start of one's own choosing. */
function twoStations(
  start: string,
  { rules = { headroomPercent: 100 }, secondMinutes = 15 }: TwoStations = {},
) {
  const station = (number: number, minutes: number) => ({
    ...{ number, name: `Bed ${number}`, plant: 'turf', head: 'rotor', flowLpm: 20 },
    need: { weeklySeconds: 3 * 60 * minutes, daysPerWeek: [3, 3] },
  });
  const { situation, plan } = planned('01', {
    rules,
    controller: { stationDelaySeconds: 0 },
    stations: [station(1, 15), station(2, secondMinutes)],
  });
  return { situation, plan: setProgram(first(plan).id, { starts: [start] })(plan) };
}

const inNight = (situation: Situation, from: number, to: number): Situation => ({
  ...situation,
  night: { ...situation.night, from, to },
});

describe('the night is kept to the second', () => {
  const HOUR = 3600;

  it.each([
    ['after midnight', '03:00', 3 * HOUR],
    ['across midnight', '23:45', -900],
    ['in the evening', '21:00', -3 * HOUR],
  ])('%s', (_, start, begins) => {
    const { situation, plan } = twoStations(start);
    const ends = begins + 1800;
    expect(faultOf(inNight(situation, begins, ends), plan)).toBeNull();
    expect(faultOf(inNight(situation, begins + 1, ends), plan)).toBe(
      'station 1 runs outside the night',
    );
    expect(faultOf(inNight(situation, begins, ends - 1), plan)).toBe(
      'station 2 runs outside the night',
    );
  });

  it('which goes from noon to noon', () => {
    const fault = (start: string, secondMinutes?: number) => {
      const { situation, plan } = twoStations(start, { ...(secondMinutes && { secondMinutes }) });
      return faultOf(situation, plan);
    };
    expect(fault('12:00')).toBeNull();
    expect(fault('11:30')).toBeNull();
    // It begins at noon itself, or goes on past it.
    expect(fault('11:45')).toBe('a run of station 2 spans two nights');
    expect(fault('11:30', 20)).toBe('a run of station 2 spans two nights');
  });

  it('at the percentage that was asked for as well', () => {
    const { situation, plan } = twoStations('03:00', { rules: { headroomPercent: 130 } });
    const at = (ends: number) => faultOf(inNight(situation, 3 * HOUR, 3 * HOUR + ends), plan);
    expect(at(2340)).toBeNull();
    expect(at(2339)).toBe('station 2 runs outside the night');
  });

  it('but by stations that the brief does not ask for', () => {
    const { situation, plan } = twoStations('03:00');
    const jobs = situation.jobs.filter(({ station }) => station.number !== 2);
    expect(faultOf({ ...inNight(situation, 3 * HOUR, 3 * HOUR + 900), jobs }, plan)).toBeNull();
  });
});

it('the hours of new seed are kept to the second', () => {
  const [, text] = casesIn('plan').find(([file]) => file.startsWith('09'))!;
  const { rules, stations } = (JSON.parse(text) as { brief: { rules: Raw; stations: Raw[] } })
    .brief;
  const { situation, plan } = planned('09', {
    rules: { ...rules, headroomPercent: 100 },
    stations: stations.map((station) =>
      station['number'] === 1
        ? { ...station, need: { ...(station['need'] as Raw), seconds: 180 } }
        : station,
    ),
  });
  const { starts } = plan.programs.find(({ runs }) => runs[0]!.station === 1)!;
  const [begins, ends] = [starts[0]!, movedTime(starts.at(-1)!, 3)];
  const within = (from: string, to: string) => {
    const jobs = situation.jobs.map((job) => {
      const { need } = job.station;
      if (job.station.number !== 1 || !(need instanceof DailyNeed)) return job;
      const spread = Object.assign(new DailyNeed(), need, { spread: [from, to] });
      return { ...job, station: { ...job.station, need: spread } };
    });
    return faultOf({ ...situation, jobs }, plan);
  };
  expect(within(begins, ends)).toBeNull();
  expect(within(movedTime(begins, 1), ends)).toBe('station 1 runs outside its day');
  expect(within(begins, movedTime(ends, -1))).toBe('station 1 runs outside its day');
});

it('new seed is watered in the hours of its day, and nowhere else', () => {
  const seed = planned('09');
  const isOfSeed = ({ runs }: Plan['programs'][number]) =>
    runs.some(({ station }) => station === 1);
  const fault = faultAfter(seed, (plan) => {
    const { id, starts } = plan.programs.find(isOfSeed)!;
    return setProgram(id, { starts: [...starts.slice(0, -1), '16:30'] })(plan);
  });
  expect(fault).toMatch(/^station [13] runs outside its day$/);
});
