import { DataSource, type DataSourceOptions } from 'typeorm';
import { Firm } from '../firms/firm.entity.js';
import { FirstTables1780000000000 } from '../migrations/1780000000000-first-tables.js';
import { Property } from '../properties/property.entity.js';
import { Timer, TimerSettings } from '../timers/timer.entity.js';

/** How to reach the database. The schema changes by migrations only. */
export const databaseOptions = (url: string): DataSourceOptions => ({
  type: 'postgres',
  url,
  entities: [Firm, Property, Timer, TimerSettings],
  migrations: [FirstTables1780000000000],
  migrationsTransactionMode: 'each',
  synchronize: false,
  // PostgreSQL makes UUIDs itself; no extension is wanted.
  uuidExtension: 'pgcrypto',
  installExtensions: false,
  applicationName: 'water-clock',
});

export const dataSourceFor = (url: string): DataSource => new DataSource(databaseOptions(url));
