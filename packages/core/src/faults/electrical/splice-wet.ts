import { alone, BOX, type ElectricalFault } from './electrical-fault.js';

export const SPLICE_WET: ElectricalFault = {
  ...{ code: 'splice-wet', name: 'A splice that water got into', wirings: ['valve-wires'] },
  ...{ shuts: alone, reading: 'fine', isNoticed: false },
  shows: 'One station opens on some days, and not after rain or when it has watered for a while.',
  tells: 'The ohms wander as the wire is moved, or are higher than at the stations beside it.',
  mend: 'Cut the splice out, and make it anew with a waterproof connector.',
  caution: BOX,
};
