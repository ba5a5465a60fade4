import type { FaultKind } from '../fault-kind.js';

/** The timer is off, or has no power. */
export const SWITCHED_OFF: FaultKind<'switched-off'> = {
  flows: () => [],
  size: () => 0,
  happens: () => 'the timer is switched off, or has no power, and nothing waters at all.',
  shows: 'The clock goes, and nothing waters by itself.',
  tells: 'Look at the switch: it comes before everything else.',
  check: () =>
    'Look at the switch and the display: is it at off, or dark? The mains side is for a licensed electrician.',
  mend: () =>
    'Set it to run; where it has no power, look at its plug, its breaker and its transformer.',
  caution: 'The mains side is for a licensed electrician, with the power off.',
};
