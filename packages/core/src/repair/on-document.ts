import { isObject } from '../documents/index.js';
import type { Plan } from '../settings/index.js';
import { changeInWords } from './in-words.js';
import type { Repair } from './repair.js';
import type { Unit } from './unit.js';

type Key = string | number;

/** A change as the contract writes it; its place is that of the given document. */
export interface DocumentChange {
  readonly keys: readonly Key[];
  /** What the document holds there; null where it holds nothing, or the start is added. */
  readonly from: unknown;
  readonly to: unknown;
  readonly says: string;
}

/** The changes of a repair, by what a plan document says that was read as the given settings. */
export function changesOn(
  document: unknown,
  given: Plan,
  { changes, plan }: Repair,
): DocumentChange[] {
  return changes.map((change) => {
    const { keys, to } = placeOf(change.unit, change.to ?? null, given, plan);
    return { keys, from: valueAt(document, keys), to, says: changeInWords(change, given, plan) };
  });
}

/** @example pathOf(['programs', 0, 'starts', 1]) // "programs[0].starts[1]" */
export const pathOf = (keys: readonly Key[]): string =>
  keys
    .map((key) => (typeof key === 'number' ? `[${key}]` : `.${key}`))
    .join('')
    .slice(1);

/** The document with changes of it made, all of them or some, and all else as it was. */
export function documentWith(document: unknown, changes: readonly DocumentChange[]): unknown {
  const copy: unknown = JSON.parse(JSON.stringify(document));
  for (const { keys, to } of changes) set(copy, keys, to);
  const programs = isObject(copy) ? copy['programs'] : null;
  // What was cleared, or left out, kept its place until now, so that the others kept theirs.
  for (const program of Array.isArray(programs) ? programs : [])
    for (const list of LISTS)
      if (isObject(program) && Array.isArray(program[list]))
        program[list] = program[list].filter((entry: unknown) => entry !== null);
  return copy;
}

const LISTS = ['starts', 'runs'] as const;

function placeOf(
  unit: Unit,
  to: unknown,
  given: Plan,
  repaired: Plan,
): { readonly keys: readonly Key[]; readonly to: unknown } {
  switch (unit.of) {
    case 'start':
      return { keys: ['programs', unit.program, 'starts', unit.place], to };
    case 'run': {
      const isOfStation = ({ station }: { station: number }) => station === unit.station;
      const at = given.programs[unit.program]!.runs.findIndex(isOfStation);
      if (at >= 0) return { keys: ['programs', unit.program, 'runs', at, 'seconds'], to };
      // Runs that are added stand in the order in which they are in the repaired settings.
      const place = repaired.programs[unit.program]!.runs.findIndex(isOfStation);
      return {
        keys: ['programs', unit.program, 'runs', place],
        to: { station: unit.station, seconds: to },
      };
    }
    case 'program':
      return { keys: ['programs', unit.program, unit.field], to };
    case 'station': {
      const at = given.stations.findIndex(({ number }) => number === unit.station);
      return { keys: ['stations', at, unit.field], to };
    }
    case 'controller':
      return { keys: ['controller', unit.field], to };
  }
}

function valueAt(document: unknown, keys: readonly Key[]): unknown {
  let value = document;
  for (const key of keys) {
    if (typeof key === 'number') value = Array.isArray(value) ? value[key] : undefined;
    else value = isObject(value) ? value[key] : undefined;
  }
  return value ?? null;
}

function set(document: unknown, [key, ...rest]: readonly Key[], to: unknown): void {
  const within = (inner: unknown): unknown => {
    if (rest.length === 0) return to;
    const made = inner ?? (typeof rest[0] === 'number' ? [] : {});
    set(made, rest, to);
    return made;
  };
  if (typeof key === 'number' && Array.isArray(document)) {
    while (document.length < key) document.push(null);
    document[key] = within(document[key]);
  } else if (typeof key === 'string' && isObject(document)) {
    document[key] = within(document[key]);
    if (document[key] === null) Reflect.deleteProperty(document, key);
  }
}
