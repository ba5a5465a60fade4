import type { Yard, YardStation } from './yard.js';

/** A fact of a station that two people changed in two ways. */
export interface YardConflict {
  readonly number: number;
  readonly field: keyof YardStation;
  readonly mine: YardStation[keyof YardStation];
  readonly theirs: YardStation[keyof YardStation];
}

export interface MergedYard {
  /** Both people's changes; where both changed the same fact, mine. */
  readonly yard: Yard;
  readonly conflicts: readonly YardConflict[];
}

/**
 * Brings together what two people made of the same yard. A station that one took out and the other
 * changed stays; nothing that was entered is lost.
 */
export function mergeYards(base: Yard, mine: Yard, theirs: Yard): MergedYard {
  const byNumber = ({ stations }: Yard) => new Map(stations.map((one) => [one.number, one]));
  const [old, own, other] = [byNumber(base), byNumber(mine), byNumber(theirs)];
  const conflicts: YardConflict[] = [];
  const numbers = [...new Set([...own.keys(), ...other.keys()])].sort((a, b) => a - b);
  const stations = numbers.flatMap((number): YardStation[] => {
    const [before, a, b] = [old.get(number), own.get(number), other.get(number)];
    if (!a) return before && isSame(before, b) ? [] : [b!];
    if (!b) return before && isSame(before, a) ? [] : [a];
    return [mergeStation(before, a, b, conflicts)];
  });
  const fitted = choose(base.stationsFitted, mine.stationsFitted, theirs.stationsFitted);
  const { stationsFitted: _fitted, ...rest } = mine;
  return {
    yard: { ...rest, ...(fitted !== undefined && { stationsFitted: fitted }), stations },
    conflicts,
  };
}

function mergeStation(
  before: YardStation | undefined,
  mine: YardStation,
  theirs: YardStation,
  conflicts: YardConflict[],
): YardStation {
  const fields = [
    ...new Set([...Object.keys(mine), ...Object.keys(theirs)]),
  ] as (keyof YardStation)[];
  const merged = fields.flatMap((field) => {
    const value = choose(before?.[field], mine[field], theirs[field]);
    const isContested =
      mine[field] !== theirs[field] &&
      mine[field] !== before?.[field] &&
      theirs[field] !== before?.[field];
    if (isContested)
      conflicts.push({ number: mine.number, field, mine: mine[field], theirs: theirs[field] });
    return value === undefined ? [] : [[field, value]];
  });
  return Object.fromEntries(merged) as YardStation;
}

const choose = <Value>(before: Value, mine: Value, theirs: Value): Value =>
  mine === before ? theirs : mine;

function isSame(a: YardStation, b: YardStation | undefined): boolean {
  const fields = new Set([...Object.keys(a), ...Object.keys(b ?? {})]) as Set<keyof YardStation>;
  return b !== undefined && [...fields].every((field) => a[field] === b[field]);
}
