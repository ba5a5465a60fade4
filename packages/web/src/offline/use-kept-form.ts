import { useCallback, useEffect, useState } from 'react';
import { useSignedIn } from '../session/use-signed-in';
import { draftOf, keepDraft } from './drafts';

export interface KeptForm<Form> {
  readonly form: Form;
  readonly set: (change: (before: Form) => Form) => void;
  /** It is other than it was at first. */
  readonly isChanged: boolean;
  /** As it was at first, and no more on the device. */
  readonly beginAnew: () => void;
  /** From now on it is this, as if it had been at first. */
  readonly restart: (form: Form) => void;
  /** Leaves it as it is on the page, and takes it from the device: it was saved. */
  readonly forget: () => void;
}

/**
 * What a form holds. Where it has a name it lasts on this device, over a reload and a step aside, until it is saved or
 * begun anew.
 * @param read what is kept, as a form; null where it cannot be read
 */
export function useKeptForm<Form>(
  name: string | null,
  read: (kept: unknown) => Form | null,
  first: Form,
): KeptForm<Form> {
  const { person } = useSignedIn();
  const [atFirst, setFirst] = useState(first);
  const [form, set] = useState<Form>(
    () => (name === null ? null : read(draftOf(person.id, name))) ?? atFirst,
  );
  const isChanged = JSON.stringify(form) !== JSON.stringify(atFirst);
  useEffect(() => {
    if (name !== null) keepDraft(person.id, name, isChanged ? form : null);
  }, [name, person.id, form, isChanged]);
  return {
    form,
    set,
    isChanged,
    beginAnew: useCallback(() => set(atFirst), [atFirst]),
    restart: useCallback((now: Form) => {
      setFirst(() => now);
      set(() => now);
    }, []),
    forget: useCallback(() => {
      if (name !== null) keepDraft(person.id, name, null);
    }, [name, person.id]),
  };
}
