import { addSeconds, type TimerSeconds } from '@water-clock/core/civil-time';
import { ELECTRICAL_FAULTS, type ElectricalCode } from '@water-clock/core/faults';
import {
  isFixedAt,
  judge,
  type Hidden,
  type HiddenElectrical,
  type Judgement,
  type PracticeCase,
  type Replaced,
  shutBy,
} from '@water-clock/core/practice';
import { KEY_IN_PARTS } from '@water-clock/core/timer-types';
import { hideFault } from '../device/hide-fault.js';
import { isShut, type ValveFault } from '../device/outputs.js';
import { SimulatedTimer } from '../device/simulated-timer.js';
import { Front } from '../front/front.js';

/** A timer with something hidden in it, while somebody puts it right. */
export class PlayedCase {
  readonly device: SimulatedTimer;
  readonly front: Front;
  readonly #replaced: Replaced[] = [];

  constructor(readonly of: PracticeCase) {
    this.device = new SimulatedTimer(of.inTimer, of.now);
    this.front = new Front(this.device, {
      ...{ keyInOrder: [...KEY_IN_PARTS], longestHoldDays: 14 },
      intervalAskedAs: of.asks.intervalAskedAs,
    });
    for (const hidden of of.hidden) this.#hide(hidden);
  }

  /** True time. */
  get trueTime(): TimerSeconds {
    return addSeconds(this.of.now, this.device.passedSeconds);
  }

  /** A part is replaced or joined anew: what was wrong there is whole, and what was whole stays so. */
  replace(part: Replaced): void {
    this.#replaced.push(part);
    const { of, station } = part;
    if (of === 'sensor') this.device.setSensorFault(null);
    else if (of === 'valve')
      this.#clear(station === null ? [] : [station], ['stuck', 'stuck-open']);
    else
      for (const hidden of this.of.hidden)
        if (hidden.code === 'electrical' && hidden.of === of) {
          const { copy } = this.of;
          if (isFixedAt(copy, hidden, station)) this.#clear(shutBy(copy, hidden), null);
        }
  }

  /** What comes of it as it is left now. */
  judge(): Judgement {
    const { device } = this;
    const stationsWith = (has: (fault: ValveFault) => boolean) =>
      [...device.valveFaults].filter(([, fault]) => has(fault)).map(([station]) => station);
    return judge(this.of, {
      plan: device.settings,
      offSeconds: device.clock - this.trueTime,
      shut: stationsWith((fault) => isShut(fault) || fault === 'short'),
      stuck: stationsWith((fault) => fault === 'stuck' || fault === 'stuck-open'),
      isSensorWet: device.isSensorStuck,
      replaced: this.#replaced,
      at: this.trueTime,
    });
  }

  #hide(hidden: Hidden): void {
    if (hidden.code !== 'electrical') {
      hideFault(this.device, hidden);
      return;
    }
    for (const station of shutBy(this.of.copy, hidden))
      this.device.setFault(station, faultOf(hidden));
  }

  #clear(stations: readonly number[], faults: readonly ValveFault[] | null): void {
    for (const station of stations) {
      const fault = this.device.valveFaults.get(station);
      if (fault && (faults === null || faults.includes(fault))) this.device.setFault(station, null);
    }
  }
}

const kindOf = (code: ElectricalCode) => ELECTRICAL_FAULTS.find((one) => one.code === code)!;

function faultOf({ of }: HiddenElectrical): ValveFault {
  const { reading, wirings } = kindOf(of);
  if (wirings.length === 1 && wirings[0] === 'two-wire') return 'silent';
  return reading === 'open' || reading === 'short' ? reading : 'unpowered';
}
