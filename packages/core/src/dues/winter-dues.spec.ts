import { parseDate } from '../civil-time/index.js';
import { Spans, type DueFacts } from './index.js';
import { winterDues } from './winter-dues.js';

const day = (text: string) => parseDate(text)!;

const facts = (more: Partial<DueFacts> = {}): DueFacts => ({
  spans: Object.assign(new Spans(), { winterBy: '10-15', springBy: '04-01' }),
  ...{ addedOn: day('2025-01-10'), timeZone: null, setsSummerTime: false, battery: 'backup' },
  ...{ hasRainSensor: false, hasFilter: false, care: {}, clockSeenOn: null, visitedOn: null },
  ...{ hasBackflow: false, backflowNextOn: null, hasFrost: true },
  ...{ seasonCare: { winter: null, spring: null }, keyedInOn: null, season: null },
  ...{ rulesBrokenFrom: [], plannedChanges: [], sets: null, holdsEndOn: [] },
  ...{ bypassedSensors: [], sensorBackOn: null, linkEndsOn: null, answers: [] },
  ...more,
});
const due = (asked: DueFacts, today: string, until = today): string[] =>
  winterDues(asked, day(today), day(until)).map(({ kind, on }) => `${kind} ${on}`);

it('falls due on its day of each year, and stays due until it is done or long past', () => {
  expect(due(facts(), '2026-10-14')).toEqual([]);
  expect(due(facts(), '2026-10-15')).toEqual(['winter 2026-10-15']);
  expect(due(facts(), '2026-12-20')).toEqual(['winter 2026-10-15']);
  expect(due(facts(), '2027-03-01')).toEqual([]);
  expect(due(facts(), '2027-04-02')).toEqual(['spring 2027-04-01']);
  expect(due(facts(), '2026-09-20', '2026-10-20')).toEqual(['winter 2026-10-15']);
});

it('is done by a visit shortly before it, and comes again the next year', () => {
  const done = facts({ seasonCare: { winter: day('2026-09-28'), spring: null } });
  expect(due(done, '2026-11-01')).toEqual([]);
  expect(due(done, '2027-10-15')).toEqual(['winter 2027-10-15']);
  // The shutting down of the year before is not that of this one.
  const before = facts({ seasonCare: { winter: day('2025-10-20'), spring: null } });
  expect(winterDues(before, day('2026-10-20'), day('2026-10-20'))).toMatchObject([
    { last: '2025-10-20', key: 'winter:2026-10-15' },
  ]);
});

it('is done by what somebody said of it', () => {
  const answers = [
    { key: 'winter:2026-10-15', kind: 'winter' as const, on: day('2026-10-16') },
  ].map((one) => ({ ...one, at: '2026-10-16T08:00:00Z', until: null, reason: '' }));
  expect(due(facts({ answers }), '2026-11-01')).toEqual([]);
});

it('is nothing where it does not freeze, where the firm does not do it, or before the timer came', () => {
  expect(due(facts({ hasFrost: false }), '2026-10-20')).toEqual([]);
  expect(due(facts({ spans: new Spans() }), '2026-10-20')).toEqual([]);
  expect(due(facts({ addedOn: day('2026-10-15') }), '2026-10-20')).toEqual([]);
});

it('the last of February is its day in every year', () => {
  const spans = Object.assign(new Spans(), { springBy: '02-29' });
  expect(due(facts({ spans }), '2027-03-01')).toEqual(['spring 2027-02-28']);
  expect(due(facts({ spans }), '2028-03-01')).toEqual(['spring 2028-02-29']);
});
