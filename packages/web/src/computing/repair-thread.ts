/** A thread that looks for the fewest settings to change. */
export const repairThread = (): Worker =>
  new Worker(new URL('./repair.worker.ts', import.meta.url), { type: 'module' });
