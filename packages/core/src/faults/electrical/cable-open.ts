import { BOX } from '../hardware-fault.js';
import { beyond, type ElectricalFault } from './electrical-fault.js';

export const CABLE_OPEN: ElectricalFault = {
  ...{ code: 'cable-open', name: 'A broken two-wire cable', wirings: ['two-wire'] },
  powers: ['mains'],
  ...{ shuts: beyond, reading: null, isNoticed: true },
  shows: 'A station and all beyond it never open; those before it do.',
  tells: 'The last unit that answers is before the break, the first silent one behind it.',
  tries: [
    'Find the last unit that answers and the first silent one.',
    'Open the splice of both.',
    'Part the cable between them, and search from either side.',
  ],
  mend: 'Find the break between these two, and join the cable with waterproof connectors.',
  part: 'Two-wire cable and connectors for it',
  caution: `${BOX} Call before you dig.`,
};
