import { addDays, dayOf, formatDateTime, startOfDay, type DayNumber } from '../civil-time/index.js';
import type { CompiledProgram } from '../engine/index.js';
import { longDate } from '../words/index.js';
import { rule } from './finding.js';
import { counting } from './occurrences.js';
import { atBegin, stationWords } from './place-words.js';
import { WATCHED_DAYS } from './situation.js';

/** Watered on more days of a week than these, roots stay at the top. */
export const MOST_DAYS_A_WEEK = 5;
const WEEK_DAYS = 7;

/** A station that is watered on nearly every day: roots stay at the top. */
export const tooOften = rule('too-often', 'warning', ({ plan, from, watering }) => {
  const dates = new Map<number, Uint8Array>();
  const stationsOf = onceAProgramDay();
  for (const { program, nominal, shape } of watering.nominal) {
    const day = dayOf(nominal);
    if (!stationsOf(program, day)) continue;
    for (const { station } of shape.pieces) {
      let watered = dates.get(station);
      if (!watered) dates.set(station, (watered = new Uint8Array(WATCHED_DAYS)));
      watered[day - from] = 1;
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

/** All rows of seven dates with more watered ones than {@link MOST_DAYS_A_WEEK}; 1 stands for a watered date. */
function weeksOver(watered: Uint8Array, from: DayNumber) {
  const weeks: { begin: DayNumber; days: number }[] = [];
  let days = 0;
  for (let last = 0; last < WATCHED_DAYS; last++) {
    days += watered[last]! - (watered[last - WEEK_DAYS] ?? 0);
    const begin = last - WEEK_DAYS + 1;
    if (begin >= 0 && days > MOST_DAYS_A_WEEK) weeks.push({ begin: addDays(from, begin), days });
  }
  return weeks;
}
