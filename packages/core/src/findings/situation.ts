import { addDays, asDayNumber, parseTimeOfDay, type DayNumber } from '../civil-time/index.js';
import {
  compilePlan,
  AllDates,
  factsOf,
  inPrintedOrder,
  simulateCompiled,
  type CompiledPlan,
  withoutRainAndFrost,
  type Simulation,
} from '../engine/index.js';
import {
  hasStart,
  LocalRules,
  rulesOfDate,
  type Plan,
  type ProgramSettings,
  type RulesOfDate,
  type StationRun,
  type StationSettings,
} from '../settings/index.js';

/** How many dates are simulated, where a finding needs watering to look at. */
export const WATCHED_DAYS = 60;

/** A plan from a date on, and what the rules ask of it; each answer is worked out once. */
export class Situation {
  /** What is asked whatever the date; the rest goes by {@link rulesOn}. */
  readonly rules: Pick<LocalRules, 'mowingWeekdays' | 'headroomPercent'>;
  /** Enabled programs that have starts, days and station time. */
  readonly complete: readonly ProgramSettings[];
  readonly #stations: ReadonlyMap<number, StationSettings>;
  readonly #rulesOn = new Map<DayNumber, RulesOfDate>();
  readonly #spared = new Map<RulesOfDate, ReadonlySet<number>>();
  readonly #compiled: CompiledPlan;
  #watering: Simulation | null = null;
  #allDates: AllDates | null = null;

  constructor(
    readonly plan: Plan,
    readonly from: DayNumber,
  ) {
    this.rules = plan.rules ?? new LocalRules();
    this.complete = plan.programs.filter(isComplete);
    this.#stations = new Map(plan.stations.map((station) => [station.number, station]));
    const controller = { ...plan.controller, off: false };
    this.#compiled = compilePlan(withoutRainAndFrost({ ...plan, controller }));
  }

  /** Every station that a plan's runs speak of is listed in it. */
  station(number: number): StationSettings {
    return this.#stations.get(number)!;
  }

  /** What the local rules ask of a date. */
  rulesOn(day: DayNumber): RulesOfDate {
    let rules = this.#rulesOn.get(day);
    if (!rules) this.#rulesOn.set(day, (rules = rulesOfDate(this.plan.rules, day)));
    return rules;
  }

  /** The date from which the rules of a date hold, where that is still ahead; else null. */
  rulesAhead(day: DayNumber): DayNumber | null {
    const rules = this.rulesOn(day);
    let first = day;
    while (first > this.from && this.rulesOn(addDays(first, -1)) === rules)
      first = addDays(first, -1);
    return first > this.from ? first : null;
  }

  /** True where the rules of a date spare the station's heads weekdays, parity and hours. */
  isExempt(number: number, day: DayNumber): boolean {
    const rules = this.rulesOn(day);
    let spared = this.#spared.get(rules);
    if (!spared) {
      const heads: readonly unknown[] = rules.exempt;
      const stations = this.plan.stations.filter(({ head }) => heads.includes(head));
      this.#spared.set(rules, (spared = new Set(stations.map((station) => station.number))));
    }
    return spared.has(number);
  }

  /** What the first {@link WATCHED_DAYS} dates bring, without weather and as if switched on. */
  get watering(): Simulation {
    if (this.#watering) return this.#watering;
    const simulation = simulateCompiled(this.#compiled, { from: this.from, days: WATCHED_DAYS });
    this.#watering = { ...simulation, pieces: [...simulation.pieces].sort(inPrintedOrder) };
    return this.#watering;
  }

  /** What holds on all dates. */
  get allDates(): AllDates {
    this.#allDates ??= new AllDates(this.#compiled, this.from);
    return this.#allDates;
  }

  /** The first date on which a program has a run, among so many; null where there is none. */
  firstWatering({ id }: ProgramSettings, days: number): DayNumber | null {
    const starts = this.#compiled.starts.filter((start) => start.program.id === id);
    const [first] = starts;
    if (!first) return null;
    const { program } = first;
    for (let offset = 0; offset < days; offset++) {
      const facts = factsOf(asDayNumber(this.from + offset));
      if (!starts.some(({ watersOn }) => watersOn(facts))) continue;
      if (program.shapeAt(program.percentOn(facts)).pieces.length > 0) return facts.day;
    }
    return null;
  }
}

/** The stations to which a program gives time, scaled or not, enabled or not. */
export const timedRuns = ({ runs }: ProgramSettings): StationRun[] =>
  runs.filter(({ seconds }) => seconds > 0);

export const hasDays = ({ days }: ProgramSettings): boolean =>
  days.mode !== 'weekdays' || days.weekdays.length > 0;

/** An enabled program with all that it takes to water. */
export const isComplete = (program: ProgramSettings): boolean =>
  program.enabled && hasStart(program) && hasDays(program) && timedRuns(program).length > 0;

/** The starts of a program in the order of the clock, each once. */
export const startsByTime = ({ starts }: ProgramSettings): string[] =>
  [...new Set(starts)].sort((a, b) => parseTimeOfDay(a)! - parseTimeOfDay(b)!);
