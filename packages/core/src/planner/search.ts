import { readPlan, type Plan } from '../settings/index.js';
import { faultOf } from './acceptance.js';
import { Arranger, type Arranged, type Slot } from './arrange.js';
import type { Brief } from './brief.js';
import { NOTHING_STANDS, type Standing } from './standing.js';
import { coversOf, kindsOf, plantsOf, type Kind } from './kinds.js';
import { shareOut } from './sharing-out.js';
import { situationOf, type Situation } from './situation.js';
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

function searchApart(asked: Asked): SearchResult | null {
  const { situation, limits } = asked;
  const arrangers = leewaysOf(situation).map((leeway) => new Arranger(situation, leeway));
  const kinds = kindsOf(situation, asked.isApart, arrangers[0]!);
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
