import { monthPercents, stationNeed, type NeedsAsked } from '../needs/index.js';
import type { Plan } from '../settings/index.js';
import type { MonthTarget } from './season-table.js';

/**
 * How much of the run times each month wants, for run times that were planned for one month. Of all
 * programs by the site's percentages; of each by its stations' measured needs, where they are known.
 * @param base the month, 1 to 12, that the run times are for
 */
export function monthTargets(
  plan: Plan,
  { yard, months, customary }: Omit<NeedsAsked, 'month' | 'timer'>,
  base: number,
): MonthTarget[] {
  // Exact, not on the timer's steps: whether these can give it is asked later.
  const { percents } = monthPercents(yard, months, null);
  const share = (month: number) =>
    percents[base - 1]! > 0
      ? (100 * percents[month - 1]!) / percents[base - 1]!
      : percents[month - 1]!;
  const weekly = Array.from({ length: 12 }, (_, index) => {
    const weather = months?.[index] ?? null;
    return new Map(
      yard.stations.map((station) => [
        station.number,
        stationNeed(station, yard, { month: weather, percent: 100, customary }).measurement
          ?.weeklySeconds ?? null,
      ]),
    );
  });
  return Array.from({ length: 12 }, (_, index) => ({
    percent: share(index + 1),
    byProgram: yard.monthPercents
      ? {}
      : Object.fromEntries(
          plan.programs.flatMap(({ id, runs }) => {
            const sum = (month: number): number | null =>
              runs.reduce<number | null>((total, { station }) => {
                const own = weekly[month - 1]!.get(station) ?? null;
                return total === null || own === null ? null : total + own;
              }, 0);
            const [now, then] = [sum(index + 1), sum(base)];
            return now !== null && then ? [[id, (100 * now) / then] as const] : [];
          }),
        ),
  }));
}
