import { beyond, BOX, type ElectricalFault } from './electrical-fault.js';

export const CABLE_OPEN: ElectricalFault = {
  ...{ code: 'cable-open', name: 'A broken two-wire cable', wirings: ['two-wire'] },
  ...{ shuts: beyond, reading: null, isNoticed: true },
  shows: 'A station and all beyond it never open; those before it do.',
  tells: 'The last unit that answers is before the break, the first silent one behind it.',
  mend: 'Find the break between these two, and join the cable with waterproof connectors.',
  caution: `${BOX} Call before you dig.`,
};
