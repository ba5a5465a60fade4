import { parseDate } from '../civil-time/index.js';
import { speakerOf } from '../household-words/index.js';
import { homeOf } from '../testing/homes.js';
import { duesOf, householdMessage, householdSets, Spans, type DueFacts } from './index.js';

const HOME = homeOf();

it.each([
  ['start times', { a: { starts: ['04:20', '06:00'] } }, ['starts']],
  ['water days', { a: { days: { mode: 'odd' } } }, ['days']],
  ['a day that is left out', { a: { blockedWeekdays: [3] } }, ['days']],
  ['a run time', { a: { runs: [{ station: 1, seconds: 480 }] } }, ['run-time', 'run-time']],
  ['the percentage', { controller: { season: { mode: 'whole', percent: 80 } } }, ['percentage']],
  ['the switch', { controller: { off: true } }, ['percentage']],
  ['nothing', {}, []],
])('a household can set %s', (_, fields, sets) => {
  expect(householdSets(HOME, homeOf(fields))!.map((one) => one.of)).toEqual(sets);
});

it.each([
  ['a cycle', { one: { cycleSeconds: 300 } }],
  ['a wait between stations', { controller: { stationDelaySeconds: 30 } }],
  ['a start and a soak', { a: { starts: ['05:00'] }, two: { soakSeconds: 600 } }],
])('%s is for whoever knows the timer', (_, fields) => {
  expect(householdSets(HOME, homeOf(fields))).toBeNull();
});

const FACTS: DueFacts = {
  ...{ spans: new Spans(), addedOn: parseDate('2026-05-30')!, timeZone: null },
  ...{ setsSummerTime: true, battery: 'backup', hasRainSensor: false, hasFilter: false },
  ...{ care: {}, clockSeenOn: null, visitedOn: null, keyedInOn: null, season: null },
  ...{ rulesBrokenFrom: [], holdsEndOn: [], bypassedSensors: [], sensorBackOn: null },
  ...{ linkEndsOn: null, answers: [], sets: null, plannedChanges: [] },
};

it('asks for what is to be set, in the language of the household', () => {
  const after = homeOf({
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
  const [due] = duesOf(
    {
      ...FACTS,
      sets: householdSets(HOME, after),
      plannedChanges: [{ id: 'x', name: 'Two days a week', on: parseDate('2026-07-01')! }],
    },
    parseDate('2026-06-01')!,
    parseDate('2026-07-31')!,
  );
  const says = (language: 'en' | 'es') =>
    householdMessage({
      ...{ speaker: speakerOf(language), due: due!, timer: 'Garage timer' },
      ...{ firm: 'Quillhaven Sprinkler Care', phone: '' },
    });
  expect(says('en')).toBe(
    'Garage timer, Wed 1 July: Set the season percentage to 80 %. ' +
      'Program A: set the start times to 04:20 and 06:00. Program A, water days: On Wed and Sat. ' +
      'Program A, station 2: set the run time to 8 min. Quillhaven Sprinkler Care',
  );
  expect(says('es')).toContain('Programa A, estación 2: poner la duración en 8 min');
  expect(
    householdMessage({
      ...{ speaker: speakerOf('en'), due: { ...due!, sets: null } as typeof due & object },
      ...{ timer: 'Garage timer', firm: 'Quillhaven Sprinkler Care', phone: '' },
    }),
  ).toBeNull();
});
