import { exhaustive } from '../kernel/index.js';
import type { ProgramSettings, SeasonSetting } from '../settings/index.js';

/** The percentage in force for a program in a month, 1 to 12. */
export function percentInForce(
  season: SeasonSetting,
  program: ProgramSettings,
  month: number,
): number {
  switch (season.mode) {
    case 'whole':
      return season.percent;
    case 'program':
      return program.percent;
    case 'monthly':
      return season.percents[month - 1]!;
    default:
      return exhaustive(season);
  }
}

/**
 * A run time under a percentage, rounded half up to whole units; at least one unit, unless the time
 * or the percentage is 0. At 100 % it is the time itself, rounded or not.
 * @example scaledSeconds(600, 25, 60) // 180
 */
export function scaledSeconds(seconds: number, percent: number, roundToSeconds: number): number {
  if (percent === 100) return seconds;
  if (seconds === 0 || percent === 0) return 0;
  const units = Math.floor((2 * seconds * percent + 100 * roundToSeconds) / (200 * roundToSeconds));
  return Math.max(1, units) * roundToSeconds;
}
