import { dayOf, parseDateTime } from '@water-clock/core/civil-time';
import { clockTime, shortDate } from '@water-clock/core/words';
import type { Said } from '@water-clock/core/diagnosis';

export const WHAT_NAMES: Readonly<Record<Said['what'], string>> = {
  watered: 'Watered',
  dry: 'Dry',
  rain: 'Rain',
};

const MIDNIGHT = '00:00:00';

/** @example "Tue 2 Jun, 14:10 to 14:25: watered, station 3 (Back lawn)" */
export function toldWords(told: Said, stations: readonly StationName[]): string {
  return `${whenWords(told)}: ${WHAT_NAMES[told.what].toLowerCase()}${ofWords(told, stations)}`;
}

export function whenWords({ from, to }: Pick<Said, 'from' | 'to'>): string {
  const [begin, end] = [parseDateTime(from)!, parseDateTime(to ?? from)!];
  const day = shortDate(dayOf(begin));
  if (to === null) return `${day}, ${clockTime(begin)}`;
  const isAllDay = from.endsWith(MIDNIGHT) && to.endsWith(MIDNIGHT);
  if (isAllDay && dayOf(end) - dayOf(begin) === 1) return `${day}, all day`;
  const endDay = dayOf(end) === dayOf(begin) ? '' : `${shortDate(dayOf(end))}, `;
  return `${day}, ${clockTime(begin)} to ${endDay}${clockTime(end)}`;
}

export interface StationName {
  readonly number: number;
  readonly name: string;
}

export function stationName({ number, name }: StationName): string {
  return name.trim() === '' ? `station ${number}` : `station ${number} (${name.trim()})`;
}

function ofWords({ what, station }: Said, stations: readonly StationName[]): string {
  if (what === 'rain') return '';
  if (station === null) return what === 'dry' ? ', everywhere' : ', nobody knows where';
  return `, ${stationName(stations.find(({ number }) => number === station) ?? { number: station, name: '' })}`;
}
