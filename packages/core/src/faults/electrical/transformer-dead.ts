import { all, MAINS_SIDE, type ElectricalFault } from './electrical-fault.js';

export const TRANSFORMER_DEAD: ElectricalFault = {
  ...{ code: 'transformer-dead', name: 'No 24 volts from its transformer' },
  wirings: ['valve-wires', 'two-wire'],
  ...{ shuts: all, reading: 'fine', isNoticed: false },
  shows: 'No station opens; a display on a battery may still count the hours.',
  tells: 'Coils read whole, and between the two terminals of the transformer there is no voltage.',
  mend: 'Look at the plug, the breaker and the fuse; then a transformer of the same voltage and no less power.',
  caution: MAINS_SIDE,
};
