import { useQueryClient } from '@tanstack/react-query';
import type { Plan } from '@water-clock/core/settings';
import { Alert, App, Input, Modal } from 'antd';
import { useId, useState } from 'react';
import { troubleInWords } from '../api/client';
import { addCopy, copiesKey } from '../api/copies';
import { SettingsSheet } from '../copies/settings-sheet';

interface LeftDialogProps {
  readonly timerId: string;
  readonly plan: Plan;
  readonly onClose: () => void;
}

/** Keeps what is on the desk as the copy of what was left in the timer. */
export function LeftDialog({ timerId, plan, onClose }: LeftDialogProps) {
  const [name, setName] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);
  const client = useQueryClient();
  const { message } = App.useApp();
  const nameId = useId();
  const keep = async () => {
    setBusy(true);
    try {
      const { number } = await addCopy(timerId, {
        reason: 'left',
        name: name.trim(),
        document: plan,
      });
      await client.invalidateQueries({ queryKey: copiesKey });
      void message.success(`Kept as copy № ${number}, as left.`);
      onClose();
    } catch (error) {
      setTrouble(troubleInWords(error));
      setBusy(false);
    }
  };
  return (
    <Modal
      open
      title="As left"
      width={680}
      okText="The timer holds just this"
      confirmLoading={isBusy}
      onOk={() => void keep()}
      onCancel={onClose}
    >
      {trouble && <Alert type="error" showIcon title={trouble} />}
      <p>
        Hold this against the display before you leave: set to run, sensor active, clock right. It
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
    </Modal>
  );
}
