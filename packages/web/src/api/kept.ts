/** Given to a query whose answer stays on the device, to be there without signal. */
export const KEPT = { gcTime: Infinity, meta: { isKept: true } } as const;

/**
 * What is edited is never refreshed under the hands of the editor, and begins with the newest: what is kept on the
 * device is taken only where nobody can be asked.
 */
export const EDITED = {
  staleTime: Infinity,
  gcTime: 0,
  meta: { isKept: true, isAskedFirst: true },
} as const;
