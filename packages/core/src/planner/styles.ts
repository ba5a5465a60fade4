import { DailyNeed, IntervalNeed, type Brief } from './brief.js';
import type { Job, Situation } from './situation.js';

/** Which days a program waters, but for which ones exactly. */
export type StyleRule =
  | { readonly mode: 'weekdays'; readonly count: number }
  | { readonly mode: 'odd' | 'even' }
  | { readonly mode: 'interval'; readonly everyDays: number };

/** A way in which a program may water: its rhythm, and how often a day where a need says so. */
export interface Style {
  readonly rule: StyleRule;
  /** Exactly so many runs a date, evenly by day; null: as few as do. */
  readonly timesPerDay: number | null;
  /** Dates a week, on average. */
  readonly datesPerWeek: number;
}

/** Every style that this timer has and that some station could want. */
export function stylesOf({ brief, jobs }: Situation): Style[] {
  const times = [
    ...new Set(
      jobs.map(({ station: { need } }) => (need instanceof DailyNeed ? need.timesPerDay : null)),
    ),
  ];
  return times.flatMap((timesPerDay) =>
    rulesOf(brief).map((rule) => ({ rule, timesPerDay, datesPerWeek: datesPerWeek(rule) })),
  );
}

function rulesOf({ timer, stations }: Brief): StyleRule[] {
  const wanted = stations.flatMap(({ need }) =>
    need instanceof IntervalNeed ? [need.everyDays] : [],
  );
  const intervals = [...new Set([...wanted, 1, 2, 3, 4, 5, 6, 7])].filter(
    (everyDays) => everyDays <= timer.intervalMaxDays,
  );
  return timer.dayModes.flatMap((mode): StyleRule[] => {
    switch (mode) {
      case 'weekdays':
        return [1, 2, 3, 4, 5, 6, 7].map((count) => ({ mode, count }));
      case 'odd':
      case 'even':
        return [{ mode }];
      case 'interval':
        return intervals.map((everyDays) => ({ mode, everyDays }));
      case 'hours':
        return [];
    }
  });
}

function datesPerWeek(rule: StyleRule): number {
  switch (rule.mode) {
    case 'weekdays':
      return rule.count;
    case 'interval':
      return 7 / rule.everyDays;
    default:
      return 3.5;
  }
}

/** Whether a station's need allows a style's number of runs a date. */
export const allowsTimes = ({ station: { need } }: Job, { timesPerDay }: Style): boolean =>
  need instanceof DailyNeed ? need.timesPerDay === timesPerDay : true;
