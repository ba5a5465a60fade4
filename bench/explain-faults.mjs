import { explain } from '@water-clock/core/diagnosis';
import { FAULT_CODES } from '@water-clock/core/faults';
import {
  hiddenFault,
  isRight,
  rankOf,
} from '../packages/core/dist/diagnosis/testing/hidden-fault.js';
import { median, quantile } from './statistics.mjs';

const OF_EACH = 40;

function hidden(code, seed, count) {
  const found = [];
  for (let at = seed; found.length < count; at++) {
    const one = hiddenFault(at, code);
    if (one) found.push(one);
  }
  return found;
}

function explained(one) {
  const begin = performance.now();
  const causes = explain(one.plan, one.seen);
  const ms = performance.now() - begin;
  const rank = causes.findIndex(({ fault }) => isRight(one, fault)) + 1;
  return { ms, rank, isBest: [null, 1].includes(rankOf(one, causes)) };
}

/** Faults of every kind, hidden at random timers: are they told, how far in front, how soon? */
export function explainFaults() {
  for (const code of FAULT_CODES) hidden(code, 1, 2).forEach(explained);
  const all = FAULT_CODES.flatMap((code) => hidden(code, 5000, OF_EACH)).map(explained);
  const times = all.map(({ ms }) => ms);
  const spread = [quantile(times, 0.05), Math.max(...times)];
  const share = (isGood) => (100 * all.filter(isGood).length) / all.length;
  const upTo = (last) => share(({ rank }) => rank >= 1 && rank <= last);
  const row = (name, value, goal) => ({
    ...{ name, median: value, spread: [value, value] },
    ...{ unit: '%', goal, isMore: true },
  });
  return [
    {
      ...{ name: `what was seen explained, ${all.length} hidden faults, median` },
      ...{ median: median(times), spread, unit: 'ms', goal: 150 },
    },
    {
      ...{ name: 'what was seen explained, 99th percentile', median: quantile(times, 0.99) },
      ...{ spread, unit: 'ms', goal: 2000 },
    },
    row('the true cause first, of each kind as many', upTo(1), 80),
    row('the true cause among the first three, of each kind as many', upTo(3), 97),
    row(
      'nothing first that explains less than the truth, or as much and is less likely',
      share(({ isBest }) => isBest),
      100,
    ),
  ];
}
