import { useCallback } from 'react';
import { useSearchParams } from 'react-router';

/** What the address says of where one is on a page, and how to change it without a step back. */
export function usePlace() {
  const [search, setSearch] = useSearchParams();
  const go = useCallback(
    (fields: Readonly<Record<string, string | undefined>>) =>
      setSearch(
        (before) => {
          const next = new URLSearchParams(before);
          for (const [name, value] of Object.entries(fields))
            if (value === undefined) next.delete(name);
            else next.set(name, value);
          return next;
        },
        { replace: true },
      ),
    [setSearch],
  );
  return [search, go] as const;
}
