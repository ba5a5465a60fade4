import { formatDate, parseDate } from '@water-clock/core/civil-time';
import { App, Button, Input } from 'antd';
import { useState } from 'react';
import {
  changePlannedVisit,
  planVisit,
  removePlannedVisit,
  roundKey,
  type PlannedVisit,
} from '../api/round';
import { rolloutsKey } from '../api/rollouts';
import { useWrite } from '../api/use-write';
import { useSignedIn } from '../session/use-signed-in';
import {
  PlannedVisitFields,
  tomorrowHere,
  type PlannedVisitValues,
} from '../timer-records/planned-visit-fields';
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
  const { modal } = App.useApp();
  // Sent again after no answer was heard, it counts once.
  const [newId] = useState(() => crypto.randomUUID());
  const [values, setValues] = useState<PlannedVisitValues>(() => ({
    day: parseDate(visit.onDate ?? '') ?? tomorrowHere(),
    ...{ personId: planned?.personId ?? person.id, reason: visit.reason },
  }));
  const [notes, setNotes] = useState(planned?.notes ?? '');
  const [minutes, setMinutes] = useState(planned?.minutes ?? null);
  const options = { touches: [roundKey, rolloutsKey], isOfFields: true };
  const { day, ...who } = values;
  const fields = {
    ...{ ...who, onDate: formatDate(day), notes },
    ...(minutes !== null && { minutes }),
  };
  const adding = useWrite('plan-visit', planVisit, options);
  const changing = useWrite('change-planned-visit', changePlannedVisit, options);
  const removing = useWrite('remove-planned-visit', removePlannedVisit, {
    touches: [roundKey, rolloutsKey],
  });
  const save = async () => {
    const done = planned
      ? await changing.write({ ...fields, id: planned.id, version: planned.version })
      : await adding.write({ ...fields, id: newId, propertyId: home.id });
    if (!done) return;
    onPlanned?.(done.answer);
    onClose();
  };
  const remove = async (id: string) => {
    if (await removing.write(id)) onClose();
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
      <div className={styles['plan-visit']}>
        <PlannedVisitFields values={values} onChange={setValues} />
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
              void modal.confirm({
                title: `Remove the visit to ${home.name}?`,
                content: 'Its reason and notes go with it.',
                okText: 'Remove it',
                cancelText: 'Keep it',
                onOk: () => remove(planned.id),
              })
            }
          >
            Remove the visit…
          </Button>
        )}
      </div>
    </Dialog>
  );
}
