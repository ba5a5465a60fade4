import { testPlan } from '../testing/plans.js';
import { readYard } from '../yards/index.js';
import { nextStep, SET_UP_STEPS, setUpSteps, type HomeSoFar, type SetUpStep } from './index.js';

const BARE: HomeSoFar = {
  ...{ address: '', town: '', supplyLpm: null, ruleSetId: null, weatherId: null, timer: null },
};
const yardOf = (stations: object[], fields: object = {}) => {
  const read = readYard({ format: 'waterclock.yard/1', stations, ...fields });
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
};
const empty = testPlan({ programs: [] });
const timer = (fields: Partial<NonNullable<HomeSoFar['timer']>> = {}) => ({
  ...{ settings: empty, yard: yardOf([{ number: 1 }]), isRead: false, hasSheet: false },
  ...fields,
});
const stateOf = (home: Partial<HomeSoFar>, step: SetUpStep, skipped: SetUpStep[] = []) =>
  setUpSteps({ ...BARE, ...home }, skipped).find((one) => one.step === step)!.state;
const next = (home: Partial<HomeSoFar>, skipped: SetUpStep[] = []) =>
  nextStep(setUpSteps({ ...BARE, ...home }, skipped));

it('leads through a bare home in the order of the work, and is through when all is there', () => {
  expect(setUpSteps(BARE, []).map(({ step }) => step)).toEqual(SET_UP_STEPS);
  expect(setUpSteps(BARE, []).every(({ state }) => state === 'open')).toBe(true);
  const home = { town: 'Quillhaven' };
  const described = yardOf([{ number: 1, head: 'spray' }]);
  expect(next({})).toBe('home');
  expect(next(home)).toBe('timer');
  expect(next({ ...home, timer: timer() })).toBe('as-found');
  expect(next({ ...home, timer: timer({ isRead: true }) })).toBe('stations');
  const read = timer({ isRead: true, yard: described });
  expect(next({ ...home, timer: read })).toBe('supply');
  const asked = { ...home, supplyLpm: 30, ruleSetId: 'r', weatherId: 'w' };
  expect(next({ ...home, supplyLpm: 30, timer: read })).toBe('rules');
  expect(next({ ...home, supplyLpm: 30, ruleSetId: 'r', timer: read })).toBe('weather');
  expect(next({ ...asked, timer: read })).toBe('plan');
  const planned = { ...read, settings: testPlan() };
  expect(next({ ...asked, timer: planned })).toBe('sheet');
  expect(next({ ...asked, timer: { ...planned, hasSheet: true } })).toBeNull();
});

it('what was left out is next no more, and is done as soon as it is there', () => {
  expect(next({ address: '3 Alder Row', timer: timer() }, ['as-found'])).toBe('stations');
  expect(stateOf({}, 'supply', ['supply'])).toBe('skipped');
  expect(stateOf({ supplyLpm: 0 }, 'supply', ['supply'])).toBe('done');
});

it('without a timer nothing of a timer is asked for; once there is one, it is', () => {
  const skipped: SetUpStep[] = ['home', 'timer'];
  expect(next({}, skipped)).toBe('supply');
  for (const step of ['as-found', 'stations', 'plan', 'sheet'] as const) {
    expect(stateOf({}, step, skipped)).toBe('skipped');
    expect(stateOf({ timer: timer() }, step, skipped)).toBe('open');
  }
});

it('stations are described when each that is on has a head; a home may go by the minute without weather', () => {
  const of = (...stations: object[]) =>
    stateOf({ timer: timer({ yard: yardOf(stations) }) }, 'stations');
  expect(of()).toBe('open');
  expect(of({ number: 1, head: 'spray' }, { number: 2, plant: 'turf' })).toBe('open');
  expect(of({ number: 1, head: 'spray' }, { number: 2, enabled: false })).toBe('done');
  const school = (fields: object) =>
    stateOf({ timer: timer({ yard: yardOf([{ number: 1 }], fields) }) }, 'weather');
  expect(school({})).toBe('open');
  expect(school({ school: 'measurement' })).toBe('open');
  expect(school({ school: 'minute' })).toBe('done');
});
