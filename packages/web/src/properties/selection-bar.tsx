import { formatDate } from '@water-clock/core/civil-time';
import { counted } from '@water-clock/core/words';
import { App, Button } from 'antd';
import { useState } from 'react';
import type { PropertyListing } from '../api/properties';
import { planVisit, roundKey } from '../api/round';
import { useWrite } from '../api/use-write';
import { useSignedIn } from '../session/use-signed-in';
import {
  PlannedVisitFields,
  tomorrowHere,
  type PlannedVisitValues,
} from '../timer-records/planned-visit-fields';
import { Dialog } from '../ui/dialog';
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
  // Pressed again after some of them went in, those are not planned twice.
  const [ids] = useState(() => new Map(homes.map(({ id }) => [id, crypto.randomUUID()])));
  const [values, setValues] = useState<PlannedVisitValues>(() => ({
    ...{ day: tomorrowHere(), personId: person.id, reason: '' },
  }));
  const { write, isWriting } = useWrite(
    'plan-visits',
    async () => {
      const { day, ...fields } = values;
      for (const { id: propertyId } of homes)
        await planVisit({
          ...{ ...fields, id: ids.get(propertyId)!, propertyId, notes: '' },
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
      <PlannedVisitFields values={values} onChange={setValues} />
    </Dialog>
  );
}
