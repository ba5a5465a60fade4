import { ANY_POWER, BOX } from '../hardware-fault.js';
import { all, type ElectricalFault } from './electrical-fault.js';

export const COMMON_OPEN: ElectricalFault = {
  ...{ code: 'common-open', name: 'A broken common wire', wirings: ['valve-wires'] },
  powers: ANY_POWER,
  ...{ shuts: all, reading: 'open', isNoticed: false },
  shows: 'No station opens, or none in one part of the yard; the timer lights each in turn.',
  tells:
    'No circuit at every terminal of that part. Two stations against each other read whole: their common is what is broken.',
  tries: [
    'Tighten the common screw, and look for a wire that slipped out.',
    'Measure two stations against each other, without the common: whole means that their common is broken.',
    'Open the splices of the common, the nearest to the timer first.',
    'Lay a spare wire of the cable as common for a try.',
  ],
  mend: 'Look at the common screw first, then from splice to splice; a spare wire of the cable may take its place.',
  part: 'Wire and waterproof connectors',
  caution: `${BOX} Call before you dig.`,
};
