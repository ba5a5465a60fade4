import { Input } from 'antd';
import { inClock } from '@water-clock/core/words';
import { parseClock } from '../format/lengths';
import type { Clock } from '../format/reading';
import { useTypedText } from './use-typed-text';

interface TimeInputProps {
  readonly id: string;
  /** `HH:MM`; empty: none. */
  readonly value: string;
  /** How the person reads times. */
  readonly clock: Clock;
  /** What an empty field means. */
  readonly placeholder: string;
  readonly onChange: (value: string) => void;
}

/** A time of day, typed as people write it and shown as the person reads it. */
export function TimeInput({ id, value, clock, placeholder, onChange }: TimeInputProps) {
  const typed = useTypedText({
    shown: inClock(value, clock),
    take: (text) => {
      const time = parseClock(text);
      if (time === undefined) return 'A time of day, such as 5:40 or 9 pm';
      onChange(time ?? '');
      return null;
    },
  });
  return (
    <Input
      id={id}
      className="figures"
      value={typed.text}
      placeholder={placeholder}
      status={typed.fault ? 'error' : ''}
      title={typed.fault ?? undefined}
      aria-invalid={typed.fault !== null}
      onFocus={typed.enter}
      onChange={(event) => typed.type(event.target.value)}
      onBlur={typed.leave}
    />
  );
}
