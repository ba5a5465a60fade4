import { loadDemo } from './demo/load-demo.js';
import { readConfiguration } from './platform/configuration.js';
import { dataSourceFor } from './platform/data-source.js';

const source = await dataSourceFor(readConfiguration(process.env).databaseUrl).initialize();
try {
  const loaded = await loadDemo(source, { fresh: process.argv.includes('--fresh') });
  if (loaded) process.stdout.write('demo data loaded\n');
} finally {
  await source.destroy();
}
