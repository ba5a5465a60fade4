import { useRef, useState } from 'react';
import { shownAmount, type Quantity } from '../format/quantities';
import { BigInput } from './big-input';
import { faultOf, readAmount, type AmountLimits } from './read-amount';

interface AmountInputProps {
  readonly label: string;
  readonly quantity: Quantity;
  readonly limits: AmountLimits;
  /** What the yard has; undefined: nothing. */
  readonly stored: number | undefined;
  readonly onKeep: (stored: number | undefined) => void;
}

/** An amount of a station, kept as soon as it can be read; nonsense leaves what was there before. */
export function AmountInput({ label, quantity, limits, stored, onKeep }: AmountInputProps) {
  const shown = stored === undefined ? '' : shownAmount(stored, quantity);
  const [draft, setDraft] = useState<string | null>(null);
  const before = useRef(stored);
  const fault = draft === null ? null : faultOf(readAmount(draft, limits, quantity));
  return (
    <BigInput
      label={`${label}, ${quantity.label}`}
      value={draft ?? shown}
      fault={fault}
      onFocus={() => {
        if (fault === null) before.current = stored;
      }}
      onBlur={() => fault === null && setDraft(null)}
      onType={(text) => {
        setDraft(text);
        const read = readAmount(text, limits, quantity);
        onKeep(typeof read === 'string' ? before.current : (read ?? undefined));
      }}
    />
  );
}
