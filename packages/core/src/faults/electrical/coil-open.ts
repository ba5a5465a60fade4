import { ANY_POWER, BOX } from '../hardware-fault.js';
import { alone, type ElectricalFault } from './electrical-fault.js';

export const COIL_OPEN: ElectricalFault = {
  ...{ code: 'coil-open', name: 'A coil that is burnt through', wirings: ['valve-wires'] },
  powers: ANY_POWER,
  ...{ shuts: alone, reading: 'open', isNoticed: false },
  shows: 'One station never opens; the timer lights it all the same.',
  tells:
    'No circuit at the terminal, and none at the coil itself. Turned by hand, the valve opens.',
  tries: [
    'Turn the coil by hand: water comes, so the valve itself is well.',
    'Measure the coil alone, with its wires off.',
    'Swap it with the coil beside it for a try.',
  ],
  mend: 'Put in a coil of the same make and voltage.',
  part: 'A coil of the same make and voltage',
  caution: BOX,
};
