import { Input } from 'antd';
import { useState } from 'react';
import { inClock } from '@water-clock/core/words';
import { parseClock } from '../format/lengths';
import type { Clock } from '../format/reading';

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
  const [draft, setDraft] = useState<string | null>(null);
  const isWrong = draft !== null && parseClock(draft) === undefined;
  return (
    <Input
      id={id}
      className="figures"
      value={draft ?? inClock(value, clock)}
      placeholder={placeholder}
      status={isWrong ? 'error' : ''}
      title={isWrong ? 'A time of day, such as 5:40 or 9 pm' : undefined}
      aria-invalid={isWrong}
      onChange={(event) => {
        const typed = event.target.value;
        setDraft(typed);
        const time = parseClock(typed);
        if (time !== undefined) onChange(time ?? '');
      }}
      onBlur={() => setDraft(null)}
    />
  );
}
