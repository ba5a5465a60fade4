import type { FormInstance } from 'antd';
import { useEffect, useEffectEvent } from 'react';
import { ApiError } from '../api/client';

/** Puts the faults that the server named at their fields; gives a sentence for the rest. */
export function showFaults(form: FormInstance, error: unknown): string | null {
  if (!(error instanceof ApiError))
    return error instanceof Error ? error.message : 'It could not be saved.';
  const fields = error.places.map(({ path, message }) => ({
    name: path.split(/[.[\]]+/).filter(Boolean),
    errors: [message],
  }));
  const isKnown = ({ name }: { name: string[] }) => form.getFieldInstance(name) !== undefined;
  form.setFields(fields.filter(isKnown));
  const rest = error.places.filter((_, index) => !isKnown(fields[index]!));
  if (fields.length > 0 && rest.length === 0) return null;
  return [error.message, ...rest.map(({ path, message }) => `${path}: ${message}.`)].join(' ');
}

/** Shows each error of a write at the fields of its form, and tells `tell` a sentence for the rest. */
export function useFormErrors(
  form: FormInstance,
  error: Error | null,
  tell: (words: string | null) => void,
): void {
  const show = useEffectEvent((shown: Error) => tell(showFaults(form, shown)));
  useEffect(() => {
    if (error) show(error);
  }, [error]);
}
