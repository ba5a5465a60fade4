import fc from 'fast-check';
import { parseDate, type DayNumber } from '../civil-time/index.js';
import { check } from '../findings/index.js';
import type { Plan } from '../settings/index.js';
import { casesIn, readWhole } from '../testing/cases.js';
import { homeOf } from '../testing/homes.js';
import { runs } from '../testing/runs.js';
import { changesOn, documentWith, repair } from './index.js';
import { brokenHome, type BrokenHome } from './testing/broken-home.js';
import { judge } from './testing/judge.js';
import { byOneChange } from './testing/one-change.js';

const FROM = parseDate('2026-06-01')!;

/** A clock that goes on by being asked, so that the answer is the same on every machine. */
function limits() {
  let looks = 0;
  return { now: () => looks++, limitMs: 6000 };
}

const repaired = (plan: Plan, from: DayNumber = FROM) => repair(plan, from, limits());

const said = (plan: Plan) => changesOn(plan, plan, repaired(plan)).map(({ says }) => says);

interface RepairCase {
  readonly about: string;
  readonly plan: unknown;
  readonly from: string;
  readonly known: { readonly changes: number };
  readonly expectLeft: readonly string[];
}

const CASES = casesIn('repair').map(
  ([name, text]) => [name, JSON.parse(text) as RepairCase] as const,
);

it.each(CASES)(
  '%s: at most the known number of changes, and nothing is wrong after them',
  (_, test) => {
    const [plan, from] = [readWhole(test.plan), parseDate(test.from)!];
    const found = repaired(plan, from);
    expect(judge(plan, from, found.plan, found.changes.length)).toEqual([]);
    expect(found.changes.length).toBeLessThanOrEqual(test.known.changes);
    expect(found).toMatchObject({ isSound: test.known.changes === 0, left: test.expectLeft });
    if (test.known.changes <= 2) expect(found.isProven).toBe(true);
    // The file with the changes made reads as the settings that were judged.
    const document = readWhole(documentWith(test.plan, changesOn(test.plan, plan, found)));
    expect(judge(plan, from, document, found.changes.length)).toEqual([]);
  },
);

function homesFrom(seed: number, count: number, stations?: number): BrokenHome[] {
  const homes: BrokenHome[] = [];
  for (let at = seed; homes.length < count; at++) {
    const home = brokenHome(at, stations);
    if (home) homes.push(home);
  }
  return homes;
}

it('of homes that people broke, none is left worse, and what is proven is no more than is known to do', () => {
  let [homes, asFew, ofOne, provenOfOne] = [0, 0, 0, 0];
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 1_000_000 }), (seed) => {
      const [home] = homesFrom(seed, 1, 12);
      const { plan, from, known } = home!;
      const found = repaired(plan, from);
      homes++;
      if (found.isRepaired) {
        expect(judge(plan, from, found.plan, found.changes.length)).toEqual([]);
        if (found.changes.length <= known) asFew++;
        if (found.isProven) expect(found.changes.length).toBeLessThanOrEqual(known);
      } else expect(found.isProven).toBe(false);
      if (known === 1) ofOne++;
      if (known === 1 && found.isProven) provenOfOne++;
    }),
    runs(12, 300),
  );
  expect(asFew).toBeGreaterThanOrEqual(Math.floor(0.95 * homes));
  expect(provenOfOne).toBe(ofOne);
});

it('where two changes are proven to be the fewest, no single one does, of all that there are', () => {
  let count = 0;
  for (const { plan, from } of homesFrom(400, runs(6, 200).numRuns, 3)) {
    const found = repaired(plan, from);
    if (!found.isProven || found.changes.length !== 2) continue;
    count++;
    for (const changed of byOneChange(plan)) {
      const isSound = check(changed, from).every(({ severity }) => severity === 'info');
      if (isSound) expect(judge(plan, from, changed, 1)).not.toEqual([]);
    }
  }
  expect(count).toBeGreaterThan(0);
});

describe('each change is one sentence that says what to do', () => {
  const b = (fields: object) => ({
    id: 'B',
    starts: ['06:00'],
    days: { mode: 'weekdays', weekdays: [4] },
    runs: [{ station: 2, seconds: 600 }],
    ...fields,
  });

  it.each<[string, Plan, string]>([
    [
      'a start moved',
      homeOf({
        a: { runs: [{ station: 1, seconds: 600 }] },
        others: [b({ starts: ['04:09'], days: { mode: 'weekdays', weekdays: [2] } })],
      }),
      'Move start 1 of program B from 04:09 to 04:15.',
    ],
    [
      'leftovers',
      homeOf({ others: [b({ runs: [{ station: 2, seconds: 60 }] })] }),
      'Remove station 2 (Fig tree) from program B, where it has 1 min.',
    ],
    [
      'a soak',
      homeOf({
        timer: { cycleSoak: { policy: 'in-order' } },
        one: { cycleSeconds: 300, soakSeconds: 0, runoffSeconds: 300, minSoakSeconds: 1200 },
      }),
      'Set the soak of station 1 (Front lawn) from 0 min to 20 min.',
    ],
    [
      'a cycle',
      homeOf({
        timer: { cycleSoak: { policy: 'in-order' } },
        one: { cycleSeconds: 600, soakSeconds: 1200, runoffSeconds: 300, minSoakSeconds: 1200 },
      }),
      'Set the cycle of station 1 (Front lawn) from 10 min to 5 min.',
    ],
    [
      'water days',
      homeOf({ rules: { mowingWeekdays: [6] } }),
      'Let program A water on Tue Fri, not on Tue Sat.',
    ],
    [
      'a percentage',
      homeOf({ controller: { season: { mode: 'whole', percent: 137 } } }),
      'Set the season percentage from 137 % to 140 %.',
    ],
    [
      'a wait',
      homeOf({ timer: { maxStationDelaySeconds: 9 }, controller: { stationDelaySeconds: 10 } }),
      'Shorten the wait between stations from 10 s to 9 s: first ask whether slow valves or a slow well needed it.',
    ],
    [
      'hours',
      homeOf({ controller: { noWater: [{ from: '09:30', to: '17:00' }] } }),
      'Remove the hours without watering, 09:30 to 17:00.',
    ],
    [
      'days of a month',
      homeOf({ controller: { monthDaysOff: [3] } }),
      'Set the days of the month off to none, not 3.',
    ],
    [
      'several at once',
      homeOf({ a: { concurrent: 2 } }),
      'Let program A open one station at once, not 2.',
    ],
  ])('%s', (_, plan, sentence) => {
    expect(said(plan)).toEqual([sentence]);
  });
});

it('hands on what no setting mends, and changes nothing for it', () => {
  const bypassed = homeOf({ controller: { rainSensor: 'bypass', off: true } });
  expect(repaired(bypassed)).toMatchObject({
    ...{ isSound: true, isRepaired: true, isProven: true, changes: [] },
    left: ['controller-off', 'sensor-bypassed'],
  });
});

it('says what stays where nothing repairs it', () => {
  // No weekday is allowed at all.
  const forbidden = homeOf({ rules: { weekdays: [] } });
  const found = repaired(forbidden);
  expect(found).toMatchObject({ isSound: false, isRepaired: false, isProven: false });
  expect(found.left).not.toEqual([]);
});

it('never loosens a soak, a cycle or what is open at once to get there', () => {
  // Only a shorter soak would let it finish in time, and its ground needs what it has.
  const tight = homeOf({
    timer: { cycleSoak: { policy: 'in-order' } },
    rules: { finishBy: '04:40' },
    one: { cycleSeconds: 300, soakSeconds: 1800, minSoakSeconds: 1800, runoffSeconds: 300 },
  });
  const found = repaired(tight);
  expect(judge(tight, FROM, found.plan, found.changes.length)).toEqual([]);
  expect(found.plan.stations[0]).toMatchObject({ cycleSeconds: 300, soakSeconds: 1800 });
});
