import { addDays, dayOf, formatDateTime, startOfDay, type DayNumber } from '../civil-time/index.js';
import type { CompiledProgram } from '../engine/index.js';
import { longDate } from '../words/index.js';
import { rule } from './finding.js';
import { counting } from './occurrences.js';
import { atBegin, stationWords } from './place-words.js';
import { WATCHED_DAYS } from './situation.js';

const MOST_DAYS = 5;
const WEEK_DAYS = 7;

/** A station that is watered on nearly every day: roots stay at the top. */
export const tooOften = rule('too-often', 'warning', ({ plan, from, watering }) => {
  const dates = new Map<number, Set<DayNumber>>();
  const stationsOf = onceAProgramDay();
  for (const { program, nominal, shape } of watering.nominal) {
    const day = dayOf(nominal);
    if (!stationsOf(program, day)) continue;
    for (const { station } of shape.pieces) {
      const known = dates.get(station);
      if (known) known.add(day);
      else dates.set(station, new Set([day]));
    }
  }
  return plan.stations.flatMap((station) => {
    const watered = dates.get(station.number);
    if (!watered || station.plant === 'seed' || station.plant === 'vegetables') return [];
    const weeks = weeksOver(watered, from);
    const [first] = weeks;
    if (!first) return [];
    return [
      {
        station: station.number,
        message: `${atBegin(stationWords(station))} is watered on ${first.days} of the 7 days from ${longDate(first.begin)}, which keeps its roots at the top.`,
        fix: 'Water it less often and longer each time, unless it is newly planted.',
        first: formatDateTime(startOfDay(first.begin)),
        ...counting(weeks.length),
      },
    ];
  });
});

/** True once for each program and date: several starts of a day are one date. */
function onceAProgramDay(): (program: CompiledProgram, day: DayNumber) => boolean {
  const last = new Map<CompiledProgram, DayNumber>();
  return (program, day) => {
    if (last.get(program) === day) return false;
    last.set(program, day);
    return true;
  };
}

/** All rows of seven dates with more watered ones than {@link MOST_DAYS}. */
function weeksOver(watered: ReadonlySet<DayNumber>, from: DayNumber) {
  const weeks: { begin: DayNumber; days: number }[] = [];
  for (let offset = 0; offset + WEEK_DAYS <= WATCHED_DAYS; offset++) {
    const begin = addDays(from, offset);
    let days = 0;
    for (let next = 0; next < WEEK_DAYS; next++) if (watered.has(addDays(begin, next))) days++;
    if (days > MOST_DAYS) weeks.push({ begin, days });
  }
  return weeks;
}
