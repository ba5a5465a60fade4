import {
  formatDate,
  addDays,
  parseDate,
  civilDateOf,
  dayOf,
  parseDateTime,
  type DayNumber,
} from '../civil-time/index.js';
import { percentGrid } from '../engine/index.js';
import { check, type Finding, type FindingCode } from '../findings/index.js';
import {
  hasStart,
  MonthlySeason,
  WholeSeason,
  type Plan,
  type SeasonSetting,
} from '../settings/index.js';
import type { SeasonMode } from '../timer-types/index.js';

/** The ways to set percentages that a table is made for: what the weather sets is not set by anybody. */
export type TableMode = Exclude<SeasonMode, 'weather'>;

/** How much of the run times a month wants: of all, or of each program. */
export interface MonthTarget {
  /** Percent of the run times as they are set. */
  readonly percent: number;
  /** By program label; a program that is not named goes by `percent`. */
  readonly byProgram: Readonly<Record<string, number>>;
}

/** Why a percentage cannot give a month what it needs. */
export type SeasonTrouble =
  /** The timer's least percentage is too much. */
  | 'below-least'
  /** The timer's largest percentage is too little. */
  | 'above-most'
  /** Runs of some stations get too short to be of use. */
  | 'too-short';

export interface SeasonMonth {
  /** 1 to 12. */
  readonly month: number;
  readonly wanted: MonthTarget;
  /** What is set in that month, by program label; the same for all but in program mode. */
  readonly percents: Readonly<Record<string, number>>;
  /** The month wants no water at all: the timer is better off. */
  readonly isDry: boolean;
  readonly troubles: readonly SeasonTrouble[];
  /** Stations whose runs get too short. */
  readonly shortStations: readonly number[];
  /** Collisions and broken rules at this percentage, whether or not they are there at another too. */
  readonly findings: readonly Finding[];
}

/** A date on which the percentage is changed, or nothing waters from it on. */
export interface SeasonStep {
  /** `YYYY-MM-DD`, the first of a month. */
  readonly date: string;
  readonly month: SeasonMonth;
}

export interface SeasonTable {
  readonly mode: TableMode;
  /** January first. */
  readonly months: readonly SeasonMonth[];
  /** The dates of the next twelve months on which something is to be set; by month: none. */
  readonly steps: readonly SeasonStep[];
  /** Months that this plan cannot water as they want, for a copy of their own: 1 to 12. */
  readonly winter: readonly number[];
}

/** Shorter runs than this water the pipes: heads have hardly come up. */
const SHORTEST_USEFUL_SECONDS = 60;

/** What a percentage can break: the rest is the same at any. */
const AT_PERCENT: ReadonlySet<FindingCode> = new Set([
  'collision',
  'rule-day',
  'rule-hours',
  'mowing-day',
  'late-finish',
  'window-cuts',
  'run-too-short',
  'run-too-long',
]);

/**
 * Percentages for twelve months on a timer's own steps, for its way to set them, each held against
 * collisions and rules from the next first of that month on. Null where the timer has no percentage.
 */
export function seasonTable(
  plan: Plan,
  targets: readonly MonthTarget[],
  mode: TableMode,
  today: DayNumber,
): SeasonTable | null {
  const { season } = plan.timer;
  const onSteps = percentsByMonth(plan, targets, mode);
  if (!season || !onSteps) return null;
  const labels = plan.programs.map(({ id }) => id);
  const grid = percentGrid(season);
  const wantedOf = (target: MonthTarget, id: string) => wantedBy(mode, target, id);
  const settings = onSteps.map(({ percents }) => percents);
  const foundAt = new Map<string, Finding[]>();
  const findingsOf = (month: number): Finding[] => {
    const set =
      mode === 'monthly'
        ? withMonths(plan, settings, labels)
        : withPercents(plan, settings[month - 1]!);
    const from = nextFirst(today, month);
    const key =
      mode === 'monthly' ? String(month) : `${JSON.stringify(settings[month - 1])} ${month}`;
    let found = foundAt.get(key);
    if (!found) {
      found = check(set, from).filter(
        (finding) =>
          AT_PERCENT.has(finding.code) &&
          ((finding.code === 'collision' && mode !== 'monthly') || isInMonth(finding, month)),
      );
      foundAt.set(key, found);
    }
    return found;
  };
  const months = targets.map((wanted, index): SeasonMonth => {
    const { percents, isDry } = onSteps[index]!;
    const shortStations = isDry ? [] : stationsTooShort(plan, percents);
    const troubles: SeasonTrouble[] = [];
    if (!isDry) {
      // Half a step off is what any percentage on steps comes to.
      const off = season.stepPercent / 2;
      if (labels.some((id) => wantedOf(wanted, id) < season.minPercent - off))
        troubles.push('below-least');
      if (labels.some((id) => wantedOf(wanted, id) > grid.at(-1)! + off))
        troubles.push('above-most');
      if (shortStations.length > 0) troubles.push('too-short');
    }
    return {
      month: index + 1,
      wanted,
      percents,
      isDry,
      troubles,
      shortStations,
      findings: isDry ? [] : findingsOf(index + 1),
    };
  });
  return {
    mode,
    months,
    steps: mode === 'monthly' ? [] : stepsFrom(months, today),
    winter: months
      .filter(({ troubles }) => troubles.includes('below-least') || troubles.includes('too-short'))
      .map(({ month }) => month),
  };
}

/**
 * What is set in each month, January first, on a timer's own steps, and whether it wants no water at all. Null where
 * the timer has no percentage.
 */
export function percentsByMonth(
  { timer: { season }, programs }: Plan,
  targets: readonly MonthTarget[],
  mode: TableMode,
): Pick<SeasonMonth, 'percents' | 'isDry'>[] | null {
  if (!season) return null;
  const grid = percentGrid(season);
  return targets.map((target) => ({
    percents: Object.fromEntries(
      programs.map(({ id }) => [id, nearest(grid, wantedBy(mode, target, id))]),
    ),
    isDry: programs.every(({ id }) => wantedBy(mode, target, id) <= 0),
  }));
}

const wantedBy = (mode: TableMode, target: MonthTarget, id: string): number =>
  mode === 'program' ? (target.byProgram[id] ?? target.percent) : target.percent;

/** What comes later is found in its own month, by the rules and the percentage of that one. */
const isInMonth = ({ first }: Finding, month: number): boolean =>
  first === undefined || civilDateOf(dayOf(parseDateTime(first)!)).month === month;

/** The grid's value nearest to one; of two as near, the larger. */
const nearest = (grid: readonly number[], wanted: number): number =>
  grid.reduce((best, percent) =>
    Math.abs(percent - wanted) <= Math.abs(best - wanted) ? percent : best,
  );

/** The settings with a percentage for each program. */
export function withPercents(plan: Plan, percents: Readonly<Record<string, number>>): Plan {
  const all = Object.values(percents);
  const isOne = all.every((percent) => percent === all[0]);
  const season: SeasonSetting =
    isOne && plan.controller.season.mode !== 'program'
      ? Object.assign(new WholeSeason(), { percent: all[0] ?? 100 })
      : { mode: 'program' };
  return {
    ...plan,
    controller: { ...plan.controller, season },
    programs: plan.programs.map((program) => ({
      ...program,
      percent: season.mode === 'program' ? (percents[program.id] ?? 100) : program.percent,
    })),
  };
}

/** The settings with a table of percentages by month. */
function withMonths(
  plan: Plan,
  settings: readonly Readonly<Record<string, number>>[],
  labels: readonly string[],
): Plan {
  const percents = settings.map((percent) => percent[labels[0]!] ?? 100);
  const season = Object.assign(new MonthlySeason(), { percents });
  return { ...plan, controller: { ...plan.controller, season } };
}

/** Before the timer rounds: what it would round up to a whole minute is longer than is wanted. */
function stationsTooShort(
  { timer, programs, stations }: Plan,
  percents: Readonly<Record<string, number>>,
): number[] {
  const least = Math.max(SHORTEST_USEFUL_SECONDS, timer.runTime.minSeconds);
  const on = new Set(stations.filter(({ enabled }) => enabled).map(({ number }) => number));
  const short = programs
    .filter((program) => program.enabled && hasStart(program))
    .flatMap(({ id, runs }) =>
      runs
        .filter(({ station, seconds }) => seconds >= least && on.has(station))
        .filter(({ seconds }) => (seconds * percents[id]!) / 100 < least)
        .map(({ station }) => station),
    );
  return [...new Set(short)].sort((a, b) => a - b);
}

/** The first of a month, today's own month begun already. */
function nextFirst(today: DayNumber, month: number): DayNumber {
  const { year, month: now } = civilDateOf(today);
  const text = (inYear: number) => `${inYear}-${String(month).padStart(2, '0')}-01`;
  return month === now ? today : parseDate(text(month > now ? year : year + 1))!;
}

/** The dates of the next twelve months on which something else is set than the month before. */
function stepsFrom(months: readonly SeasonMonth[], today: DayNumber): SeasonStep[] {
  const { month: now } = civilDateOf(today);
  const what = ({ isDry, percents }: SeasonMonth) => JSON.stringify(isDry ? 'dry' : percents);
  return Array.from({ length: 12 }, (_, index) => ((now - 1 + index) % 12) + 1)
    .map((month, index) => ({ month: months[month - 1]!, isFirst: index === 0 }))
    .filter(
      ({ month, isFirst }) => isFirst || what(month) !== what(months[(month.month + 10) % 12]!),
    )
    .map(({ month, isFirst }) => ({
      date: formatDate(isFirst ? today : nextFirst(addDays(today, 1), month.month)),
      month,
    }));
}
