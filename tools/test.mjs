// Runs the checks and every test, and adds up what the runners themselves report.
import { spawnSync } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { startThrowAwayCluster } from './cluster.js';

const REPORTS = '.reports';
rmSync(REPORTS, { recursive: true, force: true });
mkdirSync(REPORTS);

const cluster = await startThrowAwayCluster();
const env = { ...process.env, TZ: 'UTC', TEST_DATABASE_URL: cluster.url };

function run(title, command, words) {
  console.log(`\n== ${title}`);
  const { status } = spawnSync(command, words, { stdio: 'inherit', env });
  return status === 0;
}

function jest(title, projects, words = []) {
  const report = `${REPORTS}/${title}.json`;
  const options = ['--json', `--outputFile=${report}`, '--selectProjects', ...projects, ...words];
  const isFine = run(`tests: ${title}`, 'npx', ['jest', '--silent', ...options]);
  try {
    const counts = JSON.parse(readFileSync(report, 'utf8'));
    // A suite that could not even be run has no tests to count.
    const failed = counts.numFailedTests + counts.numRuntimeErrorTestSuites;
    return { passed: counts.numPassedTests, failed, skipped: counts.numPendingTests, isFine };
  } catch {
    return { passed: 0, failed: 1, skipped: 0, isFine: false };
  }
}

const results = [];
try {
  for (const script of ['lint', 'typecheck'])
    if (!run(script, 'npm', ['run', '-s', script]))
      results.push({ passed: 0, failed: 1, skipped: 0, isFine: false });
  results.push(jest('unit-and-api', ['core', 'cli', 'server', 'web', 'bench-timer']));
  results.push(jest('browser', ['e2e'], ['--runInBand']));
} finally {
  cluster.stop();
}

const sum = (name) => results.reduce((total, result) => total + result[name], 0);
const skipped = sum('skipped') > 0 ? `, ${sum('skipped')} skipped` : '';
console.log(`${sum('passed')} passed, ${sum('failed')} failed${skipped}`);
process.exit(sum('failed') === 0 && results.every(({ isFine }) => isFine) ? 0 : 1);
