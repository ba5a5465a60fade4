import { formatDate, parseDate, type DayNumber } from '@water-clock/core/civil-time';
import { useId, useState } from 'react';
import type { Clock } from '../format/reading';
import type { DayOrder } from '../format/typed-dates';
import { DateField } from './date-field';
import styles from './date-field.module.css';
import { TimeInput } from './time-input';

interface MomentFieldProps {
  readonly label: string;
  /** `YYYY-MM-DDTHH:MM:SS`; null: none yet. */
  readonly value: string | null;
  readonly clock: Clock;
  readonly order: DayOrder;
  /** Hears whether date and time can both be read. */
  readonly onReadable?: (isReadable: boolean) => void;
  /** The moment, once it has both a date and a time. */
  readonly onChange: (value: string) => void;
}

/** A date and a time of it, to the second. */
export function MomentField(props: MomentFieldProps) {
  const { label, value, clock, order, onReadable, onChange } = props;
  const labelId = useId();
  // What has been given of a moment that is not whole yet.
  const [begun, setBegun] = useState<{ day: DayNumber | null; time: string }>({
    day: null,
    time: '',
  });
  const [readable, setReadable] = useState({ date: true, time: true });
  const hear = (part: 'date' | 'time') => (isReadable: boolean) => {
    const next = { ...readable, [part]: isReadable };
    setReadable(next);
    onReadable?.(next.date && next.time);
  };
  const [date = '', time = ''] = value?.split('T') ?? [];
  const given = value === null ? begun : { day: parseDate(date), time };
  const set = (fields: Partial<typeof begun>) => {
    const next = { ...given, ...fields };
    setBegun(next);
    if (next.day !== null && next.time !== '') onChange(`${formatDate(next.day)}T${next.time}`);
  };
  return (
    <div role="group" aria-labelledby={labelId} className={styles['moment']}>
      <span id={labelId}>{label}</span>
      <DateField
        label={`${label}, date`}
        day={given.day}
        order={order}
        onReadable={hear('date')}
        onChange={(day) => set({ day })}
      />
      <TimeInput
        label={`${label}, time`}
        value={given.time}
        clock={clock}
        isExact
        placeholder="9:14:05"
        onReadable={hear('time')}
        onChange={(typed) => set({ time: typed })}
      />
    </div>
  );
}
