import type { OnModuleDestroy, OnModuleInit } from '@nestjs/common';
import type { TimerSeconds } from '@water-clock/core/civil-time';
import type { Plan } from '@water-clock/core/settings';
import { SimulatedTimer } from '../device/simulated-timer.js';
import { caseOf, type Played } from '@water-clock/core/practice';
import { Front } from '../front/front.js';
import { PlayedCase } from '../practice/played-case.js';
import type { Asks } from '../front/stop.js';

/** How often the clocks of all devices are brought up to date. */
const TICK_MILLISECONDS = 200;
const MOST_DEVICES = 200;

export interface Served {
  readonly device: SimulatedTimer;
  readonly front: Front;
  /** What is hidden in it, where it is for practice. */
  readonly played?: PlayedCase;
  /** Which case that is. */
  readonly playing?: Played;
  /** Seconds of the device's clock that pass in a second; 0: it stands. */
  speed: number;
  /** The true moment, in milliseconds, up to which the device has come. */
  cameTo: number;
}

/** All devices of this process, by name, each with its clock driven by the true one. */
export class Devices implements OnModuleInit, OnModuleDestroy {
  private readonly served = new Map<string, Served>();
  private tick: NodeJS.Timeout | undefined;

  /** `trueTime` gives milliseconds that never go back. */
  constructor(private readonly trueTime: () => number) {}

  onModuleInit(): void {
    this.tick = setInterval(() => {
      for (const one of this.served.values()) this.catchUp(one);
    }, TICK_MILLISECONDS);
  }

  onModuleDestroy(): void {
    clearInterval(this.tick);
  }

  /** Hangs a new device on the wall, or puts other settings into the one that is there. */
  enter(name: string, plan: Plan, reads: TimerSeconds, asks: Asks): Served {
    const known = this.find(name);
    if (known) {
      known.device.enter(plan);
      known.front.asking = asks;
      return known;
    }
    const device = new SimulatedTimer(plan, reads);
    const served = { device, front: new Front(device, asks), speed: 1, cameTo: this.trueTime() };
    this.keep(name, served);
    return served;
  }

  private keep(name: string, served: Served): void {
    this.served.delete(name);
    if (this.served.size >= MOST_DEVICES) this.served.delete(this.served.keys().next().value!);
    this.served.set(name, served);
  }

  /** A device for practice, with something hidden in it, in the place of whatever was practised on before. */
  play(name: string, playing: Played): Served {
    const played = new PlayedCase(caseOf(playing));
    const { device, front } = played;
    const served = { device, front, played, playing, speed: 1, cameTo: this.trueTime() };
    this.keep(name, served);
    return served;
  }

  /** A device as it is now. */
  find(name: string): Served | undefined {
    const served = this.served.get(name);
    if (served) this.catchUp(served);
    return served;
  }

  /** All of them as they are now, by name. */
  get all(): ReadonlyMap<string, Served> {
    for (const one of this.served.values()) this.catchUp(one);
    return this.served;
  }

  remove = (name: string): boolean => this.served.delete(name);

  private catchUp(served: Served): void {
    const now = this.trueTime();
    if (served.speed === 0) {
      served.cameTo = now;
      return;
    }
    const seconds = Math.floor(((now - served.cameTo) / 1000) * served.speed);
    if (seconds < 1) return;
    served.device.advance(seconds);
    // The part of a second that is left counts towards the next.
    served.cameTo += (seconds * 1000) / served.speed;
  }
}
