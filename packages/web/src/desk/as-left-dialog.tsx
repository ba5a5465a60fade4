import type { Plan } from '@water-clock/core/settings';
import { Alert, App, Input } from 'antd';
import { Dialog } from '../ui/dialog';
import { useId, useState } from 'react';
import { troubleInWords } from '../api/client';
import { addCopy, copiesKey } from '../api/copies';
import { useWrite } from '../api/use-write';
import { SettingsSheet } from '../copies/settings-sheet';

interface LeftDialogProps {
  readonly timerId: string;
  readonly plan: Plan;
  readonly onClose: () => void;
}

/** Keeps what is on the desk as the copy of what was left in the timer. */
export function LeftDialog({ timerId, plan, onClose }: LeftDialogProps) {
  const [name, setName] = useState('');
  const { message } = App.useApp();
  const nameId = useId();
  const keeping = useWrite(
    'save-as-left',
    () => addCopy(timerId, { reason: 'left', name: name.trim(), document: plan }),
    { touches: [copiesKey], isToldHere: true, isOfFields: true },
  );
  const keep = async () => {
    const done = await keeping.write();
    if (!done) return;
    void message.success(`Kept as copy № ${done.answer.number}, as left.`);
    onClose();
  };
  return (
    <Dialog
      open
      title="As left"
      width={680}
      okText="The timer holds just this"
      confirmLoading={keeping.isWriting}
      onOk={() => void keep()}
      onCancel={onClose}
    >
      {keeping.error && <Alert type="error" showIcon title={troubleInWords(keeping.error)} />}
      <p>
        Compare this with the display before you leave: set to run, sensor active, clock right. It
        is kept as the copy that is in the timer now.
      </p>
      <SettingsSheet plan={plan} />
      <label htmlFor={nameId}>Name of the copy, if you like</label>
      <Input
        id={nameId}
        maxLength={200}
        value={name}
        onChange={(event) => setName(event.target.value)}
      />
    </Dialog>
  );
}
