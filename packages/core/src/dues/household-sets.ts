import { differences, type Difference } from '../compare/index.js';
import { daysWords, type Speaker } from '../household-words/index.js';
import type { DayRule, Plan } from '../settings/index.js';
import type { KeyInPart } from '../timer-types/index.js';
import type { Percents } from './percents.js';
import { seasonStepWords } from './season-step-words.js';

/** Something that a household can set at its timer itself. */
export type HouseholdSet =
  | { readonly of: 'starts'; readonly program: string; readonly starts: readonly string[] }
  | {
      readonly of: 'days';
      readonly program: string;
      readonly days: DayRule;
      readonly blockedWeekdays: readonly number[];
    }
  | {
      readonly of: 'run-time';
      readonly program: string;
      readonly station: number;
      readonly seconds: number;
    }
  | { readonly of: 'percentage'; readonly percents: Percents };

/**
 * What a household sets to bring its timer from some settings to others, in the order in which the timer asks for it;
 * null where that takes something that only whoever knows the timer can: a cycle, a wait, a sensor.
 */
export function householdSets(
  before: Plan,
  after: Plan,
  order: readonly KeyInPart[],
): HouseholdSet[] | null {
  const sets = new Map<string, HouseholdSet>();
  for (const difference of differences(withoutIdle(before, after), after)) {
    if (isOfHome(difference)) continue;
    const set = setOf(difference, after);
    if (!set) return null;
    sets.set(JSON.stringify(set), set);
  }
  const place = ({ of }: HouseholdSet): number => order.indexOf(PART_OF[of]);
  return [...sets.values()].sort((a, b) => place(a) - place(b));
}

const PART_OF: Readonly<Record<HouseholdSet['of'], KeyInPart>> = {
  ...{ starts: 'starts', days: 'days', 'run-time': 'run-times', percentage: 'percent' },
};

/** A program that nobody set is told by timers, and not by settings. */
const withoutIdle = (before: Plan, after: Plan): Plan => ({
  ...before,
  programs: before.programs.filter(
    ({ id, starts, runs }) =>
      starts.length + runs.length > 0 || after.programs.some((one) => one.id === id),
  ),
});

const OF_HOME = new Set(['site', 'rules', 'weather', 'timer']);
const isOfHome = ({ field }: Difference): boolean => OF_HOME.has(String(field[0]));

function setOf({ field, after }: Difference, plan: Plan): HouseholdSet | null {
  const [list, id, what, station] = field;
  if (list === 'controller' && (id === 'season' || id === 'off'))
    return { of: 'percentage', percents: percentsOf(plan) };
  const program = list === 'programs' && plan.programs.find((one) => one.id === id);
  if (!program) return null;
  switch (what) {
    case 'starts':
      return { of: 'starts', program: program.id, starts: program.starts };
    case 'days':
    case 'blockedWeekdays':
      return {
        ...{ of: 'days', program: program.id, days: program.days },
        blockedWeekdays: program.blockedWeekdays,
      };
    case 'percent':
      return { of: 'percentage', percents: percentsOf(plan) };
    case 'runs': {
      const run = program.runs.find((one) => one.station === station);
      return {
        ...{ of: 'run-time', program: program.id, station: Number(station) },
        seconds: after === null ? 0 : (run?.seconds ?? 0),
      };
    }
    default:
      return null;
  }
}

function percentsOf({ controller, programs }: Plan): Percents {
  if (controller.off) return null;
  const { season } = controller;
  return Object.fromEntries(
    programs.map(({ id, percent }) => [id, season.mode === 'whole' ? season.percent : percent]),
  );
}

/** What a household is asked to set, in its language. */
export const householdSetWords = (speaker: Speaker, sets: readonly HouseholdSet[]): string =>
  sets.map((set) => setWords(speaker, set)).join('. ');

function setWords(speaker: Speaker, set: HouseholdSet): string {
  switch (set.of) {
    case 'starts':
      return set.starts.length === 0
        ? speaker.message('setNoStart', { program: set.program })
        : speaker.message('setStarts', {
            ...{ program: set.program, count: set.starts.length },
            times: speaker.listed(set.starts.map((start) => start.slice(0, 'HH:MM'.length))),
          });
    case 'days':
      return speaker.message('setDays', {
        program: set.program,
        days: daysWords(speaker, set.days, set.blockedWeekdays, []),
      });
    case 'run-time':
      return speaker.message('setRunTime', {
        ...{ program: set.program, station: set.station },
        length: set.seconds === 0 ? '0' : speaker.length(set.seconds),
      });
    case 'percentage':
      return seasonStepWords(speaker, set.percents);
  }
}
