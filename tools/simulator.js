// The simulator of simulated timers, in a process of its own.
import { fileURLToPath } from 'node:url';
import { freePort } from './cluster.js';
import { keepRunning } from './keep-running.js';

const PROGRAM = fileURLToPath(new URL('../packages/simulator/dist/main.js', import.meta.url));

/**
 * Starts the simulator on a free port of loopback, and again there when it dies; gives its URL and a function that
 * ends it. A process group of its own: Ctrl-C reaches whoever started it first.
 * @returns {Promise<{ url: string, stop: () => void }>}
 */
export async function startSimulator() {
  const port = await freePort();
  const simulator = await new Promise((resolve, reject) => {
    const kept = keepRunning('the simulator', PROGRAM, {
      environment: { ...process.env, PORT: String(port) },
      onReady: (isFirst) => isFirst && resolve(kept),
      onGivenUp: () => reject(new Error('The simulator ended before it was ready.')),
    });
  });
  return { url: `http://127.0.0.1:${port}`, stop: () => void simulator.end() };
}
