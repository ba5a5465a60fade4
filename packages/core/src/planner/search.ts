import { readPlan, type Plan } from '../settings/index.js';
import { faultOf } from './acceptance.js';
import { Arranger, type Arranged, type Slot } from './arrange.js';
import type { Brief } from './brief.js';
import { NOTHING_STANDS, type Standing } from './standing.js';
import { situationOf, type Job, type Situation } from './situation.js';
import { allowsTimes, stylesOf, type Style } from './styles.js';
import { planDocument } from './to-plan.js';

/** How far a search may go. Time is asked for, never read. */
export interface Limits {
  /** True when time is up. */
  readonly isOver: () => boolean;
  readonly onProgress?: (programs: number) => void;
}

export interface SearchResult {
  readonly plan: Plan;
  readonly document: Readonly<Record<string, unknown>>;
  readonly programs: number;
  readonly starts: number;
  /** Watering dates a week, summed over stations. */
  readonly dates: number;
  /** No plan has fewer programs. */
  readonly isProven: boolean;
}

/** A program to be, before its stations are chosen. */
interface Kind {
  readonly style: Style;
  /** Where plantings are kept apart: the one that this program waters. */
  readonly plant: string | null;
  /** The stations that it could water. */
  readonly allowed: ReadonlySet<number>;
}

interface Asked {
  readonly document: Readonly<Record<string, unknown>>;
  readonly situation: Situation;
  readonly limits: Limits;
  /** Stations of different plants are in different programs. */
  readonly isApart: boolean;
}

/** More ways to share stations out among programs than these are not gone through. */
const MOST_ASSIGNMENTS = 4096;
/** Of a few stations all ways are gone through at once: the best of them is wanted. */
const FEW_STATIONS = 6;
const FEW_ASSIGNMENTS = 256;
const VERY_FEW_ASSIGNMENTS = 16;
const MOST_COVERS = 6000;

/**
 * The best plan for a brief: fewest programs, then starts, then dates, then the latest finish. Null
 * where none was found.
 */
export function search(
  document: Readonly<Record<string, unknown>>,
  brief: Brief,
  limits: Limits,
  standing: Standing = NOTHING_STANDS,
): SearchResult | null {
  const situation = situationOf(brief, standing);
  if (situation.jobs.length === 0) return null;
  const apart = brief.prefer === 'by-need' && plantsOf(situation).size > 1;
  const found = apart ? searchApart({ document, situation, limits, isApart: true }) : null;
  return found ?? searchApart({ document, situation, limits, isApart: false });
}

const plantOf = ({ station }: Job): string => station.plant ?? 'unknown';
const plantsOf = ({ jobs }: Situation): Set<string> => new Set(jobs.map(plantOf));

function searchApart(asked: Asked): SearchResult | null {
  const { situation, limits } = asked;
  const arrangers = leewaysOf(situation).map((leeway) => new Arranger(situation, leeway));
  const kinds = kindsOf(asked, arrangers[0]!);
  let isProven = true;
  for (let programs = 1; programs <= situation.labels.length; programs++) {
    limits.onProgress?.(programs);
    const tried = withPrograms(asked, arrangers, kinds, programs);
    if (tried.found) return { ...tried.found, isProven };
    if (limits.isOver()) return null;
    isProven &&= tried.isWhole;
  }
  return null;
}

interface Attempt {
  readonly found: Omit<SearchResult, 'isProven'> | null;
  /** Everything was gone through. */
  readonly isWhole: boolean;
}

/** The best plan with just so many programs. */
function withPrograms(
  asked: Asked,
  arrangers: readonly Arranger[],
  kinds: readonly Kind[],
  programs: number,
): Attempt {
  const { situation, limits } = asked;
  const { covers, isWhole } = coversOf(situation.jobs, kinds, programs);
  // What is likely comes first; only where it does not do, everything is gone through.
  const few = situation.jobs.length <= FEW_STATIONS ? FEW_ASSIGNMENTS : VERY_FEW_ASSIGNMENTS;
  for (const most of [few, MOST_ASSIGNMENTS]) {
    let areWhole = true;
    for (const arranger of arrangers) {
      const candidates = assignmentsOf(situation, arranger, covers, most, limits);
      const found = firstAccepted(asked, arranger, candidates.list, programs);
      if (found || limits.isOver()) return { found, isWhole: false };
      areWhole &&= candidates.isWhole;
    }
    if (areWhole)
      return { found: null, isWhole: isWhole && !arrangers.some(({ wasCut }) => wasCut) };
  }
  return { found: null, isWhole: false };
}

/** The first that holds, by starts and then by dates. */
function firstAccepted(
  asked: Asked,
  arranger: Arranger,
  candidates: readonly Candidate[],
  programs: number,
): Attempt['found'] {
  const least = Math.min(...candidates.map(({ starts }) => starts.least));
  const most = Math.max(...candidates.map(({ starts }) => starts.most));
  for (let starts = least; starts <= most; starts++)
    for (const candidate of candidates) {
      if (asked.limits.isOver()) return null;
      if (candidate.starts.least > starts || candidate.starts.most < starts) continue;
      const arranged = arranger.arrange(candidate.slots, starts);
      if (!arranged) continue;
      const found = accepted(asked, arranged, programs);
      if (found) return found;
      // Another way for the same stations might have held.
      arranger.wasCut = true;
    }
  return null;
}

/** One station at a time and no drip by day, unless that does not do. */
function leewaysOf({ brief, jobs }: Situation) {
  const byDay = jobs.some(({ isExempt }) => isExempt) ? [false, true] : [false];
  const most = Math.min(brief.timer.maxConcurrentStations, jobs.length);
  return Array.from({ length: most }, (_, index) => index + 1).flatMap((concurrent) =>
    byDay.map((usesDay) => ({ concurrent, usesDay })),
  );
}

function accepted(
  { document, situation }: Asked,
  arranged: readonly Arranged[],
  programs: number,
): Omit<SearchResult, 'isProven'> | null {
  const planned = planDocument(document, situation, arranged);
  const read = readPlan(planned);
  if (!read.ok || faultOf(situation, read.value) !== null) return null;
  return {
    plan: read.value,
    document: planned,
    programs,
    starts: arranged.reduce((sum, { starts }) => sum + starts.length, 0),
    dates: arranged.reduce(
      (sum, { draft, choice }) => sum + (draft.shares.length * choice.count) / 8,
      0,
    ),
  };
}

function kindsOf({ situation, isApart }: Asked, arranger: Arranger): Kind[] {
  const plants = isApart ? [...plantsOf(situation)] : [null];
  return plants.flatMap((plant) =>
    stylesOf(situation).flatMap((style): Kind[] => {
      const allowed = situation.jobs.filter(
        (job) =>
          (plant === null || plantOf(job) === plant) &&
          allowsTimes(job, style) &&
          arranger.allows(job, style),
      );
      return allowed.length > 0
        ? [{ style, plant, allowed: new Set(allowed.map(({ index }) => index)) }]
        : [];
    }),
  );
}

/** Every set of so many kinds, repeats included, in which each station finds one. */
function coversOf(jobs: readonly Job[], kinds: readonly Kind[], programs: number) {
  const covers: Kind[][] = [];
  const seen = new Set<string>();
  let isWhole = true;
  const grow = (chosen: readonly number[]): void => {
    if (covers.length >= MOST_COVERS) {
      isWhole = false;
      return;
    }
    const open = jobs.find(({ index }) => !chosen.some((kind) => kinds[kind]!.allowed.has(index)));
    if (chosen.length === programs) {
      if (open) return;
      const key = [...chosen].sort((a, b) => a - b).join();
      if (!seen.has(key)) covers.push(chosen.map((kind) => kinds[kind]!));
      seen.add(key);
      return;
    }
    kinds.forEach((kind, index) => {
      if (!open || kind.allowed.has(open.index)) grow([...chosen, index]);
    });
  };
  grow([]);
  return { covers, isWhole };
}

interface Candidate {
  readonly slots: readonly Slot[];
  readonly starts: { readonly least: number; readonly most: number };
  /** At the least. */
  readonly dates: number;
}

/** How stations may be shared out among the kinds of covers, the best first. */
function assignmentsOf(
  situation: Situation,
  arranger: Arranger,
  covers: readonly (readonly Kind[])[],
  most: number,
  limits: Limits,
): { list: Candidate[]; isWhole: boolean } {
  const list: Candidate[] = [];
  const known = new Set<string>();
  let isWhole = true;
  for (const cover of covers) {
    if (limits.isOver()) return { list, isWhole: false };
    const shared = shareOut(situation, cover, most);
    isWhole &&= shared.isWhole;
    for (const groups of shared.groups) {
      if (groups.some((group) => group.length === 0)) continue;
      const slots = groups.map((jobs, index) => ({ style: cover[index]!.style, jobs }));
      const key = slots
        .map(
          ({ style, jobs }) => `${JSON.stringify(style)} ${jobs.map(({ index }) => index).join()}`,
        )
        .sort()
        .join('|');
      if (known.has(key)) continue;
      known.add(key);
      const cost = costOf(arranger, slots);
      if (cost) list.push({ slots, ...cost });
    }
  }
  list.sort((a, b) => a.dates - b.dates);
  return { list, isWhole };
}

/** Starts and dates that slots may come to; null where one makes no program. */
function costOf(arranger: Arranger, slots: readonly Slot[]): Omit<Candidate, 'slots'> | null {
  let [least, most, dates] = [0, 0, 0];
  for (const slot of slots) {
    const ways = arranger.waysOf(slot);
    if (ways.length === 0) return null;
    const starts = ways.map(({ draft }) => draft.starts);
    least += Math.min(...starts);
    most += Math.max(...starts);
    dates += (slot.jobs.length * Math.min(...ways.map(({ choices }) => choices[0]!.count))) / 8;
  }
  return { starts: { least, most }, dates };
}

/** The seconds a week that a station asks for, to balance groups by. */
const loadOf = ({ station: { need } }: Job): number =>
  'weeklySeconds' in need ? need.weeklySeconds : need.seconds;

function shareOut(
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
