import type { Quantity } from '../format/quantities';
import { storedAmount } from '../format/quantities';

export interface AmountLimits {
  /** In what is stored. */
  readonly least: number;
  readonly most: number;
  /** True: `least` itself is too little. */
  readonly isAbove?: boolean;
}

const PLAIN: Quantity = { label: '', inSi: 1, decimals: 2 };

/** What was typed as a stored amount; null for nothing yet; a sentence for nonsense. */
export function readAmount(
  text: string,
  { least, most, isAbove = false }: AmountLimits,
  quantity = PLAIN,
): number | null | string {
  const clean = text.trim().replace(',', '.').replace('−', '-');
  if (clean === '') return null;
  const typed = Number(clean);
  const unit = quantity.label && ` ${quantity.label}`;
  if (!Number.isFinite(typed)) return 'This is not a number.';
  const stored = storedAmount(typed, quantity);
  const shown = (si: number) => Number((si / quantity.inSi).toPrecision(3));
  if (stored < least || (isAbove && stored <= least))
    return isAbove
      ? `It must be more than ${shown(least)}${unit}.`
      : `It must be ${shown(least)}${unit} or more.`;
  if (stored > most) return `More than ${shown(most)}${unit} cannot be: look again.`;
  return stored;
}

/** The amount where there is one. */
export const amountOf = (read: number | null | string): number | null =>
  typeof read === 'number' ? read : null;

/** The sentence where there is one. */
export const faultOf = (read: number | null | string): string | null =>
  typeof read === 'string' ? read : null;
