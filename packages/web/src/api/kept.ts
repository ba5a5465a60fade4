/** Given to a query whose answer stays on the device, to be there without signal. */
export const KEPT = { gcTime: Infinity, meta: { isKept: true } } as const;
