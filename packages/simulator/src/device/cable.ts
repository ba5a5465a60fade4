import type { Plan } from '@water-clock/core/settings';
import type { UnitResult } from '@water-clock/core/yards';
import type { ValveFault } from './outputs.js';

/** A valve unit that answers on the cable. */
export interface CableUnit {
  readonly serial: string;
  readonly address: number;
}

/** What a unit says of its coil, and what it drew. */
export interface CableTest {
  readonly result: UnitResult;
  readonly milliamps: number | null;
}

/** A new installation has this many units before anybody has told the timer of its stations. */
const UNITS_AT_FIRST = 8;

/** The valve units on a timer's two-wire cable, the nearest first: one to a station. */
export class Cable {
  private readonly stations: readonly number[];

  constructor(
    { timer, stations }: Plan,
    private readonly faults: ReadonlyMap<number, ValveFault>,
  ) {
    const numbers = stations.map(({ number }) => number).sort((a, b) => a - b);
    const first = Array.from({ length: Math.min(UNITS_AT_FIRST, timer.stations) }, (_, i) => i + 1);
    this.stations = numbers.length > 0 ? numbers : first;
  }

  /** All units that answer a search; one with a short pulls the voltage down and is not heard, as one that is cut off. */
  search(): CableUnit[] {
    return this.stations
      .filter((station) => !this.isSilent(station))
      .map((station) => ({ serial: serialOf(station), address: station }));
  }

  private isSilent(station: number): boolean {
    const fault = this.faults.get(station);
    return fault === 'short' || fault === 'silent';
  }

  test(serial: string): CableTest {
    const station = this.stations.find((one) => serialOf(one) === serial.trim().toUpperCase());
    if (station === undefined || this.faults.get(station) === 'silent')
      return { result: 'silent', milliamps: null };
    const fault = this.faults.get(station);
    if (fault === 'open') return { result: 'open', milliamps: 0 };
    if (fault === 'short') return { result: 'short', milliamps: 900 };
    return { result: 'fine', milliamps: 210 + ((station * 7) % 30) };
  }
}

/** Made up, never twice the same, and in no order, as on units out of several boxes. */
const serialOf = (station: number): string =>
  `VU-${String((station * 7919 + 31_337) % 100_000).padStart(5, '0')}`;
