import { ANY_WIRING, MAINS_SIDE, type PartFault } from '../hardware-fault.js';

export const PUMP_CIRCUIT_SHORT: PartFault = {
  ...{ code: 'pump-circuit-short', name: 'A bridged pump relay or master valve' },
  ...{ wirings: ANY_WIRING, powers: ['mains'] },
  shows:
    'Each station is let go as it begins, and the wiring lamp is on; without the pump wire they run.',
  tells: 'Next to no ohms at the terminal of the pump or master valve.',
  tries: [
    'Take the wire off the terminal: does the lamp stay off, it is that circuit.',
    'Measure the coil alone, and the wires alone.',
    'Look at the fuse, and put in one of the same size only.',
  ],
  mend: 'Put in the coil or the relay, or part the wires.',
  part: 'A coil, or a relay of the same voltage',
  caution: `${MAINS_SIDE} The pump itself is wired by a licensed electrician.`,
};
