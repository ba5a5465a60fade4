import type { TimerSeconds } from '@water-clock/core/civil-time';
import type { DeviceLog, LogPlace } from './log.js';

/** Water that has flowed, by the device's own clock. */
export interface PastFlow {
  readonly station: number;
  readonly from: TimerSeconds;
  readonly to: TimerSeconds;
}

/** As many are remembered as a busy day has. */
const MOST_PAST = 500;

export const VALVE_FAULTS = [
  'open',
  'short',
  'stuck',
  'stuck-open',
  'unpowered',
  'silent',
] as const;
/**
 * A valve's wiring that is broken or bridged, a valve that stays open until its run ends, one that is open all the
 * time, with power or without, one whose output has no voltage, and one whose unit on two wires does not answer.
 */
export type ValveFault = (typeof VALVE_FAULTS)[number];

/** The timer gives it power, and it does not open. */
export const isShut = (fault: ValveFault | undefined): boolean =>
  fault === 'open' || fault === 'unpowered' || fault === 'silent';

/** A piece whose valve is to be under power now. */
export interface Demand {
  /** Names the run and the piece. */
  readonly key: string;
  /** Names the run alone. */
  readonly run: string;
  readonly place: LogPlace & { readonly station: number };
  readonly needsPump: boolean;
}

/**
 * The valves, the pump relay and the master valve. A valve with a broken wire stays shut, and the timer
 * does not know; one that is bridged is let go, and its time passes. One that is stuck the timer does not know of either.
 */
export class Outputs {
  private flowing: ReadonlyMap<string, Demand> = new Map();
  private refused = new Set<string>();
  private readonly since = new Map<string, TimerSeconds>();
  private past: PastFlow[] = [];
  private isPumpOn = false;
  private isMasterOn = false;
  private readonly met = new Set<number>();
  /** The stations that are under power, whether their valves open or not. */
  lit: readonly number[] = [];
  readonly faults = new Map<number, ValveFault>();

  constructor(private readonly log: DeviceLog) {}

  /** The stations that are watering, and for which piece. */
  get open(): readonly Demand[] {
    return [...this.flowing.values()];
  }

  /** What has flowed from a moment on, and what flows yet. */
  flowed(from: TimerSeconds, now: TimerSeconds): PastFlow[] {
    const going = [...this.flowing].map(([key, { place }]) => ({
      ...{ station: place.station, from: this.since.get(key) ?? now, to: now },
    }));
    // A clock that was set back has not come to some of it yet.
    return [...this.past, ...going].filter((flow) => flow.to > from && flow.from <= now);
  }

  get relays() {
    return { pump: this.isPumpOn, master: this.isMasterOn };
  }

  /** Brings valves and relays to what is asked of them now; `runs` names those that go on. */
  set(now: TimerSeconds, demands: readonly Demand[], runs: ReadonlySet<string>): void {
    const powered = demands.filter(({ place }) => this.faults.get(place.station) !== 'short');
    this.lit = [...new Set(powered.map(({ place }) => place.station))].sort((a, b) => a - b);
    const opened = powered.filter(({ place }) => !isShut(this.faults.get(place.station)));
    const flows = this.withStuck(opened, runs);
    for (const [key, { place }] of this.flowing) {
      if (flows.has(key)) continue;
      this.log.add(now, 'close', place);
      this.past.push({ station: place.station, from: this.since.get(key) ?? now, to: now });
      this.since.delete(key);
    }
    this.past = this.past.slice(-MOST_PAST);
    this.setRelays(now, powered);
    for (const [key, demand] of flows)
      if (!this.flowing.has(key)) {
        this.log.add(now, 'open', demand.place);
        this.since.set(key, now);
      }
    this.flowing = flows;
    this.sayRefused(now, demands, flows);
  }

  /** Of a valve that is stuck its first opening in a run stands for all of that run. */
  private withStuck(
    opened: readonly Demand[],
    runs: ReadonlySet<string>,
  ): ReadonlyMap<string, Demand> {
    const isStuck = ({ place }: Demand) => this.faults.get(place.station) === 'stuck';
    const isOpen = ({ place }: Demand) => this.faults.get(place.station) === 'stuck-open';
    const held = [...this.flowing.values()].filter((one) => isStuck(one) && runs.has(one.run));
    const holds = ({ run, place }: Demand) =>
      held.some((one) => one.run === run && one.place.station === place.station);
    const always = [...this.faults].flatMap(([station, fault]): Demand[] =>
      fault === 'stuck-open'
        ? [{ key: `stuck ${station}`, run: '', place: { station }, needsPump: false }]
        : [],
    );
    const flows = [...opened.filter((one) => !isOpen(one) && !holds(one)), ...held, ...always];
    return new Map(flows.map((one) => [one.key, one]));
  }

  // A relay closes before the first valve opens and lets go after the last has shut.
  private setRelays(now: TimerSeconds, powered: readonly Demand[]): void {
    const master = powered.length > 0;
    const pump = powered.some(({ needsPump }) => needsPump);
    if (master !== this.isMasterOn) this.log.add(now, master ? 'master-on' : 'master-off');
    if (pump !== this.isPumpOn) this.log.add(now, pump ? 'pump-on' : 'pump-off');
    this.isMasterOn = master;
    this.isPumpOn = pump;
  }

  private sayRefused(
    now: TimerSeconds,
    demands: readonly Demand[],
    flows: ReadonlyMap<string, Demand>,
  ): void {
    const refused = new Set<string>();
    for (const { key, place } of demands) {
      const fault = this.faults.get(place.station);
      if (flows.has(key) || fault === 'stuck' || fault === 'stuck-open') continue;
      refused.add(key);
      if (fault === 'short') this.met.add(place.station);
      if (this.refused.has(key)) continue;
      this.log.add(now, fault === 'short' ? 'short' : 'no-flow', place);
    }
    this.refused = refused;
  }

  /**
   * What a meter shows between a station's terminal and the common one, in ohms: some twenty for a whole
   * coil, next to none for a bridged one; null where the wire is broken.
   */
  readingOhms(station: number): number | null {
    const fault = this.faults.get(station);
    if (fault === 'open' || fault === 'silent') return null;
    return fault === 'short' ? 1.5 : 22 + ((station * 7) % 9);
  }

  /** What a clamp meter shows on a station's wire while it is to be on, in amperes. */
  readingAmps(station: number): number {
    const fault = this.faults.get(station);
    if (isShut(fault)) return 0;
    return fault === 'short' ? 2.4 : 0.2 + ((station * 7) % 9) / 100;
  }

  /** Stations whose short the timer has met, and says so. */
  get shorted(): readonly number[] {
    return [...this.met].filter((station) => this.faults.get(station) === 'short');
  }
}
