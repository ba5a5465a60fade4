import { alone, BOX, type ElectricalFault } from './electrical-fault.js';

export const UNIT_SILENT: ElectricalFault = {
  ...{ code: 'unit-silent', name: 'A valve unit that does not answer', wirings: ['two-wire'] },
  ...{ shuts: alone, reading: null, isNoticed: true },
  shows: 'One station never opens, and its unit does not answer a search.',
  tells:
    'The units beyond it answer: the cable is whole. Ohms say nothing on two wires; its own test does.',
  mend: 'Make its splice anew; still silent, put in another unit, and tell the timer its number.',
  caution: BOX,
};
