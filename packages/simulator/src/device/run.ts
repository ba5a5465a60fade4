import { dayOf, type TimerSeconds } from '@water-clock/core/civil-time';
import type { Plan } from '@water-clock/core/settings';
import type { LogPlace } from './log.js';
import { piecesOf, type AskedPiece } from './pieces.js';
import type { Start } from './starts.js';
import { turnsOn, type StationTurn } from './station-lengths.js';

const BY_HAND = { atOnce: 1, delaySeconds: 0, policy: 'in-order' } as const;

/** A run that a start time or a person has set off, and how far it is. */
export class Run {
  private next: AskedPiece | undefined;
  private open: readonly AskedPiece[] = [];
  private pieces: Iterator<AskedPiece>;

  private constructor(
    /** What the log says of it. */
    readonly place: LogPlace,
    private readonly plan: Plan,
    private turns: readonly StationTurn[],
    private readonly options: Parameters<typeof piecesOf>[3],
    begin: TimerSeconds,
    pieces: Iterator<AskedPiece> = piecesOf(plan, turns, begin, options),
  ) {
    this.pieces = pieces;
    this.next = this.take();
  }

  /** The run of a start, or null where no station of it waters on that date. */
  static ofStart(plan: Plan, start: Start, begin: TimerSeconds): Run | null {
    const { program, startNumber, nominal } = start;
    const turns = turnsOn(plan, program, dayOf(nominal));
    if (turns.length === 0) return null;
    const { timer, controller } = plan;
    const place = { program: program.id, startNumber, nominal };
    return new Run(
      place,
      plan,
      turns,
      {
        atOnce: Math.min(timer.maxConcurrentStations, program.concurrent),
        delaySeconds: controller.stationDelaySeconds,
        policy: timer.cycleSoak?.policy ?? 'in-order',
      },
      begin,
    );
  }

  /** Stations one after another, by hand: whole, without soak or delay. */
  static byHand(plan: Plan, turns: readonly StationTurn[], begin: TimerSeconds): Run {
    const uncut = { ...plan, timer: { ...plan.timer, cycleSoak: null } };
    return new Run({ program: '' }, uncut, turns, BY_HAND, begin);
  }

  /** By hand as well, just when somebody pressed what. */
  static asPressed(plan: Plan, pieces: readonly AskedPiece[], begin: TimerSeconds): Run {
    const turns = pieces.map(({ station, from, to }) => ({ station, seconds: to - from }));
    return new Run({ program: '' }, plan, turns, BY_HAND, begin, pieces.values());
  }

  get isByHand(): boolean {
    return this.place.program === '';
  }

  get isOver(): boolean {
    return this.next === undefined && this.open.length === 0;
  }

  /** The pieces whose time it is now. */
  get going(): readonly AskedPiece[] {
    return this.open;
  }

  /** When next a piece begins or ends. */
  get nextMoment(): number {
    return Math.min(this.next?.from ?? Infinity, ...this.open.map(({ to }) => to));
  }

  endPiecesAt(now: TimerSeconds): void {
    this.open = this.open.filter(({ to }) => to > now);
  }

  beginPiecesAt(now: TimerSeconds): void {
    while (this.next && this.next.from <= now) {
      this.open = [...this.open, this.next];
      this.next = this.take();
    }
  }

  /** Leaves the station that is on, and goes on to the next; of a run by hand only. */
  skipStation(now: TimerSeconds): void {
    const going = this.open[0];
    const index = going ? this.turns.findIndex(({ station }) => station === going.station) : -1;
    this.turns = this.turns.slice(index + 1);
    this.open = [];
    this.pieces = piecesOf(this.plan, this.turns, now, this.options);
    this.next = this.take();
  }

  private take(): AskedPiece | undefined {
    const next = this.pieces.next();
    return next.done ? undefined : next.value;
  }
}
