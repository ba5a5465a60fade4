import { runShape, scaledSeconds } from '../engine/index.js';
import { check, findingKey } from '../findings/index.js';
import { WholeSeason, type Plan, type ProgramSettings } from '../settings/index.js';
import { choiceOf, type DayChoice } from './day-choices.js';
import type { Side } from './sides.js';
import { nightTime, type NightSeconds } from './night.js';
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
      const choice = choiceOf(situation, program.days, program.blockedWeekdays);
      const longest = longestSeconds(kept!, program, headroom);
      return program.starts.map((start): KeptStart => {
        const from = nightTime(start);
        const to = from + longest;
        return { choice, from, to, side: from >= 0 ? 'after' : to > 0 ? 'across' : 'before' };
      });
    });
}

/** A run of a program by itself, at the longest of the percentages that it must bear. */
function longestSeconds(
  { timer, controller, stations }: Plan,
  { percent, concurrent, runs }: ProgramSettings,
  headroom: number,
): number {
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
  const own = controller.season.mode === 'program' ? [percent] : [];
  return Math.max(...[100, headroom, ...own].map(lengthAt));
}

/** What is found on the kept programs by themselves: no plan beside them can mend it. */
export function knownFindings({ from, headroom, standing: { kept } }: Situation): Set<string> {
  if (!kept) return new Set();
  const season = Object.assign(new WholeSeason(), { percent: headroom });
  const raised = { ...kept, controller: { ...kept.controller, season } };
  return new Set([...check(kept, from), ...check(raised, from)].map(findingKey));
}
