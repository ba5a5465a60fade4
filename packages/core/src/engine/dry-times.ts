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
import type { DailyHours, Plan, StationSettings, Stretch } from '../settings/index.js';

/** A stretch of time, `from` included, `to` not. */
export interface Span {
  readonly from: TimerSeconds;
  readonly to: TimerSeconds;
}

/** When water is taken away, although the clock runs on, by what a station heeds. Spans are sorted and do not touch. */
export type DryTimes = (
  heeds: Pick<StationSettings, 'rainSensor' | 'freezeSensor'>,
) => readonly Span[];

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
  const rain = timer.rainSensor && controller.rainSensor === 'active' ? weather?.rain : undefined;
  const freeze =
    timer.freezeSensor && controller.freezeSensor === 'active' ? weather?.freeze : undefined;
  const [wet, cold] = [spansOf(rain), spansOf(freeze)];
  const known = new Map<number, readonly Span[]>();
  return ({ rainSensor, freezeSensor }) => {
    const key = Number(rainSensor) + 2 * Number(freezeSensor);
    let dry = known.get(key);
    if (!dry) {
      dry = merged([...windows, ...(rainSensor ? wet : []), ...(freezeSensor ? cold : [])]);
      known.set(key, dry);
    }
    return dry;
  };
}

const spansOf = (stretches: readonly Stretch[] = []): Span[] =>
  stretches.map(({ from, to }) => ({ from: parseDateTime(from)!, to: parseDateTime(to)! }));

/** By program, when it lets no water through because none of its own hours is going; none: always lets it. */
export function closedTimes({ timer, programs }: Plan, over: Span): ReadonlyMap<string, Span[]> {
  if (!timer.programWindows) return new Map();
  return new Map(
    programs
      .filter(({ waterWindows }) => waterWindows.length > 0)
      .map(({ id, waterWindows }) => [id, outside(over, merged(hoursWithin(waterWindows, over)))]),
  );
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
