import type { YardStation } from '@water-clock/core/yards';

const CUPS = { mouthSquareCentimetres: 83, minutes: 10, cupsInRow: 4, on: '2026-05-18' };

/** What the yard of the first demo home is known to be. */
export const PLUM_YARD: Readonly<Record<number, Partial<YardStation>>> = {
  1: {
    plant: 'cool turf',
    sun: 'full',
    soil: 'clay loam',
    slopePercent: 4,
    areaSquareMetres: 34,
    flowLpm: 22,
    runoffSeconds: 380,
  },
  2: {
    plant: 'cool turf',
    sun: 'full',
    soil: 'clay loam',
    slopePercent: 2,
    areaSquareMetres: 48,
    flowLpm: 29,
    catchTest: { ...CUPS, millilitres: [58, 61, 55, 38, 63, 66, 52, 31, 57, 60, 49, 28] },
  },
  3: {
    plant: 'cool turf',
    sun: 'part',
    soil: 'clay loam',
    slopePercent: 2,
    areaSquareMetres: 40,
    flowLpm: 24,
  },
  4: {
    plant: 'cool turf',
    sun: 'full',
    soil: 'loam',
    slopePercent: 1,
    areaSquareMetres: 110,
    flowLpm: 26,
  },
  5: { plant: 'cool turf', sun: 'part', soil: 'loam', areaSquareMetres: 96, flowLpm: 24 },
  6: {
    plant: 'warm turf',
    sun: 'full',
    soil: 'clay loam',
    slopePercent: 9,
    areaSquareMetres: 62,
    flowLpm: 11,
  },
  7: { sun: 'part', soil: 'loam', areaSquareMetres: 18, flowLpm: 6 },
  8: { sun: 'full', soil: 'loam', areaSquareMetres: 12, flowLpm: 4, school: 'minute' },
  9: { sun: 'full', soil: 'sandy loam', areaSquareMetres: 9, flowLpm: 7.5 },
  10: { sun: 'full', soil: 'loam', areaSquareMetres: 14, flowLpm: 5 },
  11: { sun: 'shade' },
};
