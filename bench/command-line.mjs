import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { DEMO_HOMES } from '../packages/server/dist/demo/homes.js';
import { median, quantile } from './statistics.mjs';

const RUNS = 15;

/** Each verb on the largest demo home, from start to exit, and how many times as long it takes as Node with nothing to do. */
export function commandLine() {
  const documents = DEMO_HOMES.flatMap(({ timers }) => timers.map(({ document }) => document));
  const largest = documents.toSorted((a, b) => b.stations.length - a.stations.length)[0];
  const folder = mkdtempSync(join(tmpdir(), 'water-clock-bench-'));
  const file = join(folder, 'plan.json');
  writeFileSync(file, JSON.stringify(largest));
  const from = ['--from', '2026-06-01'];
  const verbs = [
    ['simulate', file, ...from, '--days', '14'],
    ['forever', file, ...from],
    ['check', file, ...from],
    ['compare', file, file],
    ['together', file, file, ...from],
  ];
  // By turns, so that what else the machine does falls on all of them.
  const bare = [];
  const times = verbs.map(() => []);
  for (let run = 0; run < RUNS; run++) {
    bare.push(timeOf('node', ['-e', '0'], [0]));
    verbs.forEach((words, at) => times[at].push(timeOf('bin/water-clock', words, [0, 1])));
  }
  rmSync(folder, { recursive: true });
  const ratios = times.map((of) => median(of) / median(bare));
  return [
    {
      name: 'bin/water-clock simulate, 24 stations, from start to exit',
      median: median(times[0]),
      spread: [quantile(times[0], 0.05), quantile(times[0], 0.95)],
      unit: 'ms',
      goal: 300,
    },
    {
      name: 'the slowest verb of bin/water-clock, against `node -e 0`',
      median: Math.max(...ratios),
      spread: [Math.min(...ratios), Math.max(...ratios)],
      unit: 'times',
      goal: 2.2,
    },
  ];
}

function timeOf(program, words, wanted) {
  const begin = performance.now();
  const { status } = spawnSync(program, words);
  if (!wanted.includes(status)) throw new Error(`${program} ${words[0]} ended with ${status}.`);
  return performance.now() - begin;
}
