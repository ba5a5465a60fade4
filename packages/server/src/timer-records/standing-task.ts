import { asDayNumber, parseDate } from '@water-clock/core/civil-time';
import { isTooMuch } from '@water-clock/core/engine';
import { standingOf, TOO_MUCH, type Standing, type TimerFacts } from '@water-clock/core/standing';
import type { Plan } from '@water-clock/core/settings';
import type { WeatherFile } from '@water-clock/core/weather';
import type { Task } from '../computing/task.js';
import type { Property } from '../schema/property.entity.js';
import { monthsBy } from './months-by.js';
import { settingsAtHome } from './settings-at-home.js';

/** What is stored of a timer, as a thread is told it. */
export interface StoredFacts extends Omit<TimerFacts, 'plan' | 'months' | 'reading'> {
  /** Without the rules of the home. */
  readonly document: Plan;
  readonly property: Property;
  readonly weatherId: string | null;
  readonly reading: TimerFacts['reading'];
}

export interface StandingsAsked {
  readonly timers: readonly StoredFacts[];
  /** What their homes go by, by its id. */
  readonly weather: ReadonlyMap<string, WeatherFile>;
  /** YYYY-MM-DD. */
  readonly from: string;
}

/** Of one timer: far beyond what the largest takes, on a machine that has a lot to do too. */
export const ALONE_MS = 15_000;

/** What is true of timers on a date: the same as on their desks. */
export const STANDINGS_TASK: Task<StandingsAsked, readonly Standing[]> = {
  name: 'standings',
  limitMs: 2500,
  work: ({ timers, weather, from }) => {
    const today = parseDate(from) ?? asDayNumber(0);
    const months = monthsBy(weather);
    return timers.map(({ document, property, weatherId, ...facts }) => {
      try {
        const plan = settingsAtHome(document, property, from);
        return standingOf({ ...facts, plan, months: months(weatherId) }, today);
      } catch (error) {
        if (!isTooMuch(error)) throw error;
        return TOO_MUCH;
      }
    });
  },
};
