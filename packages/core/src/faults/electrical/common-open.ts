import { all, BOX, type ElectricalFault } from './electrical-fault.js';

export const COMMON_OPEN: ElectricalFault = {
  ...{ code: 'common-open', name: 'A broken common wire', wirings: ['valve-wires'] },
  ...{ shuts: all, reading: 'open', isNoticed: false },
  shows: 'No station opens, or none in one part of the yard; the timer lights each in turn.',
  tells:
    'No circuit at every terminal of that part. Two stations against each other read whole: their common is what is broken.',
  mend: 'Look at the common screw first, then from splice to splice; a spare wire of the cable may take its place.',
  caution: `${BOX} Call before you dig.`,
};
