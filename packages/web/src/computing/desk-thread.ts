/** The thread that works the desk out. */
export const deskThread = (): Worker =>
  new Worker(new URL('./desk.worker.ts', import.meta.url), { type: 'module' });
