import { createBench } from './serving/application.js';

const port = Number(process.env['PORT'] ?? 4790);
const bench = await createBench(() => performance.now());
await bench.listen(port, '127.0.0.1');
process.stdout.write(`listening on ${await bench.getUrl()}\n`);
