import type { QueryKey } from '@tanstack/react-query';
import { ApiError } from './client';
import { useWrite, type Write } from './use-write';
import type { WriteName } from './write-names';

const SAVED_BY_ANOTHER = 409;

export const isSavedByAnother = (error: unknown): boolean =>
  error instanceof ApiError && error.status === SAVED_BY_ANOTHER;

/** A save that went in, or what somebody else saved meanwhile, with nothing overwritten. */
export type Saved<Stored, Answer = Stored> =
  { readonly saved: Answer } | { readonly theirs: Stored };

interface VersionedSave<Input, Stored, Answer> {
  readonly name: WriteName;
  /** Saves what was made from some version; 409 where another one is stored by now. */
  readonly save: (input: Input) => Promise<Answer>;
  /** What is stored by now. */
  readonly newest: () => Promise<Stored>;
  readonly touches?: readonly QueryKey[];
  readonly isToldHere?: boolean;
  readonly lead?: string;
}

/** Saves a thing of which versions are counted; what to do with somebody else's is the screen's. */
export const useVersionedSave = <Input, Stored, Answer = Stored>({
  name,
  save,
  newest,
  ...options
}: VersionedSave<Input, Stored, Answer>): Write<Input, Saved<Stored, Answer>> =>
  useWrite<Input, Saved<Stored, Answer>>(
    name,
    async (input) => {
      try {
        return { saved: await save(input) };
      } catch (error) {
        if (!isSavedByAnother(error)) throw error;
        return { theirs: await newest() };
      }
    },
    { ...options, isOfFields: true },
  );
