import { addDays, formatDate, parseDate, type DayNumber } from '@water-clock/core/civil-time';
import { useQuery } from '@tanstack/react-query';
import { Button, Input, Select, Skeleton } from 'antd';
import { useState } from 'react';
import {
  changePlannedVisit,
  planVisit,
  removePlannedVisit,
  roundKey,
  type PlannedVisit,
} from '../api/round';
import { peopleQuery } from '../api/session';
import { useWrite } from '../api/use-write';
import { todayHere } from '../format/today';
import { useDayOrder, useSignedIn } from '../session/use-signed-in';
import { DateField } from '../ui/date-field';
import { Dialog } from '../ui/dialog';
import { Field } from '../ui/field';
import { NumberInput } from '../ui/number-input';
import styles from './round.module.css';

const MOST_MINUTES = 1440;

/** A visit that is to be planned, or that was planned already. */
export interface VisitToPlan {
  readonly home: { readonly id: string; readonly name: string };
  readonly reason: string;
  /** Absent: tomorrow. */
  readonly onDate?: string;
  /** Absent: it is a new one. */
  readonly planned?: PlannedVisit;
}

interface PlanVisitDialogProps {
  readonly visit: VisitToPlan;
  readonly onClose: () => void;
  readonly onPlanned?: (visit: PlannedVisit) => void;
}

/** Who is to go to a home, when, and what for. */
export function PlanVisitDialog({ visit, onClose, onPlanned }: PlanVisitDialogProps) {
  const { home, planned } = visit;
  const { person } = useSignedIn();
  const order = useDayOrder();
  const people = useQuery(peopleQuery);
  const [personId, setPersonId] = useState(planned?.personId ?? person.id);
  const [day, setDay] = useState<DayNumber>(
    () => parseDate(visit.onDate ?? '') ?? addDays(parseDate(todayHere())!, 1),
  );
  const [reason, setReason] = useState(visit.reason);
  const [notes, setNotes] = useState(planned?.notes ?? '');
  const [minutes, setMinutes] = useState(planned?.minutes ?? null);
  const options = { touches: [roundKey], isOfFields: true };
  const fields = {
    ...{ personId, onDate: formatDate(day), reason, notes },
    ...(minutes !== null && { minutes }),
  };
  const adding = useWrite('plan-visit', planVisit, options);
  const changing = useWrite('change-planned-visit', changePlannedVisit, options);
  const removing = useWrite('remove-planned-visit', removePlannedVisit, { touches: [roundKey] });
  const save = async () => {
    const done = planned
      ? await changing.write({ ...fields, id: planned.id, version: planned.version })
      : await adding.write({ ...fields, id: crypto.randomUUID(), propertyId: home.id });
    if (!done) return;
    onPlanned?.(done.answer);
    onClose();
  };
  return (
    <Dialog
      open
      title={planned ? `The visit to ${home.name}` : `Plan a visit to ${home.name}`}
      onCancel={onClose}
      okText={planned ? 'Save the visit' : 'Plan it'}
      cancelText={planned ? 'Leave it as it was' : 'Not now'}
      confirmLoading={adding.isWriting || changing.isWriting}
      onOk={() => void save()}
    >
      {people.data ? (
        <div className={styles['plan-visit']}>
          <Field label="On">
            {(id) => <DateField id={id} day={day} order={order} onChange={setDay} />}
          </Field>
          <Field label="Who goes">
            {(id) => (
              <Select
                id={id}
                value={personId}
                options={people.data.map((one) => ({ value: one.id, label: one.name }))}
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
          <Field label="Notes">
            {(id) => (
              <Input.TextArea
                id={id}
                maxLength={2000}
                autoSize={{ minRows: 2, maxRows: 6 }}
                value={notes}
                onChange={(event) => setNotes(event.target.value)}
              />
            )}
          </Field>
          <Field label="Minutes, where you know better">
            {(id) => (
              <NumberInput
                id={id}
                least={1}
                most={MOST_MINUTES}
                isWhole
                width={120}
                value={minutes}
                placeholder="worked out"
                onChange={setMinutes}
                onEmpty={() => setMinutes(null)}
              />
            )}
          </Field>
          {planned && (
            <Button
              danger
              style={{ justifySelf: 'start' }}
              loading={removing.isWriting}
              onClick={() =>
                void removing.write(planned.id).then((done) => {
                  if (done) onClose();
                })
              }
            >
              Take the visit off the plan
            </Button>
          )}
        </div>
      ) : (
        <Skeleton active />
      )}
    </Dialog>
  );
}
