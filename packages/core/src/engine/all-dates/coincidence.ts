import { asDayNumber, type DayNumber } from '../../civil-time/index.js';
import { greatestCommonDivisor } from '../../kernel/index.js';
import { CYCLE_DAYS } from './calendar-cycle.js';
import {
  ALL_MONTHS,
  blockedBefore,
  calendarAllows,
  dateAllows,
  isWeekly,
  weekdayAllows,
  type DayPattern,
} from './day-pattern.js';

/** A pattern on some months: bit m of the mask stands for month m. */
export interface MonthlyPattern {
  readonly pattern: DayPattern;
  readonly months: number;
}

/**
 * The first day d, not before `from`, on which `a` waters while `b` waters `later` days after (below 0: before); null
 * when there is none, ever.
 *
 * Why it is exact. Apart from its count of days a pattern is a set C of days that repeats every 400
 * years (every 7 days where only weekdays matter). An interval that puts nothing off adds d ≡ anchor
 * modulo its length n; one that does adds, for each number j of days put off, d ≡ anchor + j, and that
 * the j days before d are blocked, which again repeats with the calendar. So all days looked for are a
 * union, over the pairs (j of a, j of b), of sets {d ≥ lower bound, d ≡ r modulo N, d ∈ C}: N and r
 * come from the two congruences by the Chinese remainder theorem, or there is no such d. Going from
 * the lower bound in steps of N, the days modulo the calendar's period P repeat after P ÷ gcd(N, P)
 * steps: if no day among so many is in C, none ever is.
 *
 * `look` is told how many dates are looked at, before they are.
 */
export function firstCoincidence(
  a: MonthlyPattern,
  b: MonthlyPattern,
  later: number,
  from: DayNumber,
  look: (count: number) => void,
): DayNumber | null {
  look(FOUR_YEARS);
  if (!datesMeet(a, b, later)) return null;
  const period = isWholeWeekly(a) && isWholeWeekly(b) ? 7 : CYCLE_DAYS;
  let best: DayNumber | null = null;
  for (const ofA of congruences(a.pattern, 0))
    for (const ofB of congruences(b.pattern, later)) {
      const both = meet(ofA, ofB);
      look(LOOKS_AT_A_PAIR);
      if (!both || !weekdaysMeet(a.pattern, b.pattern, later, ofA.deferred, ofB.deferred)) continue;
      const lower = Math.max(from, ofA.least, ofB.least);
      const steps = period / greatestCommonDivisor(both.modulus, period);
      let day = lower + modulo(both.residue - lower, both.modulus);
      for (let step = 0; step < steps && (best === null || day < best); step++) {
        if (step % LOOKED_TOGETHER === 0) look(LOOKED_TOGETHER);
        if (isMeeting(a, b, later, day, ofA.deferred, ofB.deferred)) {
          best = asDayNumber(day);
          break;
        }
        day += both.modulus;
      }
    }
  return best;
}

const isWholeWeekly = ({ pattern, months }: MonthlyPattern): boolean =>
  isWeekly(pattern) && months === ALL_MONTHS;

function isMeeting(
  a: MonthlyPattern,
  b: MonthlyPattern,
  later: number,
  day: number,
  deferredA: number,
  deferredB: number,
): boolean {
  const [dayA, dayB] = [asDayNumber(day), asDayNumber(day + later)];
  return (
    calendarAllows(a.pattern, dayA, a.months) &&
    calendarAllows(b.pattern, dayB, b.months) &&
    blockedBefore(a.pattern, dayA, deferredA) &&
    blockedBefore(b.pattern, dayB, deferredB)
  );
}

/** Days d with d ≡ residue modulo modulus, and d ≥ least, for waterings put off by `deferred` days. */
interface Congruence {
  readonly residue: number;
  readonly modulus: number;
  readonly least: number;
  readonly deferred: number;
}

const ANY_DAY: readonly Congruence[] = [{ residue: 0, modulus: 1, least: -Infinity, deferred: 0 }];

/** What the count of days asks of d when the pattern's own day is d + `later`. */
function congruences({ interval }: DayPattern, later: number): readonly Congruence[] {
  if (!interval) return ANY_DAY;
  const { everyDays, anchor, mostDeferred } = interval;
  // Put off by a whole interval or more, a watering meets the next one, which is there already.
  const most = Math.min(mostDeferred, everyDays - 1);
  return Array.from({ length: most + 1 }, (_, deferred) => ({
    residue: modulo(anchor + deferred - later, everyDays),
    modulus: everyDays,
    least: anchor + deferred - later,
    deferred,
  }));
}

/** Both congruences as one, by the Chinese remainder theorem; null when no number holds both. */
function meet(a: Congruence, b: Congruence): { residue: number; modulus: number } | null {
  const common = greatestCommonDivisor(a.modulus, b.modulus);
  if (modulo(a.residue - b.residue, common) !== 0) return null;
  const modulus = (a.modulus / common) * b.modulus;
  let { residue } = a;
  while (modulo(residue - b.residue, b.modulus) !== 0) residue += a.modulus;
  return { residue: modulo(residue, modulus), modulus };
}

/** False when no weekday suits both, put off by so many days, whatever the date. */
function weekdaysMeet(
  a: DayPattern,
  b: DayPattern,
  later: number,
  deferredA: number,
  deferredB: number,
): boolean {
  for (let weekday = 0; weekday < 7; weekday++)
    if (weekdayAllows(a, weekday, deferredA) && weekdayAllows(b, weekday + later, deferredB))
      return true;
  return false;
}

/** An interval, in hours too, is at most so many days, and so many steps bring two of them together. */
const LOOKS_AT_A_PAIR = 168;
/** So that counting takes no time of its own. */
const LOOKED_TOGETHER = 100;

/** Four years hold every date of a leap year and of a common year, and the turns between them. */
const FOUR_YEARS = 1461;
const LONGEST_LOOK = 300;

/** False when no date suits both, whatever the weekday. */
function datesMeet(a: MonthlyPattern, b: MonthlyPattern, later: number): boolean {
  if (Math.abs(later) > LONGEST_LOOK || (isWholeWeekly(a) && isWholeWeekly(b))) return true;
  for (let day = 0; day < FOUR_YEARS; day++)
    if (
      dateAllows(a.pattern, asDayNumber(day), a.months) &&
      dateAllows(b.pattern, asDayNumber(day + later), b.months)
    )
      return true;
  return false;
}

const modulo = (value: number, modulus: number): number => ((value % modulus) + modulus) % modulus;
