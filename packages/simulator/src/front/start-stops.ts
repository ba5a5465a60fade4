import {
  asMinuteOfDay,
  formatTimeOfDay,
  MINUTES_PER_DAY,
  parseTimeOfDay,
} from '@water-clock/core/civil-time';
import { setProgram, type Plan } from '@water-clock/core/settings';
import { turned } from './ring.js';
import type { Held, Stop } from './stop.js';

/** The start places of a program; off stands between the last and the first time of a day. */
export function startStops(plan: Plan, program: string, held: Held): Stop[] {
  const step = plan.timer.startStepMinutes;
  return (held.starts.get(program) ?? []).map((_, index) => ({
    ...{ key: `${program} start ${index + 1}`, part: 'starts', program },
    what: `Start ${index + 1}`,
    shows: ({ starts }) => starts.get(program)?.[index] ?? 'off',
    turn: (before, steps) => {
      const places = before.starts.get(program) ?? [];
      const time = timeAfter(places[index] ?? null, steps, step);
      return withStarts(
        before,
        program,
        places.map((old, at) => (at === index ? time : old)),
      );
    },
  }));
}

function timeAfter(time: string | null, steps: number, step: number): string | null {
  const times = Math.floor(MINUTES_PER_DAY / step);
  const place = time === null ? 0 : Math.floor(parseTimeOfDay(time)! / step) + 1;
  const next = turned(place, steps, times + 1);
  return next === 0 ? null : formatTimeOfDay(asMinuteOfDay((next - 1) * step));
}

function withStarts(held: Held, program: string, places: readonly (string | null)[]): Held {
  const on = places.filter((time) => time !== null);
  return {
    ...held,
    plan: setProgram(program, { starts: on })(held.plan),
    starts: new Map([...held.starts, [program, places]]),
  };
}
