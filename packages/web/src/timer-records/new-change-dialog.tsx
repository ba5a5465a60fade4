import { formatDate, parseDate, type DayNumber } from '@water-clock/core/civil-time';
import { counted } from '@water-clock/core/words';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useTryChange } from '../api/use-try-change';
import { todayHere } from '../format/today';
import { useClock, useDayOrder } from '../session/use-signed-in';
import { Choice } from '../ui/choice';
import { DateField } from '../ui/date-field';
import { Dialog } from '../ui/dialog';
import { Field } from '../ui/field';
import { NumberInput } from '../ui/number-input';
import { TimeInput } from '../ui/time-input';
import pageStyles from '../ui/page.module.css';
import styles from './new-change-dialog.module.css';

const KINDS = [
  { value: 'season-step', label: 'Step of the season' },
  { value: 'percentage', label: 'Season percentage' },
  { value: 'finish', label: 'Finish time' },
] as const;
type Kind = (typeof KINDS)[number]['value'];

const SAYS: Readonly<Record<Kind, string>> = {
  'season-step': 'Each timer is set to what its own season plan asks for on that date.',
  percentage: 'Each timer is set to this percentage, on its own steps.',
  finish: 'Each timer is to finish by this time, every night.',
};

interface NewChangeDialogProps {
  /** The ids of the homes that it is for; null: all of the firm. */
  readonly homes: readonly string[] | null;
  readonly onClose: () => void;
}

/** What is to be changed at many homes, and from when on. */
export function NewChangeDialog({ homes, onClose }: NewChangeDialogProps) {
  const order = useDayOrder();
  const clock = useClock();
  const navigate = useNavigate();
  const today = parseDate(todayHere())!;
  const [kind, setKind] = useState<Kind>('season-step');
  const [percent, setPercent] = useState(100);
  const [finishBy, setFinishBy] = useState('06:00');
  const [from, setFrom] = useState<DayNumber>(today);
  const { begin, isWriting } = useTryChange();
  const change = {
    'season-step': { kind: 'season-step' as const },
    percentage: { kind: 'percentage' as const, percent },
    finish: { kind: 'finish' as const, finishBy },
  }[kind];
  const tryOut = async () => {
    const on = formatDate(today);
    const path = await begin({
      ...{ change, on, from: formatDate(from < today ? today : from) },
      ...(homes && { propertyIds: [...homes] }),
    });
    if (path !== null) void navigate(path);
  };
  return (
    <Dialog
      open
      title={`Try a change on ${homes ? counted(homes.length, 'home') : 'all homes'}`}
      onCancel={onClose}
      okText="Try it"
      cancelText="Not now"
      confirmLoading={isWriting}
      onOk={() => void tryOut()}
    >
      <div className={styles['new-change']}>
        <Choice label="What is changed" value={kind} options={KINDS} onChange={setKind} />
        <span className={pageStyles['soft']}>{SAYS[kind]}</span>
        {kind === 'percentage' && (
          <Field label="Percent">
            {(fieldId) => (
              <NumberInput
                id={fieldId}
                least={1}
                most={300}
                isWhole
                width={120}
                value={percent}
                onChange={setPercent}
              />
            )}
          </Field>
        )}
        {kind === 'finish' && (
          <Field label="Finish by">
            {(fieldId) => (
              <TimeInput
                id={fieldId}
                clock={clock}
                isNeeded
                value={finishBy}
                onChange={setFinishBy}
              />
            )}
          </Field>
        )}
        <Field label="From">
          {(fieldId) => <DateField id={fieldId} day={from} order={order} onChange={setFrom} />}
        </Field>
        <span className={pageStyles['soft']}>
          It is only tried: nothing is saved until you accept it, home by home or all at once.
        </span>
      </div>
    </Dialog>
  );
}
