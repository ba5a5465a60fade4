import { BOX } from '../hardware-fault.js';
import { alone, type ElectricalFault } from './electrical-fault.js';

export const UNIT_SILENT: ElectricalFault = {
  ...{ code: 'unit-silent', name: 'A valve unit that does not answer', wirings: ['two-wire'] },
  powers: ['mains'],
  ...{ shuts: alone, reading: null, isNoticed: true },
  shows: 'One station never opens, and its unit does not answer a search.',
  tells:
    'The units beyond it answer: the cable is whole. Ohms say nothing on two wires; its own test does.',
  tries: [
    "Search for its number with the timer's own test.",
    'Make its splice to the cable anew.',
    "Try it at the timer's end of the cable: does it answer there, the cable is at fault.",
    'Look that its number is the one of its station.',
  ],
  mend: 'Make its splice anew; still silent, put in another unit, and tell the timer its number.',
  part: 'A valve unit, to be told its number',
  caution: BOX,
};
