import { FormNumber } from '../ui/number-input';
import { useQuery } from '@tanstack/react-query';
import { GENERIC_TYPES, type TimerCapability } from '@water-clock/core/timer-types';
import { Alert, Button, Form, Input, Modal, Select } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { timerTypesQuery, type TimerType } from '../api/timer-types';
import { propertiesKey, type Property } from '../api/properties';
import { addTimer } from '../api/timers';
import { useWrite } from '../api/use-write';
import { useFormErrors } from '../ui/form-errors';
import { newPlan } from '@water-clock/core/settings';

interface AddTimerFields {
  readonly name: string;
  readonly timerType: string;
  readonly stations: number;
}

interface ChosenType {
  readonly timer: TimerCapability;
  /** Of one of the firm's own. */
  readonly timerTypeId?: string;
}

function typeOf(key: string, own: readonly TimerType[]): ChosenType {
  const ours = own.find(({ id }) => id === key);
  if (ours) return { timer: ours.capability, timerTypeId: ours.id };
  return { timer: GENERIC_TYPES.find((timerType) => timerType.key === key)!.timer };
}

interface AddTimerDialogProps {
  readonly property: Property;
  readonly onClose: () => void;
}

/** A new timer: where it hangs, which type, how many stations; then on to its yard. */
export function AddTimerDialog({ property, onClose }: AddTimerDialogProps) {
  const [form] = Form.useForm<AddTimerFields>();
  const [trouble, setTrouble] = useState<string | null>(null);
  const timerTypes = useQuery(timerTypesQuery);
  const navigate = useNavigate();
  const adding = useWrite(
    'add-timer',
    (fields: Parameters<typeof addTimer>[1]) => addTimer(property.id, fields),
    { touches: [propertiesKey], isToldHere: true, isOfFields: true },
  );
  const own = timerTypes.data ?? [];

  const add = async ({ name, timerType, stations }: AddTimerFields) => {
    setTrouble(null);
    const { timer, timerTypeId } = typeOf(timerType, own);
    const document = newPlan(property, timer, stations);
    const done = await adding.write({ name, document, ...(timerTypeId && { timerTypeId }) });
    if (done) await navigate(`/timers/${done.answer.id}/yard`);
  };
  useFormErrors(form, adding.error, setTrouble);

  return (
    <Modal
      open
      title={`A timer at ${property.name}`}
      okText="Add the timer"
      confirmLoading={adding.isWriting}
      onOk={() => form.submit()}
      onCancel={onClose}
      afterOpenChange={(isOpen) => {
        if (isOpen) (form.getFieldInstance('name') as HTMLElement | undefined)?.focus();
      }}
      footer={(_, { OkBtn, CancelBtn }) => (
        <>
          <Button
            style={{ float: 'left' }}
            onClick={() => void navigate(`/timer-types/new?for=${property.id}`)}
          >
            Another type, by questions…
          </Button>
          <CancelBtn />
          <OkBtn />
        </>
      )}
    >
      <Form
        form={form}
        layout="vertical"
        requiredMark={false}
        initialValues={{ name: '', timerType: own.at(-1)?.id ?? 'wall-6', stations: 6 }}
        onFinish={(fields) => void add(fields)}
        onValuesChange={(changed: Partial<AddTimerFields>) => {
          if (changed.timerType)
            form.setFieldValue('stations', typeOf(changed.timerType, own).timer.stations);
        }}
      >
        {trouble && <Alert type="error" showIcon title={trouble} style={{ marginBottom: 12 }} />}
        <Form.Item name="name" label="Where it hangs">
          <Input maxLength={200} placeholder="Garage timer" />
        </Form.Item>
        <Form.Item name="timerType" label="Timer type">
          <Select
            showSearch={{ optionFilterProp: 'label' }}
            options={[
              ...(own.length > 0
                ? [
                    {
                      label: 'Your timer types',
                      options: own.map(({ id, name }) => ({ value: id, label: name })),
                    },
                  ]
                : []),
              {
                label: 'Types to start from',
                options: GENERIC_TYPES.map(({ key, timer, summary }) => ({
                  value: key,
                  label: `${timer.name ?? key} · ${summary}`,
                })),
              },
            ]}
          />
        </Form.Item>
        <Form.Item name="stations" label="Stations that are wired">
          <FormNumber least={1} most={256} isWhole width={110} />
        </Form.Item>
      </Form>
    </Modal>
  );
}
