import { formatDate } from '../civil-time/index.js';
import { hoursTurns, percentsIn, runShape, scaledSeconds } from '../engine/index.js';
import { check, findingKey } from '../findings/index.js';
import { WholeSeason, type Plan, type ProgramSettings } from '../settings/index.js';
import { choiceOf, type DayChoice } from './day-choices.js';
import type { Side } from './sides.js';
import { nightSeconds, nightTime, type NightSeconds } from './night.js';
import type { Situation } from './situation.js';

/** Hours that a start of a kept program takes. */
export interface KeptStart {
  readonly choice: DayChoice;
  readonly side: Side;
  readonly from: NightSeconds;
  /** At 100 % or at headroom, whichever is longer. */
  readonly to: NightSeconds;
}

/** The hours that kept programs take, over all their starts. */
export function keptStarts(situation: Situation): KeptStart[] {
  const {
    headroom,
    standing: { kept },
  } = situation;
  return (kept?.programs ?? [])
    .filter(({ enabled, runs }) => enabled && runs.length > 0)
    .flatMap((program) => {
      const longest = longestSeconds(kept!, program, headroom);
      return beginsOf(situation, program).map(({ choice, from }): KeptStart => {
        const to = from + longest;
        return { choice, from, to, side: sideOf(from, to) };
      });
    });
}

/** On which side of midnight hours of the night lie. */
export const sideOf = (from: NightSeconds, to: NightSeconds): Side =>
  from >= 0 ? 'after' : to > 0 ? 'across' : 'before';

/** When in its night a program begins, and on which days; of an interval in hours, each of its times of day. */
export function beginsOf(
  situation: Pick<Situation, 'brief' | 'calendar'>,
  { days, blockedWeekdays, starts }: ProgramSettings,
): Pick<KeptStart, 'choice' | 'from'>[] {
  if (days.mode !== 'hours') {
    const choice = choiceOf(situation, days, blockedWeekdays);
    return starts.map((start) => ({ choice, from: nightTime(start) }));
  }
  const { brief, calendar } = situation;
  // Nothing of it is ever put off.
  const skipping = { ...brief, timer: { ...brief.timer, blockedDay: 'skip' as const } };
  return hoursTurns(days).map(({ secondOfDay, everyDays, anchor }) => {
    const rule = { mode: 'interval' as const, everyDays, anchor: formatDate(anchor) };
    return {
      choice: choiceOf({ brief: skipping, calendar }, rule, blockedWeekdays),
      from: nightSeconds(secondOfDay),
    };
  });
}

/** A run of a program by itself, at the longest of the percentages that it must bear. */
function longestSeconds(plan: Plan, program: ProgramSettings, headroom: number): number {
  const { timer, controller, stations } = plan;
  const { concurrent, runs } = program;
  const known = new Map(stations.map((station) => [station.number, station]));
  const lengthAt = (at: number) =>
    runShape(
      runs
        .filter(({ station }) => known.get(station)?.enabled)
        .map(({ station, seconds }) => {
          const { cycleSeconds, soakSeconds } = known.get(station)!;
          const cuts = timer.cycleSoak !== null && cycleSeconds !== undefined;
          return {
            station,
            seconds: scaledSeconds(seconds, at, timer.season?.roundToSeconds ?? 1),
            cycleSeconds: cuts ? cycleSeconds : Infinity,
            soakSeconds: cuts ? (soakSeconds ?? 0) : 0,
          };
        }),
      {
        policy: timer.cycleSoak?.policy ?? 'in-order',
        slots: Math.min(timer.maxConcurrentStations, concurrent),
        delaySeconds: controller.stationDelaySeconds,
      },
    ).lengthSeconds;
  const own = ['program', 'weather'].includes(controller.season.mode)
    ? percentsIn(plan, program, 1)
    : [];
  return Math.max(...[100, headroom, ...own].map(lengthAt));
}

/** What is found on the kept programs by themselves: no plan beside them can mend it. */
export function knownFindings({ from, headroom, standing: { kept } }: Situation): Set<string> {
  if (!kept) return new Set();
  const season = Object.assign(new WholeSeason(), { percent: headroom });
  const raised = { ...kept, controller: { ...kept.controller, season } };
  return new Set([...check(kept, from), ...check(raised, from)].map(findingKey));
}
