/** What is cared for: batteries, sensor, filter, backflow preventer, and the timer's winter and spring. */
export const CARES = ['battery', 'sensor', 'filter', 'backflow', 'winter', 'spring'] as const;
export type Care = (typeof CARES)[number];

export const CARE_NAMES: Readonly<Record<Care, string>> = {
  battery: 'The battery',
  sensor: 'The rain sensor',
  filter: 'The filter and the screen',
  backflow: 'The backflow preventer',
  winter: 'Winter shut-down',
  spring: 'Spring start',
};

/** What is said of it once it is done. */
export const CARE_DONE: Readonly<Record<Care, string>> = {
  battery: 'The battery was changed',
  sensor: 'The rain sensor was tried',
  filter: 'The filter and the screen were cleaned',
  backflow: 'The backflow preventer was tested',
  winter: 'Shut down for the winter',
  spring: 'Started for the season',
};
