// Runs the checks and every test, and adds up what the runners themselves report.
//   node tools/test.mjs [--long]     --long: many draws of every property, as `npm run test:long`
import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { startThrowAwayCluster } from './cluster.js';
import { makeTemplates } from './templates.js';

const REPORTS = '.reports';
/** Two at a time, whatever the machine has: they start servers and browsers of their own. */
const WORKERS = 2;
/** Beside the linter, which is busy for as long: three at once on two cores take longer than two and then one. */
const BESIDE_LINTER = 1;

const isLong = process.argv.includes('--long');
const seed =
  process.env.TEST_SEED ?? (isLong ? String(Math.floor(Math.random() * 2 ** 31)) : '20261127');

rmSync(REPORTS, { recursive: true, force: true });
mkdirSync(REPORTS);
console.log(`Seed of the property tests: ${seed} (TEST_SEED sets it)`);

const cluster = await startThrowAwayCluster();
const env = {
  ...process.env,
  // What lives for one file of tests is swept away young; the usual room for it is small, and sweeping a third of the work.
  NODE_OPTIONS: [process.env.NODE_OPTIONS, '--max-semi-space-size=64'].filter(Boolean).join(' '),
  TZ: 'UTC',
  TEST_DATABASE_URL: cluster.url,
  TEST_SEED: seed,
  ...(isLong && { TEST_LONG: '1' }),
};

/** Runs a command; what it says comes in one piece when it has ended, so that two can run at once. */
function run(title, command, words) {
  const began = performance.now();
  return new Promise((resolve) => {
    const child = spawn(command, words, { stdio: ['ignore', 'pipe', 'pipe'], env });
    const said = [];
    child.stdout.on('data', (part) => said.push(part));
    child.stderr.on('data', (part) => said.push(part));
    child.on('error', (error) => said.push(Buffer.from(String(error))));
    child.on('close', (code) => {
      const seconds = Math.round((performance.now() - began) / 1000);
      console.log(`\n== ${title}: ${code === 0 ? 'well' : 'FAILED'} after ${seconds} s`);
      process.stdout.write(Buffer.concat(said));
      resolve(code === 0);
    });
  });
}

const none = { passed: 0, failed: 0, skipped: 0 };

async function check(script) {
  const isFine = await run(script, 'npm', ['run', '-s', script]);
  return { ...none, failed: isFine ? 0 : 1, isFine };
}

async function jest(title, workers, projects) {
  const report = `${REPORTS}/${title}.json`;
  const isFine = await run(`tests: ${title}`, 'npx', [
    ...['jest', '--silent', `--maxWorkers=${workers}`],
    ...['--json', `--outputFile=${report}`, '--selectProjects', ...projects],
  ]);
  try {
    const counts = JSON.parse(readFileSync(report, 'utf8'));
    // A suite that could not even be run has no tests to count.
    const failed = counts.numFailedTests + counts.numRuntimeErrorTestSuites;
    return { passed: counts.numPassedTests, failed, skipped: counts.numPendingTests, isFine };
  } catch {
    return { ...none, failed: 1, isFine: false };
  }
}

const results = [];
try {
  makeTemplates(cluster.url);
  // The build has held the rules already, and the linter tells what the compiler finds.
  const linting = check('lint:code');
  results.push(await jest('unit', BESIDE_LINTER, ['core', 'cli', 'web', 'simulator']));
  results.push(await linting);
  results.push(await jest('api', WORKERS, ['server']));
  results.push(await jest('browser', WORKERS, ['e2e']));
} finally {
  cluster.stop();
}

const sum = (name) => results.reduce((total, result) => total + result[name], 0);
const skipped = sum('skipped') > 0 ? `, ${sum('skipped')} skipped` : '';
console.log(`${sum('passed')} passed, ${sum('failed')} failed${skipped}`);
process.exit(sum('failed') === 0 && results.every(({ isFine }) => isFine) ? 0 : 1);
