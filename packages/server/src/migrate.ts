import { readConfiguration } from './platform/configuration.js';
import { asProgram } from './program.js';
import { dataSourceFor } from './schema/data-source.js';
import { migrate } from './schema/migrated.js';

await asProgram(async () => {
  const source = await dataSourceFor(readConfiguration(process.env).databaseUrl).initialize();
  try {
    for (const name of await migrate(source)) process.stdout.write(`migrated: ${name}\n`);
  } finally {
    await source.destroy();
  }
});
