import { FormNumber } from '../ui/number-input';
import { useQuery } from '@tanstack/react-query';
import { GENERIC_TYPES, type TimerCapability } from '@water-clock/core/timer-types';
import { Alert, Button, Form, Input, Select } from 'antd';
import { Dialog } from '../ui/dialog';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { timerTypesQuery, type TimerType } from '../api/timer-types';
import { propertiesKey, type Property } from '../api/properties';
import { addTimer } from '../api/timers';
import { useWrite } from '../api/use-write';
import { useKeptFields } from '../offline/use-kept-fields';
import { useFormErrors } from '../ui/form-errors';
import { KeptHere } from '../ui/unsaved';
import { newPlan } from '@water-clock/core/settings';
import { LikeAnotherHome, type OtherTimer } from './like-another-home';

interface AddTimerFields {
  readonly name: string;
  readonly timerType: string;
  readonly stations: number;
}

interface ChosenType {
  readonly timer: TimerCapability;
  /** Of one of the firm's own. */
  readonly timerTypeId?: string;
  /** The key of one that comes with Water Clock: it becomes the firm's own. */
  readonly like?: string;
}

/** The key of a type that is had from another home. */
const keyOf = ({ timerId }: OtherTimer) => `at:${timerId}`;

function typeOf(
  key: string,
  own: readonly TimerType[],
  other: OtherTimer | null = null,
): ChosenType {
  if (other && key === keyOf(other)) {
    const { timer, timerTypeId } = other;
    return { timer, ...(timerTypeId !== null && { timerTypeId }) };
  }
  const ours = own.find(({ id }) => id === key);
  if (ours) return { timer: ours.capability, timerTypeId: ours.id };
  return { timer: GENERIC_TYPES.find((timerType) => timerType.key === key)!.timer, like: key };
}

/** Types that come with Water Clock and that the firm does not have yet. */
const toStartFrom = (own: readonly TimerType[]) =>
  GENERIC_TYPES.filter(({ timer }) => !own.some(({ name }) => name === timer.name));

/** Not one that was taken out of the library since, or has become the firm's own. */
const isKnown = (key: unknown, own: readonly TimerType[]): boolean =>
  own.some(({ id }) => id === key) || toStartFrom(own).some((type) => type.key === key);

/** Its timers' types, those of the product, and, where one was found, the one at another home. */
const optionsOf = (own: readonly TimerType[], other: OtherTimer | null) => [
  ...(other
    ? [
        {
          label: 'At another home',
          options: [{ value: keyOf(other), label: `Like ${other.words}` }],
        },
      ]
    : []),
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
    options: toStartFrom(own).map(({ key, timer, summary }) => ({
      value: key,
      label: `${timer.name ?? key} · ${summary}`,
    })),
  },
];

/** A type, and as many stations as it has. */
const startingWith = (timerType: string, own: readonly TimerType[]) => ({
  timerType,
  stations: typeOf(timerType, own).timer.stations,
});

interface AddTimerDialogProps {
  readonly property: Property;
  readonly onClose: () => void;
}

/** A new timer: where it hangs, which type, how many stations; then on to its yard. */
export function AddTimerDialog(props: AddTimerDialogProps) {
  const own = useQuery(timerTypesQuery);
  // Which type it begins with depends on them; without them, on those that come with Water Clock.
  return own.isPending ? null : <Asking {...props} own={own.data ?? []} />;
}

interface AskingProps extends AddTimerDialogProps {
  readonly own: readonly TimerType[];
}

function Asking({ property, own, onClose }: AskingProps) {
  const [form] = Form.useForm<AddTimerFields>();
  const [trouble, setTrouble] = useState<string | null>(null);
  const [other, setOther] = useState<OtherTimer | null>(null);
  const first = { name: '', ...startingWith(own.at(-1)?.id ?? 'wall-6', own) };
  const kept = useKeptFields(form, `timers.new.${property.id}`, first);
  const { initialValues } = kept;
  const navigate = useNavigate();
  const adding = useWrite(
    'add-timer',
    (fields: Parameters<typeof addTimer>[1]) => addTimer(property.id, fields),
    {
      touches: [propertiesKey, timerTypesQuery.queryKey],
      ...{ isToldHere: true, isOfFields: true },
    },
  );
  const add = async ({ name, timerType, stations }: AddTimerFields) => {
    setTrouble(null);
    const { timer, ...type } = typeOf(timerType, own, other);
    const document = newPlan(property, timer, stations);
    const done = await adding.write({ name, document, ...type });
    if (!done) return;
    kept.forget();
    // Who is led reads the timer first, or says that there is nothing in it.
    await navigate(`/timers/${done.answer.id}/${property.setUpSkipped ? 'as-found' : 'yard'}`);
  };
  useFormErrors(form, adding.error, setTrouble);

  return (
    <Dialog
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
            onClick={() => {
              // The one that is made there is the one that is wanted.
              form.setFieldsValue(startingWith(first.timerType, own));
              kept.look();
              void navigate(`/timer-types/new?for=${property.id}`);
            }}
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
        initialValues={
          isKnown(initialValues['timerType'], own)
            ? initialValues
            : { ...initialValues, ...startingWith(first.timerType, own) }
        }
        onFinish={(fields) => void add(fields)}
        onValuesChange={(changed: Partial<AddTimerFields>) => {
          if (changed.timerType)
            form.setFieldsValue({
              stations: typeOf(changed.timerType, own, other).timer.stations,
            });
          kept.look();
        }}
      >
        {trouble && <Alert type="error" showIcon title={trouble} style={{ marginBottom: 12 }} />}
        <Form.Item name="name" label="Where it hangs">
          <Input maxLength={200} placeholder="Garage timer" />
        </Form.Item>
        <Form.Item name="timerType" label="Timer type">
          <Select showSearch={{ optionFilterProp: 'label' }} options={optionsOf(own, other)} />
        </Form.Item>
        <Form.Item name="stations" label="Stations that are wired">
          <FormNumber least={1} most={256} isWhole width={110} />
        </Form.Item>
        <Form.Item label="Or like the one at another home" htmlFor="like">
          <LikeAnotherHome
            id="like"
            onTake={(taken) => {
              setOther(taken);
              form.setFieldsValue({ timerType: keyOf(taken), stations: taken.stations });
              kept.look();
            }}
            onTrouble={setTrouble}
          />
        </Form.Item>
        {kept.isChanged && <KeptHere onBeginAnew={kept.beginAnew} />}
      </Form>
    </Dialog>
  );
}
