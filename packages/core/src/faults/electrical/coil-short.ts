import { ANY_POWER, BOX } from '../hardware-fault.js';
import { alone, type ElectricalFault } from './electrical-fault.js';

export const COIL_SHORT: ElectricalFault = {
  ...{ code: 'coil-short', name: 'A coil or wires that are bridged', wirings: ['valve-wires'] },
  powers: ANY_POWER,
  ...{ shuts: alone, reading: 'short', isNoticed: true },
  shows:
    'One station never opens; the timer lets it go, and its wiring lamp says so, or a fuse is gone.',
  tells:
    'Next to no ohms at the terminal. With the coil taken off: no circuit, and it is the coil; still bridged, and it is the wires.',
  tries: [
    'Take the coil off in its box, and measure the wires alone.',
    'Measure the coil alone, beside a new one.',
    'Look at the fuse, and put in one of the same size only.',
  ],
  mend: 'Put in a coil, or part the wires; change the fuse for one of the same size.',
  part: 'A coil of the same make and voltage',
  caution: BOX,
};
