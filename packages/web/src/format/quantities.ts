import type { UnitSystem } from './reading';

/** How a quantity that is stored in SI is shown and typed. */
export interface Quantity {
  readonly label: string;
  /** How much of the SI unit one shown unit is. */
  readonly inSi: number;
  readonly decimals: number;
}

export type QuantityName =
  'flow' | 'area' | 'pressure' | 'depth' | 'rate' | 'volume' | 'waterPrice';

const LITRES_A_GALLON = 3.785411784;
const SQUARE_METRES_A_SQUARE_FOOT = 0.09290304;
const KILOPASCAL_A_PSI = 6.894757293168;
const MILLIMETRES_AN_INCH = 25.4;
const LITRES_A_CUBIC_METRE = 1000;

const QUANTITIES: Record<UnitSystem, Record<QuantityName, Quantity>> = {
  metric: {
    flow: { label: 'L/min', inSi: 1, decimals: 1 },
    area: { label: 'm²', inSi: 1, decimals: 1 },
    pressure: { label: 'kPa', inSi: 1, decimals: 0 },
    depth: { label: 'mm', inSi: 1, decimals: 1 },
    rate: { label: 'mm/h', inSi: 1, decimals: 1 },
    volume: { label: 'L', inSi: 1, decimals: 0 },
    waterPrice: { label: 'a m³', inSi: 1, decimals: 4 },
  },
  us: {
    flow: { label: 'gal/min', inSi: LITRES_A_GALLON, decimals: 1 },
    area: { label: 'sq ft', inSi: SQUARE_METRES_A_SQUARE_FOOT, decimals: 0 },
    pressure: { label: 'psi', inSi: KILOPASCAL_A_PSI, decimals: 0 },
    depth: { label: 'in', inSi: MILLIMETRES_AN_INCH, decimals: 2 },
    rate: { label: 'in/h', inSi: MILLIMETRES_AN_INCH, decimals: 2 },
    volume: { label: 'gal', inSi: LITRES_A_GALLON, decimals: 0 },
    // A thousand gallons cost more than a cubic metre: the price goes the other way.
    waterPrice: {
      label: 'a 1,000 gal',
      inSi: LITRES_A_CUBIC_METRE / (1000 * LITRES_A_GALLON),
      decimals: 4,
    },
  },
};

export const quantityIn = (system: UnitSystem, name: QuantityName): Quantity =>
  QUANTITIES[system][name];

/** A stored amount as it is shown, rounded: "5.5". */
export const shownAmount = (si: number, { inSi, decimals }: Quantity): string =>
  String(Number((si / inSi).toFixed(decimals)));

/** A shown amount as it is stored; long tails of the division are cut. */
export const storedAmount = (shown: number, { inSi }: Quantity): number =>
  Number((shown * inSi).toPrecision(12));
