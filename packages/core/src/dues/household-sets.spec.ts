import { parseDate } from '../civil-time/index.js';
import { speakerOf } from '../household-words/index.js';
import { homeOf } from '../testing/homes.js';
import { TimerHandling, type KeyInPart } from '../timer-types/index.js';
import { duesOf, householdMessage, householdSets, Spans, type DueFacts } from './index.js';

const HOME = homeOf();
const ORDER = new TimerHandling().keyInOrder;

it.each([
  ['start times', { a: { starts: ['04:20', '06:00'] } }, ['starts']],
  ['water days', { a: { days: { mode: 'odd' } } }, ['days']],
  ['a day that is left out', { a: { blockedWeekdays: [3] } }, ['days']],
  ['a run time', { a: { runs: [{ station: 1, seconds: 480 }] } }, ['run-time', 'run-time']],
  ['the percentage', { controller: { season: { mode: 'whole', percent: 80 } } }, ['percentage']],
  ['the switch', { controller: { off: true } }, ['percentage']],
  ['nothing', {}, []],
])('a household can set %s', (_, fields, sets) => {
  expect(householdSets(HOME, homeOf(fields), ORDER)!.map((one) => one.of)).toEqual(sets);
});

it.each([
  ['a cycle', { one: { cycleSeconds: 300 } }],
  ['a wait between stations', { controller: { stationDelaySeconds: 30 } }],
  ['a start and a soak', { a: { starts: ['05:00'] }, two: { soakSeconds: 600 } }],
])('%s is for whoever knows the timer', (_, fields) => {
  expect(householdSets(HOME, homeOf(fields), ORDER)).toBeNull();
});

const FACTS: DueFacts = {
  ...{ spans: new Spans(), addedOn: parseDate('2026-05-30')!, timeZone: null },
  ...{ setsSummerTime: true, battery: 'backup', hasRainSensor: false, hasFilter: false },
  ...{ hasBackflow: false, backflowNextOn: null, hasFrost: false },
  seasonCare: { winter: null, spring: null },
  ...{ care: {}, clockSeenOn: null, visitedOn: null, keyedInOn: null, season: null },
  ...{ rulesBrokenFrom: [], holdsEndOn: [], bypassedSensors: [], sensorBackOn: null },
  ...{ linkEndsOn: null, answers: [], sets: null, plannedChanges: [] },
};

const AFTER = homeOf({
  ...{ controller: { season: { mode: 'whole', percent: 80 } } },
  a: {
    starts: ['04:20', '06:00'],
    ...{ days: { mode: 'weekdays', weekdays: [3, 6] } },
    runs: [
      { station: 1, seconds: 600 },
      { station: 2, seconds: 480 },
    ],
  },
});
const PLANNED = { id: 'x', name: 'Two days a week', on: parseDate('2026-07-01')! };
const FIRM = { firm: 'Quillhaven Sprinkler Care', phone: '', timer: 'Garage timer' };

const plannedDue = (order: readonly KeyInPart[] = ORDER) =>
  duesOf(
    { ...FACTS, sets: householdSets(HOME, AFTER, order), plannedChanges: [PLANNED] },
    parseDate('2026-06-01')!,
    parseDate('2026-07-31')!,
  )[0]!;

it('asks for what is to be set, and says what to press, in the language and the clock of the household', () => {
  const due = plannedDue();
  const says = (language: 'en' | 'es', clock: '12' | '24' = '24') =>
    householdMessage({ speaker: speakerOf(language), due, clock, ...FIRM });
  expect(says('en')).toBe(
    'Garage timer, Wed 1 July: Program A: set the start times to 04:20 and 06:00. ' +
      'Program A, station 2: set the run time to 8 min. Program A, water days: On Wed and Sat. ' +
      'Set the season percentage to 80 %. ' +
      'Start times: choose them on the timer, then the program; change each with plus and minus, and step one too many to off. ' +
      'Run times: choose them on the timer, then the program and the station; change the minutes with plus and minus. ' +
      'Water days: choose them on the timer, then the program; switch each day on or off. ' +
      'Season percentage: choose it on the timer; change it with plus and minus. ' +
      'Then turn the timer back to run. Quillhaven Sprinkler Care',
  );
  expect(says('en', '12')).toContain('set the start times to 4:20 AM and 6:00 AM');
  expect(says('es')).toContain('Programa A, estación 2: poner la duración en 8 min');
  expect(says('es')).toContain('Después, vuelva a poner el programador en marcha.');
  expect(
    householdMessage({
      ...{ speaker: speakerOf('en'), due: { ...due, sets: null } as typeof due, clock: '24' },
      ...FIRM,
    }),
  ).toBeNull();
});

it('asks in the order in which the timer asks', () => {
  const order: KeyInPart[] = ['clock', 'days', 'percent', 'run-times', 'starts', 'extras'];
  expect(plannedDue(order)).toMatchObject({
    sets: [{ of: 'days' }, { of: 'percentage' }, { of: 'run-time' }, { of: 'starts' }],
  });
});

it.each([
  [{ A: 60 }, 'choose it on the timer'],
  [null, 'no water is needed. Quillhaven'],
])('a season step of %j says what to press, where something is', (percents, says) => {
  const due = { ...plannedDue(), kind: 'season-step' as const, percents };
  expect(householdMessage({ speaker: speakerOf('en'), due, clock: '24', ...FIRM })).toContain(says);
});
