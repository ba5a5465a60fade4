import type { Fault, FaultCode } from '@water-clock/core/faults';

/** What each cause is called, in a word or two. */
export const CAUSE_NAMES: Readonly<Record<FaultCode, string>> = {
  'as-set': 'As it is set',
  clock: 'The clock',
  percent: 'The season percentage',
  'extra-start': 'A start too many',
  'extra-program': 'Leftovers in another program',
  'sensor-stuck': 'The sensor says wet',
  'sensor-ignored': 'The sensor is ignored',
  'switched-off': 'Switched off, or no power',
  'station-dead': 'A station that never opens',
  'valve-stuck': 'A valve that does not close',
  'by-hand': 'Run by hand',
};

interface Way {
  readonly words: string;
  /** Behind the timer's own address. */
  readonly place: string;
}

/** Where a cause is put right; null: nothing is to be done at the timer. */
export function wayToMend(fault: Fault, programs: readonly string[]): Way | null {
  switch (fault.code) {
    case 'as-set':
      return { words: 'Change the settings on the desk', place: '' };
    case 'clock':
      return { words: 'Set the clock', place: '/visit/clock' };
    case 'percent':
      return {
        words: 'Read the percentage as found',
        place: `/as-found?step=${programs.length + 1}`,
      };
    case 'extra-start':
      return {
        words: `Read program ${fault.program} as found, then fix all`,
        place: `/as-found?step=${Math.max(0, programs.indexOf(fault.program)) + 1}`,
      };
    case 'extra-program':
      return { words: 'Read its programs as found, then fix all', place: '/as-found?step=1' };
    case 'sensor-stuck':
    case 'sensor-ignored':
    case 'switched-off':
      return { words: 'Put it right at the last look', place: '/visit/leave' };
    case 'station-dead':
    case 'valve-stuck':
      return {
        words: `Walk to station ${fault.station}, and note the fault: it becomes a job`,
        place: `/visit/walk?station=${fault.station}`,
      };
    case 'by-hand':
      return null;
  }
}
