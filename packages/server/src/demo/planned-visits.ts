import { addDays, formatDate, parseDate } from '@water-clock/core/civil-time';
import type { EntityManager } from 'typeorm';
import { Person } from '../schema/person.entity.js';
import { PlannedVisit } from '../schema/planned-visit.entity.js';
import { Property } from '../schema/property.entity.js';

interface DemoPlan {
  readonly home: string;
  readonly by: string;
  /** Days after today; before it they were not held. */
  readonly inDays: number;
  readonly reason: string;
  readonly notes?: string;
}

const INES = 'Ines Marlow';
const TOBIAS = 'Tobias Fenn';

const PLANNED: readonly DemoPlan[] = [
  {
    ...{ home: 'Wren corner', by: INES, inDays: -2, reason: 'The side strip stays dry' },
    notes: 'Nobody opened the gate on the day',
  },
  {
    ...{ home: 'Plum cottage', by: INES, inDays: 0 },
    reason: 'It waters at odd times, says the household',
  },
  { home: 'Heron gate', by: INES, inDays: 0, reason: 'Set it up for the season' },
  { home: 'Lantern house', by: TOBIAS, inDays: 0, reason: 'New beds: plan their watering' },
  {
    ...{ home: 'Thistle yard', by: TOBIAS, inDays: 1, reason: 'Batteries and filters' },
    notes: 'Take four batteries',
  },
  { home: 'Plum cottage', by: INES, inDays: 3, reason: 'Look that it really ran' },
  { home: 'Heron gate', by: TOBIAS, inDays: 9, reason: 'Catch test on the verge' },
];

/** Who is to go where: today, in the next days, and once where nobody went. */
export async function addPlannedVisits(
  manager: EntityManager,
  firmId: string,
  now: Date,
): Promise<void> {
  const today = parseDate(now.toISOString().slice(0, 'YYYY-MM-DD'.length))!;
  for (const [place, { home, by, inDays, reason, notes = '' }] of PLANNED.entries()) {
    const property = await manager.findOneByOrFail(Property, { firmId, name: home });
    const person = await manager.findOneByOrFail(Person, { firmId, name: by });
    await manager.save(
      manager.create(PlannedVisit, {
        ...{ firmId, propertyId: property.id, personId: person.id, place: place + 1 },
        ...{ onDate: formatDate(addDays(today, inDays)), reason, notes, madeBy: 'Piet Lark' },
      }),
    );
  }
}
