import { PROPERTY_FORMAT } from '@water-clock/core/property-file';
import { PLAN_FORMAT } from '@water-clock/core/settings';
import { GENERIC_TYPES } from '@water-clock/core/timer-types';
import { YARD_FORMAT } from '@water-clock/core/yards';

const TYPE = 'wall-6';

const YARD = [
  { name: 'Front lawn', head: 'spray', plant: 'cool turf', sun: 'full', soil: 'clay loam' },
  { name: 'Side strip', head: 'spray', plant: 'cool turf', sun: 'part', soil: 'clay loam' },
  { name: 'Back lawn', head: 'rotor', plant: 'cool turf', sun: 'full', soil: 'loam' },
  { name: 'Shrubs', head: 'drip', plant: 'shrubs', sun: 'part', soil: 'loam' },
];

const minutes = (...lengths: number[]) =>
  lengths.flatMap((length, index) =>
    length > 0 ? [{ station: index + 1, seconds: length * 60 }] : [],
  );

/**
 * A made-up home to try things at, as a property file: a program that was given a start for each of its stations, and
 * one that runs into it once in a while.
 */
export function practiceHome(): object {
  const type = GENERIC_TYPES.find(({ key }) => key === TYPE)!;
  const stations = YARD.map((station, index) => ({ number: index + 1, ...station }));
  return {
    format: PROPERTY_FORMAT,
    id: crypto.randomUUID(),
    property: {
      name: 'Practice home',
      address: '1 Trial Lane',
      gateNotes:
        'Nobody lives here. Change what you like; archive it and erase it when you are done.',
      timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    },
    timers: [
      {
        id: crypto.randomUUID(),
        name: 'Practice timer',
        settings: {
          format: PLAN_FORMAT,
          timer: type.timer,
          stations: stations.map(({ number, name, head }) => ({ number, name, head })),
          programs: [
            {
              id: 'A',
              starts: ['04:00', '04:20', '04:40'],
              days: { mode: 'weekdays', weekdays: [1, 4, 6] },
              runs: minutes(15, 15, 30),
            },
            {
              id: 'B',
              starts: ['05:00'],
              days: { mode: 'interval', everyDays: 5, anchor: '2026-06-01' },
              runs: minutes(0, 0, 0, 45),
            },
          ],
        },
        yard: { format: YARD_FORMAT, stations },
      },
    ],
  };
}
