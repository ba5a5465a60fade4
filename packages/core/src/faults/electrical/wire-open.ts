import { ANY_POWER, BOX } from '../hardware-fault.js';
import { alone, type ElectricalFault } from './electrical-fault.js';

export const WIRE_OPEN: ElectricalFault = {
  ...{ code: 'wire-open', name: 'A broken wire or splice', wirings: ['valve-wires'] },
  powers: ANY_POWER,
  ...{ shuts: alone, reading: 'open', isNoticed: false },
  shows: 'One station never opens; the timer lights it all the same.',
  tells:
    'No circuit at the terminal. Measure the coil at its valve: whole there, it is the wire or a splice on the way.',
  tries: [
    'Measure at the terminal, then at the coil in its box with its wires off.',
    "Move the station's wire to a terminal that works: does it run there, it is the timer's output.",
    'Look into the splice in the valve box, and make it anew.',
    'Trace the wire to its break, or take a spare wire of the cable.',
  ],
  mend: 'Find the break from splice to splice, and join it with a waterproof connector.',
  part: 'Wire and waterproof connectors',
  caution: `${BOX} Call before you dig.`,
};
