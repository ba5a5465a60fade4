import { readConfiguration } from './platform/configuration.js';
import { asProgram } from './program.js';
import { prepareQueues } from './queues/queues.js';
import { dataSourceFor } from './schema/data-source.js';
import { migrate } from './schema/migrated.js';

await asProgram(async () => {
  const { databaseUrl } = readConfiguration(process.env);
  const source = await dataSourceFor(databaseUrl).initialize();
  try {
    const done = await migrate(source, () => prepareQueues(databaseUrl));
    for (const name of done) process.stdout.write(`migrated: ${name}\n`);
  } finally {
    await source.destroy();
  }
});
