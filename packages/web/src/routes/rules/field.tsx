import { useId, type ReactNode } from 'react';

/** What is wrong at a place or anywhere inside it. */
export const faultUnder = (faults: ReadonlyMap<string, string>, path: string): string | undefined =>
  [...faults].find(([place]) => place.startsWith(path))?.[1];

interface FieldProps {
  readonly label: string;
  readonly fault?: string | undefined;
  readonly children: (id: string) => ReactNode;
}

/** A labelled field, with what is wrong with it below. */
export function Field({ label, fault, children }: FieldProps) {
  const id = useId();
  return (
    <div className="rule-field">
      <label htmlFor={id}>{label}</label>
      {children(id)}
      {fault && (
        <span className="field-fault" role="alert">
          {fault}
        </span>
      )}
    </div>
  );
}
