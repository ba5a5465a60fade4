import type { CycleSoakPolicy } from '../timer-types/index.js';

/** One station of a run: how long it waters in all, and into what it is cut. */
export interface StationShare {
  readonly station: number;
  /** More than 0. */
  readonly seconds: number;
  /** The longest piece; the share is one piece when it is no longer than this. */
  readonly cycleSeconds: number;
  readonly soakSeconds: number;
}

/** One unbroken opening of one valve, in seconds from the begin of its run. */
export interface ShapePiece {
  readonly station: number;
  /** Counts the pieces of this station in this run, from 1. */
  readonly piece: number;
  readonly fromSeconds: number;
  readonly toSeconds: number;
}

/** One program run, alone: its pieces in the order in which they begin, and when the last ends. */
export interface RunShape {
  readonly pieces: readonly ShapePiece[];
  readonly lengthSeconds: number;
}

export interface RunConditions {
  readonly policy: CycleSoakPolicy;
  /** How many stations may be open at once, at least 1. */
  readonly slots: number;
  /** Wait between a piece and the next one in its slot. */
  readonly delaySeconds: number;
}

/**
 * Lays out one program run as if nothing else were going (engine contract, section 5).
 * A slot is free again `delaySeconds` after a piece, its station after the longer of soak and delay.
 * `in-order` goes round the stations pass by pass and waits for each; `ready-first` takes whichever
 * station can go on soonest, then the one with the fewest pieces done, then the earlier one.
 */
export function runShape(shares: readonly StationShare[], conditions: RunConditions): RunShape {
  const run = new Laying(shares, conditions);
  if (conditions.policy === 'ready-first') layReadyFirst(run);
  else layInOrder(run);
  return { pieces: run.pieces, lengthSeconds: run.lengthSeconds };
}

function layInOrder(run: Laying): void {
  let open = run.shares.map((_, index) => index);
  while (open.length > 0) {
    for (const index of open) run.openAt(run.earliest(index), index);
    open = open.filter((index) => run.hasMore(index));
  }
}

function layReadyFirst(run: Laying): void {
  let open = run.shares.map((_, index) => index);
  while (open.length > 0) {
    let best = -1;
    for (const index of open) if (best < 0 || run.comesBefore(index, best)) best = index;
    run.openAt(run.earliest(best), best);
    if (!run.hasMore(best)) open = open.filter((index) => index !== best);
  }
}

/** A run while it is being laid out. */
class Laying {
  readonly pieces: ShapePiece[] = [];
  lengthSeconds = 0;
  private readonly slotFree: number[];
  private readonly readyAt: number[];
  private readonly left: number[];
  private readonly done: number[];
  private lastFrom = 0;

  constructor(
    readonly shares: readonly StationShare[],
    private readonly conditions: RunConditions,
  ) {
    this.slotFree = new Array<number>(conditions.slots).fill(0);
    this.readyAt = shares.map(() => 0);
    this.left = shares.map((share) => share.seconds);
    this.done = shares.map(() => 0);
  }

  hasMore(index: number): boolean {
    return this.left[index]! > 0;
  }

  /** When the station's next piece may begin at the earliest. */
  earliest(index: number): number {
    return Math.max(this.slotFree[this.freeSlot()]!, this.readyAt[index]!, this.lastFrom);
  }

  comesBefore(index: number, other: number): boolean {
    const sooner = this.earliest(index) - this.earliest(other);
    return sooner < 0 || (sooner === 0 && this.done[index]! < this.done[other]!);
  }

  openAt(fromSeconds: number, index: number): void {
    const { station, cycleSeconds, soakSeconds } = this.shares[index]!;
    const { delaySeconds } = this.conditions;
    const toSeconds = fromSeconds + Math.min(cycleSeconds, this.left[index]!);
    this.slotFree[this.freeSlot()] = toSeconds + delaySeconds;
    this.readyAt[index] = toSeconds + Math.max(soakSeconds, delaySeconds);
    this.left[index]! -= toSeconds - fromSeconds;
    this.done[index]! += 1;
    this.lastFrom = fromSeconds;
    if (toSeconds > this.lengthSeconds) this.lengthSeconds = toSeconds;
    this.pieces.push({ station, piece: this.done[index]!, fromSeconds, toSeconds });
  }

  private freeSlot(): number {
    let free = 0;
    for (let slot = 1; slot < this.slotFree.length; slot++)
      if (this.slotFree[slot]! < this.slotFree[free]!) free = slot;
    return free;
  }
}
