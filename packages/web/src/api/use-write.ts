import { useMutation, type QueryKey } from '@tanstack/react-query';
import { useCallback, useRef, useState } from 'react';
import { firstUnread, UNREAD } from './unread-fields';
import type { WriteName } from './write-names';

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
  /** What is written stands in fields of the page: not while one of them holds what cannot be read. */
  readonly isOfFields?: boolean;
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
  { touches, isToldHere, lead, isOfFields = false }: WriteOptions = {},
): Write<Input, Answer> {
  const { mutateAsync, error, reset } = useMutation({
    mutationKey: [name],
    mutationFn: (input: Input) => {
      const unread = isOfFields ? firstUnread() : null;
      if (!unread) return send(input);
      unread.focus();
      return Promise.reject(new Error(UNREAD));
    },
    networkMode: 'always',
    meta: {
      ...(touches && { touches }),
      ...(isToldHere !== undefined && { isToldHere }),
      ...(lead !== undefined && { lead }),
    },
  });
  const isBusy = useRef(false);
  // The library tells of a write that has begun a moment later: by then the next click may have hit what is to go.
  const [isWriting, setWriting] = useState(false);
  const write = useCallback(
    async (input: Input) => {
      if (isBusy.current) return null;
      isBusy.current = true;
      setWriting(true);
      try {
        return { answer: await mutateAsync(input) };
      } catch {
        return null;
      } finally {
        isBusy.current = false;
        setWriting(false);
      }
    },
    [mutateAsync],
  );
  return { write, isWriting, error, reset };
}
