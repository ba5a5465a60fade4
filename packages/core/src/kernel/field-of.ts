/** A field of something that came from outside, whatever it is. */
export const fieldOf = (thing: unknown, name: string): unknown =>
  typeof thing === 'object' && thing !== null && name in thing
    ? (thing as Readonly<Record<string, unknown>>)[name]
    : undefined;
