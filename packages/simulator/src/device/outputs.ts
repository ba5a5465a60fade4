import type { TimerSeconds } from '@water-clock/core/civil-time';
import type { DeviceLog, LogPlace } from './log.js';

/** A valve's wiring: whole, broken, or bridged. */
export type ValveFault = 'open' | 'short';

/** A piece whose valve is to be under power now. */
export interface Demand {
  /** Names the run and the piece. */
  readonly key: string;
  readonly place: LogPlace & { readonly station: number };
  readonly needsPump: boolean;
}

/**
 * The valves, the pump relay and the master valve. A valve with a broken wire stays shut, and the timer
 * does not know; one that is bridged is let go, and its time passes.
 */
export class Outputs {
  private flowing = new Map<string, Demand>();
  private refused = new Set<string>();
  private isPumpOn = false;
  private isMasterOn = false;
  readonly faults = new Map<number, ValveFault>();

  constructor(private readonly log: DeviceLog) {}

  /** The stations that are watering, and for which piece. */
  get open(): readonly Demand[] {
    return [...this.flowing.values()];
  }

  get relays() {
    return { pump: this.isPumpOn, master: this.isMasterOn };
  }

  /** Brings valves and relays to what is asked of them now. */
  set(now: TimerSeconds, demands: readonly Demand[]): void {
    const powered = demands.filter(({ place }) => this.faults.get(place.station) !== 'short');
    const flows = new Map(
      powered
        .filter(({ place }) => this.faults.get(place.station) !== 'open')
        .map((demand) => [demand.key, demand]),
    );
    for (const [key, { place }] of this.flowing)
      if (!flows.has(key)) this.log.add(now, 'close', place);
    this.setRelays(now, powered);
    for (const [key, demand] of flows)
      if (!this.flowing.has(key)) this.log.add(now, 'open', demand.place);
    this.flowing = flows;
    this.sayRefused(now, demands, flows);
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
      if (flows.has(key)) continue;
      refused.add(key);
      if (this.refused.has(key)) continue;
      this.log.add(now, this.faults.get(place.station) === 'short' ? 'short' : 'no-flow', place);
    }
    this.refused = refused;
  }

  /**
   * What a meter shows between a station's terminal and the common one, in ohms: some twenty for a whole
   * coil, next to none for a bridged one; null where the wire is broken.
   */
  readingOhms(station: number): number | null {
    const fault = this.faults.get(station);
    if (fault === 'open') return null;
    return fault === 'short' ? 1.5 : 22 + ((station * 7) % 9);
  }
}
