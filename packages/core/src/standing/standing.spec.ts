import { parseDate } from '../civil-time/index.js';
import { Spans, type DueAnswer } from '../dues/index.js';
import { check } from '../findings/index.js';
import { Customary } from '../needs/index.js';
import type { Plan } from '../settings/index.js';
import { planOf } from '../testing/plans.js';
import { TimerHandling } from '../timer-types/index.js';
import { tickEntries, toKeyIn, visitOf, type MadeEntry } from '../visits/index.js';
import { readYard, type Yard } from '../yards/index.js';
import { expectedMinutes, reasonInWords, standingOf, type TimerFacts } from './index.js';

const TODAY = parseDate('2026-06-09')!;

const TIMER = { startStepMinutes: 1, season: { modes: ['whole'], minPercent: 10 } };

/** A on Tuesdays at four, B an hour later. */
const plan = (fields: object = {}, second = '05:00'): Plan =>
  planOf({
    site: { timeZone: 'America/Denver' },
    timer: TIMER,
    stations: [{ number: 1 }, { number: 2 }],
    programs: [
      {
        id: 'A',
        starts: ['04:00'],
        days: { weekdays: [2] },
        runs: [{ station: 1, seconds: 1800 }],
      },
      { id: 'B', starts: [second], days: { weekdays: [2] }, runs: [{ station: 2, seconds: 600 }] },
    ],
    ...fields,
  });

const facts = (fields: Partial<TimerFacts> = {}): TimerFacts => ({
  ...{ plan: plan(), handling: new TimerHandling(), yard: null, frost: null, months: null },
  ...{ customary: new Customary(), spans: new Spans(), timeZone: 'America/Denver' },
  addedOn: parseDate('2026-04-01')!,
  reading: { document: fields.plan ?? plan(), madeAt: '2026-04-01T10:00:00Z' },
  confirmed: { of: 20, keyedIn: 0, unknown: 0 },
  ...{ openVisit: null, pastEntries: [], visitedOn: null, keyedInOn: null, openJobs: 0 },
  ...{ linkEndsOn: null, answers: [], plannedChanges: [] },
  ...fields,
});
const kinds = (fields: Partial<TimerFacts>, today = TODAY) =>
  standingOf(facts(fields), today).reasons.map(({ kind }) => kind);
const yard = (monthPercents: readonly number[]): Yard => {
  const read = readYard({ format: 'waterclock.yard/1', monthPercents, stations: [] });
  if (!read.ok) throw new Error('no yard');
  return read.value;
};
/** Half in May, all of it in June and July, nothing in winter. */
const YEAR = [0, 0, 20, 30, 50, 100, 100, 80, 60, 30, 10, 0];

it('needs nothing where what is wanted is in the timer, and nothing is wrong', () => {
  expect(standingOf(facts(), TODAY)).toMatchObject({
    ...{ reasons: [], runs: 4, collisions: 0, firstCollision: null, values: 0 },
    ...{ isOff: false, isTooMuch: false },
  });
});

it('says of a collision soon and of one later what the desk says, and never both', () => {
  const soon = plan({}, '04:10');
  const [reason] = standingOf(facts({ plan: soon }), TODAY).reasons;
  const found = check(soon, TODAY).filter(({ severity }) => severity === 'error');
  expect(reason).toEqual({
    ...{ kind: 'error', codes: ['collision'], count: found.length, first: '2026-06-09T04:10:00' },
    message: found[0]!.message,
  });
  expect(reasonInWords(reason!, TODAY, (words) => words)).toBe(
    'Two runs collide, first on Tue 9 June, 04:10',
  );
  // From the first of July on: more than a fortnight away.
  const later = plan(
    {
      programs: [
        ...plan().programs.slice(0, 1),
        {
          ...{ id: 'B', starts: ['04:10'], runs: [{ station: 2, seconds: 600 }] },
          days: { mode: 'interval', everyDays: 28, anchor: '2026-06-30' },
        },
      ],
    },
    '04:10',
  );
  expect(kinds({ plan: later })).toEqual(['ahead']);
});

it('tells rules that are broken apart, and when a rule that changes will be', () => {
  const rules = { periods: [{ from: '2026-07-01', to: '2026-12-31', weekdays: [7] }] };
  const standing = standingOf(facts({ plan: plan({ rules }) }), TODAY);
  expect(standing.reasons).toMatchObject([{ kind: 'rule', first: '2026-07-07T04:00:00' }]);
  const ruleDues = (fields: Partial<TimerFacts>) =>
    standingOf(facts(fields), TODAY).dues.filter(({ kind }) => kind === 'rule-change');
  expect(ruleDues({ plan: plan({ rules }) })).toMatchObject([{ on: '2026-07-01' }]);
  // What is wanted keeps it; what stands in the timer does not yet.
  const sundays = plan({
    rules,
    programs: plan().programs.map((program) => ({ ...program, days: { weekdays: [7] } })),
  });
  const old = { document: plan(), madeAt: '2026-04-01T10:00:00Z' };
  expect(ruleDues({ plan: sundays, reading: old })).toMatchObject([{ on: '2026-07-01' }]);
  expect(kinds({ plan: sundays, reading: old })).toEqual(['key-in']);
  expect(ruleDues({ plan: sundays })).toEqual([]);
});

it('holds the percentage in the timer against the season, on the timer’s own steps', () => {
  const low = plan({ controller: { season: { mode: 'whole', percent: 80 } } });
  // The timer has a third program, which nothing is wanted of.
  const right = standingOf(facts({ plan: plan(), yard: yard(YEAR) }), TODAY);
  expect([right.reasons, right.dues.map(({ kind, on }) => `${kind} ${on}`)]).toEqual([
    [],
    ['season-step 2026-08-01'],
  ]);
  const standing = standingOf(facts({ plan: low, yard: yard(YEAR) }), TODAY);
  expect(standing.reasons).toEqual([
    { kind: 'percentage', inTimer: { A: 80, B: 80 }, wanted: { A: 100, B: 100 } },
  ]);
  expect(standing.dues[0]).toMatchObject({ kind: 'season-step', on: '2026-06-01' });
  // One step off is a due, and no alarm.
  const near = plan({ controller: { season: { mode: 'whole', percent: 90 } } });
  const off = standingOf(facts({ plan: near, yard: yard(YEAR) }), TODAY);
  expect([off.reasons, off.dues[0]?.kind]).toEqual([[], 'season-step']);
  // In December the timer is to be off.
  const winter = standingOf(facts({ yard: yard(YEAR) }), parseDate('2026-12-10')!);
  expect(winter.reasons).toMatchObject([{ kind: 'percentage', wanted: null }]);
  const isOff = plan({ controller: { off: true } });
  expect(kinds({ plan: isOff, yard: yard(YEAR) }, parseDate('2026-12-10')!)).toEqual([]);
});

it('looks at the next step of the season before it comes', () => {
  // At 200 % A is over an hour after its start; B begins then.
  const tight = plan(
    { timer: { ...TIMER, season: { modes: ['whole'], maxPercent: 300 } } },
    '04:50',
  );
  const hot = yard(YEAR.with(7, 200));
  const set = { plan: tight, yard: hot };
  const [reason] = standingOf(facts(set), parseDate('2026-07-10')!).reasons;
  expect(reason).toEqual({ kind: 'ahead', first: '2026-08-04T04:50:00', isAtStep: true });
  expect(kinds(set)).toEqual([]);
});

it('counts what is to be keyed in as key in does, and what nobody read back', () => {
  const old = { document: plan({}, '05:30'), madeAt: '2026-04-01T10:00:00Z' };
  const steps = toKeyIn({
    ...{ visit: visitOf([]), target: plan(), reading: old },
    ...{ order: new TimerHandling().keyInOrder, today: TODAY },
  }).filter(({ part }) => part !== 'clock');
  expect(steps.length).toBe(1);
  expect(standingOf(facts({ reading: old }), TODAY)).toMatchObject({
    ...{ values: 1, reasons: [{ kind: 'key-in', values: 1 }] },
  });
  expect(kinds({ confirmed: { of: 20, keyedIn: 3, unknown: 0 } })).toEqual(['confirm']);
  // Ticked at the visit that goes on it is no more to be keyed in, and is to be read back.
  const ticks = tickEntries(visitOf([]), steps[0]!, true).map((entry, index): MadeEntry => ({
    ...{ id: String(index), number: index + 1, seen: 0, person: 'Ines', entry },
    observedAt: '2026-06-09T15:00:00Z',
  }));
  const openVisit = { startedAt: '2026-06-09T14:00:00Z', startedBy: 'Ines', entries: ticks };
  expect(standingOf(facts({ reading: old, openVisit }), TODAY).reasons).toEqual([
    { kind: 'visit-open', since: openVisit.startedAt, by: 'Ines' },
    { kind: 'confirm', values: 1 },
  ]);
});

it('what was cared for at a visit, or seen of the clock, is due no more', () => {
  const of = (fields: Partial<TimerFacts>) =>
    standingOf(facts({ addedOn: parseDate('2025-01-05')!, ...fields }), TODAY);
  const dueKinds = (fields: Partial<TimerFacts>) => of(fields).dues.map(({ kind }) => kind);
  expect(dueKinds({})).toEqual(['battery', 'sensor-test', 'yearly-check', 'clock-change']);
  const observedOn = parseDate('2026-06-01')!;
  const pastEntries = [
    {
      ...{ visitId: 'june', observedOn },
      entry: { kind: 'care' as const, what: 'battery' as const, isDone: true },
    },
    {
      ...{ visitId: 'june', observedOn },
      entry: { kind: 'care' as const, what: 'sensor' as const, isDone: true },
    },
    {
      ...{ visitId: 'june', observedOn },
      entry: { kind: 'step' as const, step: 'clock' as const, state: 'done' as const },
    },
  ];
  expect(dueKinds({ pastEntries, visitedOn: observedOn })).toEqual([]);
  expect(of({ pastEntries }).care).toMatchObject({ battery: '2027-06-01' });
  // The backflow preventer is tested again when its tester said, whatever the firm's months are.
  const tested = {
    ...{ kind: 'care' as const, what: 'backflow' as const, isDone: true },
    ...{ testedOn: '2026-05-20', nextOn: '2026-06-08' },
  };
  const test = of({
    pastEntries: [...pastEntries, { visitId: 'june', observedOn, entry: tested }],
    visitedOn: observedOn,
  });
  expect(test.care).toMatchObject({ 'backflow-test': '2026-06-08' });
  expect(test.dues).toMatchObject([{ kind: 'backflow-test', last: '2026-05-20' }]);
  // What was taken back at the same visit was not done; at another one it was done then.
  const back = { kind: 'care' as const, what: 'battery' as const, isDone: false };
  const takenBack = (visitId: string) =>
    dueKinds({
      pastEntries: [...pastEntries, { visitId, observedOn, entry: back }],
      visitedOn: observedOn,
    });
  expect([takenBack('june'), takenBack('july')]).toEqual([['battery'], []]);
  // A timer that puts its clock itself never asks for it.
  const handling = Object.assign(new TimerHandling(), { setsSummerTime: true });
  expect(dueKinds({ handling })).not.toContain('clock-change');
});
it('what a hold, a link and a sensor end with falls due on their dates, once', () => {
  const held = plan({
    timer: { rainSensor: true },
    controller: {
      rainSensor: 'bypass',
      pauses: [{ from: '2026-06-08T00:00:00', to: '2026-06-20T00:00:00' }],
    },
  });
  const own = { ...yard(YEAR), monthPercents: undefined, sensorBackOn: '2026-06-15' };
  const { monthPercents: _none, ...withSensor } = own;
  const base = { plan: held, yard: withSensor, linkEndsOn: parseDate('2026-06-30')! };
  const dated = (fields: Partial<TimerFacts> = {}) =>
    standingOf(facts({ ...base, ...fields }), TODAY).dues.map(({ key, on }) => `${key} ${on}`);
  expect(dated()).toEqual([
    'sensor-back:2026-06-15 2026-06-15',
    'hold-ends:2026-06-20 2026-06-20',
    'link-ends:2026-06-30 2026-06-30',
  ]);
  const answers: DueAnswer[] = [
    {
      ...{ key: 'link-ends:2026-06-30', kind: 'link-ends', on: TODAY, at: '2026-06-09T10:00:00Z' },
      ...{ until: null, reason: '' },
    },
    {
      ...{ key: 'sensor-back:2026-06-15', kind: 'sensor-back', on: TODAY },
      ...{ at: '2026-06-09T10:00:00Z', until: parseDate('2026-06-25')!, reason: 'away' },
    },
  ];
  expect(dated({ answers })).toEqual([
    'hold-ends:2026-06-20 2026-06-20',
    'sensor-back:2026-06-15 2026-06-25',
  ]);
  expect(kinds({ plan: held })).toContain('hold');
});

it('the morning after a visit somebody looks whether it ran', () => {
  const keyedInOn = parseDate('2026-06-08')!;
  const looks = (fields: Partial<TimerFacts>) =>
    standingOf(facts({ keyedInOn, ...fields }), TODAY).dues.filter(({ kind }) => kind === 'look');
  expect(looks({ visitedOn: keyedInOn })).toMatchObject([{ on: '2026-06-09' }]);
  expect(looks({ visitedOn: TODAY })).toEqual([]);
});

it('a visit takes longer for more values, stations, jobs and dues, in steps of five minutes', () => {
  const { reasons, dues, ...rest } = standingOf(facts(), TODAY);
  expect(expectedMinutes({ reasons, dues: [], ...rest }, 2)).toBe(20);
  const busy = { ...rest, dues, values: 20, reasons: [{ kind: 'job' as const, count: 2 }] };
  expect(expectedMinutes({ ...busy, dues: [] }, 12)).toBe(15 + 10 + 20 + 30 - 2 + 2);
});
