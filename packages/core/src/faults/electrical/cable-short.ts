import { BOX } from '../hardware-fault.js';
import { all, type ElectricalFault } from './electrical-fault.js';

export const CABLE_SHORT: ElectricalFault = {
  ...{ code: 'cable-short', name: 'A bridged two-wire cable', wirings: ['two-wire'] },
  powers: ['mains'],
  ...{ shuts: all, reading: null, isNoticed: true },
  shows: 'No station opens, and the timer says that its cable draws too much.',
  tells:
    'With the cable parted in its middle, the half that still draws too much holds the short: halve on.',
  tries: [
    'Take the cable off the timer: the fault on the display must go.',
    'Part the cable in its middle, and put one half on; halve on.',
    'At the stretch that is left, open the splices.',
  ],
  mend: 'Join anew the splice or the stretch that is bridged, and what was parted.',
  part: 'Two-wire cable and connectors for it',
  caution: BOX,
};
