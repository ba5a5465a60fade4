import { dateAndTime } from '@water-clock/core/words';
import { parseDateTime } from '@water-clock/core/civil-time';
import type { Told } from '../api/tellings';

type Saw = Told['document']['saw'][number];

/** "Tue 2 June, 14:10 to 14:25: water at station 2". */
export function sawWords({ what, from, to, station }: Saw): string {
  const begin = dateAndTime(parseDateTime(from)!);
  const isSameDay = to !== null && to.slice(0, 10) === from.slice(0, 10);
  const end =
    to === null
      ? ''
      : isSameDay
        ? ` to ${to.slice(11, 16)}`
        : ` to ${dateAndTime(parseDateTime(to)!)}`;
  const where = station === null ? '' : ` at station ${station}`;
  return `${begin}${end}: ${what === 'dry' ? 'no water' : 'water'}${where}`;
}
