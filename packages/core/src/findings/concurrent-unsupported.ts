import { counted } from '../words/index.js';
import { rule } from './finding.js';

/** A program that asks for more stations at once than the timer opens. */
export const concurrentUnsupported = rule('concurrent-unsupported', 'error', ({ plan }) => {
  const most = plan.timer.maxConcurrentStations;
  return plan.programs
    .filter(({ concurrent }) => concurrent > most)
    .map(({ id, concurrent }) => ({
      program: id,
      message: `Program ${id} asks for ${concurrent} stations at once, and this timer opens ${most === 1 ? 'one after the other' : `no more than ${most}`}.`,
      fix: `Set program ${id} to ${counted(most, 'station')} at once.`,
    }));
});
