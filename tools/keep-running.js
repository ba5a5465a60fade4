// Keeps a program running: started again when it dies, with growing waits.
import { spawn } from 'node:child_process';
import { setTimeout as pause } from 'node:timers/promises';

const FIRST_WAIT_MS = 500;
const LONGEST_WAIT_MS = 30_000;
/** Whoever ran as long died of something new: the next start is not kept waiting for the ones before. */
const LONG_MS = 60_000;

/**
 * Starts a program, which is ready when it says something, and starts it again when it dies; one that ends before it
 * was ever ready is given up. `end` ends it for good.
 * @param {string} name what it is called where it is spoken of
 * @param {string} program
 * @param {{ environment: object, onReady?: (isFirst: boolean, said: string) => unknown, onGivenUp?: () => unknown, firstWaitMs?: number }} options
 * @returns {{ end: () => Promise<void> }}
 */
export function keepRunning(name, program, options) {
  const { environment, onReady, onGivenUp, firstWaitMs = FIRST_WAIT_MS } = options;
  let child = null;
  let isEnding = false;
  let wasReady = false;
  let waitMs = firstWaitMs;
  const start = () => {
    const startedAt = Date.now();
    child = spawn(process.execPath, [program], {
      env: environment,
      stdio: ['ignore', 'pipe', 'inherit'],
      detached: true,
    });
    child.stdout.once('data', (said) => {
      const isFirst = !wasReady;
      wasReady = true;
      void onReady?.(isFirst, String(said));
    });
    child.once('exit', (code, signal) => {
      child = null;
      if (isEnding) return;
      if (!wasReady) return void onGivenUp?.();
      if (Date.now() - startedAt > LONG_MS) waitMs = firstWaitMs;
      console.error(
        `water-clock: ${name} ended (${signal ?? code}); it is started again in ${waitMs / 1000} s`,
      );
      const wait = pause(waitMs);
      waitMs = Math.min(2 * waitMs, LONGEST_WAIT_MS);
      void wait.then(() => {
        if (!isEnding) start();
      });
    });
  };
  start();
  return {
    end: async () => {
      isEnding = true;
      if (!child) return;
      const ended = new Promise((resolve) => child.once('exit', resolve));
      child.kill('SIGTERM');
      await ended;
    },
  };
}
