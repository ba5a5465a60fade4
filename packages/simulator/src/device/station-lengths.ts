import { civilDateOf, formatDate, type DayNumber } from '@water-clock/core/civil-time';
import type { Plan, ProgramSettings } from '@water-clock/core/settings';

/** A station's turn in a run, and how long it is at the percentage of the run's date. */
export interface StationTurn {
  readonly station: number;
  readonly seconds: number;
}

/** The stations of a program that water when it starts on a date, in the timer's order. */
export function turnsOn(plan: Plan, program: ProgramSettings, day: DayNumber): StationTurn[] {
  const { timer, stations } = plan;
  const isWorking = new Set(stations.filter(({ enabled }) => enabled).map(({ number }) => number));
  const percent = percentOn(plan, program, day);
  const turns = program.runs
    .filter(({ station }) => isWorking.has(station))
    .map(({ station, seconds }) => ({ station, seconds: atPercent(plan, seconds, percent) }))
    .filter(({ seconds }) => seconds > 0);
  return timer.stationOrder === 'listed' ? turns : turns.sort((a, b) => a.station - b.station);
}

function percentOn(
  { timer, controller: { season }, weather }: Plan,
  program: ProgramSettings,
  day: DayNumber,
): number {
  if (timer.season === null) return 100;
  switch (season.mode) {
    case 'whole':
      return season.percent;
    case 'program':
      return program.percent;
    case 'monthly':
      return season.percents[civilDateOf(day).month - 1]!;
    case 'weather': {
      const today = formatDate(day);
      const asked = weather?.percents.find(({ date }) => date === today)?.percent ?? 100;
      const { leastPercent, mostPercent } = season;
      return Math.max(leastPercent, Math.min(mostPercent, settable(asked, timer.season)));
    }
  }
}

/** The largest percentage that can be set and is not more than what is asked for; or the least there is. */
function settable(asked: number, can: NonNullable<Plan['timer']['season']>): number {
  let percent = can.minPercent;
  while (percent + can.stepPercent <= Math.min(asked, can.maxPercent)) percent += can.stepPercent;
  return percent;
}

function atPercent({ timer: { season } }: Plan, seconds: number, percent: number): number {
  if (season === null || percent === 100) return seconds;
  if (seconds === 0 || percent === 0) return 0;
  const unit = season.roundToSeconds;
  // Whole numbers only: a half must be just a half.
  const units = Math.floor((2 * seconds * percent + 100 * unit) / (200 * unit));
  return Math.max(1, units) * unit;
}
