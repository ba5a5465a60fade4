// npm run mutate [-- FOLDER...] [-- --write]: changes the core at one place at a time and counts which
// changes the folder's own tests notice. What was counted before is kept in .reports/mutation and used
// again. --write puts the figures into docs/testing.md.
import { spawnSync } from 'node:child_process';
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';

/** Folders or files of packages/core/src, and the least share in percent that is wanted of them. */
const GOALS = {
  engine: 90,
  findings: 90,
  'key-in': 90,
  compare: 90,
  'planner/acceptance': 90,
  planner: null,
};

const report = (folder) => `.reports/mutation/${folder.replace('/', '-')}.report.json`;
const words = process.argv.slice(2);
const folders = words.filter((word) => !word.startsWith('--'));
for (const folder of folders.length > 0 ? folders : Object.keys(GOALS))
  for (const file of filesOf(folder)) {
    const { status } = spawnSync('npx', ['stryker', 'run', 'stryker.config.mjs'], {
      cwd: 'packages/core',
      env: { ...process.env, MUTATED: folder, MUTATED_FILE: file },
      stdio: 'inherit',
    });
    if (status !== 0) process.exit(status ?? 1);
  }

/** What is changed in one go: a run that is ended keeps what was counted of the files before. */
function filesOf(folder) {
  const place = `packages/core/src/${folder}`;
  if (!existsSync(place)) return [`src/${folder}.ts`];
  return readdirSync(place, { recursive: true })
    .filter((name) => name.endsWith('.ts') && !/\.spec\.ts$|testing\/|index\.ts$/.test(name))
    .sort()
    .map((name) => `src/${folder}/${name}`);
}

/** The mutants of a report, without those that cannot tell anything: they do not even load. */
function figures(folder) {
  const { files } = JSON.parse(readFileSync(report(folder), 'utf8'));
  const counts = { noticed: 0, unnoticed: 0 };
  for (const { status } of Object.values(files).flatMap(({ mutants }) => mutants)) {
    if (status === 'Killed' || status === 'Timeout') counts.noticed++;
    if (status === 'Survived' || status === 'NoCoverage') counts.unnoticed++;
  }
  return counts;
}

const rows = Object.entries(GOALS)
  .filter(([folder]) => existsSync(report(folder)))
  .map(([folder, goal]) => {
    const { noticed, unnoticed } = figures(folder);
    const share = ((100 * noticed) / (noticed + unnoticed)).toFixed(1);
    return `| ${folder} | ${noticed + unnoticed} | ${share} % | ${goal === null ? 'reported' : `${goal} %`} |`;
  });
const table = ['| folder | changes | noticed | wanted |', '| --- | ---: | ---: | ---: |', ...rows];
console.log(table.join('\n'));

if (words.includes('--write')) {
  const page = readFileSync('docs/testing.md', 'utf8');
  const [before, after] = [
    page.indexOf('| folder'),
    page.indexOf('\n\n', page.indexOf('| folder')),
  ];
  writeFileSync('docs/testing.md', page.slice(0, before) + table.join('\n') + page.slice(after));
}
