/** Closes a `switch` over a union: it compiles only while every member has its own case. */
export function exhaustive(value: never): never {
  throw new Error(`No case for ${JSON.stringify(value)}`);
}
