import { createSimulator } from './serving/application.js';

const port = Number(process.env['PORT'] ?? 4790);
const simulator = await createSimulator(() => performance.now());
await simulator.listen(port, '127.0.0.1');
process.stdout.write(`listening on ${await simulator.getUrl()}\n`);
