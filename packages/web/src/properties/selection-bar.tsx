import { addDays, formatDate, parseDate, type DayNumber } from '@water-clock/core/civil-time';
import { counted } from '@water-clock/core/words';
import { useQuery } from '@tanstack/react-query';
import { App, Button, Input, Select } from 'antd';
import { useState } from 'react';
import type { PropertyListing } from '../api/properties';
import { planVisit, roundKey } from '../api/round';
import { peopleQuery } from '../api/session';
import { useWrite } from '../api/use-write';
import { todayHere } from '../format/today';
import { useDayOrder, useSignedIn } from '../session/use-signed-in';
import { DateField } from '../ui/date-field';
import { Dialog } from '../ui/dialog';
import { Field } from '../ui/field';
import styles from './properties-page.module.css';

interface SelectionBarProps {
  readonly homes: readonly PropertyListing[];
  readonly onClear: () => void;
}

/** What is done with all homes that are chosen, on whichever page of the list. */
export function SelectionBar({ homes, onClear }: SelectionBarProps) {
  const [isPlanning, setPlanning] = useState(false);
  return (
    <div className={styles['properties-search']} role="group" aria-label="With those chosen">
      <strong>{counted(homes.length, 'home')} chosen</strong>
      <Button onClick={() => setPlanning(true)}>Plan visits to all…</Button>
      <Button onClick={onClear}>Choose none</Button>
      {isPlanning && (
        <PlanAllDialog
          homes={homes}
          onClose={() => setPlanning(false)}
          onPlanned={() => {
            setPlanning(false);
            onClear();
          }}
        />
      )}
    </div>
  );
}

interface PlanAllDialogProps {
  readonly homes: readonly PropertyListing[];
  readonly onClose: () => void;
  readonly onPlanned: () => void;
}

/** One visit to each of the homes, on a date, in the order in which they were chosen. */
function PlanAllDialog({ homes, onClose, onPlanned }: PlanAllDialogProps) {
  const { person } = useSignedIn();
  const { message } = App.useApp();
  const order = useDayOrder();
  const people = useQuery(peopleQuery);
  // Pressed again after some of them went in, those are not planned twice.
  const [ids] = useState(() => new Map(homes.map(({ id }) => [id, crypto.randomUUID()])));
  const [personId, setPersonId] = useState(person.id);
  const [day, setDay] = useState<DayNumber>(() => addDays(parseDate(todayHere())!, 1));
  const [reason, setReason] = useState('');
  const { write, isWriting } = useWrite(
    'plan-visits',
    async () => {
      for (const { id: propertyId } of homes)
        await planVisit({
          ...{ id: ids.get(propertyId)!, propertyId, personId, reason, notes: '' },
          onDate: formatDate(day),
        });
    },
    { touches: [roundKey], isOfFields: true },
  );
  const save = async () => {
    if (!(await write())) return;
    void message.success(`${counted(homes.length, 'visit')} planned.`);
    onPlanned();
  };
  return (
    <Dialog
      open
      title={`Plan visits to ${counted(homes.length, 'home')}`}
      onCancel={onClose}
      okText="Plan them all"
      cancelText="Not now"
      confirmLoading={isWriting}
      onOk={() => void save()}
    >
      <Field label="On">
        {(id) => <DateField id={id} day={day} order={order} onChange={setDay} />}
      </Field>
      <Field label="Who goes">
        {(id) => (
          <Select
            id={id}
            value={personId}
            options={(people.data ?? [person]).map((one) => ({ value: one.id, label: one.name }))}
            onChange={setPersonId}
          />
        )}
      </Field>
      <Field label="What for">
        {(id) => (
          <Input
            id={id}
            maxLength={500}
            value={reason}
            onChange={(event) => setReason(event.target.value)}
          />
        )}
      </Field>
    </Dialog>
  );
}
