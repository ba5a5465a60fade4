import type { DayNumber } from '../civil-time/index.js';
import {
  faultsIn,
  faultsOf,
  Situation,
  type Finding,
  type FindingCode,
} from '../findings/index.js';
import type { Plan, PlanEdit } from '../settings/index.js';
import { HANDED_ON } from './handed-on.js';
import { unitKey, type StartUnit, type Unit } from './unit.js';
import type { Bands, WaterFault, Waterings } from './water.js';

/** One setting changed. */
export interface Change {
  readonly unit: Unit;
  /** What is set: a value of the format; null: a start cleared, or a field that is not there any more. */
  readonly to: unknown;
  /** How much it disturbs, in the measure of the contract: minutes, and what is held to be as much. */
  readonly disturbance: number;
  readonly edit: PlanEdit;
}

/** Something that keeps settings from being sound. */
export type Fault = Finding | WaterFault;

/** Given settings with some changes made. */
export class Draft {
  readonly plan: Plan;
  readonly disturbance: number;
  /** The places in the given lists of the starts that are there, by program. */
  readonly #places: readonly (readonly number[])[];
  readonly #changed: ReadonlySet<string>;
  #situation: Situation | null = null;
  #faults: readonly Fault[] | null = null;
  #waterings: Waterings | null = null;

  constructor(
    readonly given: Plan,
    readonly from: DayNumber,
    readonly bands: Bands,
    readonly changes: readonly Change[] = [],
  ) {
    const edited = changes.reduce((plan, { edit }) => edit(plan), given);
    this.#places = edited.programs.map(({ starts }) =>
      starts.flatMap((start, place) => (start === CLEARED ? [] : [place])),
    );
    const isChanged = changes.some(({ unit }) => unit.of === 'start');
    this.plan = isChanged
      ? {
          ...edited,
          programs: edited.programs.map((program) => ({
            ...program,
            starts: program.starts.filter((start) => start !== CLEARED),
          })),
        }
      : edited;
    this.disturbance = changes.reduce((sum, one) => sum + one.disturbance, 0);
    this.#changed = new Set(changes.map(({ unit }) => unitKey(unit)));
  }

  with(change: Change): Draft {
    return new Draft(this.given, this.from, this.bands, [...this.changes, change]);
  }

  isChanged(unit: Unit): boolean {
    return this.#changed.has(unitKey(unit));
  }

  get situation(): Situation {
    this.#situation ??= new Situation(this.plan, this.from);
    return this.#situation;
  }

  get waterings(): Waterings {
    this.#waterings ??= this.bands.wateringsOf(this.plan, this.from);
    return this.#waterings;
  }

  /** Stations that get less or more than they are to keep. */
  get waterFaults(): readonly WaterFault[] {
    return this.bands.brokenBy(this.waterings);
  }

  /** Stations that got less or more already as the settings were given. */
  get givenWaterFaults(): readonly WaterFault[] {
    return this.bands.given;
  }

  /** All that keeps it from being sound. */
  get faults(): readonly Fault[] {
    this.#faults ??= [...this.waterFaults, ...this.found()];
    return this.#faults;
  }

  /** Errors and warnings that are not handed on, one after the other. */
  *found(first?: ReadonlySet<FindingCode>): Generator<Finding> {
    for (const finding of faultsIn(this.situation, first))
      if (!HANDED_ON.has(finding.code)) yield finding;
  }

  /** All faults of one kind. */
  ofCode(code: Fault['code']): readonly Fault[] {
    return code === 'water' ? this.waterFaults : faultsOf(this.situation, code);
  }

  /** The start that a finding names, by its place in the given list. */
  startUnit(program: string, startNumber: number): StartUnit | null {
    const index = this.programIndex(program);
    if (this.plan.programs[index]!.days.mode === 'hours') return null;
    const place = this.#places[index]![startNumber - 1];
    return place === undefined ? null : { of: 'start', program: index, place };
  }

  /** All starts of a program. */
  startUnits(program: number): StartUnit[] {
    return this.#places[program]!.map((place) => ({ of: 'start', program, place }));
  }

  /** A start that is not there yet; a place once given is not given again. */
  addedStart(program: number): StartUnit {
    const given = this.given.programs[program]!.starts.length;
    const last = this.#places[program]!.at(-1) ?? -1;
    return { of: 'start', program, place: Math.max(given, last + 1) };
  }

  /** The time of a start, or null where it is not there. */
  startAt({ program, place }: StartUnit): string | null {
    const at = this.#places[program]!.indexOf(place);
    return at < 0 ? null : this.plan.programs[program]!.starts[at]!;
  }

  programIndex(id: string): number {
    return this.plan.programs.findIndex((program) => program.id === id);
  }
}

/** Stands for a start that is no longer there, so that the others keep their places. */
const CLEARED = '';

/** Sets a start, or with null clears it. */
export const startEdit =
  ({ program, place }: StartUnit, to: string | null): PlanEdit =>
  (plan) => ({
    ...plan,
    programs: plan.programs.map((one, index) => {
      if (index !== program) return one;
      const starts = [...one.starts];
      while (starts.length < place) starts.push(CLEARED);
      starts[place] = to ?? CLEARED;
      return { ...one, starts };
    }),
  });
