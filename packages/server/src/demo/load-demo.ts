import { readRuleSet } from '@water-clock/core/local-rules';
import { readPlan, type Plan } from '@water-clock/core/settings';
import { readWeather } from '@water-clock/core/weather';
import { readYard, YARD_FORMAT } from '@water-clock/core/yards';
import type { DataSource, EntityManager } from 'typeorm';
import { makeCopy } from '../timer-records/make-copy.js';
import { Account } from '../schema/account.entity.js';
import { Firm } from '../schema/firm.entity.js';
import { TimerType } from '../schema/timer-type.entity.js';
import { Person } from '../schema/person.entity.js';
import { Property } from '../schema/property.entity.js';
import { Removal } from '../schema/removal.entity.js';
import { StoredRuleSet } from '../schema/rule-set.entity.js';
import { addTimer } from '../timers/timers.service.js';
import { StoredWeather } from '../schema/weather.entity.js';
import { DEMO_HOMES, DEMO_TOWN, type DemoHome } from './homes.js';
import { DEMO_FIRM, DEMO_PEOPLE } from './people.js';
import { DEMO_RULES } from './rules.js';
import { DEMO_WEATHER } from './weather.js';

/**
 * Loads the demo firm into a database where nobody is known; with `fresh`, takes out the demo that
 * is there first. All of it or nothing. Tells whether it loaded anything.
 */
export function loadDemo(source: DataSource, { fresh }: { fresh: boolean }): Promise<boolean> {
  return source.transaction(async (manager) => {
    if (fresh) await removeDemo(manager);
    if ((await manager.count(Property)) + (await manager.count(Person)) > 0) return false;
    const { id: firmId } = await manager.save(
      manager.create(Firm, { name: DEMO_FIRM, phone: '555 0100', isDemo: true }),
    );
    // Without passwords: into the demo one signs in by the name alone.
    for (const { name, email, role } of DEMO_PEOPLE) {
      const { id: accountId } = await manager.save(manager.create(Account, { email }));
      const person = { firmId, name, role, accountId, joinedAt: new Date() };
      await manager.save(manager.create(Person, person));
    }
    const rules = await manager.save(
      manager.create(StoredRuleSet, { firmId, document: whole(readRuleSet(DEMO_RULES)) }),
    );
    const weather = await manager.save(
      manager.create(StoredWeather, { firmId, document: whole(readWeather(DEMO_WEATHER)) }),
    );
    const district = { ruleSetId: rules.id, weatherId: weather.id };
    for (const home of DEMO_HOMES) await addHome(manager, firmId, home, district);
    return true;
  });
}

export const findDemoFirm = (manager: EntityManager): Promise<Firm | null> =>
  manager.findOneBy(Firm, { isDemo: true });

async function removeDemo(manager: EntityManager): Promise<void> {
  const firm = await findDemoFirm(manager);
  if (!firm) return;
  const firmId = firm.id;
  for (const entity of [Property, StoredRuleSet, StoredWeather, TimerType, Removal, Person])
    await manager.delete(entity, { firmId });
  await manager.delete(Firm, { id: firmId });
  await manager.query(
    'DELETE FROM accounts a WHERE NOT EXISTS (SELECT 1 FROM people p WHERE p.account_id = a.id)',
  );
}

function whole<Value>(read: { ok: true; value: Value } | { ok: false; trouble: unknown }): Value {
  if (read.ok) return read.value;
  throw new Error(`The demo data has faults: ${JSON.stringify(read.trouble)}`);
}

async function addHome(
  manager: EntityManager,
  firmId: string,
  { timers, ...fields }: DemoHome,
  { ruleSetId, weatherId }: { ruleSetId: string; weatherId: string },
): Promise<void> {
  const savedBy = DEMO_PEOPLE[0]!.name;
  const { id: propertyId } = await manager.save(
    manager.create(Property, {
      firmId,
      ...DEMO_TOWN,
      ...fields,
      ruleSetId: fields.hasRules ? ruleSetId : null,
      weatherId,
    }),
  );
  const { latitude, longitude } = fields;
  const site = { timeZone: DEMO_TOWN.timeZone, latitude, longitude };
  for (const { name, document, before, yard } of timers) {
    const planOf = (settings: object): Plan =>
      whole(readPlan({ name: fields.name, site, ...settings }));
    const plan = planOf(document);
    const facts = plan.stations.map((station) => {
      const { cycleSeconds: _cycle, soakSeconds: _soak, ...shared } = station;
      return { ...shared, ...yard?.[station.number] };
    });
    const timerId = await addTimer(manager, {
      firmId,
      propertyId,
      name,
      timerTypeId: null,
      document: plan,
      yard: whole(readYard({ format: YARD_FORMAT, stations: facts })),
      savedBy,
    });
    const copy = { firmId, timerId, personName: savedBy };
    if (before)
      await makeCopy(manager, {
        ...copy,
        document: planOf(before),
        reason: 'left',
        name: 'Spring start-up',
        isInTimer: false,
      });
    await makeCopy(manager, {
      ...copy,
      document: plan,
      reason: 'as-found',
      name: '',
      isInTimer: true,
    });
  }
}
