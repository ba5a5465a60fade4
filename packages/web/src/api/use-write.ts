import { useMutation, type QueryKey } from '@tanstack/react-query';
import { useCallback, useRef } from 'react';

/** Every kind of write that a screen can ask for. A browser test presses a button twice for each. */
export const WRITE_NAMES = [
  'add-copy',
  'add-person',
  'add-property',
  'add-rules',
  'add-timer',
  'add-timer-type',
  'add-weather',
  'archive-property',
  'begin-visit',
  'change-clock',
  'change-copy',
  'change-customary',
  'change-firm',
  'change-job',
  'change-property',
  'change-rules',
  'change-timer',
  'change-timer-type',
  'change-weather',
  'choose-weather',
  'command-simulator',
  'connect-simulator',
  'end-visit',
  'import-property',
  'leave-sheet',
  'preview-import',
  'remove-rules',
  'remove-timer-type',
  'remove-weather',
  'save-as-found',
  'save-as-left',
  'save-settings',
  'save-yard',
  'set-up',
  'share-sheet',
  'sign-in',
  'sign-in-demo',
  'sign-out',
  'visit-entry',
  'withdraw-link',
] as const;
export type WriteName = (typeof WRITE_NAMES)[number];

declare module '@tanstack/react-query' {
  interface Register {
    mutationMeta: {
      /** Beginnings of the keys of queries that hold other answers afterwards. */
      readonly touches?: readonly QueryKey[];
      /** The screen says by itself what went wrong, at its place. */
      readonly isToldHere?: boolean;
      /** Said before what went wrong: "Not saved, your changes are still here." */
      readonly lead?: string;
    };
  }
}

interface WriteOptions {
  readonly touches?: readonly QueryKey[];
  readonly isToldHere?: boolean;
  readonly lead?: string;
}

export interface Write<Input, Answer> {
  /**
   * Writes; null where it was refused, which has been told by then, or where one is still under way: pressed
   * twice, it is done once. Never rejects.
   */
  readonly write: (input: Input) => Promise<{ readonly answer: Answer } | null>;
  readonly isWriting: boolean;
  /** Why the last one was refused; null while nothing was. */
  readonly error: Error | null;
  /** Forgets why the last one was refused. */
  readonly reset: () => void;
}

/** The one way to write to the server, or into the queue of what is sent later. */
export function useWrite<Input = void, Answer = unknown>(
  name: WriteName,
  send: (input: Input) => Promise<Answer>,
  { touches, isToldHere, lead }: WriteOptions = {},
): Write<Input, Answer> {
  const { mutateAsync, isPending, error, reset } = useMutation({
    mutationKey: [name],
    mutationFn: send,
    networkMode: 'always',
    meta: {
      ...(touches && { touches }),
      ...(isToldHere !== undefined && { isToldHere }),
      ...(lead !== undefined && { lead }),
    },
  });
  const isBusy = useRef(false);
  const write = useCallback(
    async (input: Input) => {
      if (isBusy.current) return null;
      isBusy.current = true;
      try {
        return { answer: await mutateAsync(input) };
      } catch {
        return null;
      } finally {
        isBusy.current = false;
      }
    },
    [mutateAsync],
  );
  return { write, isWriting: isPending, error, reset };
}
