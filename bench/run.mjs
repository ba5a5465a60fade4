// npm run bench [-- --json | -- --write]: the speeds that the product promises, as medians.
import { writeFileSync } from 'node:fs';
import { cpus } from 'node:os';
import { checkAThousandHomes } from './check-a-thousand-homes.mjs';
import { changeForManyHomes } from './change-for-many-homes.mjs';
import { commandLine } from './command-line.mjs';
import { editToPaint } from './edit-to-paint.mjs';
import { inTheHand } from './in-the-hand.mjs';
import { allDatesOfAHome } from './all-dates-of-a-home.mjs';
import { manyHomes } from './many-homes.mjs';
import { manyPhotos } from './many-photos.mjs';
import { planHomes } from './plan-homes.mjs';
import { repairHomes } from './repair-homes.mjs';
import { explainFaults } from './explain-faults.mjs';
import { seasonAtTheRoots } from './season-at-the-roots.mjs';
import { timersTogether } from './timers-together.mjs';
import { transferred } from '../e2e/support/transferred.js';
import { underLoad } from './under-load.mjs';
import { yearOfAHome } from './year-of-a-home.mjs';

const measured = [];
const MEASURES = [
  yearOfAHome,
  allDatesOfAHome,
  timersTogether,
  checkAThousandHomes,
  seasonAtTheRoots,
  planHomes,
  repairHomes,
  explainFaults,
  commandLine,
  manyHomes,
  changeForManyHomes,
  manyPhotos,
  underLoad,
  editToPaint,
  transferred,
  inTheHand,
];
for (const measure of MEASURES) {
  const begin = performance.now();
  const row = await measure();
  measured.push(row);
  // What was measured is not lost with what comes after it.
  console.error(`${Math.round((performance.now() - begin) / 1000)} s: ${JSON.stringify(row)}`);
}
const rows = measured.flat();

const short = (value) => Number(value.toPrecision(3));
const isMet = ({ median, goal, isMore = false }) => (isMore ? median >= goal : median < goal);
const results = rows.map((row) => ({
  name: row.name,
  median: short(row.median),
  unit: row.unit,
  goal: row.goal,
  met: isMet(row),
}));

function asTable() {
  const lines = rows.map((row) => {
    const { name, median, spread, unit, goal, isMore } = row;
    const range = spread.map(short).join(' to ');
    const bound = `${isMore ? 'at least' : 'under'} ${goal} ${unit}`;
    return `| ${name} | ${short(median)} ${unit} | ${range} ${unit} | ${bound} | ${isMet(row) ? 'yes' : 'no'} |`;
  });
  return [
    '| what | median | spread | goal | met |',
    '| --- | ---: | ---: | ---: | --- |',
    ...lines,
  ].join('\n');
}

if (process.argv.includes('--json')) console.log(JSON.stringify(results, null, 1));
else console.log(asTable());

if (process.argv.includes('--write')) {
  const machine = `${cpus().length} cores (${cpus()[0].model.trim()}), Node ${process.versions.node}`;
  writeFileSync(
    'docs/performance.md',
    `# How fast it is

Written by \`npm run bench -- --write\` on ${new Date().toISOString().slice(0, 10)}: ${machine}.
Speed is measured here and never asserted in a test.

${asTable()}

- **A year of a home**: \`simulate\` from \`packages/core/src/engine\`, all runs, pieces and collisions of
  365 dates, 300 times after warm-up, by turns with the npm package \`rrule\`, which gets the same start
  times as recurrence rules and only expands them. Spread: 5th to 95th percentile.
- **For ever**: both questions for each of 1,000 homes made from seeds, once each, after 200 to warm up.
  Spread: 5th percentile to the worst.
- **On one supply**: \`together\` of 500 pairs of random homes, once each, after 100 to warm up. Spread: 5th to 95th
  percentile.
- **Check**: every finding of the same 1,000 homes, their local rules and soils included, seven times over;
  the rate of each round. Spread: least to most.
- **Water balance**: \`seasonBalance\` with simulated weather, the engine's watering included, 100 times after
  warm-up. Spread: 5th to 95th percentile.
- **Plan**: \`planBrief\` for homes of 1 to 25 stations made from seeds, feasible by construction, once each
  after 20 to warm up; every plan is judged by \`planner/testing/judge\`, which knows only the contract and
  the engine. Small homes, of at most 4 stations and coarse steps, are also worked out by going through
  every setting (\`bench/exact-small-homes.mjs\`). Spread: 5th percentile to the worst.
- **Command line**: the whole process, 15 times. Spread: 5th to 95th percentile.
- **Under load**: the same homes in a durable cluster, what is true of each timer worked out by the round of the hour. Ten
  people at once, each with a quarter of a second on average between two things that they ask for: a page of the list,
  a search, a save of settings. First alone, then beside 20 plans that take all the time that a plan may. Then
  somebody else, who asks for small things one after the other, alone and beside what is meant to hurt: settings with
  as many pieces of water as may be, worked out for ever new dates; 200 sign-ins at once; bodies of 5 MB; sheets of
  2,000 stations; each over and over. Three rounds of each.
- **Many homes**: 10,000 properties with 12,000 timers (\`npm run load-demo -- --large\`), asked over HTTP by
  somebody who is signed in. Search: words as they are typed, letter by letter, each answer with its first
  page, timers and what is true of them; desk: timer, settings and yard together. Three rounds each; the median of
  the three 95th percentiles, and their range.
- **Many photos**: the page of a home with two timers, drawn 25 times without and 25 times with 5,000 photos of 300 KB,
  spread over the fifteen timers of the demo; until its photos are there too. Each time against the median without.
- **Edit to paint**: a start is moved by key on the demo home with a collision; the time runs from the
  key's event to the end of the paint that shows the new nights, both from Chromium's own trace. Three
  rounds of 40 edits; the median of the three 95th percentiles, and their range.
- **Transferred**: every byte from the server to a browser that has nothing yet, until the network is idle,
  fonts and answers included, counted by a proxy between the two, without the service worker.
- **Lighthouse**: its own simulation of a phone with a slow signal (150 ms, 1.6 Mbit/s) and a
  processor four times slower than this one; five visits to each page, each in a browser that has nothing of it yet,
  behind the door with a session. Median, and least to most. Wants a quiet machine.
`,
  );
}
