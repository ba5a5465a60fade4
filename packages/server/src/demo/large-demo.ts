import { GENERIC_TYPES } from '@water-clock/core/timer-types';
import { readPlan, type Plan } from '@water-clock/core/settings';
import { yardFor } from '@water-clock/core/yards';
import type { DataSource, EntityManager } from 'typeorm';
import { Property } from '../schema/property.entity.js';
import { Timer, TimerSettings, TimerYard } from '../schema/timer.entity.js';
import { findDemoFirm } from './load-demo.js';
import { DEMO_TOWN } from './homes.js';

const PROPERTIES = 10_000;
/** Every fifth home has a second timer: 12,000 in all. */
const SECOND_TIMER_EVERY = 5;
const BATCH = 500;

const FIRST_WORDS = [
  'Amber',
  'Birch',
  'Cedar',
  'Dapple',
  'Elder',
  'Fennel',
  'Gable',
  'Hazel',
  'Ivory',
  'Juniper',
  'Kestrel',
  'Linden',
  'Maple',
  'Nettle',
  'Orchard',
  'Pebble',
  'Quince',
  'Rowan',
  'Sorrel',
  'Thyme',
];
const SECOND_WORDS = [
  'bank',
  'barn',
  'cottage',
  'court',
  'croft',
  'end',
  'gate',
  'grange',
  'hill',
  'house',
  'lodge',
  'mill',
  'nook',
  'reach',
  'rise',
  'row',
  'view',
  'walk',
  'well',
  'yard',
];
const STREETS = ['Alder Row', 'Millpond Lane', 'Cooper Bank', 'Upper Terrace', 'Sparrow Steps'];
const CONTACTS = ['Brandt', 'Quist', 'Sandoval', 'Ames', 'Ferrand', 'Okell', 'Thorne', 'Vasey'];
const PLACES = ['Garage', 'Shed', 'Carport', 'Plant room', 'Porch'];

/** A small generator of numbers from a seed, the same every time: 0 to 1, 1 not included. */
function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** Adds the many homes that speeds are measured with to the demo firm, where there are fewer yet. */
export async function loadLargeDemo(source: DataSource): Promise<void> {
  const firm = await findDemoFirm(source.manager);
  if (!firm) throw new Error('The demo must be loaded first.');
  const known = await source.manager.countBy(Property, { firmId: firm.id });
  if (known >= PROPERTIES) return;
  const random = seeded(20_260_601);
  await source.transaction(async (manager) => {
    for (let begin = known; begin < PROPERTIES; begin += BATCH)
      await addBatch(manager, firm.id, begin, Math.min(BATCH, PROPERTIES - begin), random);
  });
  await source.query('VACUUM ANALYZE');
}

async function addBatch(
  manager: EntityManager,
  firmId: string,
  begin: number,
  count: number,
  random: () => number,
): Promise<void> {
  const pick = <Item>(items: readonly Item[]): Item => items[Math.floor(random() * items.length)]!;
  const inserted = await manager.insert(
    Property,
    Array.from({ length: count }, (_, index) => ({
      firmId,
      name: `${pick(FIRST_WORDS)} ${pick(SECOND_WORDS)} ${begin + index}`,
      address: `${1 + Math.floor(random() * 200)} ${pick(STREETS)}`,
      ...DEMO_TOWN,
      contactName: `${pick(FIRST_WORDS)} ${pick(CONTACTS)}`,
    })),
  );
  const owners = inserted.identifiers.flatMap(({ id }, index) =>
    (begin + index) % SECOND_TIMER_EVERY === 0 ? [id as string, id as string] : [id as string],
  );
  const timers = await manager.insert(
    Timer,
    owners.map((propertyId) => ({ firmId, propertyId, name: pick(PLACES) })),
  );
  const settings = timers.identifiers.map(({ id }) => ({
    timerId: id as string,
    firmId,
    plan: randomPlan(random),
  }));
  await manager.insert(
    TimerSettings,
    settings.map(({ plan, ...ids }) => ({ ...ids, document: plan })),
  );
  await manager.insert(
    TimerYard,
    settings.map(({ plan, ...ids }) => ({ ...ids, document: yardFor(plan, null) })),
  );
}

/** Settings that a timer of some kind could hold. */
function randomPlan(random: () => number): Plan {
  const { timer } = GENERIC_TYPES[Math.floor(random() * GENERIC_TYPES.length)]!;
  const stations = Array.from({ length: Math.min(timer.stations, 16) }, (_, index) => ({
    number: index + 1,
    name: `Station ${index + 1}`,
  }));
  const used = timer.programs.slice(0, 3);
  const read = readPlan({
    format: 'waterclock.plan/2',
    timer,
    stations,
    programs: used.map((id, order) => ({
      id,
      starts: [`0${1 + order * 2}:00`],
      days: { mode: 'weekdays', weekdays: [1 + Math.floor(random() * 7), 3, 6] },
      runs: stations
        .filter(({ number }) => number % used.length === order)
        .map(({ number }) => ({ station: number, seconds: 300 + 300 * Math.floor(random() * 4) })),
    })),
  });
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
}
