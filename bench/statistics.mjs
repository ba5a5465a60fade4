/** The value below which a share of the values lies, 0 to 1. */
export function quantile(values, share) {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))];
}

export const median = (values) => quantile(values, 0.5);

/** Runs `work` until it is warm, then times it `times` over; milliseconds each. */
export function timed(work, { warmUp = 50, times = 200 } = {}) {
  for (let run = 0; run < warmUp; run++) work();
  return Array.from({ length: times }, () => {
    const begin = performance.now();
    work();
    return performance.now() - begin;
  });
}
