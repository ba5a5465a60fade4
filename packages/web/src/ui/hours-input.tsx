import { DeleteOutlined, PlusOutlined } from '@ant-design/icons';
import { withChanges } from '@water-clock/core/kernel';
import { DailyHours } from '@water-clock/core/settings';
import { Button, Checkbox } from 'antd';
import { WEEKDAY_OPTIONS } from '../format/weekday-options';
import type { Clock } from '../format/reading';
import fieldStyles from './field.module.css';
import styles from './hours-input.module.css';
import { TimeInput } from './time-input';

const DAY = { from: '10:00', to: '18:00' };
const NIGHT = { from: '20:00', to: '07:00' };

interface HoursInputProps {
  readonly hours: readonly DailyHours[];
  readonly clock: Clock;
  /** Nothing waters in them; otherwise they are the only ones in which anything does. */
  readonly areDry?: boolean;
  /** What is wrong with the hours at a place of the list. */
  readonly faultAt?: (index: number) => string | undefined;
  readonly onChange: (hours: DailyHours[]) => void;
}

/** Hours of the day, each with the weekdays on which they begin. */
export function HoursInput({ hours, clock, areDry = true, faultAt, onChange }: HoursInputProps) {
  const set = (index: number, fields: Partial<DailyHours>) =>
    onChange(hours.map((one, at) => (at === index ? withChanges(one, fields) : one)));
  return (
    <div className={styles['hours-input']}>
      {hours.map(({ from, to, weekdays }, index) => (
        <div key={index} className={styles['hours-line']}>
          <TimeInput
            label={areDry ? 'Never from' : 'Waters from'}
            clock={clock}
            isNeeded
            value={from}
            onChange={(time) => set(index, { from: time })}
          />
          <span>to</span>
          <TimeInput
            label="to"
            clock={clock}
            isNeeded
            value={to}
            onChange={(time) => set(index, { to: time })}
          />
          <Checkbox.Group
            aria-label="on which they begin"
            options={WEEKDAY_OPTIONS}
            value={weekdays}
            onChange={(chosen) => set(index, { weekdays: chosen.toSorted((a, b) => a - b) })}
          />
          <Button
            size="small"
            icon={<DeleteOutlined />}
            aria-label="Remove these hours"
            onClick={() => onChange(hours.filter((_, at) => at !== index))}
          />
          {faultAt?.(index) && (
            <span className={fieldStyles['field-fault']} role="alert">
              {faultAt(index)}
            </span>
          )}
        </div>
      ))}
      <Button
        size="small"
        icon={<PlusOutlined />}
        onClick={() => onChange([...hours, { ...new DailyHours(), ...(areDry ? DAY : NIGHT) }])}
      >
        Add hours
      </Button>
    </div>
  );
}
