import { addDays, formatDate, type DayNumber } from '@water-clock/core/civil-time';
import { useDayOrder } from '../session/use-signed-in';
import { DateField } from '../ui/date-field';
import { Field } from '../ui/field';
import type { Story } from './story';
import styles from './diagnosis.module.css';

/** Longer nobody remembers. */
export const MOST_DAYS = 31;

interface WatchedDatesProps {
  readonly dates: { readonly first: DayNumber; readonly last: DayNumber };
  readonly edit: (change: (story: Story) => Story) => void;
}

/** From when to when somebody watched. */
export function WatchedDates({ dates: { first, last }, edit }: WatchedDatesProps) {
  const order = useDayOrder();
  const put = (from: DayNumber, to: DayNumber) =>
    edit((before) => ({ ...before, first: formatDate(from), last: formatDate(to) }));
  const within = (day: DayNumber, from: DayNumber, to: DayNumber): DayNumber =>
    day < from ? from : day > to ? to : day;
  const isLong = last - first >= MOST_DAYS - 1;
  return (
    <div className={styles['dates']}>
      <Field label="Watched from">
        {(id) => (
          <DateField
            {...{ id, order }}
            day={first}
            onChange={(day) => put(day, within(last, day, addDays(day, MOST_DAYS - 1)))}
          />
        )}
      </Field>
      <Field label="to" hint={isLong ? `At most ${MOST_DAYS} days.` : undefined}>
        {(id) => (
          <DateField
            {...{ id, order }}
            day={last}
            onChange={(day) => put(within(first, addDays(day, 1 - MOST_DAYS), day), day)}
          />
        )}
      </Field>
    </div>
  );
}
