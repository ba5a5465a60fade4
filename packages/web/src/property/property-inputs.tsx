import { FormNumber } from '../ui/number-input';
import { Form, Select } from 'antd';
import { useMemo } from 'react';
import type { PropertyFields } from '../api/properties';
import { shownAmount, storedAmount, type Quantity } from '../format/quantities';

interface ValueProps<Value> {
  readonly id?: string;
  readonly value?: Value;
  readonly onChange?: (value: Value) => void;
}

/** A time zone, found by typing part of its name. */
export function TimeZoneSelect(props: ValueProps<string | null>) {
  const options = useMemo(
    () => Intl.supportedValuesOf('timeZone').map((value) => ({ value, label: value })),
    [],
  );
  const { id, value, onChange } = props;
  return (
    <Select
      {...(id !== undefined && { id })}
      showSearch
      options={options}
      value={value ?? null}
      onChange={(zone: string) => onChange?.(zone)}
    />
  );
}

interface QuantityItemProps {
  readonly name: keyof PropertyFields;
  readonly label: string;
  readonly quantity: Quantity;
}

/** A quantity typed in the firm's units and kept in SI. */
export function QuantityItem({ name, label, quantity }: QuantityItemProps) {
  return (
    <Form.Item
      name={name}
      label={`${label}, ${quantity.label}`}
      getValueProps={(si: number | null) => ({
        value: si === null ? null : Number(shownAmount(si, quantity)),
      })}
      normalize={(shown: number | null) => (shown === null ? null : storedAmount(shown, quantity))}
    >
      <FormNumber least={0} />
    </Form.Item>
  );
}
