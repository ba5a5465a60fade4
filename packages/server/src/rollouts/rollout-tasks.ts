import { asDayNumber, parseDate, type DayNumber } from '@water-clock/core/civil-time';
import { isTooMuch } from '@water-clock/core/engine';
import { valuesToKeyIn } from '@water-clock/core/key-in';
import type { Customary } from '@water-clock/core/needs';
import {
  fixOf,
  tryChange,
  withChange,
  withFix,
  type Fix,
  type HomesChange,
  type Trial,
} from '@water-clock/core/rollouts';
import type { Plan } from '@water-clock/core/settings';
import { seasonHere } from '@water-clock/core/standing';
import { TimerHandling } from '@water-clock/core/timer-types';
import type { WeatherFile } from '@water-clock/core/weather';
import type { Yard } from '@water-clock/core/yards';
import type { Task } from '../computing/task.js';
import { monthsBy, type MonthsBy } from '../timer-records/months-by.js';
import { settingsAtHome, type HomeOfSettings } from '../timer-records/settings-at-home.js';

/** What is stored of a timer that a change touches, as a thread is told it. */
export interface TouchedTimer {
  readonly document: Plan;
  readonly home: HomeOfSettings;
  readonly yard: Yard;
  readonly weatherId: string | null;
}

export interface RolloutAsked {
  readonly change: HomesChange;
  /** YYYY-MM-DD. */
  readonly on: string;
  readonly from: string;
  readonly customary: Customary;
  readonly timers: readonly TouchedTimer[];
  readonly weather: ReadonlyMap<string, WeatherFile>;
}

export interface FixesAsked extends RolloutAsked {
  /** How long each is looked at, on average: what was found by then is told, and not said to be proven. */
  readonly limitMs: number;
}

/** What a change comes to at a timer before anything is fixed. */
export interface Tried extends Omit<Trial, 'outcome'> {
  readonly outcome: Trial['outcome'] | 'untouched';
  /** Null: its own settings stay as they are. */
  readonly target: Plan | null;
  readonly values: number;
}

export interface Fixed {
  readonly fix: Fix;
  readonly target: Plan | null;
  readonly values: number;
}

/** What one timer takes, those after it do not have; so much is left to each. */
const LEAST_FIX_MS = 50;
const ORDER = new TimerHandling().keyInOrder;

/** What a change of many homes does to some timers. */
export const TRY_TASK: Task<RolloutAsked, readonly Tried[]> = {
  name: 'try-change',
  limitMs: 15_000,
  work: (asked) => {
    const months = monthsBy(asked.weather);
    return asked.timers.map((timer): Tried => {
      const { before, stored, after } = changed(asked, timer, months);
      if (after === null) return { outcome: 'untouched', breaks: [], target: null, values: 0 };
      // A type is saved for all its timers at once: where it breaks nothing, nothing of their own changes.
      const isOfType = asked.change.kind === 'timer-type';
      const target = isOfType || stored === timer.document ? null : stored;
      return {
        ...tryChange(before, after, dayOf(asked.from)),
        target,
        values: target ? valuesToKeyIn(target, timer.document, ORDER) : 0,
      };
    });
  },
};

/** The fewest settings to change at timers at which a change of many homes breaks something. */
export const FIX_TASK: Task<FixesAsked, readonly Fixed[]> = {
  name: 'fix-change',
  limitMs: 30_000,
  work: (asked) => {
    const months = monthsBy(asked.weather);
    const end = performance.now() + asked.limitMs * asked.timers.length;
    return asked.timers.map((timer, index): Fixed => {
      const { stored, before, after } = changed(asked, timer, months);
      const others = asked.timers.length - index - 1;
      const limitMs = Math.max(LEAST_FIX_MS, end - performance.now() - others * LEAST_FIX_MS);
      const fix = fixHere(asked, stored, after ?? before, limitMs);
      const isOther = stored !== timer.document || fix.changes.length > 0;
      const target = isOther ? withFix(stored, fix, timer.yard) : null;
      const values = target ? valuesToKeyIn(target, timer.document, ORDER) : 0;
      return { fix, target, values };
    });
  },
};

function fixHere({ on, from }: RolloutAsked, stored: Plan, atHome: Plan, limitMs: number): Fix {
  try {
    return fixOf(
      { ...{ stored, atHome, today: dayOf(on), from: dayOf(from) } },
      { now: () => performance.now(), limitMs },
    );
  } catch (error) {
    if (!isTooMuch(error)) throw error;
    return { changes: [], isRepaired: false, isProven: false, left: [], holdsFrom: from };
  }
}

const dayOf = (date: string): DayNumber => parseDate(date) ?? asDayNumber(0);

/** What a timer is at home before a change and after it; `after` null: it does not touch it. */
function changed(
  { change, from, customary }: RolloutAsked,
  { document, home, yard, weatherId }: TouchedTimer,
  months: MonthsBy,
): { readonly before: Plan; readonly stored: Plan; readonly after: Plan | null } {
  const before = settingsAtHome(document, home, from);
  const facts = { plan: before, yard, months: months(weatherId), customary, reading: null };
  const season = change.kind === 'season-step' ? seasonHere(facts, before) : null;
  const stored = withChange(document, change, { season, from: dayOf(from) });
  if (change.kind === 'rules') {
    const after = settingsAtHome(document, { ...home, ruleSet: change }, from);
    // What the rules say to this house may be the same.
    const isSame = JSON.stringify(after.rules) === JSON.stringify(before.rules);
    return { before, stored, after: isSame ? null : after };
  }
  return {
    ...{ before, stored },
    after: stored === document ? null : settingsAtHome(stored, home, from),
  };
}
