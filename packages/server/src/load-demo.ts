import { loadLargeDemo } from './demo/large-demo.js';
import { loadDemo } from './demo/load-demo.js';
import { readConfiguration } from './platform/configuration.js';
import { asProgram } from './program.js';
import { dataSourceFor } from './schema/data-source.js';

await asProgram(async () => {
  const source = await dataSourceFor(readConfiguration(process.env).databaseUrl).initialize();
  try {
    const loaded = await loadDemo(source, {
      fresh: process.argv.includes('--fresh'),
      now: new Date(),
    });
    if (loaded) process.stdout.write('demo data loaded\n');
    if (process.argv.includes('--large')) {
      await loadLargeDemo(source);
      process.stdout.write('10,000 properties with 12,000 timers loaded\n');
    }
  } finally {
    await source.destroy();
  }
});
