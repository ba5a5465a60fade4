import { alone, BOX, type ElectricalFault } from './electrical-fault.js';

export const COIL_OPEN: ElectricalFault = {
  ...{ code: 'coil-open', name: 'A coil that is burnt through', wirings: ['valve-wires'] },
  ...{ shuts: alone, reading: 'open', isNoticed: false },
  shows: 'One station never opens; the timer lights it all the same.',
  tells:
    'No circuit at the terminal, and none at the coil itself. Turned by hand, the valve opens.',
  mend: 'Put in a coil of the same make and voltage.',
  caution: BOX,
};
