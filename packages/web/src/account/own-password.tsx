import { Input } from 'antd';
import { ApiError } from '../api/client';
import { Field } from '../ui/field';

/** What is wrong at a field of a request; what is wrong elsewhere is told there too. */
export const faultAt = (error: Error | null, path: string): string | undefined =>
  error instanceof ApiError
    ? (error.places.find((place) => place.path === path)?.message ?? error.message)
    : error?.message;

interface OwnPasswordProps {
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly error: Error | null;
  readonly hint?: string;
}

/** That it is the person themselves who asks, and not whoever found the device open. */
export const OwnPassword = ({ value, onChange, error, hint }: OwnPasswordProps) => (
  <Field label="Your password" fault={faultAt(error, 'password')} hint={hint}>
    {(id) => (
      <Input.Password
        id={id}
        autoComplete="current-password"
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
    )}
  </Field>
);
