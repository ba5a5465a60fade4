import { readPlan, type Plan } from '@water-clock/core/settings';
import { KEY_IN_PARTS, type KeyInPart } from '@water-clock/core/timer-types';
import type { SimulatedTimer } from '../device/simulated-timer.js';
import { startsOf, type Asks, type Held, type Stop } from './stop.js';
import { stopsFor } from './stops.js';

export const FRONT_BUTTONS = ['back', 'forth', 'part', 'program', 'minus', 'plus'] as const;
export type FrontButton = (typeof FRONT_BUTTONS)[number];

/** What the display shows: one value at a time. */
export interface FrontDisplay {
  readonly part: KeyInPart;
  /** The letter that is chosen. */
  readonly program: string;
  /** The value is of that program; else it is of the whole timer. */
  readonly isOfProgram: boolean;
  readonly station: number | null;
  readonly what: string;
  readonly value: string;
  /** From 1. */
  readonly place: number;
  readonly of: number;
}

const AS_MOST_ASK: Asks = {
  keyInOrder: [...KEY_IN_PARTS],
  intervalAskedAs: 'first-day',
  longestHoldDays: 14,
};

/** The face of a simulated timer: a display of one value, and the buttons that move it and change it. */
export class Front {
  #starts: Held['starts'];
  /** The settings of which the start places are. */
  #of: Plan;
  #program: string;
  #key = '';
  #presses = 0;
  #known: { plan: Plan; program: string; asks: Asks; stops: readonly Stop[] } | null = null;

  constructor(
    private readonly device: SimulatedTimer,
    private asks: Asks = AS_MOST_ASK,
  ) {
    this.#of = device.settings;
    this.#starts = startsOf(this.#of);
    this.#program = this.#of.timer.programs[0]!;
  }

  /** How the kind asks. */
  set asking(asks: Asks) {
    this.asks = asks;
  }

  get display(): FrontDisplay {
    const { held, stops, index } = this.#now();
    const stop = stops[index]!;
    return {
      ...{ part: stop.part, program: this.#program, isOfProgram: stop.program !== undefined },
      ...{ station: stop.station ?? null, what: stop.what, value: stop.shows(held) },
      ...{ place: index + 1, of: stops.length },
    };
  }

  /** How often its buttons were pressed. */
  get presses(): number {
    return this.#presses;
  }

  /** A button is pressed so many times, or held for as long. */
  press(button: FrontButton, times = 1): void {
    this.#presses += times;
    switch (button) {
      case 'forth':
        this.#move(times);
        break;
      case 'back':
        this.#move(-times);
        break;
      case 'part':
        this.#nextPart();
        break;
      case 'program':
        this.#nextProgram();
        break;
      case 'plus':
        this.#turn(times);
        break;
      case 'minus':
        this.#turn(-times);
    }
  }

  #now() {
    const plan = this.device.settings;
    // Whatever else put settings in: the places are those of what is in it now.
    if (plan !== this.#of) {
      this.#of = plan;
      this.#starts = startsOf(plan);
      if (!plan.timer.programs.includes(this.#program)) this.#program = plan.timer.programs[0]!;
    }
    const held: Held = { plan, starts: this.#starts, now: this.device.clock };
    const stops = this.#stopsOf(held, this.#program);
    const at = stops.findIndex(({ key }) => key === this.#key);
    return { held, stops, index: Math.max(0, at) };
  }

  /** Which values there are changes with the settings alone. */
  #stopsOf(held: Held, program: string): readonly Stop[] {
    const { plan } = held;
    const known = this.#known;
    if (known?.plan === plan && known.program === program && known.asks === this.asks)
      return known.stops;
    const stops = stopsFor(held, program, this.asks);
    this.#known = { plan, program, asks: this.asks, stops };
    return stops;
  }

  #stand(stop: Stop | undefined): void {
    if (stop) this.#key = stop.key;
  }

  #move(steps: number): void {
    const { stops, index } = this.#now();
    this.#stand(stops[(((index + steps) % stops.length) + stops.length) % stops.length]);
  }

  #nextPart(): void {
    const { stops, index } = this.#now();
    const { part } = stops[index]!;
    const rest = [...stops.slice(index), ...stops.slice(0, index)];
    this.#stand(rest.find((stop) => stop.part !== part) ?? stops[0]);
  }

  /** The next letter, at the same part. */
  #nextProgram(): void {
    const { held, stops, index } = this.#now();
    const { part } = stops[index]!;
    const { programs } = held.plan.timer;
    this.#program = programs[(programs.indexOf(this.#program) + 1) % programs.length]!;
    this.#stand(this.#stopsOf(held, this.#program).find((stop) => stop.part === part));
  }

  #turn(steps: number): void {
    const { held, stops, index } = this.#now();
    const stop = stops[index]!;
    this.#key = stop.key;
    const turned = stop.turn(held, steps);
    if (turned.now !== held.now) this.device.setClock(turned.now);
    if (turned.plan === held.plan || !isSaid(turned.plan)) return;
    this.device.key(turned.plan, `${stop.key}: ${stop.shows(turned)}`);
    this.#of = this.device.settings;
    this.#starts = turned.starts;
  }
}

/** A timer refuses what would be more pieces of water a day than any has room for. */
const isSaid = (plan: Plan): boolean => readPlan(plan).ok;
