/** Refuses a number that makes no sense for a quantity; screens check before they ask. */
export function inRange(name: string, value: number, least: number, most = Infinity): number {
  if (!Number.isFinite(value) || value < least || value > most)
    throw new RangeError(`${name} must be ${least} to ${most}, not ${value}.`);
  return value;
}

/** Refuses zero too: what is divided by. */
export function aboveZero(name: string, value: number): number {
  if (!Number.isFinite(value) || value <= 0)
    throw new RangeError(`${name} must be more than 0, not ${value}.`);
  return value;
}
