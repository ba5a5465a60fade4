import { useQuery, useQueryClient } from '@tanstack/react-query';
import { GENERIC_KINDS, type TimerCapability } from '@water-clock/core/timer-kinds';
import { Alert, Button, Form, Input, InputNumber, Modal, Select } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { kindsQuery, type Kind } from '../../api/kinds';
import { propertiesKey, type Property } from '../../api/properties';
import { addTimer } from '../../api/timers';
import { showFaults } from '../../app/form-errors';
import { newPlan } from '../../settings/new-plan';

interface AddTimerFields {
  readonly name: string;
  readonly kind: string;
  readonly stations: number;
}

interface ChosenKind {
  readonly timer: TimerCapability;
  /** Of one of the firm's own. */
  readonly kindId?: string;
}

function kindOf(key: string, own: readonly Kind[]): ChosenKind {
  const ours = own.find(({ id }) => id === key);
  if (ours) return { timer: ours.capability, kindId: ours.id };
  return { timer: GENERIC_KINDS.find((kind) => kind.key === key)!.timer };
}

interface AddTimerDialogProps {
  readonly property: Property;
  readonly onClose: () => void;
}

/** A new timer: where it hangs, what kind, how many stations; then on to its yard. */
export function AddTimerDialog({ property, onClose }: AddTimerDialogProps) {
  const [form] = Form.useForm<AddTimerFields>();
  const [trouble, setTrouble] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);
  const kinds = useQuery(kindsQuery);
  const client = useQueryClient();
  const navigate = useNavigate();
  const own = kinds.data ?? [];

  const add = async ({ name, kind, stations }: AddTimerFields) => {
    setBusy(true);
    try {
      const { timer, kindId } = kindOf(kind, own);
      const document = newPlan(property, timer, stations);
      const added = await addTimer(property.id, { name, document, ...(kindId && { kindId }) });
      await client.invalidateQueries({ queryKey: propertiesKey });
      await navigate(`/timers/${added.id}/yard`);
    } catch (error) {
      setTrouble(showFaults(form, error));
      setBusy(false);
    }
  };

  return (
    <Modal
      open
      title={`A timer at ${property.name}`}
      okText="Add the timer"
      confirmLoading={isBusy}
      onOk={() => form.submit()}
      onCancel={onClose}
      afterOpenChange={(isOpen) => {
        if (isOpen) (form.getFieldInstance('name') as HTMLElement | undefined)?.focus();
      }}
      footer={(_, { OkBtn, CancelBtn }) => (
        <>
          <Button
            style={{ float: 'left' }}
            onClick={() => void navigate(`/kinds/new?for=${property.id}`)}
          >
            Another kind, by questions…
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
        initialValues={{ name: '', kind: own.at(-1)?.id ?? 'wall-6', stations: 6 }}
        onFinish={(fields) => void add(fields)}
        onValuesChange={(changed: Partial<AddTimerFields>) => {
          if (changed.kind)
            form.setFieldValue('stations', kindOf(changed.kind, own).timer.stations);
        }}
      >
        {trouble && <Alert type="error" showIcon title={trouble} style={{ marginBottom: 12 }} />}
        <Form.Item name="name" label="Where it hangs">
          <Input maxLength={200} placeholder="Garage timer" />
        </Form.Item>
        <Form.Item name="kind" label="Kind of timer">
          <Select
            showSearch={{ optionFilterProp: 'label' }}
            options={[
              ...(own.length > 0
                ? [
                    {
                      label: 'Your kinds',
                      options: own.map(({ id, name }) => ({ value: id, label: name })),
                    },
                  ]
                : []),
              {
                label: 'Kinds to start from',
                options: GENERIC_KINDS.map(({ key, timer, summary }) => ({
                  value: key,
                  label: `${timer.name ?? key} · ${summary}`,
                })),
              },
            ]}
          />
        </Form.Item>
        <Form.Item name="stations" label="Stations that are wired">
          <InputNumber min={1} max={256} precision={0} />
        </Form.Item>
      </Form>
    </Modal>
  );
}
