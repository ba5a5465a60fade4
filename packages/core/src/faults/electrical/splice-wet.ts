import { ANY_POWER, BOX } from '../hardware-fault.js';
import { alone, type ElectricalFault } from './electrical-fault.js';

export const SPLICE_WET: ElectricalFault = {
  ...{ code: 'splice-wet', name: 'A splice that water got into', wirings: ['valve-wires'] },
  powers: ANY_POWER,
  ...{ shuts: alone, reading: 'fine', isNoticed: false },
  shows: 'One station opens on some days, and not after rain or when it has watered for a while.',
  tells: 'The ohms wander as the wire is moved, or are higher than at the stations beside it.',
  tries: [
    'Measure, move the wire, measure again.',
    'Dry the box, and make the splice anew with a waterproof connector.',
    'Look on the day after rain whether it still opens.',
  ],
  mend: 'Cut the splice out, and make it anew with a waterproof connector.',
  part: 'Waterproof connectors',
  caution: BOX,
};
