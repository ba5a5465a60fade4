import { readRuleSet } from '@water-clock/core/local-rules';
import { GENERIC_TYPES } from '@water-clock/core/timer-types';
import { readWeather } from '@water-clock/core/weather';
import type { DataSource, EntityManager } from 'typeorm';
import { CalendarLink } from '../schema/calendar-link.entity.js';
import { Account } from '../schema/account.entity.js';
import { Firm } from '../schema/firm.entity.js';
import { TimerType } from '../schema/timer-type.entity.js';
import { Person } from '../schema/person.entity.js';
import { Property } from '../schema/property.entity.js';
import { Removal } from '../schema/removal.entity.js';
import { StoredRuleSet } from '../schema/rule-set.entity.js';
import { StoredWeather } from '../schema/weather.entity.js';
import { addDemoTimer, type Shared } from './add-demo-timer.js';
import type { DemoHome } from './demo-home.js';
import { DEMO_HOMES, DEMO_TOWN } from './homes.js';
import { KEPT_HOMES } from './kept-homes.js';
import { DEMO_FIRM, DEMO_PEOPLE } from './people.js';
import { addPhotos } from './photos.js';
import { addPlannedVisits } from './planned-visits.js';
import { addPracticeRuns } from './practice-runs.js';
import { DEMO_RULES } from './rules.js';
import { DEMO_TIMER_TYPES } from './timer-types.js';
import { DEMO_WEATHER } from './weather.js';
import { whole } from './whole.js';

/**
 * Loads the demo firm into a database where nobody is known; with `fresh`, takes out the demo that
 * is there first. What is behind its homes is behind `now`. All of it or nothing. Tells whether it loaded anything.
 */
export function loadDemo(
  source: DataSource,
  { fresh, now }: { fresh: boolean; now: Date },
): Promise<boolean> {
  return source.transaction(async (manager) => {
    if (fresh) await removeDemo(manager);
    if ((await manager.count(Property)) + (await manager.count(Person)) > 0) return false;
    const firm = await manager.save(
      manager.create(Firm, { name: DEMO_FIRM, phone: '555 0100', isDemo: true }),
    );
    const firmId = firm.id;
    // Without passwords: into the demo one signs in by the name alone.
    for (const { name, email, role } of DEMO_PEOPLE) {
      const { id: accountId } = await manager.save(manager.create(Account, { email }));
      const person = { firmId, name, role, accountId, joinedAt: new Date() };
      await manager.save(manager.create(Person, person));
    }
    const rules = await manager.save(
      DEMO_RULES.map((document) =>
        manager.create(StoredRuleSet, { firmId, document: whole(readRuleSet(document)) }),
      ),
    );
    const timerTypes = await manager.save(
      DEMO_TIMER_TYPES.map(({ name, from, summary }) => {
        const { timer, handling } = GENERIC_TYPES.find(({ key }) => key === from)!;
        const capability = { ...timer, name };
        return manager.create(TimerType, { firmId, name, summary, capability, handling });
      }),
    );
    const weather = await manager.save(
      manager.create(StoredWeather, { firmId, document: whole(readWeather(DEMO_WEATHER)) }),
    );
    const shared = { firm, rules, weather, timerTypes, now };
    for (const home of [...DEMO_HOMES, ...KEPT_HOMES]) await addHome(manager, home, shared);
    await addPlannedVisits(manager, firmId, now);
    await addPracticeRuns(manager, firmId, now);
    await addPhotos(manager, firmId, now);
    return true;
  });
}

export const findDemoFirm = (manager: EntityManager): Promise<Firm | null> =>
  manager.findOneBy(Firm, { isDemo: true });

async function removeDemo(manager: EntityManager): Promise<void> {
  const firm = await findDemoFirm(manager);
  if (!firm) return;
  const firmId = firm.id;
  for (const entity of [
    ...[Property, StoredRuleSet, StoredWeather, TimerType, Removal, CalendarLink, Person],
  ])
    await manager.delete(entity, { firmId });
  await manager.delete(Firm, { id: firmId });
  await manager.query(
    'DELETE FROM accounts a WHERE NOT EXISTS (SELECT 1 FROM people p WHERE p.account_id = a.id)',
  );
}

async function addHome(
  manager: EntityManager,
  { timers, hasRules = false, ...fields }: DemoHome,
  shared: Shared,
): Promise<void> {
  const { firm, rules, weather } = shared;
  const place = { ...DEMO_TOWN, ...fields };
  const ofTown = rules.find(({ document }) => document.towns.includes(place.town));
  const property = await manager.save(
    manager.create(Property, {
      ...{ firmId: firm.id, ...place, weatherId: weather.id },
      ruleSetId: hasRules ? ofTown!.id : null,
    }),
  );
  for (const timer of timers) await addDemoTimer(manager, property, timer, shared);
}
