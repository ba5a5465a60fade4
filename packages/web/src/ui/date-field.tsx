import { CalendarOutlined } from '@ant-design/icons';
import { addDays, parseDate, type DayNumber } from '@water-clock/core/civil-time';
import { Button, Input, Popover, Tooltip } from 'antd';
import { useState } from 'react';
import { dateInField, readDate, type DayOrder } from '../format/typed-dates';
import { todayHere } from '../format/today';
import styles from './date-field.module.css';
import { later } from './later';
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
  readonly onChange: (day: DayNumber) => void;
}

/** A date, typed as people write it or chosen from a month; the arrow keys go a day on or back. */
export function DateField({ id, label, day, order, onChange }: DateFieldProps) {
  const [isOpen, setOpen] = useState(false);
  const today = parseDate(todayHere())!;
  const typed = useTypedText({
    shown: day === null ? '' : dateInField(day),
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
    <Tooltip title={typed.fault} open={typed.fault !== null && !isOpen}>
      <Input
        {...(id !== undefined && { id })}
        {...(label !== undefined && { 'aria-label': label })}
        className={styles['date']}
        value={typed.text}
        placeholder="9 Jun 2026"
        status={typed.fault ? 'error' : ''}
        aria-invalid={typed.fault !== null}
        onFocus={(event) => {
          typed.enter();
          event.currentTarget.select();
        }}
        onChange={(event) => typed.type(event.target.value)}
        onBlur={typed.leave}
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
    </Tooltip>
  );
}

const EXAMPLE = 'A date, such as 9 Jun 2026';
