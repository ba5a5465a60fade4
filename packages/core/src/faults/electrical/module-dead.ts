import { MAINS_SIDE } from '../hardware-fault.js';
import { type ElectricalFault } from './electrical-fault.js';

/** Modules of most timers that have any are of four stations. */
const STATIONS_A_MODULE = 4;

export const MODULE_DEAD: ElectricalFault = {
  ...{ code: 'module-dead', name: 'A dead station module', wirings: ['valve-wires'] },
  powers: ['mains'],
  shuts: (stations, at) => {
    const module = Math.floor((at - 1) / STATIONS_A_MODULE);
    return stations.filter((station) => Math.floor((station - 1) / STATIONS_A_MODULE) === module);
  },
  ...{ reading: 'fine', isNoticed: false },
  shows: 'The stations of one module never open, those of the others do.',
  tells:
    'Their coils read whole, and there is no voltage at their terminals while they are on. In another place the module is dead as well.',
  tries: [
    'Power off, take the module out, seat it again.',
    'Look for ants, damp and burnt places behind it.',
    'Put it into another place: dead there as well, it is the module; alive there, it is the place.',
    'Measure the voltage at one of its terminals while its station is on.',
  ],
  mend: 'Seat the module again; still dead, put in another one of its make.',
  part: 'A module of the same make',
  caution: MAINS_SIDE,
};
