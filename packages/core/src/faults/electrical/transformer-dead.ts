import { ANY_WIRING, MAINS_SIDE } from '../hardware-fault.js';
import { all, type ElectricalFault } from './electrical-fault.js';

export const TRANSFORMER_DEAD: ElectricalFault = {
  ...{ code: 'transformer-dead', name: 'No 24 volts from its transformer' },
  ...{ wirings: ANY_WIRING, powers: ['mains'] },
  ...{ shuts: all, reading: 'fine', isNoticed: false },
  shows: 'No station opens; a display on a battery may still count the hours.',
  tells: 'Coils read whole, and between the two terminals of the transformer there is no voltage.',
  tries: [
    'Look at the plug, the switch and the breaker.',
    'Look at the fuse.',
    'Take all field wires off: volts come back, so something outside draws too much.',
    'Measure between its two terminals.',
  ],
  mend: 'Look at the plug, the breaker and the fuse; then a transformer of the same voltage and no less power.',
  part: 'A transformer of the same voltage and no less power',
  caution: MAINS_SIDE,
};
