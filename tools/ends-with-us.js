// What a script has started ends with it, whether it has done its work, failed, or was ended from outside.
const CODES = { SIGINT: 130, SIGTERM: 143, SIGHUP: 129 };
const running = new Set();
let isWatching = false;

/**
 * Takes down what was started, at the latest when this process ends; it must not need to wait for anything.
 * Returns a function that takes it down now; once is enough.
 * @param {() => void} stop
 * @returns {() => void}
 */
export function endsWithUs(stop) {
  if (!isWatching) {
    isWatching = true;
    process.on('exit', () => {
      for (const end of [...running].reverse()) end();
    });
    for (const [signal, code] of Object.entries(CODES))
      process.once(signal, () => process.exit(code));
  }
  const end = () => {
    if (running.delete(end)) stop();
  };
  running.add(end);
  return end;
}
