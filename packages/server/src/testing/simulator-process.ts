import { spawn, type ChildProcess } from 'node:child_process';
import { join } from 'node:path';

export interface SimulatorProcess {
  readonly url: string;
  readonly end: () => void;
}

/** The real simulator, as it is built. */
export async function startSimulator(): Promise<SimulatorProcess> {
  const program = join(__dirname, '../../../simulator/dist/main.js');
  const simulator: ChildProcess = spawn(process.execPath, [program], {
    env: { ...process.env, PORT: '0' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const url = await new Promise<string>((resolve, reject) => {
    simulator.stdout!.once('data', (said) => resolve(/http:\S+/.exec(String(said))![0]));
    simulator.once('exit', () => reject(new Error('The simulator ended before it was ready.')));
  });
  return { url, end: () => void simulator.kill('SIGTERM') };
}
