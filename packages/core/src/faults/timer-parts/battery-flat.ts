import { ANY_POWER, ANY_WIRING, type PartFault } from '../hardware-fault.js';

export const BATTERY_FLAT: PartFault = {
  ...{ code: 'battery-flat', name: 'A flat or leaking battery' },
  ...{ wirings: ANY_WIRING, powers: ANY_POWER },
  shows:
    'The clock begins anew after each power cut; a timer on batteries opens late, not at all, or does not shut.',
  tells:
    'With a fresh battery it keeps its clock for a minute without mains, or opens and shuts a valve at once.',
  tries: [
    'Measure it, or put in a fresh one of the kind that the timer names.',
    'Look for green or white on the contacts, and clean them.',
    'Look which way round it lies.',
    'Set clock and date, and look that the settings are still there.',
  ],
  mend: 'Put in fresh batteries, all of them at once; note it for the next visit.',
  part: 'Batteries of the kind that the timer names',
  caution:
    'A battery that leaks burns the skin: gloves, and it goes to where batteries are taken back.',
};
