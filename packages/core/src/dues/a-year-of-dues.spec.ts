import * as fc from 'fast-check';
import {
  addDays,
  civilDateOf,
  formatDate,
  parseDate,
  type DayNumber,
} from '../civil-time/index.js';
import { duesOf, Spans, type CareKind, type Due, type DueAnswer, type DueFacts } from './index.js';

const FIRST = parseDate('2026-01-15')!;
/** Denver: forward on 8 March, back on 1 November. */
const CLOCKS: Readonly<Record<string, number>> = { '2026-03-08': 3600, '2026-11-01': -3600 };
const CARES = ['battery', 'sensor-test', 'filter', 'yearly-check', 'backflow-test'] as const;
const SPANS = {
  ...{ battery: 4, backupBattery: 9, sensorTest: 3, filter: 2, yearlyCheck: 5 },
  backflowTest: 7,
};
const MONTHS_OF: Readonly<Record<CareKind, number>> = {
  ...{ battery: SPANS.battery, 'sensor-test': SPANS.sensorTest },
  ...{ filter: SPANS.filter, 'yearly-check': SPANS.yearlyCheck },
  'backflow-test': SPANS.backflowTest,
};

type Happening =
  | {
      readonly do: 'visit';
      readonly care: CareKind[];
      readonly clock: boolean;
      readonly sets: number | null;
    }
  | { readonly do: 'said'; readonly which: number }
  | { readonly do: 'put-off'; readonly which: number; readonly days: number };

const happening = fc.oneof(
  fc.record({
    do: fc.constant('visit' as const),
    care: fc.subarray([...CARES].filter((kind) => kind !== 'yearly-check')),
    clock: fc.boolean(),
    sets: fc.option(fc.integer({ min: 0, max: 3 })),
  }),
  fc.record({ do: fc.constant('said' as const), which: fc.nat(20) }),
  fc.record({
    do: fc.constant('put-off' as const),
    which: fc.nat(20),
    days: fc.integer({ min: 1, max: 40 }),
  }),
);
const year = fc.record({
  months: fc.array(fc.integer({ min: 0, max: 3 }), { minLength: 12, maxLength: 12 }),
  happenings: fc.dictionary(
    fc.integer({ min: 0, max: 370 }).map(String),
    fc.array(happening, { minLength: 1, maxLength: 3 }),
    { maxKeys: 40 },
  ),
});

/** A percentage that a month may ask for; 0: nothing is to water. */
const percentsOf = (step: number) => (step === 0 ? null : { A: step * 40 });

/** What a technician would have in mind: what is off, and since when, told day by day and not from dates. */
class InMind {
  clockOff = 0;
  set: number;
  readonly careDue = new Map<CareKind, string>();
  lookFrom: string | null = null;

  constructor(
    readonly months: readonly number[],
    first: DayNumber,
  ) {
    this.set = months[civilDateOf(first).month - 1]!;
    for (const kind of CARES) this.cared(kind, formatDate(first));
  }

  cared(kind: CareKind, day: string): void {
    const [year, month, date] = day.split('-').map(Number) as [number, number, number];
    const last = new Date(Date.UTC(year, month - 1 + MONTHS_OF[kind] + 1, 0)).getUTCDate();
    const then = new Date(Date.UTC(year, month - 1 + MONTHS_OF[kind], Math.min(date, last)));
    this.careDue.set(kind, then.toISOString().slice(0, 10));
  }

  due(day: DayNumber): string[] {
    const text = formatDate(day);
    const month = civilDateOf(day).month - 1;
    let isEarly = false;
    for (let ahead = 1; ahead <= 14; ahead++) {
      const then = civilDateOf(addDays(day, ahead));
      const [wanted, before] = [this.months[then.month - 1]!, this.months[(then.month + 10) % 12]!];
      if (then.day === 1 && wanted !== before && wanted === this.set) isEarly = true;
    }
    return [
      ...(this.set !== this.months[month] && !isEarly ? ['season-step'] : []),
      ...(this.clockOff !== 0 ? ['clock-change'] : []),
      ...[...this.careDue].filter(([, on]) => on <= text).map(([kind]) => kind),
      ...(this.lookFrom !== null && this.lookFrom <= text ? ['look'] : []),
    ].sort();
  }
}

interface Told {
  facts: DueFacts;
  readonly answers: DueAnswer[];
  /** One moment after another. */
  readonly at: () => string;
}

const before = ({ months }: { months: readonly number[] }): Told => {
  const answers: DueAnswer[] = [];
  let moment = Date.UTC(2026, 0, 15);
  return {
    answers,
    at: () => new Date(moment++).toISOString(),
    facts: {
      spans: Object.assign(new Spans(), SPANS),
      ...{ addedOn: FIRST, timeZone: 'America/Denver', setsSummerTime: false, battery: 'main' },
      ...{ hasRainSensor: true, hasFilter: true, care: {}, clockSeenOn: null, visitedOn: null },
      ...{ hasBackflow: true, backflowNextOn: null, hasFrost: true },
      seasonCare: { winter: null, spring: null },
      ...{
        keyedInOn: null,
        rulesBrokenFrom: [],
        plannedChanges: [],
        sets: null,
        holdsEndOn: [],
        bypassedSensors: [],
      },
      ...{ sensorBackOn: null, linkEndsOn: null, answers },
      season: {
        months: months.map(percentsOf),
        inTimer: percentsOf(months[civilDateOf(FIRST).month - 1]!),
        asOf: null,
      },
    },
  };
};

function visit(
  told: Told,
  mind: InMind,
  day: DayNumber,
  done: Extract<Happening, { do: 'visit' }>,
): void {
  const text = formatDate(day);
  const { facts } = told;
  const care = { ...facts.care, 'yearly-check': day };
  for (const kind of done.care) care[kind] = day;
  told.facts = {
    ...facts,
    ...{ care, visitedOn: day, clockSeenOn: done.clock ? day : facts.clockSeenOn },
    ...(done.sets !== null && {
      keyedInOn: day,
      season: { ...facts.season!, inTimer: percentsOf(done.sets), asOf: told.at() },
    }),
  };
  for (const kind of [...done.care, 'yearly-check'] as const) mind.cared(kind, text);
  if (done.clock) mind.clockOff = 0;
  if (mind.lookFrom !== null && mind.lookFrom <= text) mind.lookFrom = null;
  if (done.sets === null) return;
  mind.set = done.sets;
  mind.lookFrom = formatDate(addDays(day, 1));
}

function said({ answers, at }: Told, mind: InMind, day: DayNumber, due: Due): void {
  answers.push({ key: due.key, kind: due.kind, on: day, at: at(), until: null, reason: '' });
  if (due.kind === 'clock-change') mind.clockOff = 0;
  else if (due.kind === 'look') mind.lookFrom = null;
  else if (due.kind === 'season-step') mind.set = mind.months[civilDateOf(day).month - 1]!;
  else mind.cared(due.kind as CareKind, formatDate(day));
}

it('no due is lost or doubled over a year of visits, steps and changes', () => {
  let [seen, putOff] = [0, 0];
  fc.assert(
    fc.property(year, ({ months, happenings }) => {
      const told = before({ months });
      const mind = new InMind(months, FIRST);
      const away = new Map<string, { key: string; until: string }>();
      for (let count = 0; count <= 365; count++) {
        const today = addDays(FIRST, count);
        const text = formatDate(today);
        mind.clockOff += CLOCKS[text] ?? 0;
        const open = () => duesOf(told.facts, today, today);
        for (const one of happenings[count] ?? []) {
          if (one.do === 'visit') {
            visit(told, mind, today, one);
            continue;
          }
          const all = open();
          const due = all[one.which % Math.max(1, all.length)];
          if (!due) continue;
          if (one.do === 'said') said(told, mind, today, due);
          else {
            const until = addDays(today, one.days);
            told.answers.push({
              key: due.key,
              kind: due.kind,
              on: today,
              at: told.at(),
              until,
              reason: 'away',
            });
            away.set(due.kind, { key: due.key, until: formatDate(until) });
            putOff++;
          }
        }
        const dues = open();
        const kinds = dues.map(({ kind }) => kind);
        expect(new Set(kinds).size).toBe(kinds.length);
        expect(dues.every(({ on }) => on <= text)).toBe(true);
        // What was put off is back on its date, unless it was done meanwhile and is another by then.
        const everything = duesOf(told.facts, today, addDays(today, 60));
        const isAway = (kind: string) =>
          everything.some(
            (due) => due.kind === kind && due.key === away.get(kind)?.key && due.on > text,
          );
        expect([text, ...kinds].sort()).toEqual(
          [text, ...mind.due(today).filter((kind) => !isAway(kind))].sort(),
        );
        for (const due of everything.filter((one) => one.putOff !== null))
          expect(due.on).toBe(away.get(due.kind)!.until);
        seen += kinds.length;
      }
    }),
    { numRuns: 25, seed: 20260601 },
  );
  // Neither holds by there being nothing to find.
  expect(seen).toBeGreaterThan(5000);
  expect(putOff).toBeGreaterThan(50);
});
