import type { Finding } from './check.js';

/** What a finding is about, whatever its times are: the same text for the same thing. */
export const findingKey = ({ code, program, station, startNumber, b }: Finding): string =>
  JSON.stringify([code, program, station, b ? [startNumber, b.program, b.startNumber] : null]);
