import { fileURLToPath } from 'node:url';
import { createApplication } from './application.js';
import { readConfiguration } from './platform/configuration.js';

const { port, ...configuration } = readConfiguration(process.env);
const webFolder = fileURLToPath(new URL('../../web/dist', import.meta.url));
const computeWorker = fileURLToPath(new URL('./compute.worker.js', import.meta.url));
const fontFolder = fileURLToPath(
  new URL('files', import.meta.resolve('@fontsource/atkinson-hyperlegible-next/package.json')),
);
const app = await createApplication({
  ...configuration,
  computeWorker,
  fontFolder,
  webFolder,
});
await app.listen(port, '127.0.0.1');
process.stdout.write(`listening on http://127.0.0.1:${port}\n`);
