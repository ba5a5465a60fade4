import type { QueryKey } from '@tanstack/react-query';
import { ApiError } from './client';
import { useWrite, type Write, type WriteName } from './use-write';

const SAVED_BY_ANOTHER = 409;

/** A save that went in, or what somebody else saved meanwhile, with nothing overwritten. */
export type Saved<Stored> = { readonly saved: Stored } | { readonly theirs: Stored };

interface VersionedSave<Input, Stored> {
  readonly name: WriteName;
  /** Saves what was made from some version; 409 where another one is stored by now. */
  readonly save: (input: Input) => Promise<Stored>;
  /** What is stored by now. */
  readonly newest: () => Promise<Stored>;
  readonly touches?: readonly QueryKey[];
  readonly isToldHere?: boolean;
  readonly lead?: string;
}

/** Saves a thing of which versions are counted; what to do with somebody else's is the screen's. */
export const useVersionedSave = <Input, Stored>({
  name,
  save,
  newest,
  ...options
}: VersionedSave<Input, Stored>): Write<Input, Saved<Stored>> =>
  useWrite<Input, Saved<Stored>>(
    name,
    async (input) => {
      try {
        return { saved: await save(input) };
      } catch (error) {
        if (!(error instanceof ApiError && error.status === SAVED_BY_ANOTHER)) throw error;
        return { theirs: await newest() };
      }
    },
    options,
  );
