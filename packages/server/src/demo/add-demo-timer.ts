import { readPlan, type Plan } from '@water-clock/core/settings';
import { TimerHandling } from '@water-clock/core/timer-types';
import { readYard, withYard, YARD_FORMAT, type Yard } from '@water-clock/core/yards';
import type { EntityManager } from 'typeorm';
import type { Firm } from '../schema/firm.entity.js';
import type { Property } from '../schema/property.entity.js';
import type { StoredRuleSet } from '../schema/rule-set.entity.js';
import type { TimerType } from '../schema/timer-type.entity.js';
import { Timer } from '../schema/timer.entity.js';
import type { StoredWeather } from '../schema/weather.entity.js';
import { makeCopy } from '../timer-records/make-copy.js';
import { addTimer } from '../timers/timers.service.js';
import type { DemoTimer, DemoVisit } from './demo-home.js';
import { addPastVisit, holdFor } from './past-visits.js';
import { DEMO_PEOPLE } from './people.js';
import { whole } from './whole.js';

/** The firm has looked after them for a year and a little. */
const KNOWN_FOR_MS = 370 * 86_400_000;

/** What homes of the demo share. */
export interface Shared {
  readonly firm: Firm;
  readonly rules: readonly StoredRuleSet[];
  readonly weather: StoredWeather;
  readonly timerTypes: readonly TimerType[];
  readonly now: Date;
}

/** A timer of the demo with what is behind it: visits, or what somebody read off it. */
export async function addDemoTimer(
  manager: EntityManager,
  property: Property,
  timer: DemoTimer,
  { firm, timerTypes, now }: Shared,
): Promise<void> {
  const savedBy = DEMO_PEOPLE[0]!.name;
  const { name, before, visits = [], ofType, holdDays } = timer;
  const type = timerTypes.find((one) => one.name === ofType);
  const firmId = firm.id;
  const typed = planAt(property, type);
  const first = typed(timer.document);
  const yard = yardOf(first, timer);
  // Where somebody has been, the settings know what the yard does.
  const planOf = (settings: Plan) => (visits.length > 0 ? withYard(settings, yard) : settings);
  const document = planOf(first);
  const pauses = holdDays === undefined ? [] : [holdFor(holdDays, now)];
  const timerId = await addTimer(manager, {
    ...{ firmId, propertyId: property.id, name, yard, savedBy },
    document: { ...document, controller: { ...document.controller, pauses } },
    timerTypeId: type?.id ?? null,
  });
  await manager.update(
    Timer,
    { id: timerId },
    { createdAt: new Date(now.getTime() - KNOWN_FOR_MS) },
  );
  const visited = {
    ...{ firm, property, timerId, name },
    handling: type?.handling ?? new TimerHandling(),
  };
  const leftAt = ({ left }: DemoVisit) => (left ? planOf(typed(left)) : document);
  // Nobody knows what was in it before.
  let found = visits[0] ? leftAt(visits[0]) : document;
  for (const [index, visit] of visits.entries()) {
    const left = leftAt(visit);
    const isLast = index === visits.length - 1;
    await addPastVisit(manager, visited, { ...visit, found, left, isLast }, now);
    found = left;
  }
  if (visits.length > 0) return;
  const copy = { firmId, timerId, personName: savedBy };
  if (before)
    await makeCopy(manager, {
      ...{ ...copy, document: typed(before), reason: 'left', name: 'Spring start-up' },
      isInTimer: false,
    });
  await makeCopy(manager, {
    ...{ ...copy, document, reason: 'as-found', name: '' },
    isInTimer: true,
  });
}

/** Reads settings as those of a timer at a property, of a type of the firm's own where it is of one. */
const planAt =
  ({ name, timeZone, latitude, longitude }: Property, type: TimerType | undefined) =>
  (settings: object): Plan =>
    whole(
      readPlan({
        ...{ name, site: { timeZone, latitude, longitude }, ...settings },
        ...(type && { timer: type.capability }),
      }),
    );

function yardOf(plan: Plan, { yard }: DemoTimer): Yard {
  const stations = plan.stations.map((station) => {
    const { cycleSeconds: _cycle, soakSeconds: _soak, ...known } = station;
    return { ...known, ...yard?.[station.number] };
  });
  return whole(readYard({ format: YARD_FORMAT, stations }));
}
