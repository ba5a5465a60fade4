import type { TimerSave } from './timer-save';

export type Method = 'POST' | 'PATCH' | 'PUT';

/** A change that was made on this device and is on its way to the server. */
export interface OutboxItem {
  /** The server takes it in once, however often it is sent. */
  readonly id: string;
  /** Gives the order in which changes were made. */
  readonly madeAt: string;
  readonly personId: string;
  /** The timer that it is of: later changes of the same timer wait for it, those of others do not. */
  readonly lane: string;
  readonly method: Method;
  readonly path: string;
  readonly body: unknown;
  /** A save of a whole document, of which versions are counted; absent: an entry of its own. */
  readonly save?: TimerSave;
  /** What it is, in words. */
  readonly words: string;
  /** Beginnings of the keys of queries that hold other answers afterwards. */
  readonly touches: readonly (readonly unknown[])[];
  /** The key of the query that the server's answer is one to; absent: it is none. */
  readonly answers?: readonly unknown[];
  /** Why the server refused it; absent while it waits. */
  readonly trouble?: string;
  /** How often it was sent and not taken in, why not the last time, and when it is sent again. */
  readonly tries?: number;
  readonly delay?: string;
  readonly nextAt?: number;
}
