import type { Plan } from '@water-clock/core/settings';
import type { SeasonMode } from '@water-clock/core/timer-types';

/** The way of setting percentages that a season opens on: the one that is set, where the timer has it. */
export function firstMode({ timer, controller: { season } }: Plan): SeasonMode {
  const modes = timer.season?.modes ?? ['whole'];
  return modes.includes(season.mode) ? season.mode : (modes[0] ?? 'whole');
}
