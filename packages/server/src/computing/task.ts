import type { MessagePort } from 'node:worker_threads';

/** Work that is carried out in a thread, where it is found by its name. What goes in and out is copied. */
export interface Task<Input, Answer> {
  readonly name: string;
  /** What takes longer is ended, and said to be too much to work out. */
  readonly limitMs: number;
  readonly work: (input: Input) => Answer | Promise<Answer>;
}

/** What a thread is told. */
export interface TaskCall {
  readonly name: string;
  readonly input: unknown;
  /** Where it says that it has begun: what it takes to start a thread is no part of the work. */
  readonly begun: MessagePort;
}
