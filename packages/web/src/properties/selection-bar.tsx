import { formatDate } from '@water-clock/core/civil-time';
import { counted } from '@water-clock/core/words';
import { App, Button } from 'antd';
import { useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import {
  pageOfPropertiesQuery,
  propertiesKey,
  setArchived,
  type PropertyListing,
} from '../api/properties';
import { planVisit, roundKey } from '../api/round';
import { troubleInWords } from '../api/client';
import { useWrite } from '../api/use-write';
import { useMayChange, useSignedIn } from '../session/use-signed-in';
import { SaveForOffline } from '../timer-records/save-for-offline';
import {
  PlannedVisitFields,
  tomorrowHere,
  type PlannedVisitValues,
} from '../timer-records/planned-visit-fields';
import { Dialog } from '../ui/dialog';
import { later } from '../ui/later';
import type { Search } from './use-found-homes';
import styles from './properties-page.module.css';

const NewChangeDialog = later(
  () => import('../timer-records/new-change-dialog'),
  'NewChangeDialog',
);

/** Nobody means more than these by one press. */
const MOST_CHOSEN = 500;

interface SelectionBarProps {
  readonly homes: readonly PropertyListing[];
  /** By which all homes of the list were found, and how many they are. */
  readonly search: Search;
  readonly total: number;
  readonly onChoose: (homes: readonly PropertyListing[]) => void;
}

/** What is done with all homes that are chosen, wherever in the list they are. */
export function SelectionBar({ homes, search, total, onChoose }: SelectionBarProps) {
  const [isPlanning, setPlanning] = useState(false);
  const [isTrying, setTrying] = useState(false);
  const mayChange = useMayChange();
  const isArchived = search.archived === 'yes';
  const onClear = () => onChoose([]);
  return (
    <div className={styles['properties-search']} role="group" aria-label="With those chosen">
      <strong>{counted(homes.length, 'home')} chosen</strong>
      {homes.length < MOST_CHOSEN && <ChooseAll {...{ homes, search, total, onChoose }} />}
      <Button onClick={() => setPlanning(true)}>Plan visits to all…</Button>
      {mayChange && (
        <>
          {!isArchived && <Button onClick={() => setTrying(true)}>Try a change on them…</Button>}
          <SaveForOffline timerIds={homes.flatMap(({ timers }) => timers.map(({ id }) => id))}>
            Save them for offline
          </SaveForOffline>
          <ArchiveAll {...{ homes, isArchived }} onDone={onClear} />
        </>
      )}
      <Button onClick={onClear}>Choose none</Button>
      {isTrying && (
        <NewChangeDialog homes={homes.map(({ id }) => id)} onClose={() => setTrying(false)} />
      )}
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

/** Chooses all that were found, those too that nobody has scrolled to; what was chosen before stays so. */
function ChooseAll({ homes, search, total, onChoose }: SelectionBarProps) {
  const client = useQueryClient();
  const { message } = App.useApp();
  const [isChoosing, setChoosing] = useState(false);
  const choose = async () => {
    setChoosing(true);
    try {
      const all = new Map(homes.map((home) => [home.id, home]));
      for (let page = 1; all.size < MOST_CHOSEN; page++) {
        const { rows } = await client.query(pageOfPropertiesQuery({ ...search, page }));
        if (rows.length === 0) break;
        for (const home of rows) all.set(home.id, home);
      }
      onChoose([...all.values()].slice(0, MOST_CHOSEN));
    } catch (error) {
      void message.error(`Not all of them could be chosen. ${troubleInWords(error)}`);
    } finally {
      setChoosing(false);
    }
  };
  return (
    <Button loading={isChoosing} onClick={() => void choose()}>
      {total > MOST_CHOSEN ? `Choose the first ${MOST_CHOSEN}` : `Choose all ${total}`}
    </Button>
  );
}

interface ArchiveAllProps {
  readonly homes: readonly PropertyListing[];
  /** They are in the archive, and come back. */
  readonly isArchived: boolean;
  readonly onDone: () => void;
}

/** Takes homes off the list, or brings them back: nothing of them is lost. */
function ArchiveAll({ homes, isArchived, onDone }: ArchiveAllProps) {
  const { message, modal } = App.useApp();
  const many = counted(homes.length, 'home');
  const { write, isWriting } = useWrite(
    'archive-properties',
    async () => {
      for (const { id } of homes) await setArchived(id, !isArchived);
    },
    { touches: [propertiesKey, roundKey] },
  );
  const archive = async () => {
    if (!(await write())) return;
    void message.success(isArchived ? `${many} brought back.` : `${many} in the archive.`);
    onDone();
  };
  const ask = () =>
    void modal.confirm({
      title: `Archive ${many}?`,
      content: 'They leave the list. Nothing is deleted, and they can be brought back at any time.',
      okText: 'Archive them all',
      cancelText: 'Keep them in the list',
      onOk: archive,
    });
  return isArchived ? (
    <Button loading={isWriting} onClick={() => void archive()}>
      Bring them back
    </Button>
  ) : (
    <Button onClick={ask}>Archive them…</Button>
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
