/** What can be wrong with a station that is seen running. */
export const STATION_FAULTS = [
  'head-broken',
  'head-tilted',
  'head-clogged',
  'leak',
  'low-pressure',
  'valve-stuck',
  'no-valve',
  'wrong-area',
  'wet-place',
] as const;
export type StationFault = (typeof STATION_FAULTS)[number];

export const FAULT_NAMES: Readonly<Record<StationFault, string>> = {
  'head-broken': 'Head broken',
  'head-tilted': 'Head tilted',
  'head-clogged': 'Head clogged',
  leak: 'Leak',
  'low-pressure': 'Low pressure',
  'valve-stuck': 'Valve does not shut',
  'no-valve': 'No valve opens',
  'wrong-area': 'Waters the wrong area',
  'wet-place': 'Wet where it should not be',
};
