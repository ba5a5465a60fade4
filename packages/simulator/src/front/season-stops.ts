import { setController, type SeasonSetting } from '@water-clock/core/settings';
import type { SeasonMode } from '@water-clock/core/timer-types';
import { turned } from './ring.js';
import type { Held, Stop } from './stop.js';

const MODE_NAMES: Readonly<Record<SeasonMode, string>> = {
  whole: 'for the whole timer',
  program: 'for each program',
  monthly: 'for each month',
  weather: 'by the weather',
};
const MONTHS = 12;

/** Which way of setting percentages; a timer that has one only does not ask. */
export function seasonModeStops({ plan }: Held): Stop[] {
  const modes = plan.timer.season?.modes ?? [];
  if (modes.length < 2) return [];
  return [
    {
      ...{ key: 'season mode', part: 'percent', what: 'Season percentage is set' },
      shows: (held) => MODE_NAMES[held.plan.controller.season.mode],
      turn: (held, steps) => {
        const now = held.plan.controller.season.mode;
        const mode = modes[turned(modes.indexOf(now), steps, modes.length)] ?? now;
        if (mode === now) return held;
        return { ...held, plan: setController({ season: settingOf(mode, held) })(held.plan) };
      },
    },
  ];
}

function settingOf(mode: SeasonMode, { plan: { timer } }: Held): SeasonSetting {
  switch (mode) {
    case 'whole':
      return { mode, percent: 100 };
    case 'program':
      return { mode };
    case 'monthly':
      return { mode, percents: Array.from({ length: MONTHS }, () => 100) };
    case 'weather':
      return {
        mode,
        leastPercent: timer.season?.minPercent ?? 0,
        mostPercent: timer.season?.maxPercent ?? 100,
      };
  }
}
