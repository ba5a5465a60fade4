import { run } from './run.js';

const { exitCode, out, messages } = run(process.argv.slice(2));
if (out !== '') process.stdout.write(`${out}\n`);
if (messages.length > 0) process.stderr.write(`${messages.join('\n')}\n`);
process.exitCode = exitCode;
