/** A place on a ring of so many, some steps further or back. */
export const turned = (place: number, steps: number, count: number): number =>
  (((place + steps) % count) + count) % count;

/** Values one after another, the last followed by the first. */
export interface Ring {
  readonly count: number;
  readonly value: (place: number) => number;
  /** Where a value stands; one between two stands at the lower. */
  readonly place: (value: number) => number;
}

/** Off (0) first, then from the least to the most by a step. */
export function lengthRing(least: number, most: number, step: number): Ring {
  const first = Math.max(step, Math.ceil(least / step) * step);
  const count = Math.max(1, Math.floor((most - first) / step) + 1) + 1;
  return {
    count,
    value: (place) => (place === 0 ? 0 : first + (place - 1) * step),
    place: (value) =>
      value <= 0 ? 0 : Math.min(count - 1, Math.max(1, Math.floor((value - first) / step) + 1)),
  };
}

export function numberRing(least: number, most: number, step = 1): Ring {
  const count = Math.max(1, Math.floor((most - least) / step) + 1);
  return {
    count,
    value: (place) => least + place * step,
    place: (value) => Math.min(count - 1, Math.max(0, Math.floor((value - least) / step))),
  };
}

export const stepOn = (ring: Ring, value: number, steps: number): number =>
  ring.value(turned(ring.place(value), steps, ring.count));

/** Of something that is on or off, an even number of presses changes nothing. */
export const isOdd = (steps: number): boolean => Math.abs(steps) % 2 === 1;

/** With one more, or without it, in order. */
export const toggled = (list: readonly number[], one: number): number[] =>
  list.includes(one) ? list.filter((other) => other !== one) : [...list, one].sort((a, b) => a - b);
