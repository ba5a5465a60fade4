import type { DataSource, EntityManager } from 'typeorm';
import { readPlan } from '@water-clock/core/settings';
import { Firm } from '../firms/firm.entity.js';
import { Property } from '../properties/property.entity.js';
import { Timer, TimerSettings } from '../timers/timer.entity.js';
import { DEMO_HOMES, DEMO_TOWN, type DemoHome } from './homes.js';

/**
 * Loads the demo homes into a database without properties; with `fresh`, takes out what is there
 * first. All of it or nothing. Tells whether it loaded anything.
 */
export function loadDemo(source: DataSource, { fresh }: { fresh: boolean }): Promise<boolean> {
  return source.transaction(async (manager) => {
    if (fresh) await manager.createQueryBuilder().delete().from(Property).execute();
    if ((await manager.count(Property)) > 0) return false;
    const [firm] = await manager.find(Firm, { take: 1 });
    for (const home of DEMO_HOMES) await addHome(manager, firm!.id, home);
    return true;
  });
}

async function addHome(manager: EntityManager, firmId: string, home: DemoHome): Promise<void> {
  const { timers, ...fields } = home;
  const property = await manager.save(
    manager.create(Property, { firmId, ...DEMO_TOWN, ...fields }),
  );
  for (const { name, document } of timers) {
    const site = {
      timeZone: DEMO_TOWN.timeZone,
      latitude: home.latitude,
      longitude: home.longitude,
    };
    const read = readPlan({ name: home.name, site, ...document });
    if (!read.ok) throw new Error(`${home.name}, ${name}: ${JSON.stringify(read.trouble)}`);
    const timer = await manager.save(
      manager.create(Timer, { firmId, propertyId: property.id, name }),
    );
    await manager.insert(TimerSettings, { timerId: timer.id, firmId, document: read.value });
  }
}
