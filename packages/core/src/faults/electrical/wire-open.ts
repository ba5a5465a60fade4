import { alone, BOX, type ElectricalFault } from './electrical-fault.js';

export const WIRE_OPEN: ElectricalFault = {
  ...{ code: 'wire-open', name: 'A broken wire or splice', wirings: ['valve-wires'] },
  ...{ shuts: alone, reading: 'open', isNoticed: false },
  shows: 'One station never opens; the timer lights it all the same.',
  tells:
    'No circuit at the terminal. Measure the coil at its valve: whole there, it is the wire or a splice on the way.',
  mend: 'Find the break from splice to splice, and join it with a waterproof connector.',
  caution: `${BOX} Call before you dig.`,
};
