/** A thread that tries out what would make a timer water as it was seen to. */
export const causesThread = (): Worker =>
  new Worker(new URL('./causes.worker.ts', import.meta.url), { type: 'module' });
