import { addDays } from '../civil-time/index.js';
import { compilePlan, factsOf } from '../engine/index.js';
import type { SchoolNeed, YardNeeds } from '../needs/index.js';
import type { Need } from '../planner/index.js';
import { rulesOver, type LastingRules, type Plan, type SettingsDates } from '../settings/index.js';
import type { YardStation } from '../yards/index.js';

/** What a station is to be given, and how that is known. */
export interface StationTarget {
  readonly number: number;
  readonly need: Need;
  /** The longest it may run at once; null: any time. */
  readonly maxPieceSeconds: number | null;
  readonly minSoakSeconds: number | null;
  /** By the school that is taken, or, where that has no answer, as the settings have it now. */
  readonly from: 'minute' | 'measurement' | 'as-set';
  /** Why it is watered less often than the need asks for; null: it is not. */
  readonly cut: Cut | null;
}

/**
 * `rules` allow fewer waterings a week; a program has fewer `starts` than are wanted in a day; by `night` there is one
 * where several a day are wanted.
 */
export type Cut =
  | { readonly by: 'rules'; readonly perWeek: number }
  | { readonly by: 'starts' | 'night'; readonly perDay: number };

/** A station that cannot be planned: it needs nothing in the month, or nobody knows what it needs. */
export interface NoTarget {
  readonly number: number;
  readonly why: 'needs-nothing' | 'not-known';
}

export interface TargetConditions {
  /** The dates that the plan is for. */
  readonly dates: SettingsDates;
  /** Stations that want water less than weekly go by intervals, where the timer has them. */
  readonly usesIntervals: boolean;
  /** New seed: several short runs by day, between these times of day; null: by night like the rest. */
  readonly spread: readonly [string, string] | null;
  /** How long a night is. */
  readonly nightSeconds: number;
  /** Long runs are cut by several starts, though the timer has cycle-and-soak. */
  readonly isCutByStarts: boolean;
}

/** Seven dates hold at most so many waterings, but for seed and vegetables. */
const MOST_DATES = 5;
/** A watering more a week is no harm; more than that would be shallow. */
const LEEWAY = 2;
const WEEKS = 8;

/** What the stations of a yard are to be given by their taken schools, one entry a station that is on. */
export function targetsOf(
  plan: Plan,
  { rows }: Pick<YardNeeds, 'rows'>,
  conditions: TargetConditions,
): (StationTarget | NoTarget)[] {
  const targets = rows.map(({ station, need }): StationTarget | NoTarget => {
    const { number } = station;
    const { taken } = need;
    const said = taken && need[taken];
    if (taken && said) {
      if (said.weeklySeconds < 1) return { number, why: 'needs-nothing' };
      return {
        ...targetOf(plan, station, said, conditions),
        maxPieceSeconds:
          said.pieces.longestSeconds && Math.max(1, Math.floor(said.pieces.longestSeconds)),
        minSoakSeconds: wholeMinutesUp(said.pieces.soakSeconds),
        from: taken,
      };
    }
    return asSet(plan, station, conditions) ?? { number, why: 'not-known' };
  });
  return withFewIntervals(targets);
}

/** An interval may be cut to this share of itself to go together with another: programs are few. */
const SHORTEST_SHARE = 0.6;

/** Each interval takes a program: those that are near to a shorter one are watered with it. */
function withFewIntervals(
  targets: readonly (StationTarget | NoTarget)[],
): (StationTarget | NoTarget)[] {
  const intervals = targets.flatMap((target) =>
    isTarget(target) && 'everyDays' in target.need ? [target.need.everyDays] : [],
  );
  const kept: number[] = [];
  for (const days of [...intervals].sort((a, b) => a - b))
    if (!kept.some((shorter) => shorter >= days * SHORTEST_SHARE)) kept.push(days);
  return targets.map((target) => {
    if (!isTarget(target) || !('everyDays' in target.need)) return target;
    const { everyDays: own, seconds } = target.need;
    const everyDays = kept.find((days) => days <= own && days >= own * SHORTEST_SHARE) ?? own;
    return {
      ...target,
      need: { everyDays, seconds: Math.max(1, Math.round((seconds * everyDays) / own)) },
    };
  });
}

const wholeMinutesUp = (seconds: number | null): number | null =>
  seconds === null ? null : Math.ceil(seconds / 60) * 60;

function targetOf(
  plan: Plan,
  station: YardStation,
  { weeklySeconds, wateringsPerWeek, pieces }: SchoolNeed,
  conditions: TargetConditions,
): Pick<StationTarget, 'number' | 'need' | 'cut'> {
  const { number } = station;
  const { usesIntervals, spread } = conditions;
  const rules = rulesOver(plan.rules, conditions.dates);
  const fits = fitter(plan, pieces, conditions);
  const perDay = station.plant === 'seed' ? Math.ceil(wateringsPerWeek / 7 - 1e-9) : 1;
  const daily = Math.min(perDay, plan.timer.startsPerProgram);
  if (spread && daily > 1) {
    const seconds = Math.max(1, Math.round(weeklySeconds / (7 * daily)));
    const days = Math.min(7, allowedDates(rules));
    return {
      number,
      need: {
        timesPerDay: daily,
        seconds,
        daysPerWeek: [Math.max(1, days - 1), days],
        spread: [...spread],
      },
      cut:
        daily < perDay ? { by: 'starts', perDay } : days < 7 ? { by: 'rules', perWeek: 7 } : null,
    };
  }
  if (usesIntervals && plan.timer.dayModes.includes('interval')) {
    let days = Math.min(Math.floor(7 / wateringsPerWeek + 1e-9), plan.timer.intervalMaxDays, 31);
    while (days > 7 && !fits((weeklySeconds * days) / 7)) days -= 1;
    if (days > 7)
      return {
        number,
        need: { everyDays: days, seconds: Math.max(1, Math.round((weeklySeconds * days) / 7)) },
        cut: null,
      };
  }
  const most = mostDates(station, rules);
  let least = Math.min(Math.ceil(wateringsPerWeek - 1e-9), most);
  while (least < most && !fits(weeklySeconds / least)) least += 1;
  return {
    number,
    need: {
      weeklySeconds: Math.max(1, Math.round(weeklySeconds)),
      daysPerWeek: [least, Math.min(least + LEEWAY, most)],
    },
    cut:
      least < Math.min(wateringsPerWeek, 7)
        ? { by: 'rules', perWeek: wateringsPerWeek }
        : perDay > 1
          ? { by: spread ? 'starts' : 'night', perDay }
          : null,
  };
}

/** Whether one watering of so many seconds has room: its pieces have starts, and with soaks half a night does. */
function fitter(
  { timer }: Plan,
  { longestSeconds, soakSeconds }: SchoolNeed['pieces'],
  { nightSeconds, isCutByStarts }: TargetConditions,
): (seconds: number) => boolean {
  const { stepSeconds } = timer.runTime;
  const onStep = Math.floor((longestSeconds ?? 0) / stepSeconds) * stepSeconds;
  const longest = onStep > 0 ? onStep : longestSeconds;
  const mostPieces = isCutByStarts || !timer.cycleSoak ? timer.startsPerProgram : Infinity;
  return (seconds) => {
    const count = longest ? Math.ceil(seconds / longest) : 1;
    return count <= mostPieces && seconds + (count - 1) * (soakSeconds ?? 0) <= nightSeconds / 2;
  };
}

/** The most dates a week on which a station may be watered: by custom, and by the rules. */
const mostDates = ({ plant }: Pick<YardStation, 'plant'>, rules: LastingRules): number =>
  Math.max(
    1,
    Math.min(plant === 'seed' || plant === 'vegetables' ? 7 : MOST_DATES, allowedDates(rules)),
  );

/** On how many dates of every week the rules let a station be watered. */
function allowedDates(rules: LastingRules): number {
  const weekdays = rules.weekdays ?? [1, 2, 3, 4, 5, 6, 7];
  const free = weekdays.filter((weekday) => !rules.mowingWeekdays.includes(weekday)).length;
  // Of any seven dates in a row at least three are odd, and three even.
  return rules.dateParity ? Math.min(3, free) : free;
}

/** What the settings give a station now, on average; null where they give it nothing. */
function asSet(
  plan: Plan,
  station: YardStation,
  { dates: span }: TargetConditions,
): StationTarget | null {
  const dates = Array.from({ length: WEEKS * 7 }, (_, index) => factsOf(addDays(span.from, index)));
  const isWet = dates.map(() => false);
  const compiled = compilePlan(plan);
  let seconds = 0;
  for (const program of plan.programs) {
    const run = program.runs.find((one) => one.station === station.number);
    if (!run || run.seconds === 0) continue;
    const starts = compiled.starts.filter((start) => start.program.id === program.id);
    dates.forEach((date, index) => {
      const times = starts.filter(({ watersOn }) => watersOn(date)).length;
      if (times === 0) return;
      isWet[index] = true;
      seconds += run.seconds * times;
    });
  }
  if (seconds === 0) return null;
  const known = plan.stations.find(({ number }) => number === station.number);
  const most = mostDates(station, rulesOver(plan.rules, span));
  const least = Math.max(1, Math.min(most, Math.round(isWet.filter(Boolean).length / WEEKS)));
  return {
    number: station.number,
    need: {
      weeklySeconds: Math.max(1, Math.round(seconds / WEEKS)),
      daysPerWeek: [least, Math.min(least + LEEWAY, most)],
    },
    maxPieceSeconds: known?.cycleSeconds ?? known?.runoffSeconds ?? null,
    minSoakSeconds: known?.soakSeconds ?? known?.minSoakSeconds ?? null,
    from: 'as-set',
    cut: null,
  };
}

export const isTarget = (entry: StationTarget | NoTarget): entry is StationTarget =>
  'need' in entry;
