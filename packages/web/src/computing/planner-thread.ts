/** A thread that makes plans. */
export const plannerThread = (): Worker =>
  new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' });
