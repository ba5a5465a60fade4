import { Alert, Button, Input } from 'antd';
import { useState, type SyntheticEvent } from 'react';
import { ApiError, troubleInWords } from '../api/client';
import type { Write } from '../api/use-write';
import { Field } from '../ui/field';
import { PasswordStrength } from '../ui/password-strength';
import styles from './sign-in-page.module.css';

export interface DoorField<Name extends string> {
  readonly name: Name;
  readonly label: string;
  readonly autoComplete: string;
  readonly isSecret?: boolean;
  /** How hard it is to guess is shown below. */
  readonly isNew?: boolean;
  /** Its own words where it is asked for by the server only. */
  readonly hint?: string;
}

interface DoorFormProps<Name extends string, Answer> {
  readonly fields: readonly DoorField<Name>[];
  readonly button: string;
  readonly entering: Write<Record<Name, string>, Answer>;
  readonly onDone: (answer: Answer) => Promise<void>;
}

/** A few lines of text and a button: what the door needs, and little to load. */
export function DoorForm<Name extends string, Answer>(props: DoorFormProps<Name, Answer>) {
  const { fields, button, entering, onDone } = props;
  const [typed, setTyped] = useState<Partial<Record<Name, string>>>({});
  const [isAsked, setAsked] = useState(false);
  const { error } = entering;
  const places = error instanceof ApiError ? error.places : [];
  const faultOf = ({ name, label }: DoorField<Name>): string | undefined =>
    isAsked && !typed[name]
      ? `${label} is needed`
      : places.find(({ path }) => path === name)?.message;
  const enter = async (event: SyntheticEvent) => {
    event.preventDefault();
    setAsked(true);
    if (fields.some(({ name }) => !typed[name])) return;
    const done = await entering.write(typed as Record<Name, string>);
    if (done) await onDone(done.answer);
  };
  return (
    <form className={styles['door-form']} onSubmit={(event) => void enter(event)} noValidate>
      {error && places.length === 0 && (
        <Alert type="error" showIcon title={troubleInWords(error)} />
      )}
      {fields.map((field) => (
        <Field
          key={field.name}
          label={field.label}
          fault={faultOf(field)}
          hint={field.isNew ? <PasswordStrength password={typed[field.name] ?? ''} /> : field.hint}
        >
          {(id) => {
            const Line = field.isSecret ? Input.Password : Input;
            return (
              <Line
                id={id}
                name={field.name}
                autoComplete={field.autoComplete}
                inputMode={field.name === 'email' ? 'email' : 'text'}
                aria-invalid={faultOf(field) !== undefined}
                value={typed[field.name] ?? ''}
                onChange={(event) => setTyped({ ...typed, [field.name]: event.target.value })}
              />
            );
          }}
        </Field>
      ))}
      <Button type="primary" htmlType="submit" loading={entering.isWriting} block>
        {button}
      </Button>
    </form>
  );
}
