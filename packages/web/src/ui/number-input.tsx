import { numberHint, readNumber, type NumberLimits } from '../format/numbers';
import { wanting } from './keys-wanted';
import { TypedInput } from './typed-input';
import { useTypedText } from './use-typed-text';

interface NumberInputProps extends NumberLimits {
  readonly id?: string | undefined;
  readonly label?: string;
  readonly value: number | null;
  readonly suffix?: string;
  readonly placeholder?: string;
  readonly disabled?: boolean;
  readonly isSmall?: boolean;
  readonly hasFocus?: boolean;
  readonly width?: number | string;
  /** By how much the arrow keys change it. */
  readonly step?: number;
  readonly onChange: (value: number) => void;
  /** Takes an empty field; absent: it may not be empty. */
  readonly onEmpty?: () => void;
}

/** A number that is typed: what cannot be read stays in its place, and says what is asked for. */
export function NumberInput(props: NumberInputProps) {
  const { id, label, value, least, most, isWhole, step = 1, onChange, onEmpty } = props;
  const { suffix, placeholder, disabled = false, hasFocus = false } = props;
  const limits = { least, most, isWhole };
  const typed = useTypedText({
    shown: value === null ? '' : String(value),
    take: (text) => {
      const read = readNumber(text, limits);
      if (typeof read === 'string') return read;
      if (read !== null) onChange(read);
      else if (onEmpty) onEmpty();
      else return numberHint(limits);
      return null;
    },
  });
  const stepBy = (by: number) => {
    const next = (value ?? least ?? 0) + by;
    onChange(Math.min(Math.max(next, least ?? -Infinity), most ?? Infinity));
    typed.forget();
  };
  const steps: Record<string, number> = { ArrowUp: step, ArrowDown: -step };
  return (
    <TypedInput
      {...{ id, label, typed }}
      classNames={{ input: 'figures' }}
      style={{ width: props.width ?? '100%' }}
      size={props.isSmall ? 'small' : 'middle'}
      {...wanting(least !== undefined && least < 0 ? 'signed' : isWhole ? 'whole' : 'number')}
      {...(suffix !== undefined && { suffix })}
      {...(placeholder !== undefined && { placeholder })}
      disabled={disabled}
      autoFocus={hasFocus}
      onKeyDown={(event) => {
        const by = steps[event.key];
        if (by === undefined) return;
        event.preventDefault();
        stepBy(by);
      }}
    />
  );
}

type FormNumberProps = Omit<NumberInputProps, 'value' | 'onChange' | 'onEmpty'> & {
  // A form gives these to what stands in it.
  readonly value?: number | null;
  readonly onChange?: (value: number | null) => void;
};

/** The same within a form's item; empty is no number. */
export const FormNumber = ({ value = null, onChange, ...rest }: FormNumberProps) => (
  <NumberInput
    {...rest}
    value={value}
    onChange={(number) => onChange?.(number)}
    onEmpty={() => onChange?.(null)}
  />
);
