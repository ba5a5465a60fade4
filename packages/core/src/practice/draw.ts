import { randomLcg } from 'd3-random';

/** Whole numbers from 0 up to a limit, the same ones for the same seed. */
export type Draw = (limit: number) => number;

const RANGE = 2 ** 32;

export function drawOf(seed: number): Draw {
  const random = randomLcg(mixed(seed) / RANGE);
  return (limit) => Math.floor(random() * limit);
}

/** Seeds one after another draw nearly the same at first: each bit of a seed is to turn every other (Appleby, MurmurHash3). */
function mixed(seed: number): number {
  let bits = seed ^ (seed >>> 16);
  bits = Math.imul(bits, 0x85_eb_ca_6b);
  bits ^= bits >>> 13;
  bits = Math.imul(bits, 0xc2_b2_ae_35);
  return (bits ^ (bits >>> 16)) >>> 0;
}

export const oneOf = <Value>(draw: Draw, from: readonly [Value, ...Value[]]): Value =>
  from[draw(from.length)] ?? from[0];
