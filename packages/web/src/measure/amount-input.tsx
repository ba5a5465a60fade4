import { shownAmount, type Quantity } from '../format/quantities';
import { BigInput } from './big-input';
import { readAmount, type AmountLimits } from './read-amount';
import { useTypedText } from '../ui/use-typed-text';

interface AmountInputProps {
  readonly label: string;
  readonly quantity: Quantity;
  readonly limits: AmountLimits;
  /** What the yard has; undefined: nothing. */
  readonly stored: number | undefined;
  readonly onKeep: (stored: number | undefined) => void;
}

/** An amount of a station, kept as soon as it can be read. */
export function AmountInput({ label, quantity, limits, stored, onKeep }: AmountInputProps) {
  const typed = useTypedText({
    shown: stored === undefined ? '' : shownAmount(stored, quantity),
    take: (text) => {
      const read = readAmount(text, limits, quantity);
      if (typeof read === 'string') return read;
      onKeep(read ?? undefined);
      return null;
    },
    // What is shown is rounded.
    hold: () => () => onKeep(stored),
  });
  return (
    <BigInput
      label={`${label}, ${quantity.label}`}
      value={typed.text}
      fault={typed.fault}
      onFocus={typed.enter}
      onBlur={typed.leave}
      onType={typed.type}
    />
  );
}
