import { addDays, parseDate } from '../civil-time/index.js';
import { check } from '../findings/index.js';
import { planAlternatives, type PlanAsked, type PlanEvent, type StationTarget } from './index.js';
import type { Plan } from '../settings/index.js';
import { testPlan } from '../testing/plans.js';

const FROM = parseDate('2026-06-01')!;

const target = (number: number, fields: Partial<StationTarget> = {}): StationTarget => ({
  number,
  need: { weeklySeconds: 2400, daysPerWeek: [2, 4] },
  maxPieceSeconds: null,
  minSoakSeconds: null,
  from: 'minute',
  cut: null,
  ...fields,
});

const STATIONS = [
  { number: 1, head: 'spray', plant: 'turf' },
  { number: 2, head: 'spray', plant: 'turf' },
  { number: 3, head: 'rotor', plant: 'shrubs' },
];

function eventsOf(
  plan: Plan,
  targets: readonly StationTarget[],
  fields: Partial<PlanAsked['hours']> = {},
) {
  const events: PlanEvent[] = [];
  let looks = 0;
  const hours = {
    dates: { from: FROM, until: addDays(FROM, 30) },
    finishBy: '05:30',
    earliestStart: '21:00',
    headroomPercent: 120,
    pinned: { programs: [], stations: [] },
    ...fields,
  };
  const asked = { plan, targets, targetsByStarts: targets, leaders: [], beside: [], hours };
  planAlternatives(
    asked,
    () => looks++ / 20,
    (event) => events.push(event),
  );
  return events;
}

const offersOf = (events: readonly PlanEvent[]) =>
  events.flatMap((event) => (event.type === 'offer' ? [event.offer] : []));

it('plans in each way that makes a difference, and says what each costs and leaves', () => {
  const plan = testPlan({ timer: { cycleSoak: {} }, stations: STATIONS });
  const targets = [target(1, { maxPieceSeconds: 300, minSoakSeconds: 1800 }), target(2), target(3)];
  const events = eventsOf(plan, targets);
  expect(events[0]).toMatchObject({ type: 'now', costs: { programs: 2, starts: 2 } });
  const offers = offersOf(events);
  expect(offers.map(({ key, costs: { programs, starts } }) => [key, programs, starts])).toEqual([
    ['fewest', 1, 1],
    ['by-planting', 2, 2],
    ['by-starts', 1, expect.any(Number)],
  ]);
  expect(offers[2]!.costs.starts).toBeGreaterThan(1);
  for (const { proposal, faults, isProven } of offers) {
    expect(faults).toEqual([]);
    expect(check(proposal, FROM).filter(({ severity }) => severity === 'error')).toEqual([]);
    expect(isProven).toBe(true);
  }
});

it('tells that a way comes to the same plan, and tries none that cannot differ', () => {
  const one = testPlan({
    timer: { programs: ['A'] },
    stations: STATIONS,
    programs: [],
  });
  const types = eventsOf(one, [target(1), target(2), target(3)])
    .filter(({ type }) => type !== 'trying')
    .map((event) => ('alternative' in event ? [event.type, event.alternative] : [event.type]));
  expect(types).toEqual([['now'], ['offer'], ['same', 'by-planting']]);
  expect(eventsOf(one, []).map(({ type }) => type)).toEqual(['now']);
});

it('says why there is none, and offers the nearest plans', () => {
  const plan = testPlan({ stations: STATIONS });
  const events = eventsOf(plan, [target(1), target(2), target(3)], {
    earliestStart: '05:00',
    finishBy: '05:20',
  });
  const refusal = events.find(({ type }) => type === 'refusal');
  expect(refusal).toMatchObject({
    refusal: { alternative: 'fewest', reasons: [{ code: 'hours', station: null }] },
  });
  const changed = offersOf(events).map(({ change }) => change?.field);
  expect(changed).toEqual(['rules.finishBy', 'rules.earliestStart', 'rules.headroomPercent']);
});
