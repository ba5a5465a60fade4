import { addDays, dayOf, secondOfDay, startOfDay, type DayNumber } from '../civil-time/index.js';
import { allDates, simulate } from '../engine/index.js';
import { isWatering, setStarts, type Plan } from '../settings/index.js';

/** What settings cost: to key in, in nights, in water. */
export interface Costs {
  /** Programs that water. */
  readonly programs: number;
  /** Start times of these programs, all together. */
  readonly starts: number;
  /** Watering dates a week, summed over stations. */
  readonly datesPerWeek: number;
  /** The longest night, from its first piece to its last. */
  readonly longestNightSeconds: number;
  /** The latest end of any night, seconds from the midnight in it; null: nothing waters. */
  readonly latestEndSeconds: number | null;
  readonly weeklySeconds: number;
  /** Null where the flow of a watered station is not known. */
  readonly weeklyLitres: number | null;
  /** How far the percentage may rise without a collision; null: it has none, or even the least collides. */
  readonly headroomPercent: number | null;
}

const WEEKS = 8;
const HALF_DAY = 43_200;
const DAY = 86_400;

/** The costs of settings over the 56 nights from a date on, at the percentage that is set. */
export function costsOf(plan: Plan, from: DayNumber): Costs {
  const { pieces } = simulate(plan, { from, days: WEEKS * 7 });
  const flows = new Map(plan.stations.map(({ number, flowLpm }) => [number, flowLpm]));
  const dates = new Set<string>();
  const nights = new Map<number, { from: number; to: number }>();
  let [seconds, litres]: [number, number | null] = [0, 0];
  for (const { station, from: begin, to } of pieces) {
    dates.add(`${station} ${dayOf(begin)}`);
    seconds += to - begin;
    const flow = flows.get(station);
    litres = litres === null || flow === undefined ? null : litres + (flow * (to - begin)) / 60;
    const evening = secondOfDay(begin) >= HALF_DAY ? dayOf(begin) : addDays(dayOf(begin), -1);
    const inNight = begin - startOfDay(evening) - DAY;
    const known = nights.get(evening);
    nights.set(evening, {
      from: Math.min(known?.from ?? Infinity, inNight),
      to: Math.max(known?.to ?? -Infinity, inNight + to - begin),
    });
  }
  const all = [...nights.values()];
  const water = plan.programs.filter(isWatering);
  return {
    programs: water.length,
    starts: water.reduce((sum, program) => sum + setStarts(program).length, 0),
    datesPerWeek: dates.size / WEEKS,
    longestNightSeconds: Math.max(0, ...all.map((night) => night.to - night.from)),
    latestEndSeconds: all.length === 0 ? null : Math.max(...all.map(({ to }) => to)),
    weeklySeconds: seconds / WEEKS,
    weeklyLitres: litres === null ? null : litres / WEEKS,
    headroomPercent: allDates(plan, from).headroomPercent,
  };
}
