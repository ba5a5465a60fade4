import {
  addDays,
  addSeconds,
  dayOf,
  formatDateTime,
  parseDateTime,
  parseTimeOfDay,
  startOfDay,
  type DayNumber,
} from '@water-clock/core/civil-time';
import { Button, Segmented, Select } from 'antd';
import { useState } from 'react';
import { useClock, useDayOrder } from '../session/use-signed-in';
import { DateField } from '../ui/date-field';
import { Field } from '../ui/field';
import { TimeInput } from '../ui/time-input';
import type { Told } from './story';
import { MOST_DAYS } from './watched-dates';
import { stationName, WHAT_NAMES, type StationName } from './told-words';
import styles from './diagnosis.module.css';

const NOBODY_KNOWS = 0;
const A_MINUTE = 60;
const AN_HOUR = 3600;

interface ToldEditorProps {
  readonly told: Told;
  readonly stations: readonly StationName[];
  /** All that is watched. */
  readonly dates: { readonly first: DayNumber; readonly last: DayNumber };
  readonly onChange: (told: Told) => void;
  readonly onRemove: () => void;
  readonly onClose: () => void;
}

/** One thing that was told, to be told more exactly. */
export function ToldEditor({
  told,
  stations,
  dates,
  onChange,
  onRemove,
  onClose,
}: ToldEditorProps) {
  const clock = useClock();
  const order = useDayOrder();
  const [farDay, setFarDay] = useState(false);
  const { what, from, to, station } = told;
  const day = dayOf(parseDateTime(from)!);
  const at = (date: DayNumber, time: string) =>
    addSeconds(startOfDay(date), (parseTimeOfDay(time) ?? 0) * A_MINUTE);
  /** An end before its begin is of the next day. */
  const put = (date: DayNumber, begin: string, end: string | null) => {
    const begins = at(date, begin);
    const sameDay = end === null ? null : at(date, end);
    const ends = sameDay !== null && sameDay <= begins ? at(addDays(date, 1), end!) : sameDay;
    onChange({
      ...told,
      from: formatDateTime(begins),
      to: ends === null ? null : formatDateTime(ends),
    });
  };
  const change = (next: Told['what']) => {
    const end = to ?? formatDateTime(addSeconds(parseDateTime(from)!, AN_HOUR));
    onChange({ ...told, what: next, ...(next !== 'watered' && { to: end }) });
  };
  const [begin, end] = [from.slice(11, 16), to?.slice(11, 16) ?? null];
  return (
    <div className={styles['editor']} role="group" aria-label="What was seen then">
      <div className={styles['editor-head']}>
        <Segmented<Told['what']>
          aria-label="What it was"
          value={what}
          options={(['watered', 'dry', 'rain'] as const).map((value) => ({
            value,
            label: WHAT_NAMES[value],
          }))}
          onChange={change}
        />
        <Button onClick={onRemove}>Take it away</Button>
        <Button onClick={onClose}>Done</Button>
      </div>
      <Field
        label="Date"
        fault={farDay ? `Not more than ${MOST_DAYS} days from the rest: it stays as it was.` : null}
      >
        {(id) => (
          <DateField
            {...{ id, day, order }}
            onChange={(date) => {
              const isFar =
                Math.max(dates.last, date) - Math.min(dates.first, date) >= 2 * MOST_DAYS;
              setFarDay(isFar);
              if (!isFar) put(date, begin, end);
            }}
          />
        )}
      </Field>
      <Field label="From">
        {(id) => (
          <TimeInput
            {...{ id, clock }}
            value={begin}
            isNeeded
            onChange={(time) => put(day, time, end)}
          />
        )}
      </Field>
      <Field label="To">
        {(id) => (
          <TimeInput
            {...{ id, clock }}
            value={end ?? ''}
            placeholder="at that moment"
            isNeeded={what !== 'watered'}
            onChange={(time) => put(day, begin, time === '' ? null : time)}
          />
        )}
      </Field>
      {what !== 'rain' && (
        <Field label="Where">
          {(id) => (
            <Select
              id={id}
              value={station ?? NOBODY_KNOWS}
              popupMatchSelectWidth={false}
              options={[
                {
                  value: NOBODY_KNOWS,
                  label: what === 'dry' ? 'everywhere' : 'nobody knows where',
                },
                ...stations.map((one) => ({ value: one.number, label: stationName(one) })),
              ]}
              onChange={(value) =>
                onChange({ ...told, station: value === NOBODY_KNOWS ? null : value })
              }
            />
          )}
        </Field>
      )}
    </div>
  );
}
