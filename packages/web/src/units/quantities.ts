import type { UnitSystem } from '../api/session';

/** How a quantity that is stored in SI is shown and typed. */
export interface Quantity {
  readonly label: string;
  /** How much of the SI unit one shown unit is. */
  readonly inSi: number;
  readonly decimals: number;
}

export type QuantityName = 'flow' | 'area' | 'pressure';

const LITRES_A_GALLON = 3.785411784;
const SQUARE_METRES_A_SQUARE_FOOT = 0.09290304;
const KILOPASCAL_A_PSI = 6.894757293168;

const QUANTITIES: Record<UnitSystem, Record<QuantityName, Quantity>> = {
  metric: {
    flow: { label: 'L/min', inSi: 1, decimals: 1 },
    area: { label: 'm²', inSi: 1, decimals: 1 },
    pressure: { label: 'kPa', inSi: 1, decimals: 0 },
  },
  us: {
    flow: { label: 'gal/min', inSi: LITRES_A_GALLON, decimals: 1 },
    area: { label: 'sq ft', inSi: SQUARE_METRES_A_SQUARE_FOOT, decimals: 0 },
    pressure: { label: 'psi', inSi: KILOPASCAL_A_PSI, decimals: 0 },
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
