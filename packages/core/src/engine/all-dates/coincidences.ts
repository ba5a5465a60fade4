import type { DayNumber } from '../../civil-time/index.js';
import type { Budget } from '../budget.js';
import { firstCoincidence, type MonthlyPattern } from './coincidence.js';
import type { DayPattern } from './day-pattern.js';

/** Whether two programs water on two dates is asked of their days, months, and days before. */
const LOOKS_AT_A_MEETING = 25;

/** Answers of {@link firstCoincidence}, each worked out once; patterns are told apart by which object they are. */
export class Coincidences {
  readonly #places = new Map<DayPattern, number>();
  readonly #known = new Map<string, DayNumber | null>();

  /** The first date, not before `from`, on which `a` comes in its months and `b`, `later` days after, in its. */
  first(
    a: MonthlyPattern,
    b: MonthlyPattern,
    later: number,
    { from, budget }: { readonly from: DayNumber; readonly budget: Budget },
  ): DayNumber | null {
    if (a.months === 0 || b.months === 0) return null;
    const key = `${this.#placeOf(a)} ${a.months} ${this.#placeOf(b)} ${b.months} ${later} ${from}`;
    let day = this.#known.get(key);
    if (day === undefined) {
      day = firstCoincidence(a, b, later, from, (count) =>
        budget.spend('looks', count * LOOKS_AT_A_MEETING),
      );
      this.#known.set(key, day);
    }
    return day;
  }

  #placeOf({ pattern }: MonthlyPattern): number {
    const place = this.#places.get(pattern) ?? this.#places.size;
    this.#places.set(pattern, place);
    return place;
  }
}
