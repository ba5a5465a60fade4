import { ANY_WIRING, MAINS_SIDE, type PartFault } from '../hardware-fault.js';

export const PUMP_CIRCUIT_OPEN: PartFault = {
  ...{ code: 'pump-circuit-open', name: 'No circuit at the pump relay or master valve' },
  ...{ wirings: ANY_WIRING, powers: ['mains'] },
  shows: 'Every station lights, and none gets water, or next to none.',
  tells: 'Coils of the stations read whole, that of the master valve or the relay reads open.',
  tries: [
    'Look that the stations ask for the pump, in the settings.',
    'Measure at the terminal of the pump or master valve.',
    'Measure at the coil of the relay or the master valve, its wires off.',
    'Open the master valve by hand: the stations run.',
  ],
  mend: 'Join its wire, or put in the coil or the relay.',
  part: 'A coil, or a relay of the same voltage',
  caution: `${MAINS_SIDE} The pump itself is wired by a licensed electrician.`,
};
