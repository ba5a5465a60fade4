import { GENERIC_KINDS } from '@water-clock/core/timer-kinds';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Alert, AutoComplete, Form, Input, InputNumber, Modal, Select } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { addProperty, propertiesQuery } from '../../api/properties';
import { addTimer } from '../../api/timers';
import { newPlan } from '../../settings/new-plan';

interface AddTimerFields {
  readonly home: string;
  readonly address?: string;
  readonly town?: string;
  readonly timer: string;
  readonly kind: string;
  readonly stations: number;
}

const kindOf = (key: string) => GENERIC_KINDS.find((kind) => kind.key === key);

/** A new timer: whose home, where it hangs, what kind, how many stations; then on to its desk. */
export function AddTimerDialog({ isOpen, onClose }: { isOpen: boolean; onClose: () => void }) {
  const [form] = Form.useForm<AddTimerFields>();
  const properties = useQuery({ ...propertiesQuery, enabled: isOpen });
  const client = useQueryClient();
  const navigate = useNavigate();
  const [homeName, setHomeName] = useState('');
  const known = properties.data?.find((property) => property.name === homeName.trim());

  const add = useMutation({
    mutationFn: async (fields: AddTimerFields) => {
      const listed = await client.fetchQuery({ ...propertiesQuery, staleTime: 0 });
      const property =
        listed.find(({ name }) => name === fields.home.trim()) ??
        (await addProperty({
          name: fields.home.trim(),
          address: fields.address?.trim() ?? '',
          town: fields.town?.trim() ?? '',
          timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
        }));
      const plan = newPlan(property, kindOf(fields.kind)!.timer, fields.stations);
      return addTimer(property.id, fields.timer.trim(), plan);
    },
    onSuccess: async (timer) => {
      onClose();
      form.resetFields();
      await navigate(`/timers/${timer.id}`);
    },
    onSettled: () => client.invalidateQueries({ queryKey: propertiesQuery.queryKey }),
  });

  return (
    <Modal
      open={isOpen}
      title="Add a timer"
      okText="Add the timer"
      confirmLoading={add.isPending}
      onOk={() => form.submit()}
      onCancel={onClose}
      destroyOnHidden
    >
      <Form
        form={form}
        layout="vertical"
        requiredMark={false}
        initialValues={{ kind: 'wall-6', stations: 6 }}
        onFinish={(fields) => add.mutate(fields)}
        onValuesChange={(changed: Partial<AddTimerFields>) => {
          if (changed.home !== undefined) setHomeName(changed.home);
          const kind = changed.kind && kindOf(changed.kind);
          if (kind) form.setFieldValue('stations', kind.timer.stations);
        }}
      >
        {add.error && (
          <Alert type="error" showIcon title={add.error.message} style={{ marginBottom: 12 }} />
        )}
        <Form.Item
          name="home"
          label="Home"
          extra={known ? 'The timer goes to this home, which is in the list already.' : undefined}
          rules={[{ required: true, whitespace: true, message: 'Give the home a name.' }]}
        >
          <AutoComplete
            placeholder="Plum cottage"
            options={(properties.data ?? []).map(({ name }) => ({ value: name }))}
            showSearch={{
              filterOption: (typed, option) =>
                (option?.value ?? '').toLowerCase().includes(typed.toLowerCase()),
            }}
          />
        </Form.Item>
        {!known && (
          <Form.Item name="address" label="Address">
            <Input maxLength={300} />
          </Form.Item>
        )}
        {!known && (
          <Form.Item name="town" label="Town">
            <Input maxLength={200} />
          </Form.Item>
        )}
        <Form.Item
          name="timer"
          label="Where the timer hangs"
          rules={[{ required: true, whitespace: true, message: 'Say where, so that it is found.' }]}
        >
          <Input placeholder="Garage" maxLength={200} />
        </Form.Item>
        <Form.Item name="kind" label="Kind of timer">
          <Select
            options={GENERIC_KINDS.map(({ key, timer }) => ({ value: key, label: timer.name }))}
            optionRender={({ value }) => (
              <div className="kind-choice">
                {kindOf(String(value))?.timer.name}
                <span>{kindOf(String(value))?.summary}</span>
              </div>
            )}
          />
        </Form.Item>
        <Form.Item
          name="stations"
          label="Stations wired to it"
          rules={[{ required: true, message: 'Count the station wires, 1 to 256.' }]}
        >
          <InputNumber min={1} max={256} precision={0} />
        </Form.Item>
      </Form>
    </Modal>
  );
}
