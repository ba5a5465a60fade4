import 'virtual:component-styles/calendar.css';
import { LeftOutlined, RightOutlined } from '@ant-design/icons';
import { addMonths, civilDateOf, type DayNumber } from '@water-clock/core/civil-time';
import { MONTHS } from '@water-clock/core/words';
import { Button } from 'antd';
import generateCalendar from 'antd/es/calendar/generateCalendar';
import { clsx } from 'clsx';
import { CIVIL_DATES } from './civil-dates';
import styles from './date-field.module.css';

const Calendar = generateCalendar<DayNumber>(CIVIL_DATES);

interface MonthPanelProps {
  /** The day that is marked; the month shown at first is its. */
  readonly day: DayNumber;
  readonly onChoose: (day: DayNumber) => void;
}

/** A month to choose a day from. */
export const MonthPanel = ({ day, onChoose }: MonthPanelProps) => (
  <Calendar
    className={clsx(styles['month'])}
    fullscreen={false}
    defaultValue={day}
    headerRender={({ value, onChange }) => <MonthHead {...{ value, onChange }} />}
    onSelect={(chosen, { source }) => {
      if (source === 'date') onChoose(chosen);
    }}
  />
);

interface MonthHeadProps {
  readonly value: DayNumber;
  readonly onChange: (day: DayNumber) => void;
}

function MonthHead({ value, onChange }: MonthHeadProps) {
  const { year, month } = civilDateOf(value);
  return (
    <div className={styles['month-head']}>
      <Button
        size="small"
        aria-label="Month before"
        icon={<LeftOutlined />}
        onClick={() => onChange(addMonths(value, -1))}
      />
      <span aria-live="polite">
        {MONTHS[month - 1]} {year}
      </span>
      <Button
        size="small"
        aria-label="Month after"
        icon={<RightOutlined />}
        onClick={() => onChange(addMonths(value, 1))}
      />
    </div>
  );
}
