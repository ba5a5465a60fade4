import { parseDate } from '../civil-time/index.js';
import { keyInSteps, lastLook, type KeyInStep } from '../key-in/index.js';
import type { Plan } from '../settings/index.js';
import { planOf } from '../testing/plans.js';
import { KEY_IN_PARTS } from '../timer-types/index.js';
import {
  readEntry,
  tickEntries,
  toKeyIn,
  visitOf,
  workOf,
  type VisitEntry,
  type WorkHere,
} from './index.js';

const planWith = (starts: string[], seconds: number): Plan =>
  planOf({
    timer: { programs: ['A'], startsPerProgram: 2, season: null },
    stations: [{ number: 1, name: 'Kerb strip' }, { number: 2 }, { number: 3, enabled: false }],
    programs: [
      {
        id: 'A',
        starts,
        days: { mode: 'weekdays', weekdays: [2, 5] },
        runs: [{ station: 1, seconds }],
      },
    ],
  });

const FOUND = planWith(['02:00'], 600);
const WANTED = planWith(['03:30'], 900);
const BEGAN = '2026-06-01T08:00:00.000Z';

const visitWith = (...entries: VisitEntry[]) =>
  visitOf(
    entries.map((entry, index) => ({
      id: String(index),
      number: index + 1,
      seen: index,
      person: 'Ines',
      observedAt: new Date(Date.UTC(2026, 5, 1, 8, 1 + index)).toISOString(),
      entry,
    })),
  );

const entryOf = (document: object): VisitEntry => {
  const read = readEntry(document);
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
};

const here = (fields: Partial<WorkHere> = {}): WorkHere => ({
  visit: visitWith(),
  startedAt: BEGAN,
  target: WANTED,
  reading: { document: FOUND, madeAt: '2026-05-01T08:00:00.000Z' },
  order: KEY_IN_PARTS,
  today: parseDate('2026-06-01')!,
  copies: [],
  ...fields,
});

it('as found is done when a reading of this visit is saved', () => {
  const copy = (reason: string, madeAt: string) => ({ copies: [{ reason, madeAt }] });
  expect(workOf('as-found', here())).toEqual({
    done: 0,
    of: 1,
    open: ['a reading that is saved'],
  });
  const after = '2026-06-01T08:20:00.000Z';
  expect(workOf('as-found', here(copy('as-found', after)))).toMatchObject({ done: 1, open: [] });
  // Neither the last visit's, nor another kind of copy.
  expect(workOf('as-found', here(copy('as-found', '2026-05-01T08:00:00.000Z')))?.done).toBe(0);
  expect(workOf('as-found', here(copy('planned', after)))?.done).toBe(0);
});

it('key in is done when every value is ticked, or what is in the timer was read back', () => {
  expect(workOf('key-in', here())).toEqual({
    done: 0,
    of: 3,
    open: [
      'clock: year, date, weekday, time',
      'program A, start 1',
      'program A, station 1, run time',
    ],
  });
  const steps = keyInSteps({ target: WANTED, present: FOUND, order: KEY_IN_PARTS, isWhole: false });
  const ticked = steps
    .filter(({ key }) => key !== 'A start 1')
    .flatMap((step) => tickEntries(visitWith(), step, true));
  expect(workOf('key-in', here({ visit: visitWith(...ticked) }))).toEqual({
    done: 2,
    of: 3,
    open: ['program A, start 1'],
  });
  const readBack = { copies: [{ reason: 'left', madeAt: '2026-06-01T09:00:00.000Z' }] };
  expect(workOf('key-in', here(readBack))).toBeNull();
});

it('what was keyed in is to be keyed in again where the desk goes back to what was found', () => {
  const steps = keyInSteps({ target: WANTED, present: FOUND, order: KEY_IN_PARTS, isWhole: false });
  const visit = visitWith(...steps.flatMap((step) => tickEntries(visitWith(), step, true)));
  const back = here({ visit, target: FOUND });
  expect(workOf('key-in', back)).toEqual({
    done: 1,
    of: 3,
    open: ['program A, start 1', 'program A, station 1, run time'],
  });
  const [, start] = toKeyIn(back);
  expect(start).toMatchObject({
    value: { type: 'time', time: '02:00' },
    before: { type: 'time', time: '03:30' },
  });
  const again = visitWith(
    ...steps.flatMap((step) => tickEntries(visitWith(), step, true)),
    ...toKeyIn(back).flatMap((step) => tickEntries(visitWith(), step, true)),
  );
  expect(workOf('key-in', { ...back, visit: again })).toEqual({ done: 3, of: 3, open: [] });
});

it('a hold is keyed in as long as it is not over, and asked for in no timer that has none', () => {
  const held = (plan: Plan): Plan => ({
    ...plan,
    controller: {
      ...plan.controller,
      pauses: [{ from: '2026-05-30T09:00:00', to: '2026-06-02T09:00:00' }],
    },
  });
  const holdIn = (fields: Partial<WorkHere>) =>
    toKeyIn(here({ target: held(WANTED), ...fields })).find(({ key }) => key === 'hold');
  expect(holdIn({})).toMatchObject({ what: 'Hold', before: { type: 'holds', holds: [] } });
  expect(holdIn({ today: parseDate('2026-06-03')! })).toBeUndefined();
  expect(holdIn({ target: WANTED, reading: null })).toBeUndefined();
  // It is in the timer already; once it is over, it is in none.
  const found = { document: held(FOUND), madeAt: BEGAN };
  expect(holdIn({ reading: found })).toBeUndefined();
  expect(
    holdIn({ reading: found, target: WANTED, today: parseDate('2026-06-03')! }),
  ).toBeUndefined();
});

it('key in is everything where nobody knows what is in the timer', () => {
  const work = workOf('key-in', here({ reading: null }))!;
  expect(work.of).toBeGreaterThan(5);
  expect(work.open).toContain('program A, start 2');
});

it('walk is done when every station that is on was seen', () => {
  expect(workOf('walk', here())).toEqual({
    done: 0,
    of: 2,
    open: ['station 1 (Kerb strip)', 'station 2'],
  });
  const seen = entryOf({ kind: 'station', station: 1, faults: ['leak'], note: '' });
  expect(workOf('walk', here({ visit: visitWith(seen) }))).toEqual({
    done: 1,
    of: 2,
    open: ['station 2'],
  });
});

it('leave is done when the last look is whole', () => {
  const [run, sensor, clock] = lastLook(WANTED) as [KeyInStep, KeyInStep, KeyInStep];
  expect(workOf('leave', here())).toEqual({
    done: 0,
    of: 3,
    open: ['the switch', 'rain sensor', 'clock shows the true time and weekday'],
  });
  const looked = (...looks: KeyInStep[]) =>
    visitWith(...looks.flatMap((look) => tickEntries(visitWith(), look, true)));
  expect(workOf('leave', here({ visit: looked(run, sensor) }))?.open).toHaveLength(1);
  expect(workOf('leave', here({ visit: looked(run, sensor, clock) }))).toEqual({
    done: 3,
    of: 3,
    open: [],
  });
});

it('other steps have no work that is counted', () => {
  for (const step of ['arrive', 'clock', 'yard', 'need', 'plan'] as const)
    expect(workOf(step, here())).toBeNull();
});
