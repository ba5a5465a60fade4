// npm run load-demo [-- --fresh] [-- --large]: loads the demo where bin/start keeps its data, or
// where DATABASE_URL points. --large adds the 10,000 properties that speeds are measured with.
import { spawnSync } from 'node:child_process';
import { joinCluster } from './cluster.js';
import { dataFolder, serverProgram } from './data-folder.js';

const given = process.env.DATABASE_URL;
const cluster = given ? { url: given, leave: () => undefined } : await joinCluster(dataFolder());
const env = { ...process.env, DATABASE_URL: cluster.url };
try {
  for (const [name, words] of [
    ['migrate', []],
    ['load-demo', process.argv.slice(2)],
  ]) {
    const { status } = spawnSync(process.execPath, [serverProgram(name), ...words], {
      env,
      stdio: 'inherit',
    });
    if (status !== 0) process.exitCode = 1;
  }
} finally {
  cluster.leave();
}
