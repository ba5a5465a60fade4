import { Draft, type Fault } from './draft.js';
import { Refusal } from './refusal.js';
import { scopeOf } from './scope.js';
import { commonUnits, faultKey, LATE, leastChanges, narrowest } from './scoped-faults.js';
import { unitKey, type StartUnit } from './unit.js';
import { startChange, valuesOf } from './values.js';
import { freePlaces, type InTheWay, type Way } from './walk.js';

/** When to stop looking. */
export interface SearchEnd {
  /** True when the time is up. */
  readonly isOver: () => boolean;
}

export interface Found {
  /** The best that is sound, or null where none was found. */
  readonly sound: Draft | null;
  /** Every set of so few changes was looked at. */
  readonly isExhausted: boolean;
}

/** So many values of a unit are tried, so many gone into that cure its fault, and so many that break nothing else. */
const MOST_TRIED = 150;
/** A change may take the water of fewer stations than this, whatever is left to give it back. */
const MOST_LOST = 3;
/** Before a start is put where it suits, so many ways to mend what it brings to light are gone into. */
const MOST_MENDED = 3;
const MOST_LOOKED = 60;
const MOST_BETTER = 8;
/** So many free places of a start are gone into, each way. */
const PLACES_EACH_WAY = 3;
/** Free places nearer together than this are alike. */
const APART_MINUTES = 20;
/** The same of a start that is added: it may be anywhere in the night. */
const ADDED_PLACES = 24;
const ADDED_APART_MINUTES = 60;
/** Where what is set tells nothing yet, so many values that look alike are gone into. */
const MOST_ALIKE = 6;

const WAYS: readonly Way[] = [1, -1];
/** Faults of starts that are the same at any time of day. */
const WHENEVER: readonly Fault['code'][] = ['water', 'too-many-starts'];

/** Looks for the fewest changes of settings that put everything right. */
export class Search {
  readonly #steps = new Map<string, readonly Draft[]>();
  readonly #lastOf = new Map<string, Draft | null>();
  /** With the fewest faults, of all that was looked at. */
  nearest: Draft;

  constructor(
    start: Draft,
    /** Until when it looks; what it has seen by then it knows when it goes on. */
    public end: SearchEnd,
  ) {
    this.nearest = start;
  }

  /**
   * What is sound with so many changes more, or less; the least disturbing that was found. `slack` is how far the
   * changes may be from the most promising ones, summed over their places among those that there are.
   */
  within(draft: Draft, changes: number, slack = Infinity): Found {
    const best: Best = { draft: null };
    const isExhausted = this.#look(draft, changes, slack, best);
    return { sound: best.draft, isExhausted };
  }

  /** Step after step the change that leaves the fewest faults; null where none helps. */
  greedily(draft: Draft, mostChanges: number): Draft | null {
    let at = draft;
    for (let count = 0; at.faults.length > 0; count++) {
      if (count === mostChanges || this.end.isOver()) return null;
      const last = this.#lastChange(at, Infinity);
      if (last) return last;
      const [next] = this.#stepsFrom(at, mostChanges - count);
      if (!next) return null;
      at = next;
    }
    return at;
  }

  #look(draft: Draft, left: number, slack: number, best: Best): boolean {
    this.#note(draft);
    if (draft.faults.length === 0) {
      best.draft = lessDisturbing(draft, best.draft);
      return true;
    }
    if (left === 0 || leastChanges(draft) > left) return true;
    if (this.end.isOver()) return false;
    if (left > 1) {
      this.#lookOn(draft, left, slack, best);
      // Two changes may help only together, and of such pairs not all are looked at.
      return false;
    }
    const last = this.#lastChange(draft, best.draft?.disturbance ?? Infinity);
    const found = last ?? this.#withStartLast(draft);
    if (found) best.draft = lessDisturbing(found, best.draft);
    return !this.end.isOver();
  }

  #lookOn(draft: Draft, left: number, slack: number, best: Best): void {
    for (const next of withOneStart(draft, left))
      this.#look(next, left - (next.changes.length - draft.changes.length), slack, best);
    for (const [place, next] of this.#stepsFrom(draft, left).entries()) {
      if (this.end.isOver() || place > slack) return;
      if (best.draft && next.disturbance >= best.draft.disturbance) continue;
      this.#look(next, left - 1, slack - place, best);
    }
  }

  /** What a start that was added brought to light is mended first, and the start put where it suits then. */
  #withStartLast(draft: Draft): Draft | null {
    const added = draft.changes.find(
      ({ unit }) =>
        unit.of === 'start' && unit.place >= draft.given.programs[unit.program]!.starts.length,
    );
    if (!added) return null;
    for (const { given, from, bands, changes } of this.#stepsFrom(draft, 1).slice(0, MOST_MENDED)) {
      if (this.end.isOver()) return null;
      const others = changes.filter((one) => one !== added);
      const last = this.#lastChange(new Draft(given, from, bands, others), Infinity);
      if (last) return last;
    }
    return null;
  }

  #note(draft: Draft): void {
    if (draft.faults.length < this.nearest.faults.length) this.nearest = draft;
  }

  /** The least disturbing single change after which nothing is wrong: all that every fault reads is gone through. */
  #lastChange(draft: Draft, bound: number): Draft | null {
    const key = draftKey(draft);
    const known = this.#lastOf.get(key);
    if (known !== undefined) return known;
    let best: Draft | null = null;
    const least = () => Math.min(bound, best?.disturbance ?? Infinity);
    for (const unit of commonUnits(draft)) {
      if (this.end.isOver()) return best;
      const changes = valuesOf(unit, draft).sort((x, y) => x.disturbance - y.disturbance);
      const ofValues = new Refusal(unit, draft);
      for (const change of changes) {
        if (draft.disturbance + change.disturbance >= least() || this.end.isOver()) break;
        const changed = draft.with(change);
        const fault = ofValues.of(changed);
        if (fault === null) best = changed;
        if (fault === null || fault === 'never') break;
      }
      if (unit.of !== 'start') continue;
      const isMoved = draft.startAt(unit) !== null;
      for (const way of WAYS) {
        const ofPlaces = new Refusal(unit, draft);
        const inTheWay = (one: Draft): InTheWay =>
          (isMoved && one.disturbance >= least()) || this.end.isOver() ? 'never' : ofPlaces.of(one);
        for (const moved of freePlaces(unit, draft, way, inTheWay)) {
          if (moved.disturbance < least()) best = moved;
          break;
        }
      }
    }
    if (!this.end.isOver()) this.#lastOf.set(key, best);
    return best;
  }

  /** What becomes of a draft by one change that cures the fault that reads the least; the most promising first. */
  #stepsFrom(draft: Draft, left: number): readonly Draft[] {
    const lost = Math.min(left, MOST_LOST);
    const key = `${lost} ${draftKey(draft)}`;
    const known = this.#steps.get(key);
    if (known) return known;
    const fault = narrowest(draft);
    if (!fault) return [];
    // Without a start nothing tells good days from bad ones; nor what is cured later which start is good.
    const isHidden = LATE.includes(fault.fault.code);
    const byOutcome = new Map<string, readonly Draft[]>();
    /** Whether it leads to what no other one leads to. */
    const add = (next: Draft): boolean => {
      const { unit, to } = next.changes.at(-1)!;
      const faults = next.faults.map((one) => faultKey(one, next)).sort();
      const outcome = [unitKey(unit), to === null, ...faults].join('; ');
      const alike = byOutcome.get(outcome) ?? [];
      if (!isHidden && isBetter(next, alike)) byOutcome.set(outcome, [next]);
      if (isHidden) byOutcome.set(outcome, [...alike, next]);
      this.#note(next);
      return isHidden || alike.length === 0;
    };
    for (const unit of fault.scope.units) {
      if (this.end.isOver()) break;
      if (draft.isChanged(unit)) continue;
      const changes = valuesOf(unit, draft).sort((x, y) => x.disturbance - y.disturbance);
      let [looked, better] = [0, 0];
      for (const change of changes.slice(0, MOST_TRIED)) {
        if (this.end.isOver() || looked === MOST_LOOKED || better === MOST_BETTER) break;
        const next = draft.with(change);
        if (!isCured(fault.fault, draft, next, lost)) continue;
        looked++;
        if (add(next) && next.faults.length < draft.faults.length) better++;
      }
      if (unit.of === 'start')
        for (const next of this.#placesOf(unit, draft, fault.fault)) add(next);
    }
    const steps = [...byOutcome.values()].flatMap(spread).sort((x, y) => wrongIn(x) - wrongIn(y));
    if (!this.end.isOver()) this.#steps.set(key, steps);
    return steps;
  }

  /** Where a start may go: where its fault is gone, and where nothing at all is in its way. */
  *#placesOf(unit: StartUnit, draft: Draft, fault: Fault): Generator<Draft> {
    const key = faultKey(fault, draft);
    const isAdded = draft.startAt(unit) === null;
    if (!isAdded && WHENEVER.includes(fault.code)) return;
    const stays = (moved: Draft): InTheWay =>
      this.end.isOver()
        ? 'never'
        : (moved.ofCode(fault.code).find((one) => faultKey(one, moved) === key) ?? null);
    const own = (moved: Draft): InTheWay => {
      if (this.end.isOver()) return 'never';
      return moved.ofCode(fault.code).find((one) => scopeOf(one, moved).has(unit)) ?? null;
    };
    for (const way of WAYS) {
      if (!isAdded)
        for (const moved of freePlaces(unit, draft, way, stays)) {
          yield moved;
          break;
        }
      let count = 0;
      const [apart, most] = isAdded
        ? [ADDED_APART_MINUTES, ADDED_PLACES]
        : [APART_MINUTES, PLACES_EACH_WAY];
      for (const moved of freePlaces(unit, draft, way, own, apart)) {
        yield moved;
        if (++count === most) break;
      }
    }
  }
}

/** Where a start was meant for each station: with only one of the starts left, whichever it is. */
function withOneStart(draft: Draft, left: number): Draft[] {
  const [fault] = draft.faults.filter(({ code }) => code === 'start-per-station');
  if (!fault || fault.code === 'water') return [];
  const starts = draft.startUnits(draft.programIndex(fault.program!));
  if (starts.length - 1 > left || starts.some((unit) => draft.isChanged(unit))) return [];
  return starts.map((kept) =>
    starts
      .filter((unit) => unit !== kept)
      .reduce((next, unit) => next.with(startChange(unit, null, next)), draft),
  );
}

/** Some of many that look alike, evenly. */
const spread = (alike: readonly Draft[]): readonly Draft[] =>
  alike.length <= MOST_ALIKE
    ? alike
    : Array.from(
        { length: MOST_ALIKE },
        (_, at) => alike[Math.floor((at * alike.length) / MOST_ALIKE)]!,
      );

const isBetter = (next: Draft, [known]: readonly Draft[]): boolean =>
  known === undefined || next.disturbance < known.disturbance;

/** How far a draft is from being sound and from what was given: faults, and what disturbs as much as one. */
const wrongIn = (draft: Draft): number => draft.faults.length + draft.disturbance / A_FAULT;
const A_FAULT = 60;

interface Best {
  draft: Draft | null;
}

const lessDisturbing = (draft: Draft, other: Draft | null): Draft =>
  other && other.disturbance <= draft.disturbance ? other : draft;

const draftKey = ({ changes }: Draft): string =>
  changes
    .map(({ unit, to }) => `${unitKey(unit)}=${JSON.stringify(to)}`)
    .sort()
    .join(' ');

/** Cured, and no more stations have lost their water by it than changes are left to give it back. */
function isCured(fault: Fault, before: Draft, next: Draft, left: number): boolean {
  const broken = (draft: Draft) => draft.waterFaults.map((one) => faultKey(one, draft));
  const had = new Set(broken(before));
  const water = broken(next);
  if (water.filter((one) => !had.has(one)).length >= left) return false;
  const key = faultKey(fault, before);
  return !next.ofCode(fault.code).some((one) => faultKey(one, next) === key);
}
