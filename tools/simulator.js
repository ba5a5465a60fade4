// The simulator of simulated timers, in a process of its own.
import { spawn } from 'node:child_process';
import { fileURLToPath } from 'node:url';

const PROGRAM = fileURLToPath(new URL('../packages/simulator/dist/main.js', import.meta.url));

/**
 * Starts the simulator on a free port of loopback; gives its URL and a function that ends it. A process group of
 * its own: Ctrl-C reaches whoever started it first.
 * @returns {Promise<{ url: string, stop: () => void }>}
 */
export async function startSimulator() {
  const simulator = spawn(process.execPath, [PROGRAM], {
    env: { ...process.env, PORT: '0' },
    stdio: ['ignore', 'pipe', 'inherit'],
    detached: true,
  });
  const url = await new Promise((resolve, reject) => {
    simulator.stdout.once('data', (said) => resolve(/http:\S+/.exec(String(said))[0]));
    simulator.once('exit', () => reject(new Error('The simulator ended before it was ready.')));
  });
  return { url, stop: () => simulator.kill('SIGTERM') };
}
