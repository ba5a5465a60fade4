import { formatDate, parseDate } from '@water-clock/core/civil-time';
import { dayOfYearText, readDate } from '../format/typed-dates';
import { useDayOrder } from '../session/use-signed-in';
import { TypedInput } from '../ui/typed-input';
import { useTypedText } from '../ui/use-typed-text';

// A leap year: it has every day that a year can have.
const ANY_YEAR = parseDate('2028-01-01')!;

interface DayOfYearInputProps {
  readonly id?: string;
  readonly label?: string;
  /** `MM-DD`; empty: none. */
  readonly value: string;
  readonly placeholder?: string;
  readonly isDisabled?: boolean;
  readonly onChange: (value: string) => void;
}

/** A day of any year, typed and shown as people write it: "1 May". */
export function DayOfYearInput({
  id,
  label,
  value,
  placeholder = '',
  isDisabled = false,
  onChange,
}: DayOfYearInputProps) {
  const order = useDayOrder();
  const typed = useTypedText({
    shown: dayOfYearText(value),
    take: (text) => {
      const day = readDate(text, order, ANY_YEAR);
      if (day === undefined) return 'A day of the year, such as 1 May';
      onChange(day === null ? '' : formatDate(day).slice(5));
      return null;
    },
  });
  return <TypedInput {...{ id, label, typed, placeholder }} disabled={isDisabled} />;
}
