import { formatDate } from '../civil-time/index.js';
import { BRIEF_FORMAT, type Preference, type Standing } from '../planner/index.js';
import {
  ControllerSettings,
  rulesOver,
  type Plan,
  type ProgramSettings,
  type SettingsDates,
} from '../settings/index.js';
import type { StationTarget } from './station-target.js';

/** Programs and stations that are to stay as they are. */
export interface Pinned {
  /** Whole programs, with all their stations. */
  readonly programs: readonly string[];
  /** Stations that keep their programs' days and starts and their own run times there. */
  readonly stations: readonly number[];
}

export interface PlanTargets {
  /** The dates that the plan is for: it keeps every rule in force on one of them. */
  readonly dates: SettingsDates;
  /** `HH:MM`; null: noon. */
  readonly finishBy: string | null;
  /** `HH:MM`; null: noon. */
  readonly earliestStart: string | null;
  readonly headroomPercent: number;
  readonly prefer: Preference;
  /** Long runs are cut by several starts, though the timer has cycle-and-soak. */
  readonly isCutByStarts: boolean;
  readonly pinned: Pinned;
}

export interface BriefForPlan {
  /** `waterclock.brief/1`. */
  readonly document: Readonly<Record<string, unknown>>;
  readonly standing: Standing;
}

/**
 * The brief for settings that are on a timer: every station with a target that is not pinned, the timer, its
 * rules and hours. What passes by, the season percentage, pauses and a wrong clock, stays out of it.
 */
export function briefFor(
  plan: Plan,
  targets: readonly StationTarget[],
  leaders: ReadonlyMap<number, number>,
  asked: PlanTargets,
  beside: readonly Plan[] = [],
): BriefForPlan {
  const { finishBy, earliestStart, headroomPercent, prefer, isCutByStarts, pinned } = asked;
  const timer = isCutByStarts ? { ...plan.timer, cycleSoak: null } : plan.timer;
  const { stationDelaySeconds, noWater, season } = plan.controller;
  const { finishBy: _own, ...ownRules } = rulesOver(plan.rules, asked.dates);
  const rules = {
    ...ownRules,
    // What the weather may ask for is to be clear too.
    headroomPercent:
      season.mode === 'weather' ? Math.max(headroomPercent, season.mostPercent) : headroomPercent,
    ...(finishBy !== null && { finishBy }),
  };
  const controller = { ...new ControllerSettings(), stationDelaySeconds, noWater };
  const programs = keptPrograms(plan, pinned);
  const numbers = new Set(programs.flatMap(({ runs }) => runs.map(({ station }) => station)));
  const targetOf = new Map(targets.map((target) => [target.number, target]));
  return {
    document: {
      format: BRIEF_FORMAT,
      from: formatDate(asked.dates.from),
      ...(plan.site && { site: plan.site }),
      timer,
      controller,
      rules: { ...rules, ...(earliestStart !== null && { earliestStart }) },
      stations: plan.stations.flatMap((station) => {
        const target = targetOf.get(station.number);
        if (!target || !station.enabled || numbers.has(station.number)) return [];
        const { cycleSeconds: _cycle, soakSeconds: _soak, ...facts } = station;
        const { runoffSeconds: _runoff, minSoakSeconds: _least, ...rest } = facts;
        return [
          {
            ...rest,
            need: target.need,
            ...(target.maxPieceSeconds !== null && { maxPieceSeconds: target.maxPieceSeconds }),
            ...(target.minSoakSeconds !== null && { minSoakSeconds: target.minSoakSeconds }),
          },
        ];
      }),
      prefer,
    },
    standing: {
      leaders,
      beside,
      kept:
        programs.length === 0
          ? null
          : {
              ...plan,
              timer,
              controller,
              rules,
              programs,
              stations: plan.stations.filter(({ number }) => numbers.has(number)),
            },
    },
  };
}

/** Pinned programs whole; of others those with pinned stations, with these alone. */
export function keptPrograms(
  { programs }: Pick<Plan, 'programs'>,
  pinned: Pinned,
): ProgramSettings[] {
  return programs.flatMap((program) => {
    if (pinned.programs.includes(program.id)) return [program];
    const runs = program.runs.filter(
      ({ station, seconds }) => seconds > 0 && pinned.stations.includes(station),
    );
    return runs.length > 0 ? [{ ...program, runs }] : [];
  });
}
