import { asTimerSeconds, dayOf, type TimerSeconds } from '../civil-time/index.js';
import { clockTime, shortDate } from '../words/index.js';
import type { Believed } from './believed.js';
import type { Flow } from './flow.js';

/** @example "station 3 (Back lawn)" */
export function stationWords({ plan }: Believed, station: number): string {
  const name = plan.stations.find(({ number }) => number === station)?.name?.trim() ?? '';
  return name === '' ? `station ${station}` : `station ${station} (${name})`;
}

/** To the minute. @example "Wed 3 Jun, 16:00" */
export const moment = (at: TimerSeconds): string => `${shortDate(dayOf(at))}, ${timeWords(at)}`;

/** To the minute. @example "16:00" */
export const timeWords = (at: TimerSeconds): string =>
  clockTime(asTimerSeconds(Math.round(at / 60) * 60));

/** The first water of a station in the watch, as it is set. */
export const firstOf = (believed: Believed, station: number): Flow | undefined => {
  const { from, to } = believed.watch;
  return believed
    .inWeather(believed.asSet)
    .find((flow) => flow.station === station && flow.to > from && flow.from < to);
};
