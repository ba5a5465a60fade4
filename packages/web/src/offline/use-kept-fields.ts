import type { FormInstance } from 'antd';
import { fieldOf } from '@water-clock/core/kernel';
import { useState } from 'react';
import { useSignedIn } from '../session/use-signed-in';
import { draftOf, keepDraft } from './drafts';

interface KeptFields {
  readonly initialValues: Readonly<Record<string, unknown>>;
  /** Some field is other than it is at first. */
  readonly isChanged: boolean;
  /** To be called when a field has changed, by whomever. */
  readonly look: () => void;
  /** As it was at first, and no more on the device. */
  readonly beginAnew: () => void;
  /** Takes it from the device: it was saved. */
  readonly forget: () => void;
}

const isSame = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/** Whether something that was kept may stand where a form begins with something else. */
const isLike = (kept: unknown, first: unknown): boolean =>
  first === null || kept === null || Array.isArray(first)
    ? typeof kept !== 'object' || kept === null || Array.isArray(kept)
    : typeof kept === typeof first;

/**
 * The fields of a form that differ from what they are at first; where they have a name they last on this device, over
 * a reload and a step aside, until they are saved or begun anew.
 */
export function useKeptFields(form: FormInstance, name: string | null, first: object): KeptFields {
  const { person } = useSignedIn();
  const keys = Object.keys(first);
  const [kept] = useState(() => {
    const draft = name === null ? null : draftOf(person.id, name);
    return fieldsIn(draft, keys, (value, key) => isLike(value, fieldOf(first, key)));
  });
  const [isChanged, setChanged] = useState(Object.keys(kept).length > 0);
  const keep = (changed: object | null) => {
    setChanged(changed !== null);
    if (name !== null) keepDraft(person.id, name, changed);
  };
  const look = () => {
    const now: unknown = form.getFieldsValue();
    const changed = fieldsIn(now, keys, (value, key) => !isSame(value, fieldOf(first, key)));
    keep(Object.keys(changed).length > 0 ? changed : null);
  };
  return {
    initialValues: { ...first, ...kept },
    isChanged,
    look,
    beginAnew: () => {
      for (const key of keys) form.setFieldValue(key, fieldOf(first, key));
      keep(null);
    },
    forget: () => keep(null),
  };
}

const fieldsIn = (
  thing: unknown,
  keys: readonly string[],
  isMeant: (value: unknown, key: string) => boolean,
): Readonly<Record<string, unknown>> =>
  Object.fromEntries(
    keys
      .map((key) => [key, fieldOf(thing, key)] as const)
      .filter(([key, value]) => value !== undefined && isMeant(value, key)),
  );
