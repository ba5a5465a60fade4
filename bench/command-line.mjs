import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { DEMO_HOMES } from '../packages/server/dist/demo/homes.js';
import { median, quantile } from './statistics.mjs';

const RUNS = 15;

/** `simulate` over a fortnight of the largest demo home, from start to exit. */
export function commandLine() {
  const documents = DEMO_HOMES.flatMap(({ timers }) => timers.map(({ document }) => document));
  const largest = documents.toSorted((a, b) => b.stations.length - a.stations.length)[0];
  const folder = mkdtempSync(join(tmpdir(), 'water-clock-bench-'));
  const file = join(folder, 'plan.json');
  writeFileSync(file, JSON.stringify(largest));
  const words = ['simulate', file, '--from', '2026-06-01', '--days', '14'];
  const times = Array.from({ length: RUNS }, () => {
    const begin = performance.now();
    const { status } = spawnSync('bin/water-clock', words);
    if (status !== 0) throw new Error(`The command line ended with ${status}.`);
    return performance.now() - begin;
  });
  rmSync(folder, { recursive: true });
  return {
    name: 'bin/water-clock simulate, 24 stations, from start to exit',
    median: median(times),
    spread: [quantile(times, 0.05), quantile(times, 0.95)],
    unit: 'ms',
    goal: 300,
  };
}
