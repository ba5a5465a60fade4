/** Fields of a thing to be set; one that is undefined is taken out. */
export type Changes<Thing> = { readonly [Field in keyof Thing]?: Thing[Field] | undefined };

/** The thing with its fields set; it stays as it was itself. */
export const withChanges = <Thing extends object>(before: Thing, changes: Changes<Thing>): Thing =>
  Object.fromEntries(
    Object.entries<unknown>({ ...before, ...changes }).filter(([, value]) => value !== undefined),
  ) as unknown as Thing;
