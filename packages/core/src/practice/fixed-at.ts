import { ELECTRICAL_FAULTS } from '../faults/index.js';
import type { Plan } from '../settings/index.js';
import type { HiddenElectrical } from './practice-case.js';

/** All stations that a hidden fault shuts. */
export function shutBy({ stations }: Plan, { of, station }: HiddenElectrical): readonly number[] {
  const numbers = stations.map(({ number }) => number).sort((a, b) => a - b);
  return ELECTRICAL_FAULTS.find(({ code }) => code === of)?.shuts(numbers, station) ?? [];
}

/** What shuts several stations is put right from each of them; null: from wherever one stands. */
export const isFixedAt = (plan: Plan, hidden: HiddenElectrical, station: number | null): boolean =>
  station === null || shutBy(plan, hidden).includes(station);
