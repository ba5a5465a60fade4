import {
  asDayNumber,
  addSeconds,
  civilDateOf,
  dayNumberOf,
  dayOf,
  SECONDS_PER_DAY,
  type DayNumber,
  type TimerSeconds,
} from '@water-clock/core/civil-time';
import { firstCollision, percentOn, simulate, type NominalRun } from '@water-clock/core/engine';
import type { Plan } from '@water-clock/core/settings';

/** One night, from noon of `day` to noon of the next. */
export interface YearNight {
  readonly day: DayNumber;
  /** How long valves are open, by program in the timer's order; 0 where a program does not run. */
  readonly secondsByProgram: readonly number[];
  /** How many pairs of runs collide. */
  readonly collisions: number;
}

export interface YearMonth {
  readonly year: number;
  /** 1 to 12. */
  readonly month: number;
  readonly nights: readonly YearNight[];
  /** The percentage in force, by program of the settings. */
  readonly percents: readonly number[];
}

export interface YearModel {
  /** The date from which the settings are judged. */
  readonly since: DayNumber;
  readonly programs: readonly string[];
  readonly months: readonly YearMonth[];
  /** Of the busiest night. */
  readonly mostSeconds: number;
  /** The first collision on any date from `since` on; its night may come after these months. */
  readonly first: { readonly night: DayNumber; readonly start: TimerSeconds } | null;
}

const MONTHS = 12;
const HALF_DAY = SECONDS_PER_DAY / 2;

/** The date of the noon at which a moment's night begins. */
export const nightOf = (moment: TimerSeconds): DayNumber => dayOf(addSeconds(moment, -HALF_DAY));

/** The nights of twelve months, from the first of the month of `since` on, as the settings ask for them. */
export function yearModel(plan: Plan, since: DayNumber): YearModel {
  const { year, month } = civilDateOf(since);
  const firstOf = (offset: number) =>
    dayNumberOf({
      year: year + Math.floor((month - 1 + offset) / MONTHS),
      month: ((month - 1 + offset) % MONTHS) + 1,
      day: 1,
    });
  const begin = firstOf(0);
  const { nominal, collisions } = simulate(plan, {
    from: begin,
    days: firstOf(MONTHS) - begin + 1,
  });
  const { programs } = plan.timer;
  const seconds = new Map<DayNumber, number[]>();
  for (const run of nominal) {
    const night = nightOf(run.nominal);
    let own = seconds.get(night);
    if (!own) seconds.set(night, (own = programs.map(() => 0)));
    own[run.program.order]! += openSeconds(run);
  }
  const collided = new Map<DayNumber, number>();
  for (const { b } of collisions) {
    const night = nightOf(b.nominal);
    collided.set(night, (collided.get(night) ?? 0) + 1);
  }
  const dry = programs.map(() => 0);
  const months = Array.from({ length: MONTHS }, (_, offset): YearMonth => {
    const from = firstOf(offset);
    const date = civilDateOf(from);
    return {
      year: date.year,
      month: date.month,
      nights: Array.from({ length: firstOf(offset + 1) - from }, (_, index) => {
        const day = asDayNumber(from + index);
        return {
          day,
          secondsByProgram: seconds.get(day) ?? dry,
          collisions: collided.get(day) ?? 0,
        };
      }),
      percents: plan.programs.map((program) =>
        percentOn(plan, program, { day: from, month: date.month }),
      ),
    };
  });
  const first = firstCollision(plan, since);
  return {
    since,
    programs,
    months,
    mostSeconds: Math.max(0, ...[...seconds.values()].map((own) => own.reduce((a, b) => a + b, 0))),
    first: first ? { night: nightOf(first.b.nominal), start: first.b.nominal } : null,
  };
}

const openSeconds = ({ shape }: NominalRun): number =>
  shape.pieces.reduce((sum, { fromSeconds, toSeconds }) => sum + toSeconds - fromSeconds, 0);
