import { inClock } from '@water-clock/core/words';
import { Input } from 'antd';
import { clsx } from 'clsx';
import { parseClock, parseExactClock } from '../format/lengths';
import type { Clock } from '../format/reading';
import styles from './date-field.module.css';
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
  readonly onChange: (value: string) => void;
}

/** A time of day, typed as people write it and shown as the person reads it. */
export function TimeInput(props: TimeInputProps) {
  const { id, label, value, clock, placeholder = '', isExact = false, onChange } = props;
  const typed = useTypedText({
    shown: inClock(value, clock),
    take: (text) => {
      const time = (isExact ? parseExactClock : parseClock)(text);
      if (time === undefined) return 'A time of day, such as 5:40 or 9 pm';
      onChange(time ?? '');
      return null;
    },
  });
  return (
    <Input
      {...(id !== undefined && { id })}
      {...(label !== undefined && { 'aria-label': label })}
      className={clsx('figures', styles['time'])}
      value={typed.text}
      placeholder={placeholder}
      status={typed.fault ? 'error' : ''}
      title={typed.fault ?? undefined}
      aria-invalid={typed.fault !== null}
      onFocus={(event) => {
        typed.enter();
        event.currentTarget.select();
      }}
      onChange={(event) => typed.type(event.target.value)}
      onBlur={typed.leave}
    />
  );
}
