import { fileURLToPath } from 'node:url';
import { createApplication } from './application.js';
import { CannotBegin, readConfiguration } from './platform/configuration.js';
import { Metrics } from './platform/metrics.js';
import { asProgram } from './program.js';
import { dataSourceFor } from './schema/data-source.js';
import { isUpToDate } from './schema/migrated.js';

await asProgram(async () => {
  const configuration = readConfiguration(process.env);
  const { address, port, metricsPort, ...told } = configuration;
  const source = await dataSourceFor(told.databaseUrl).initialize();
  const isReady = await isUpToDate(source).finally(() => source.destroy());
  if (!isReady)
    throw new CannotBegin('The database is not up to date: run the migrate program first.');

  const here = (place: string) => fileURLToPath(new URL(place, import.meta.url));
  const metrics = metricsPort === null ? undefined : new Metrics();
  const app = await createApplication(
    {
      ...told,
      takesQueues: true,
      webFolder: here('../../web/dist'),
      computeWorker: here('./compute.worker.js'),
      fontFolder: fileURLToPath(
        new URL(
          'files',
          import.meta.resolve('@fontsource/atkinson-hyperlegible-next/package.json'),
        ),
      ),
    },
    { ...told, ...(metrics && { metrics }) },
  );
  await app.listen(port, address);
  if (metrics && metricsPort !== null) await metrics.listen(metricsPort, address);
  process.stdout.write(`listening on http://${address}:${port}\n`);
});
