import { GENERIC_TYPES } from '../timer-types/index.js';
import { testPlan } from '../testing/plans.js';
import {
  addStation,
  changeProgram,
  moveStart,
  newPlan,
  nextStationNumber,
  programOf,
  readPlan,
  removeStation,
  setProgram,
  setRunTime,
  setStart,
  setStation,
  setTimer,
  type PlanEdit,
} from './index.js';

const frozen = testPlan();
const before = JSON.stringify(frozen);
afterEach(() => expect(JSON.stringify(frozen)).toBe(before));

describe('edits', () => {
  it('set run times, and take a station out of a program', () => {
    const set = setRunTime('B', 1, 300)(frozen);
    expect(programOf(set, 'B').runs).toEqual([
      { station: 1, seconds: 300 },
      { station: 3, seconds: 2400 },
    ]);
    expect(programOf(setRunTime('B', 3, null)(set), 'B').runs).toHaveLength(1);
  });

  it('make a program that was not mentioned, in the order of the timer', () => {
    const plan = { ...frozen, programs: frozen.programs.slice(1) };
    const after = setStart('A', 0, '02:00')(plan);
    expect(after.programs.map(({ id }) => id)).toEqual(['A', 'B']);
  });

  it('set, add and clear starts', () => {
    const two = setStart('A', 1, '21:00')(frozen);
    expect(programOf(two, 'A').starts).toEqual(['03:30', '21:00']);
    expect(programOf(setStart('A', 0, null)(two), 'A').starts).toEqual(['21:00']);
  });

  it('move starts round the clock', () => {
    const two = setStart('A', 1, '23:50')(frozen);
    expect(programOf(moveStart('A', 1, 15)(two), 'A').starts).toEqual(['03:30', '00:05']);
    expect(programOf(moveStart('A', 'all', -240)(two), 'A').starts).toEqual(['23:30', '19:50']);
  });

  it('add stations where there is room, and remove them from every program', () => {
    expect(nextStationNumber(frozen)).toBe(4);
    const less = removeStation(1)(frozen);
    expect(nextStationNumber(less)).toBe(1);
    expect(programOf(less, 'A').runs.map(({ station }) => station)).toEqual([2]);
    expect(addStation(1)(less).stations.map(({ number }) => number)).toEqual([1, 2, 3]);
    expect(nextStationNumber(setTimer({ stations: 3 })(frozen))).toBeNull();
  });

  it('of the timer drop the programs that it no longer has', () => {
    expect(setTimer({ programs: ['A'] })(frozen).programs.map(({ id }) => id)).toEqual(['A']);
  });

  it('leave a plan that can be read', () => {
    const edits: PlanEdit[] = [
      setStation(1, { cycleSeconds: undefined }),
      addStation(9, 'Far bed'),
      setRunTime('C', 9, 60),
      setTimer({ stations: 9 }),
    ];
    const after = edits.reduce((plan, edit) => edit(plan), frozen);
    expect(readPlan(JSON.parse(JSON.stringify(after)))).toMatchObject({ ok: true });
  });

  it('of a program that the plan does not mention begin with nothing set', () => {
    const seen = changeProgram('C', (program) => {
      expect(program).toEqual(programOf(frozen, 'C'));
      return { percent: program.percent - 10 };
    })(frozen);
    expect(programOf(seen, 'C')).toMatchObject({
      percent: 90,
      starts: [],
      runs: [],
      enabled: true,
    });
    expect(setProgram('C', {})(frozen).programs.map(({ id }) => id)).toEqual(['A', 'B', 'C']);
  });
});

it('a new timer of any kind begins with settings that can be read', () => {
  const property = {
    name: 'Plum cottage',
    timeZone: 'America/Denver',
    latitude: null,
    longitude: null,
  };
  for (const { timer } of GENERIC_TYPES) {
    const read = readPlan(JSON.parse(JSON.stringify(newPlan(property, timer, 30))));
    expect(read).toMatchObject({ ok: true, value: { timer: { name: timer.name } } });
  }
});
