import { clsx } from 'clsx';
import { useId, type ReactNode } from 'react';
import styles from './field.module.css';
import pageStyles from './page.module.css';

/** What is wrong at a place or anywhere inside it. */
export const faultUnder = (faults: ReadonlyMap<string, string>, path: string): string | undefined =>
  [...faults].find(([place]) => place.startsWith(path))?.[1];

interface FieldProps {
  readonly label: string;
  readonly fault?: string | null | undefined;
  /** What helps to fill it in. */
  readonly hint?: ReactNode;
  readonly children: (id: string) => ReactNode;
}

/** A labelled field, with what is wrong with it below. */
export function Field({ label, fault, hint, children }: FieldProps) {
  const id = useId();
  return (
    <div className={styles['field']}>
      <label htmlFor={id}>{label}</label>
      {children(id)}
      {hint && <span className={clsx(pageStyles['soft'], styles['field-hint'])}>{hint}</span>}
      {fault && (
        <span className={styles['field-fault']} role="alert">
          {fault}
        </span>
      )}
    </div>
  );
}
