import { all, BOX, type ElectricalFault } from './electrical-fault.js';

export const CABLE_SHORT: ElectricalFault = {
  ...{ code: 'cable-short', name: 'A bridged two-wire cable', wirings: ['two-wire'] },
  ...{ shuts: all, reading: null, isNoticed: true },
  shows: 'No station opens, and the timer says that its cable draws too much.',
  tells:
    'With the cable parted in its middle, the half that still draws too much holds the short: halve on.',
  mend: 'Join anew the splice or the stretch that is bridged, and what was parted.',
  caution: BOX,
};
