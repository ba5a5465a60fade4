import type { DayNumber } from '../../civil-time/index.js';
import type { Plan } from '../../settings/index.js';
import type { Collision } from '../collisions.js';
import { compilePlan, type CompiledPlan } from '../compiled-plan.js';
import { collisionsOf, Meetings, watersOnAnyDate } from './first-collision.js';
import { gridPercentsOf, headroomOf, type GridPercent } from './headroom.js';

/** What holds on all dates from one on; each answer is worked out when it is asked for, once. */
export class AllDates {
  readonly #meetings: Meetings;
  #collisions: readonly Collision[] | undefined;
  #headroomPercent: number | null | undefined;

  constructor(compiled: CompiledPlan, from: DayNumber) {
    this.#meetings = new Meetings(compiled, from);
  }

  /** For each pair of starts that ever collides its first collision, earliest first. */
  get collisions(): readonly Collision[] {
    this.#collisions ??= collisionsOf(this.#meetings);
    return this.#collisions;
  }

  /**
   * The largest percentage of the timer's grid such that at it and at every smaller one, set for the
   * whole timer, nothing ever collides; null when even the smallest collides, or there is none.
   */
  get headroomPercent(): number | null {
    if (this.#headroomPercent === undefined) this.#headroomPercent = headroomOf(this.#meetings);
    return this.#headroomPercent;
  }

  /** Every percentage of the timer, and whether nothing ever collides at it. */
  get gridPercents(): readonly GridPercent[] {
    return gridPercentsOf(this.#meetings);
  }

  /** True when an enabled program has a run on some date. */
  waters(program: string): boolean {
    return watersOnAnyDate(this.#meetings, program);
  }
}

export const allDates = (plan: Plan, from: DayNumber): AllDates =>
  new AllDates(compilePlan(plan), from);

export const firstCollisions = (plan: Plan, from: DayNumber): readonly Collision[] =>
  allDates(plan, from).collisions;

/** The earliest collision with both dates from `from` on, or null when there is none on any date. */
export const firstCollision = (plan: Plan, from: DayNumber): Collision | null =>
  firstCollisions(plan, from)[0] ?? null;

export const headroomPercent = (plan: Plan, from: DayNumber): number | null =>
  allDates(plan, from).headroomPercent;
