import { useQuery } from '@tanstack/react-query';
import { addDays, parseDate, type DayNumber } from '@water-clock/core/civil-time';
import { Input, Select } from 'antd';
import { peopleQuery } from '../api/session';
import { todayHere } from '../format/today';
import { useDayOrder, useSignedIn } from '../session/use-signed-in';
import { DateField } from '../ui/date-field';
import { Field } from '../ui/field';

/** When somebody is to go, who, and what for. */
export interface PlannedVisitValues {
  readonly day: DayNumber;
  readonly personId: string;
  readonly reason: string;
}

/** The day on which a visit is proposed. */
export const tomorrowHere = (): DayNumber => addDays(parseDate(todayHere())!, 1);

interface PlannedVisitFieldsProps {
  readonly values: PlannedVisitValues;
  readonly onChange: (values: PlannedVisitValues) => void;
}

/** The fields of a visit that is planned, of one home or of many. */
export function PlannedVisitFields({ values, onChange }: PlannedVisitFieldsProps) {
  const { person } = useSignedIn();
  const order = useDayOrder();
  const people = useQuery(peopleQuery);
  const change = (changed: Partial<PlannedVisitValues>) => onChange({ ...values, ...changed });
  return (
    <>
      <Field label="On">
        {(id) => (
          <DateField id={id} day={values.day} order={order} onChange={(day) => change({ day })} />
        )}
      </Field>
      <Field label="Who goes">
        {(id) => (
          <Select
            id={id}
            loading={people.isPending}
            value={values.personId}
            options={(people.data ?? [person]).map((one) => ({ value: one.id, label: one.name }))}
            onChange={(personId) => change({ personId })}
          />
        )}
      </Field>
      <Field label="What for">
        {(id) => (
          <Input
            id={id}
            maxLength={500}
            value={values.reason}
            onChange={(event) => change({ reason: event.target.value })}
          />
        )}
      </Field>
    </>
  );
}
