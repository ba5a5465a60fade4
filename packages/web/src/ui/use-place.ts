import { useCallback } from 'react';
import { useSearchParams } from 'react-router';

/** What the address says of where one is on a page; undefined: no such field any more. */
export type PlaceFields = Readonly<Record<string, string | undefined>>;

/**
 * Where one is on a page, as the address has it, and how to go elsewhere: links, reload and going back all show
 * the same. It is no step to go back from, unless it is said to be one.
 */
export function usePlace() {
  const [search, setSearch] = useSearchParams();
  const go = useCallback(
    (fields: PlaceFields, { isStep = false } = {}) =>
      setSearch(
        (before) => {
          const next = new URLSearchParams(before);
          for (const [name, value] of Object.entries(fields))
            if (value === undefined) next.delete(name);
            else next.set(name, value);
          return next;
        },
        { replace: !isStep },
      ),
    [setSearch],
  );
  return [search, go] as const;
}
