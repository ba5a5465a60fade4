/** Expected trouble is a value: either `ok` with what was asked for, or the reasons there is none. */
export type Result<Value, Trouble> =
  { readonly ok: true; readonly value: Value } | { readonly ok: false; readonly trouble: Trouble };

export const ok = <Value>(value: Value): Result<Value, never> => ({ ok: true, value });
export const err = <Trouble>(trouble: Trouble): Result<never, Trouble> => ({ ok: false, trouble });
