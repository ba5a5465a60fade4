import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import { Field } from '../ui/field';
import { wanting, type KeysWanted } from '../ui/keys-wanted';
import styles from './measure-page.module.css';

interface BigInputProps {
  readonly label: string;
  readonly value: string;
  /** What is typed into it; a number unless it is said. */
  readonly keys?: KeysWanted;
  readonly fault?: string | null;
  readonly hint?: ReactNode;
  readonly isLocked?: boolean;
  readonly onType: (text: string) => void;
  readonly onEnter?: () => void;
  readonly onFocus?: () => void;
  readonly onBlur?: () => void;
}

/** A number typed with a thumb: large, with the telephone's keys for figures. */
export function BigInput(props: BigInputProps) {
  const { label, value, keys = 'number', fault, hint, isLocked } = props;
  const { onType, onEnter, onFocus, onBlur } = props;
  return (
    <Field label={label} fault={fault} hint={hint}>
      {(id) => (
        <input
          id={id}
          className={clsx(styles['big-input'], 'figures')}
          {...wanting(keys)}
          autoComplete="off"
          aria-invalid={Boolean(fault)}
          disabled={isLocked}
          value={value}
          onFocus={(event) => {
            event.currentTarget.select();
            onFocus?.();
          }}
          onBlur={onBlur}
          onChange={(event) => onType(event.currentTarget.value)}
          onKeyDown={(event) => {
            if (event.key !== 'Enter' || !onEnter) return;
            event.preventDefault();
            onEnter();
          }}
        />
      )}
    </Field>
  );
}
