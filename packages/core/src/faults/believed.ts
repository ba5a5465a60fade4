import {
  addDays,
  addSeconds,
  asTimerSeconds,
  dayOf,
  parseDateTime,
  SECONDS_PER_DAY,
  type TimerSeconds,
} from '../civil-time/index.js';
import {
  clockErrorSeconds,
  compilePlan,
  merged,
  outside,
  waterOf,
  withoutRainAndFrost,
  type BegunRun,
  type Span,
} from '../engine/index.js';
import { getOrMake } from '../kernel/index.js';
import type { Plan, Stretch } from '../settings/index.js';
import { earlier, type Flow } from './flow.js';

/** The clock of a timer may be off by so many days, either way. */
export const MOST_OFF_DAYS = 16;
/** Runs that wait for others go on past the date of their start. */
const GOES_ON_DAYS = 2;

/** What is believed to be in a timer, when it was watched, and when its sensor ought to have been wet. */
export class Believed {
  readonly rain: readonly Span[];
  readonly freeze: readonly Span[];
  /** By how much the clock is ahead, as far as the copy says. */
  readonly offSeconds: number;
  #wide: readonly Flow[] | null = null;
  #asSet: readonly Flow[] | null = null;

  constructor(
    readonly plan: Plan,
    /** True time. */
    readonly watch: Span,
    rain: readonly Stretch[],
  ) {
    this.rain = spansOf(rain);
    this.freeze = spansOf(plan.weather?.freeze ?? []);
    this.offSeconds = clockErrorSeconds(plan.controller);
  }

  /** The station shuts for rain, as the copy has it. */
  heedsRain(station: number): boolean {
    const { timer, controller, stations } = this.plan;
    return (
      timer.rainSensor &&
      controller.rainSensor === 'active' &&
      (stations.find(({ number }) => number === station)?.rainSensor ?? false)
    );
  }

  heedsFrost(station: number): boolean {
    const { timer, controller, stations } = this.plan;
    return (
      timer.freezeSensor &&
      controller.freezeSensor === 'active' &&
      (stations.find(({ number }) => number === station)?.freezeSensor ?? false)
    );
  }

  /** What the copy makes of the watch and {@link MOST_OFF_DAYS} around it, in timer time, before rain and frost. */
  get wide(): readonly Flow[] {
    this.#wide ??= waterIn(this.plan, this.watch, MOST_OFF_DAYS + 1);
    return this.#wide;
  }

  /** What the copy makes of the watch and a day around it, in true time, before rain and frost. */
  get asSet(): readonly Flow[] {
    this.#asSet ??= this.withClock(this.offSeconds);
    return this.#asSet;
  }

  /** The same, were its clock so many seconds ahead. */
  withClock(offSeconds: number): Flow[] {
    const [from, to] = [
      this.watch.from + offSeconds - SECONDS_PER_DAY,
      this.watch.to + offSeconds + SECONDS_PER_DAY,
    ];
    return this.wide
      .filter((flow) => flow.to > from && flow.from < to)
      .map((flow) => earlier(flow, offSeconds));
  }

  /** What settings make of the watch, in true time, before rain and frost. */
  dryFlows(plan: Plan): Flow[] {
    const { offSeconds } = this;
    const shifted = {
      from: asTimerSeconds(this.watch.from + offSeconds),
      to: asTimerSeconds(this.watch.to + offSeconds),
    };
    return waterIn(plan, shifted, GOES_ON_DAYS, offSeconds);
  }

  /** Less what rain and frost take away; `isIgnored`: rain takes nothing. */
  inWeather(flows: readonly Flow[], { isIgnored = false } = {}): Flow[] {
    if (this.rain.length + this.freeze.length === 0) return [...flows];
    const dry = new Map<number, readonly Span[]>();
    const dryOf = (station: number): readonly Span[] =>
      getOrMake(dry, station, () =>
        merged([
          ...(!isIgnored && this.heedsRain(station) ? this.rain : []),
          ...(this.heedsFrost(station) ? this.freeze : []),
        ]),
      );
    return flows.flatMap((flow) =>
      outside(flow, dryOf(flow.station)).map(({ from, to }) => ({ ...flow, from, to })),
    );
  }
}

/** All water of runs that begin on the dates of a watch, or so many days around it; in timer time, and so much earlier. */
function waterIn(plan: Plan, { from, to }: Span, days: number, offSeconds = 0): Flow[] {
  const first = addDays(dayOf(from), -days);
  const range = { from: first, days: dayOf(to) - first + days + 1 };
  const { pieces } = waterOf(compilePlan(withoutRainAndFrost(plan)), range);
  const known = new Map<BegunRun, Pick<Flow, 'run' | 'runEnd' | 'start'>>();
  return pieces.map(({ run, station, from: begin, to: end }) => {
    const of = getOrMake(known, run, () => ofRun(run, offSeconds));
    return {
      station,
      from: addSeconds(begin, -offSeconds),
      to: addSeconds(end, -offSeconds),
      run: of.run,
      runEnd: of.runEnd,
      start: of.start,
    };
  });
}

const ofRun = ({ program: { id }, nominal, startNumber, end }: BegunRun, offSeconds: number) => ({
  run: `${id} ${nominal} ${startNumber}`,
  runEnd: addSeconds(end, -offSeconds),
  start: { program: id, startNumber, nominal },
});

const spansOf = (stretches: readonly Stretch[]): readonly Span[] =>
  merged(stretches.map(({ from, to }) => ({ from: momentOf(from), to: momentOf(to) })));

const momentOf = (text: string): TimerSeconds => parseDateTime(text)!;
