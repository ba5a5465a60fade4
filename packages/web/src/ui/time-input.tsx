import { inClock } from '@water-clock/core/words';
import { clsx } from 'clsx';
import { parseClock, parseExactClock } from '../format/lengths';
import type { Clock } from '../format/reading';
import styles from './date-field.module.css';
import { wanting } from './keys-wanted';
import { TypedInput } from './typed-input';
import { useTypedText } from './use-typed-text';

interface TimeInputProps {
  readonly id?: string;
  readonly label?: string;
  /** `HH:MM`; empty: none. */
  readonly value: string;
  /** How the person reads times. */
  readonly clock: Clock;
  /** What an empty field means. */
  readonly placeholder?: string;
  /** To the second, as `HH:MM:SS`. */
  readonly isExact?: boolean;
  /** There is no hour without it: an empty field is not taken. */
  readonly isNeeded?: boolean;
  readonly onReadable?: (isReadable: boolean) => void;
  readonly onChange: (value: string) => void;
}

/** A time of day, typed as people write it and shown as the person reads it. */
export function TimeInput(props: TimeInputProps) {
  const {
    id,
    label,
    value,
    clock,
    placeholder = '',
    isExact = false,
    isNeeded = false,
    onReadable,
    onChange,
  } = props;
  const typed = useTypedText({
    shown: inClock(value, clock),
    onReadable,
    take: (text) => {
      const time = (isExact ? parseExactClock : parseClock)(text);
      if (time === undefined || (isNeeded && time === null))
        return 'A time of day, such as 5:40 or 9 pm';
      onChange(time ?? '');
      return null;
    },
  });
  return (
    <TypedInput
      {...{ id, label, typed, placeholder }}
      {...wanting('time')}
      className={clsx('figures', styles['time'])}
    />
  );
}
