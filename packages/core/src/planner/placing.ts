import type { Draft } from './draft.js';
import type { KeptStart } from './kept-starts.js';
import { DAY, type NightSeconds } from './night.js';
import type { Situation } from './situation.js';

/** When each program of a plan starts, seconds of the night, the first start first. */
export type Placing = readonly (readonly NightSeconds[])[];

/** Whether a program, by its place, may ever water in the same night as another or as what is kept. */
export type Meets = (a: number, b: number) => boolean;

/** Something in the night that is there already. */
interface Block {
  readonly program: number;
  readonly from: NightSeconds;
  readonly to: NightSeconds;
  /** It is in the way, but nothing must be over before it. */
  readonly isByDay: boolean;
}

/** What is kept as it is stands in the way like a program by day; it has places below 0. */
const keptPlace = (index: number): number => -1 - index;

const keptBlocks = (kept: readonly KeptStart[]): Block[] =>
  kept.map(({ from, to }, index) => ({ program: keptPlace(index), from, to, isByDay: true }));

interface PlacingAsked {
  /** Hours that are taken already. */
  readonly kept: readonly KeptStart[];
  /** How many nights each program waters. */
  readonly nights: readonly number[];
  /** Told where not every order was gone through. */
  readonly onCut: () => void;
}

/** More orders of programs than these are not gone through. */
const MOST_ORDERS = 720;

/**
 * Starts for all programs, so that no two that meet overlap, each as late as it can be; of all orders
 * the one whose nights are over latest, counted by `nights`. Null where none fits.
 */
export function placeAll(
  situation: Situation,
  drafts: readonly Draft[],
  meets: Meets,
  { kept, nights, onCut }: PlacingAsked,
): Placing | null {
  const byDay = drafts.flatMap((draft, program) => (draft.spread ? [program] : []));
  const byNight = drafts.flatMap((draft, program) => (draft.spread ? [] : [program]));
  const fixed = placeByDay(situation, drafts, byDay, meets, keptBlocks(kept));
  if (!fixed) return null;
  let best: { placing: Placing; score: number } | null = null;
  let tried = 0;
  for (const order of orders(byNight)) {
    if (++tried > MOST_ORDERS) {
      onCut();
      break;
    }
    const placed = placeInOrder(situation, drafts, order, meets, fixed);
    if (!placed) continue;
    const score = scoreOf(drafts, placed, nights);
    if (!best || score > best.score) best = { placing: placed, score };
  }
  return best ? best.placing : placeWoven(situation, drafts, byNight, meets, fixed, onCut);
}

/** Σ over programs of how late they end, by the nights on which they water. */
const scoreOf = (drafts: readonly Draft[], placing: Placing, nights: readonly number[]): number =>
  drafts.reduce((sum, draft, program) => {
    if (draft.spread) return sum;
    return sum + nights[program]! * (placing[program]!.at(-1)! + draft.longestSeconds);
  }, 0);

/** Every order of some programs. */
function* orders(programs: readonly number[]): Generator<number[]> {
  if (programs.length <= 1) {
    yield [...programs];
    return;
  }
  for (const [index, first] of programs.entries())
    for (const rest of orders(programs.filter((_, at) => at !== index))) yield [first, ...rest];
}

const stepDown = (time: number, step: number): number => Math.floor(time / step) * step;
const stepUp = (time: number, step: number): number => Math.ceil(time / step) * step;

/** The night is a circle: what lies by day is also the day before. */
const overlaps = (a: { from: number; to: number }, b: { from: number; to: number }): boolean =>
  [-DAY, 0, DAY].some((shift) => a.from < b.to + shift && b.from + shift < a.to);

/**
 * Programs in an order, last first, each start as late as those after it leave room; programs whose
 * nights never meet may share the hours.
 */
function placeInOrder(
  situation: Situation,
  drafts: readonly Draft[],
  order: readonly number[],
  meets: Meets,
  fixed: Fixed,
): Placing | null {
  const starts: NightSeconds[][] = fixed.starts.map((all) => [...all]);
  const blocks = [...fixed.blocks];
  for (const program of [...order].reverse()) {
    const placed = placeProgram(situation, drafts[program]!, program, meets, blocks);
    if (!placed) return null;
    starts[program] = placed;
    for (const from of placed)
      blocks.push({ program, from, to: from + drafts[program]!.longestSeconds, isByDay: false });
  }
  return starts;
}

function placeProgram(
  situation: Situation,
  draft: Draft,
  program: number,
  meets: Meets,
  blocks: readonly Block[],
): NightSeconds[] | null {
  const starts: NightSeconds[] = [];
  // Before what is placed already: the order is from the last program to the first.
  let upTo = draft.window.to;
  for (const block of blocks)
    if (!block.isByDay && meets(program, block.program))
      upTo = Math.min(upTo, block.from - draft.longestSeconds - situation.queueDelay);
  for (let count = 0; count < draft.starts; count++) {
    const start = latestStart(situation, draft, program, upTo, meets, blocks);
    if (start === null) return null;
    starts.unshift(start);
    upTo = start - draft.gapSeconds;
  }
  return starts;
}

/** The latest start on the timer's step, up to a moment, that no block is in the way of. */
function latestStart(
  { startStep, queueDelay }: Situation,
  { window, longestSeconds, avoid }: Draft,
  program: number,
  upTo: number,
  meets: Meets,
  blocks: readonly Block[],
): NightSeconds | null {
  let start = stepDown(Math.min(upTo, window.to), startStep);
  while (start >= window.from) {
    const span = { from: start, to: start + longestSeconds + queueDelay };
    const isInWay =
      avoid.some((hours) => overlaps(span, hours)) ||
      blocks.some(
        (block) =>
          meets(program, block.program) &&
          overlaps(span, { from: block.from, to: block.to + queueDelay }),
      );
    if (!isInWay) return start;
    start -= startStep;
  }
  return null;
}

interface Fixed {
  readonly starts: readonly (readonly NightSeconds[])[];
  readonly blocks: readonly Block[];
}

/** More ways to weave starts than these are not gone through. */
const MOST_WEAVES = 4000;

/** Starts of several programs between each other's: while one soaks, another waters. */
function placeWoven(
  situation: Situation,
  drafts: readonly Draft[],
  byNight: readonly number[],
  meets: Meets,
  fixed: Fixed,
  onCut: () => void,
): Placing | null {
  if (byNight.length < 2 || byNight.every((program) => drafts[program]!.starts === 1)) return null;
  const starts: NightSeconds[][] = fixed.starts.map((all) => [...all]);
  let tries = 0;
  const weave = (blocks: readonly Block[]): boolean => {
    if (++tries > MOST_WEAVES) {
      onCut();
      return false;
    }
    const open = byNight.filter((program) => starts[program]!.length < drafts[program]!.starts);
    if (open.length === 0) return true;
    for (const program of open) {
      const draft = drafts[program]!;
      const next = starts[program]![0];
      let upTo = next === undefined ? draft.window.to : next - draft.gapSeconds;
      for (const block of blocks)
        if (!block.isByDay && meets(program, block.program))
          upTo = Math.min(upTo, block.from - draft.longestSeconds - situation.queueDelay);
      const start = latestStart(situation, draft, program, upTo, meets, blocks);
      if (start === null) continue;
      starts[program]!.unshift(start);
      if (
        weave([
          ...blocks,
          { program, from: start, to: start + draft.longestSeconds, isByDay: false },
        ])
      )
        return true;
      starts[program]!.shift();
    }
    return false;
  };
  return weave(fixed.blocks) ? starts : null;
}

/** Programs by day, each with its starts as evenly as the needs ask; they stand before the nights. */
function placeByDay(
  situation: Situation,
  drafts: readonly Draft[],
  byDay: readonly number[],
  meets: Meets,
  kept: readonly Block[],
): Fixed | null {
  const starts: NightSeconds[][] = drafts.map(() => []);
  const place = (index: number, blocks: readonly Block[]): readonly Block[] | null => {
    const program = byDay[index];
    if (program === undefined) return blocks;
    const draft = drafts[program]!;
    for (const tried of waysByDay(situation, draft)) {
      const own = tried.map((from) => ({
        program,
        from,
        to: from + draft.longestSeconds,
        isByDay: true,
      }));
      const isFree = own.every(
        (one) =>
          !draft.avoid.some((hours) => overlaps(one, hours)) &&
          !blocks.some((block) => meets(program, block.program) && overlaps(one, block)),
      );
      if (!isFree) continue;
      const rest = place(index + 1, [...blocks, ...own]);
      if (!rest) continue;
      starts[program] = tried;
      return rest;
    }
    return null;
  };
  const blocks = place(0, kept);
  return blocks && { starts, blocks };
}

/** Ways to lay a program's starts evenly over its day, the widest first. */
function* waysByDay({ startStep }: Situation, draft: Draft): Generator<NightSeconds[]> {
  const { starts, window, spread, gapSeconds } = draft;
  const [first, last] = [stepUp(window.from, startStep), stepDown(window.to, startStep)];
  if (first > last) return;
  if (starts === 1) {
    for (let start = last; start >= first; start -= startStep) yield [start];
    return;
  }
  const least = Math.max(gapSeconds, (spread!.to - spread!.from) / (starts + 1) - startStep);
  const widest = stepDown((last - first) / (starts - 1), startStep);
  for (let gap = widest; gap >= least && gap > 0; gap -= startStep)
    for (let begin = first; begin + gap * (starts - 1) <= last; begin += startStep)
      yield Array.from({ length: starts }, (_, index) => begin + index * gap);
}
