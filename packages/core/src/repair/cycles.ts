import { percentsIn, scaledSeconds } from '../engine/index.js';
import { setStation } from '../settings/index.js';
import { OTHER } from './disturbance.js';
import type { Change, Draft } from './draft.js';
import type { StationUnit } from './unit.js';

/** So many pieces a run of a station is cut into at most. */
const MOST_PIECES = 12;

/** The run times of a station, as they may be in force. */
function timesInForce({ plan }: Draft, station: number): number[] {
  const { timer } = plan;
  const round = timer.season?.roundToSeconds ?? 1;
  const months = Array.from({ length: 12 }, (_, at) => at + 1);
  return plan.programs.flatMap((program) =>
    program.runs
      .filter((run) => run.station === station && run.seconds > 0)
      .flatMap(({ seconds }) =>
        [...new Set(months.flatMap((month) => percentsIn(plan, program, month)))].map((percent) =>
          timer.season ? scaledSeconds(seconds, percent, round) : seconds,
        ),
      ),
  );
}

/** Cycles that the ground takes, or where nobody knows that, none longer than it is. */
export function cycles(unit: StationUnit, draft: Draft): Change[] {
  const { plan } = draft;
  const station = plan.stations.find(({ number }) => number === unit.station)!;
  const { cycleSeconds: was, runoffSeconds } = station;
  const set = (cycleSeconds: number | undefined): Change => ({
    unit,
    to: cycleSeconds ?? null,
    disturbance: OTHER,
    edit: setStation(unit.station, { cycleSeconds }),
  });
  // A timer that cannot cut waters in one piece, whatever is set.
  if (plan.timer.cycleSoak === null) return was === undefined ? [] : [set(undefined)];
  const most = runoffSeconds ?? was ?? Infinity;
  if (most === Infinity) return [];
  const times = timesInForce(draft, unit.station);
  const lengths = new Set([Math.floor(most)]);
  if (most >= 60) lengths.add(Math.floor(most / 60) * 60);
  for (const seconds of times)
    for (let pieces = 1; pieces <= MOST_PIECES; pieces++) {
      const exact = Math.ceil(seconds / pieces);
      lengths.add(exact);
      lengths.add(Math.ceil(exact / 60) * 60);
    }
  return [...lengths]
    .filter((seconds) => seconds >= 1 && seconds <= most && seconds !== was)
    .sort((a, b) => b - a)
    .map(set);
}

/** The soak that the ground needs: none shorter. */
export function soaks(unit: StationUnit, { plan }: Draft): Change[] {
  const station = plan.stations.find(({ number }) => number === unit.station)!;
  const { soakSeconds: was = 0, minSoakSeconds, cycleSeconds } = station;
  if (minSoakSeconds === undefined || cycleSeconds === undefined) return [];
  const set = (soakSeconds: number): Change => ({
    unit,
    to: soakSeconds,
    disturbance: OTHER,
    edit: setStation(unit.station, { soakSeconds }),
  });
  return [...new Set([Math.ceil(minSoakSeconds / 60) * 60, minSoakSeconds])]
    .filter((seconds) => seconds !== was)
    .map(set);
}
