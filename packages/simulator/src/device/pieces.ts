import { asTimerSeconds, type TimerSeconds } from '@water-clock/core/civil-time';
import type { Plan } from '@water-clock/core/settings';
import type { StationTurn } from './station-lengths.js';

/** One unbroken opening of a valve that a run asks for. */
export interface AskedPiece {
  readonly station: number;
  /** Counts the station's pieces in its run from 1. */
  readonly piece: number;
  readonly from: TimerSeconds;
  readonly to: TimerSeconds;
}

interface Turn extends StationTurn {
  readonly cycleSeconds: number;
  readonly soakSeconds: number;
  remaining: number;
  done: number;
  /** The moment from which its next piece may begin. */
  ready: number;
}

export interface RunOptions {
  /** How many valves it may hold open at once. */
  readonly atOnce: number;
  readonly delaySeconds: number;
  readonly policy: 'in-order' | 'ready-first';
}

/**
 * The pieces of one run that begins at a moment, in the order in which they begin. Each is made
 * only when it is asked for, as the timer comes to it.
 */
export function* piecesOf(
  plan: Plan,
  turns: readonly StationTurn[],
  begin: TimerSeconds,
  { atOnce, delaySeconds, policy }: RunOptions,
): Generator<AskedPiece> {
  const waiting = turns.map((turn) => asTurn(plan, turn, begin));
  const slots = Array.from<number>({ length: atOnce }).fill(begin);
  let last: number = begin;
  let place = 0;
  for (;;) {
    const slot = slots.indexOf(Math.min(...slots));
    const soonest = Math.max(slots[slot]!, last);
    let turn: Turn | undefined;
    if (policy === 'ready-first') turn = readiest(waiting, soonest);
    else {
      // The next one in this pass; at its end the next pass begins.
      while (place < waiting.length && waiting[place]!.remaining === 0) place++;
      if (place === waiting.length) place = waiting.findIndex(({ remaining }) => remaining > 0);
      turn = place < 0 ? undefined : waiting[place++];
    }
    if (!turn) return;
    const from = Math.max(soonest, turn.ready);
    const to = from + Math.min(turn.cycleSeconds, turn.remaining);
    turn.remaining -= to - from;
    turn.done++;
    turn.ready = to + Math.max(turn.soakSeconds, delaySeconds);
    slots[slot] = to + delaySeconds;
    last = from;
    yield {
      station: turn.station,
      piece: turn.done,
      from: asTimerSeconds(from),
      to: asTimerSeconds(to),
    };
  }
}

function asTurn({ timer, stations }: Plan, turn: StationTurn, begin: number): Turn {
  const { cycleSeconds, soakSeconds = 0 } = stations.find(({ number }) => number === turn.station)!;
  const isCut = timer.cycleSoak !== null && cycleSeconds !== undefined;
  return {
    ...turn,
    cycleSeconds: isCut ? cycleSeconds : turn.seconds,
    soakSeconds: isCut ? soakSeconds : 0,
    remaining: turn.seconds,
    done: 0,
    ready: begin,
  };
}

/** Of those with pieces left the one that may begin first; then the one with fewest done; then in order. */
function readiest(waiting: readonly Turn[], soonest: number): Turn | undefined {
  let best: Turn | undefined;
  for (const turn of waiting) {
    if (turn.remaining === 0) continue;
    const [mine, bests] = [turn, best].map((one) => one && Math.max(soonest, one.ready));
    if (!best || mine! < bests! || (mine === bests && turn.done < best.done)) best = turn;
  }
  return best;
}
