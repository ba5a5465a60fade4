import { addSeconds } from '../civil-time/index.js';
import type { Span } from '../engine/index.js';

/** Water out of one valve, in true time. */
export interface Flow extends Span {
  readonly station: number;
  /** Which run it is of: the same for all its water. */
  readonly run: string;
  /** When that run is over. */
  readonly runEnd: number;
}

/** The same so many seconds earlier. */
export const earlier = <Kind extends Flow>(flow: Kind, seconds: number): Kind =>
  seconds === 0
    ? flow
    : {
        ...flow,
        from: addSeconds(flow.from, -seconds),
        to: addSeconds(flow.to, -seconds),
        runEnd: flow.runEnd - seconds,
      };
