import {
  addSeconds,
  asTimerSeconds,
  parseTimeOfDay,
  startOfDay,
  type DayNumber,
} from '../civil-time/index.js';
import { exhaustive } from '../kernel/index.js';
import type { Plan } from '../settings/index.js';
import type { Believed } from './believed.js';
import type { Fault, FaultOf } from './fault.js';
import type { Flow } from './flow.js';

/** All water of the watch, and a little around it, where something is wrong; in true time. */
export function flowsOf(believed: Believed, fault: Fault): Flow[] {
  const { plan } = believed;
  switch (fault.code) {
    case 'as-set':
      return believed.inWeather(believed.asSet);
    case 'clock':
      return believed.inWeather(believed.withClock(fault.offSeconds));
    case 'percent':
      return believed.inWeather(believed.dryFlows(withPercent(plan, fault.percent)));
    case 'extra-start':
      return believed.inWeather(believed.dryFlows(withStart(plan, fault)));
    case 'extra-program':
      return [
        ...flowsOf(believed, { code: 'as-set' }),
        ...believed.inWeather(leftovers(believed, fault)),
      ];
    case 'sensor-stuck':
      return flowsOf(believed, { code: 'as-set' }).filter(
        ({ station }) => !believed.heedsRain(station),
      );
    case 'sensor-ignored':
      return believed.inWeather(believed.asSet, { isIgnored: true });
    case 'switched-off':
      return [];
    case 'station-dead':
      return flowsOf(believed, { code: 'as-set' }).filter(
        ({ station }) => station !== fault.station,
      );
    case 'valve-stuck':
      return stuckOpen(believed, fault);
    case 'by-hand':
      return [...flowsOf(believed, { code: 'as-set' }), ...byHand(fault)];
    default:
      return exhaustive(fault);
  }
}

/** The settings with one percentage for the whole timer. */
const withPercent = (plan: Plan, percent: number): Plan => ({
  ...plan,
  controller: { ...plan.controller, season: { mode: 'whole', percent } },
});

const withStart = (plan: Plan, { program, time }: FaultOf<'extra-start'>): Plan => ({
  ...plan,
  programs: plan.programs.map((one) =>
    one.id === program ? { ...one, starts: [...one.starts, time] } : one,
  ),
});

/** When something that begins at a time of day of the timer's begins, in true time. */
const trueTime = (believed: Believed, day: DayNumber, time: string) =>
  addSeconds(startOfDay(day), parseTimeOfDay(time)! * 60 - believed.offSeconds);

function leftovers(believed: Believed, fault: FaultOf<'extra-program'>): Flow[] {
  const { station, time, seconds, dates } = fault;
  return dates.map((day) => {
    const from = trueTime(believed, day, time);
    const to = addSeconds(from, seconds);
    return { station, from, to, run: `left over ${day}`, runEnd: to };
  });
}

function stuckOpen(believed: Believed, { station, isAlways }: FaultOf<'valve-stuck'>): Flow[] {
  const set = flowsOf(believed, { code: 'as-set' });
  if (isAlways) {
    const { from, to } = believed.watch;
    return [
      ...set.filter((flow) => flow.station !== station),
      { station, from, to, run: 'stuck', runEnd: to },
    ];
  }
  const opened = new Set<string>();
  return set.flatMap((flow) => {
    if (flow.station !== station) return flow;
    if (opened.has(flow.run)) return [];
    opened.add(flow.run);
    return { ...flow, to: asTimerSeconds(Math.max(flow.to, flow.runEnd)) };
  });
}

const byHand = ({ at, pieces }: FaultOf<'by-hand'>): Flow[] =>
  pieces.map(({ station, fromSeconds, toSeconds }) => ({
    ...{ station, from: addSeconds(at, fromSeconds), to: addSeconds(at, toSeconds) },
    ...{ run: 'by hand', runEnd: addSeconds(at, toSeconds) },
  }));
