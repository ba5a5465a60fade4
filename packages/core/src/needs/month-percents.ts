import { seasonPercents } from '../agronomy/index.js';
import type { SeasonCapability } from '../timer-types/index.js';
import type { MonthWeather } from '../weather/index.js';
import type { Yard } from '../yards/index.js';

export interface MonthPercents {
  /** January first. */
  readonly percents: readonly number[];
  /** Typed by somebody, worked out from the weather, or 100 throughout for want of it. */
  readonly from: 'typed' | 'weather' | 'unknown';
}

/** Without a seasonal percentage the minutes themselves are changed: any whole percentage does. */
const ANY_PERCENT = { minPercent: 0, maxPercent: 100, stepPercent: 1 };

/** The percentage for each month: as typed, else from the weather's twelve months. */
export function monthPercents(
  yard: Pick<Yard, 'monthPercents'>,
  months: readonly (MonthWeather | null)[] | null,
  season: SeasonCapability | null,
): MonthPercents {
  if (yard.monthPercents) return { percents: yard.monthPercents, from: 'typed' };
  const et0s = months?.flatMap((month) => (month ? [month.et0Mm] : [])) ?? [];
  return et0s.length === 12 && Math.max(...et0s) > 0
    ? { percents: seasonPercents(et0s, season ?? ANY_PERCENT), from: 'weather' }
    : { percents: Array.from({ length: 12 }, () => 100), from: 'unknown' };
}

/** The month that needs most water, 1 to 12; July where the weather does not say. */
export function highestMonth(months: readonly (MonthWeather | null)[] | null): number {
  const best = (months ?? []).reduce<number>(
    (best, month, index) => (month && month.et0Mm > (months![best]?.et0Mm ?? -1) ? index : best),
    -1,
  );
  return best < 0 ? 7 : best + 1;
}

/** Of the month that needs most, so much is watering season. */
const SEASON_SHARE = 0.5;

/**
 * The month, 1 to 12, that somebody who sets a timer in `month` sets it for: that month in the watering season, and
 * out of it the first of the season to come; the one that needs most where the weather does not say.
 */
export function monthAhead(months: readonly (MonthWeather | null)[] | null, month: number): number {
  const highest = highestMonth(months);
  const most = months?.[highest - 1]?.et0Mm;
  if (!months || most === undefined) return highest;
  const coming = Array.from({ length: 12 }, (_, offset) => ((month - 1 + offset) % 12) + 1);
  return coming.find((one) => (months[one - 1]?.et0Mm ?? 0) >= SEASON_SHARE * most) ?? highest;
}
