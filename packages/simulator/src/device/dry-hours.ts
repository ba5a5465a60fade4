import {
  asDayNumber,
  dayOf,
  parseDateTime,
  parseTimeOfDay,
  SECONDS_PER_DAY,
  startOfDay,
  weekdayOf,
  type DayNumber,
  type TimerSeconds,
} from '@water-clock/core/civil-time';
import type { DailyHours, Plan, Stretch } from '@water-clock/core/settings';

/** A stretch of the device's calendar, `from` included, `to` not. */
interface Moments {
  readonly from: number;
  readonly to: number;
}

const holds = (stretches: readonly Moments[], at: number): boolean =>
  stretches.some(({ from, to }) => from <= at && at < to);

const momentsOf = (stretches: readonly Stretch[]): Moments[] =>
  stretches.map(({ from, to }) => ({ from: parseDateTime(from)!, to: parseDateTime(to)! }));

/** The windows that begin on a date or on the one before it: those that can touch it. */
function windowsAround(windows: readonly DailyHours[], day: DayNumber): Moments[] {
  return [day - 1, day].flatMap((begins) =>
    windows
      .filter(({ weekdays }) => weekdays.includes(weekdayOf(asDayNumber(begins))))
      .map((window) => {
        const [from, to] = [parseTimeOfDay(window.from)! * 60, parseTimeOfDay(window.to)! * 60];
        const midnight = startOfDay(asDayNumber(begins));
        return { from: midnight + from, to: midnight + (to > from ? to : to + SECONDS_PER_DAY) };
      }),
  );
}

/** When a device keeps its valves shut though a run goes on, and when it lets no run begin. */
export class DryHours {
  private readonly rain: readonly Moments[];
  private readonly pauses: readonly Moments[];
  private readonly windows: readonly DailyHours[];
  private readonly frost: readonly Moments[];
  private readonly own: ReadonlyMap<string, readonly DailyHours[]>;

  constructor({ timer, controller, weather, programs }: Plan) {
    this.rain = momentsOf(weather?.rain ?? []);
    this.pauses = momentsOf(controller.pauses);
    this.windows = timer.noWaterWindows ? controller.noWater : [];
    this.frost = momentsOf(weather?.freeze ?? []);
    const withOwn = programs.filter(({ waterWindows }) => waterWindows.length > 0);
    this.own = new Map(
      timer.programWindows ? withOwn.map(({ id, waterWindows }) => [id, waterWindows]) : [],
    );
  }

  isRaining = (at: TimerSeconds): boolean => holds(this.rain, at);
  isFrosty = (at: TimerSeconds): boolean => holds(this.frost, at);
  /** Whether a program's own hours let it water; a program without any always waters. */
  isOpenFor = (program: string, at: TimerSeconds): boolean => {
    const hours = this.own.get(program);
    return !hours || holds(windowsAround(hours, dayOf(at)), at);
  };
  isPaused = (at: TimerSeconds): boolean => holds(this.pauses, at);
  isForbidden = (at: TimerSeconds): boolean => holds(windowsAround(this.windows, dayOf(at)), at);

  /** The next moment after `at` at which rain, frost or a window begins or ends. */
  nextEdge(at: TimerSeconds): number {
    const day = dayOf(at);
    const windows = [...this.windows, ...[...this.own.values()].flat()];
    const around = [day, day + 1].flatMap((one) => windowsAround(windows, asDayNumber(one)));
    const edges = [...this.rain, ...this.frost, ...around].flatMap(({ from, to }) => [from, to]);
    return edges.reduce((next, edge) => (edge > at && edge < next ? edge : next), Infinity);
  }
}
