import type { Kind } from './kinds.js';
import type { Job, Situation } from './situation.js';

/** The seconds a week that a station asks for, to balance groups by. */
const loadOf = ({ station: { need } }: Job): number =>
  'weeklySeconds' in need ? need.weeklySeconds : need.seconds;

/**
 * The ways to share stations out among the kinds of a cover, each a group of stations for each kind: all of them where
 * they are no more than `most`, else those that are likely.
 */
export function shareOut(
  situation: Situation,
  cover: readonly Kind[],
  most: number,
): { groups: Job[][][]; isWhole: boolean } {
  const { jobs } = situation;
  const packs = packsOf(situation);
  const options = packs.map((pack) =>
    cover.flatMap((kind, slot) =>
      pack.every(({ index }) => kind.allowed.has(index)) ? [slot] : [],
    ),
  );
  if (options.some((own) => own.length === 0)) return { groups: [], isWhole: true };
  const placeOfJob = packPlaces(packs);
  const count = options.reduce((product, own) => Math.min(1e9, product * own.length), 1);
  const toGroups = (slotOf: readonly number[]): Job[][] =>
    cover.map((_, slot) => jobs.filter(({ index }) => slotOf[placeOfJob.get(index)!] === slot));
  if (count <= most) return { groups: allOf(options).map(toGroups), isWhole: true };
  return { groups: likely(packs, cover, options).map(toGroups), isWhole: false };
}

function allOf(options: readonly (readonly number[])[]): number[][] {
  return options.reduce<number[][]>(
    (made, own) => made.flatMap((before) => own.map((slot) => [...before, slot])),
    [[]],
  );
}

/** Stations that go into one program together: a leader and those that follow it. */
function packsOf({ jobs, standing: { leaders } }: Situation): Job[][] {
  const numbers = new Set(jobs.map(({ station }) => station.number));
  const leaderOf = ({ station: { number } }: Job): number => {
    const leader = leaders.get(number);
    return leader !== undefined && numbers.has(leader) ? leader : number;
  };
  const packs = new Map<number, Job[]>();
  for (const job of jobs) {
    const leader = leaderOf(job);
    packs.set(leader, [...(packs.get(leader) ?? []), job]);
  }
  return [...packs.values()];
}

const packPlaces = (packs: readonly (readonly Job[])[]): Map<number, number> =>
  new Map(packs.flatMap((pack, place) => pack.map(({ index }) => [index, place] as const)));

/** How many orders in which stations are shared out are tried beside the plain ones. */
const SHUFFLES = 10;

/** Where there are too many ways: the fewest dates, and balanced by length in several orders. */
function likely(
  packs: readonly (readonly Job[])[],
  cover: readonly Kind[],
  options: readonly (readonly number[])[],
): number[][] {
  const loads = packs.map((pack) => pack.reduce((sum, job) => sum + loadOf(job), 0));
  const places = packs.map((_, place) => place);
  const bySize = [...places].sort((a, b) => loads[b]! - loads[a]!);
  const shuffled = Array.from({ length: SHUFFLES }, (_, seed) => inOrderOf(places, seed + 1));
  return [bySize, places, ...shuffled].map((order) => {
    const load = cover.map(() => 0);
    const slotOf = packs.map(() => 0);
    for (const place of order) {
      // Fewest dates first; of slots alike the one that is emptiest by now.
      const best = options[place]!.reduce((a, b) => {
        const more = cover[b]!.style.datesPerWeek - cover[a]!.style.datesPerWeek;
        return more < 0 || (more === 0 && load[b]! < load[a]!) ? b : a;
      });
      slotOf[place] = best;
      load[best]! += loads[place]!;
    }
    return slotOf;
  });
}

/** Places in an order of their own for each seed. */
const inOrderOf = (places: readonly number[], seed: number): number[] =>
  [...places].sort((a, b) => mixed(a, seed) - mixed(b, seed));

const mixed = (value: number, seed: number): number =>
  (Math.imul(value + 1, 0x9e3779b1) ^ Math.imul(seed, 0x85ebca6b)) >>> 0;
