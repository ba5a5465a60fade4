import type { Yard, YardStation } from './yard.js';
import { keysOf } from '../kernel/index.js';

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
  const { stations: _base, ...before } = base;
  const { stations: _mine, ...a } = mine;
  const { stations: _theirs, ...b } = theirs;
  return { yard: { ...mergeFacts(before, a, b), stations } as Yard, conflicts };
}

/** Every fact as the one who changed it has it; where both did, mine. */
function mergeFacts<Facts extends object>(
  before: Partial<Facts>,
  mine: Facts,
  theirs: Facts,
): Partial<Facts> {
  const fields = [...new Set([...keysOf(mine), ...keysOf(theirs)])];
  const merged = fields.map(
    (field) => [field, equals(mine[field], before[field]) ? theirs[field] : mine[field]] as const,
  );
  return Object.fromEntries(merged.filter(([, value]) => value !== undefined)) as Partial<Facts>;
}

function mergeStation(
  before: YardStation | undefined,
  mine: YardStation,
  theirs: YardStation,
  conflicts: YardConflict[],
): YardStation {
  const fields = keysOf({ ...mine, ...theirs });
  for (const field of fields) {
    const isContested =
      !equals(mine[field], theirs[field]) &&
      !equals(mine[field], before?.[field]) &&
      !equals(theirs[field], before?.[field]);
    if (isContested)
      conflicts.push({ number: mine.number, field, mine: mine[field], theirs: theirs[field] });
  }
  return mergeFacts<YardStation>(before ?? {}, mine, theirs) as YardStation;
}

/** True where two yards say the same, in whatever order their facts stand. */
export function isSameYard(a: Yard, b: Yard): boolean {
  const { stations: _a, ...mine } = a;
  const { stations: _b, ...theirs } = b;
  const fields = keysOf({ ...mine, ...theirs });
  return (
    fields.every((field) => equals(mine[field], theirs[field])) &&
    a.stations.length === b.stations.length &&
    a.stations.every((station, index) => isSame(station, b.stations[index]))
  );
}

/** Facts are plain values, or documents read by the same class: the same text when they are the same. */
const equals = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

function isSame(a: YardStation, b: YardStation | undefined): boolean {
  const fields = keysOf({ ...a, ...b });
  return b !== undefined && fields.every((field) => equals(a[field], b[field]));
}
