import { fileURLToPath } from 'node:url';
import { createApplication } from './application.js';
import { readConfiguration } from './platform/configuration.js';

const { databaseUrl, port } = readConfiguration(process.env);
const webFolder = fileURLToPath(new URL('../../web/dist', import.meta.url));
const planWorker = fileURLToPath(new URL('./planning/plan.worker.js', import.meta.url));
const app = await createApplication({ databaseUrl, planWorker, webFolder });
await app.listen(port, '127.0.0.1');
process.stdout.write(`listening on http://127.0.0.1:${port}\n`);
