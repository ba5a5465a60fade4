import {
  asTimerSeconds,
  addDays,
  addSeconds,
  dayOf,
  parseDateTime,
  parseTimeOfDay,
  SECONDS_PER_DAY,
  startOfDay,
  weekdayOf,
  type DayNumber,
  type TimerSeconds,
} from '../civil-time/index.js';
import type { DailyHours, Plan } from '../settings/index.js';

/** A stretch of time, `from` included, `to` not. */
export interface Span {
  readonly from: TimerSeconds;
  readonly to: TimerSeconds;
}

/** When water is taken away, although the clock runs on. Spans are sorted and do not touch. */
export interface DryTimes {
  /** For stations that do not heed the rain sensor. */
  readonly always: readonly Span[];
  /** For stations that do. */
  readonly withRain: readonly Span[];
}

/** How long daily hours last: up to 24 h, which is what `from` = `to` means. */
export function hoursLengthSeconds({ from, to }: Pick<DailyHours, 'from' | 'to'>): number {
  const seconds = (parseTimeOfDay(to)! - parseTimeOfDay(from)!) * 60;
  return seconds > 0 ? seconds : seconds + SECONDS_PER_DAY;
}

/** Every span of daily hours that reaches into `over`, by the date on which it begins. */
export const hoursWithin = (hours: readonly DailyHours[], over: Span): Span[] =>
  hoursByDateWithin(() => hours, over);

/** The same, where the hours are not the same on every date: those of a date begin on it. */
export function hoursByDateWithin(
  hoursOn: (day: DayNumber) => readonly DailyHours[],
  over: Span,
): Span[] {
  const spans: Span[] = [];
  // From two days before: hours that begin late one day may last until late the next.
  for (let day = addDays(dayOf(over.from), -2); startOfDay(day) < over.to; day = addDays(day, 1))
    for (const window of hoursOn(day)) {
      if (!window.weekdays.includes(weekdayOf(day))) continue;
      const from = addSeconds(startOfDay(day), parseTimeOfDay(window.from)! * 60);
      const to = addSeconds(from, hoursLengthSeconds(window));
      if (to > over.from && from < over.to) spans.push({ from, to });
    }
  return spans;
}

/** The dry times of a plan within `over`. */
export function dryTimes({ timer, controller, weather }: Plan, over: Span): DryTimes {
  const windows = timer.noWaterWindows ? hoursWithin(controller.noWater, over) : [];
  const sensorWorks = timer.rainSensor && controller.rainSensor === 'active';
  const rain = sensorWorks
    ? (weather?.rain ?? []).map(({ from, to }) => ({
        from: parseDateTime(from)!,
        to: parseDateTime(to)!,
      }))
    : [];
  return { always: merged(windows), withRain: merged([...windows, ...rain]) };
}

/** The same time as sorted spans that neither overlap nor touch; empty ones are left out. */
export function merged(spans: readonly Span[]): Span[] {
  const result: Span[] = [];
  const sorted = spans.filter(({ from, to }) => from < to).sort((a, b) => a.from - b.from);
  for (const span of sorted) {
    const last = result.at(-1);
    if (last && span.from <= last.to)
      result[result.length - 1] = {
        from: last.from,
        to: asTimerSeconds(Math.max(last.to, span.to)),
      };
    else result.push(span);
  }
  return result;
}

/** What is left of `span` outside of `dry`, which is sorted and merged. */
export function outside(span: Span, dry: readonly Span[]): Span[] {
  const left: Span[] = [];
  let { from } = span;
  for (let index = firstEndingAfter(dry, span.from); index < dry.length; index++) {
    const gap = dry[index]!;
    if (gap.from >= span.to) break;
    if (gap.from > from) left.push({ from, to: gap.from });
    from = asTimerSeconds(Math.max(from, gap.to));
  }
  if (from < span.to) left.push({ from, to: span.to });
  return left;
}

function firstEndingAfter(spans: readonly Span[], moment: TimerSeconds): number {
  let low = 0;
  let high = spans.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (spans[middle]!.to > moment) high = middle;
    else low = middle + 1;
  }
  return low;
}
