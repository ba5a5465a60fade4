import { dataSourceFor } from './schema/data-source.js';
import { readConfiguration } from './platform/configuration.js';

const source = await dataSourceFor(readConfiguration(process.env).databaseUrl).initialize();
try {
  for (const { name } of await source.runMigrations()) process.stdout.write(`migrated: ${name}\n`);
} finally {
  await source.destroy();
}
