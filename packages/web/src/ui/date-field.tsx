import { CalendarOutlined } from '@ant-design/icons';
import { addDays, parseDate, type DayNumber } from '@water-clock/core/civil-time';
import { Button, Popover } from 'antd';
import { clsx } from 'clsx';
import { useState } from 'react';
import { dateInField, readDate, type DayOrder } from '../format/typed-dates';
import { todayHere } from '../format/today';
import styles from './date-field.module.css';
import { later } from './later';
import { TypedInput } from './typed-input';
import { useTypedText } from './use-typed-text';

// Most dates are typed or left alone: the calendar is loaded for the first that is looked up.
const MonthPanel = later(() => import('./month-panel'), 'MonthPanel');

const STEPS: Readonly<Record<string, number>> = { ArrowUp: 1, ArrowDown: -1 };

interface DateFieldProps {
  readonly id?: string;
  readonly label?: string;
  /** Null: none yet. */
  readonly day: DayNumber | null;
  /** How the person reads a date of numbers. */
  readonly order: DayOrder;
  readonly onReadable?: (isReadable: boolean) => void;
  readonly onChange: (day: DayNumber) => void;
}

/** A date, typed as people write it or chosen from a month; the arrow keys go a day on or back. */
export function DateField(props: DateFieldProps) {
  const { id, label, day, order, onReadable, onChange } = props;
  const [isOpen, setOpen] = useState(false);
  const today = parseDate(todayHere())!;
  const typed = useTypedText({
    shown: day === null ? '' : dateInField(day),
    onReadable,
    take: (text) => {
      const date = readDate(text, order, today) ?? null;
      // Nothing was there, and nothing is: it has not been filled in yet.
      if (date === null) return text === '' && day === null ? null : EXAMPLE;
      if (date !== day) onChange(date);
      return null;
    },
  });
  const choose = (chosen: DayNumber) => {
    typed.forget();
    setOpen(false);
    onChange(chosen);
  };
  return (
    <TypedInput
      {...{ id, label, typed }}
      isCovered={isOpen}
      className={clsx(styles['date'])}
      placeholder="9 Jun 2026"
      onKeyDown={(event) => {
        if (event.key === 'Escape' && typed.isTyped) {
          typed.restore();
          event.stopPropagation();
        }
        const step = STEPS[event.key];
        if (step === undefined || day === null) return;
        event.preventDefault();
        typed.forget();
        onChange(addDays(day, step));
      }}
      suffix={
        <Popover
          trigger="click"
          placement="bottom"
          open={isOpen}
          onOpenChange={setOpen}
          content={<MonthPanel day={day ?? today} onChoose={choose} />}
        >
          <Button
            type="text"
            size="small"
            icon={<CalendarOutlined />}
            aria-label={`${label ?? 'Date'}: choose from a month`}
          />
        </Popover>
      }
    />
  );
}

const EXAMPLE = 'A date, such as 9 Jun 2026';
