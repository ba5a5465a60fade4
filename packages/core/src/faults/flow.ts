import { addSeconds, type TimerSeconds } from '../civil-time/index.js';
import type { Span } from '../engine/index.js';

/** Water out of one valve, in true time. */
export interface Flow extends Span {
  readonly station: number;
  /** Which run it is of: the same for all its water. */
  readonly run: string;
  /** When that run is over. */
  readonly runEnd: TimerSeconds;
  /** What began it, in timer time; null: no start of the settings did. */
  readonly start: FlowStart | null;
}

export interface FlowStart {
  readonly program: string;
  readonly startNumber: number;
  readonly nominal: TimerSeconds;
}

/** The same so many seconds earlier. */
export const earlier = (flow: Flow, seconds: number): Flow =>
  seconds === 0
    ? flow
    : {
        station: flow.station,
        from: addSeconds(flow.from, -seconds),
        to: addSeconds(flow.to, -seconds),
        run: flow.run,
        runEnd: addSeconds(flow.runEnd, -seconds),
        start: flow.start,
      };
