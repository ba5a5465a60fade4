import { randomLcg } from 'd3-random';

/** Whole numbers from 0 up to a limit, the same ones for the same seed. */
export type Draw = (limit: number) => number;

const SPREAD = 0.618_033_988_749_895;

export function drawOf(seed: number): Draw {
  const random = randomLcg((seed * SPREAD) % 1);
  return (limit) => Math.floor(random() * limit);
}

export const oneOf = <Value>(draw: Draw, from: readonly [Value, ...Value[]]): Value =>
  from[draw(from.length)] ?? from[0];
