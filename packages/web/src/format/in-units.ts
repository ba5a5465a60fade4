import { quantityIn, shownAmount, type QuantityName } from './quantities';
import type { UnitSystem } from './reading';

/** Amounts as sentences of the core hold them, with what they measure. */
const MEASURED: Readonly<Record<string, QuantityName>> = {
  'L/min': 'flow',
  'mm/h': 'rate',
  mm: 'depth',
  'm²': 'area',
  kPa: 'pressure',
};
const AMOUNT = /(?<![\d.,])(\d+(?:\.\d+)?) (L\/min|mm\/h|mm|m²|kPa)(?![\p{L}\d/²])/gu;

/** A sentence with its amounts in the firm's units: "take 24 L/min" becomes "take 6.3 gal/min". */
export const inUnits = (text: string, units: UnitSystem): string =>
  units === 'metric'
    ? text
    : text.replace(AMOUNT, (whole, amount: string, label: string) => {
        const name = MEASURED[label];
        if (name === undefined) return whole;
        const quantity = quantityIn(units, name);
        return `${shownAmount(Number(amount), quantity)} ${quantity.label}`;
      });
