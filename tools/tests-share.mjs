// npm run tests-share: how much of the code is tests, in lines that are not blank.
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';

const CODE = /\.(ts|tsx|js|cjs|mjs|css|sh)$/;
const TEST = /\.spec\.tsx?$|\/testing\/|^e2e\/(journeys|support)\//;
const MADE = /api\/generated\.ts$/;

const counts = new Map();
const files = execFileSync('git', ['ls-files'], { encoding: 'utf8' }).trim().split('\n');
for (const file of files.filter((one) => CODE.test(one) && !MADE.test(one))) {
  const part = /^packages\/(\w+)/.exec(file)?.[1] ?? file.split('/')[0];
  const lines = readFileSync(file, 'utf8')
    .split('\n')
    .filter((line) => line.trim() !== '').length;
  const count = counts.get(part) ?? { tests: 0, all: 0 };
  count.all += lines;
  if (TEST.test(file)) count.tests += lines;
  counts.set(part, count);
}
const whole = [...counts.values()].reduce(
  (sum, { tests, all }) => ({ tests: sum.tests + tests, all: sum.all + all }),
  { tests: 0, all: 0 },
);
for (const [part, { tests, all }] of [...counts, ['all of it', whole]])
  console.log(
    `${part.padEnd(12)} ${String(tests).padStart(6)} of ${String(all).padStart(6)}  ${((100 * tests) / all).toFixed(1)} %`,
  );
