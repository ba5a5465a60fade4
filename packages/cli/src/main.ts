import { run } from './run.js';

const { exitCode, out, messages } = await run(process.argv.slice(2), new Date());
if (out !== '') process.stdout.write(out);
if (messages.length > 0) process.stderr.write(`${messages.join('\n')}\n`);
process.exitCode = exitCode;
