/** The keys of a thing that has no others than its type says. */
export const keysOf = <Thing extends object>(thing: Thing): (keyof Thing & string)[] =>
  Object.keys(thing) as (keyof Thing & string)[];
