import { isObject } from '../documents/index.js';
import type { Plan } from '../settings/index.js';
import { changeInWords } from './in-words.js';
import type { Repair } from './repair.js';
import type { Unit } from './unit.js';

/** A change as the contract writes it; paths are those of the given document. */
export interface DocumentChange {
  readonly path: string;
  /** What the document holds there; null where it holds nothing, or the start is added. */
  readonly from: unknown;
  readonly to: unknown;
  readonly says: string;
}

type Key = string | number;

/** The changes of a repair, by what a plan document says that was read as the given settings. */
export function changesOn(
  document: unknown,
  given: Plan,
  { changes, plan }: Repair,
): DocumentChange[] {
  return changes.map((change) => {
    const { keys, to } = placeOf(change.unit, change.to ?? null, given, plan);
    return {
      path: pathOf(keys),
      from: valueAt(document, keys),
      to,
      says: changeInWords(change, given, plan),
    };
  });
}

/** The document with the changes of a repair made, and all else as it was. */
export function repairedDocument(
  document: unknown,
  given: Plan,
  { changes, plan }: Repair,
): unknown {
  const copy: unknown = JSON.parse(JSON.stringify(document));
  for (const { unit, to } of changes) {
    const place = placeOf(unit, to ?? null, given, plan);
    set(copy, place.keys, place.to);
  }
  const programs = isObject(copy) ? copy['programs'] : null;
  // What was cleared kept its place until now, so that the others kept theirs.
  for (const program of Array.isArray(programs) ? programs : [])
    if (isObject(program) && Array.isArray(program['starts']))
      program['starts'] = program['starts'].filter((start) => start !== null);
  return copy;
}

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
      const { runs } = given.programs[unit.program]!;
      const at = runs.findIndex(({ station }) => station === unit.station);
      if (at >= 0) return { keys: ['programs', unit.program, 'runs', at, 'seconds'], to };
      // Runs that are added stand in the order in which they are in the repaired settings.
      const place = repaired.programs[unit.program]!.runs.findIndex(
        ({ station }) => station === unit.station,
      );
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

const pathOf = (keys: readonly Key[]): string =>
  keys
    .map((key) => (typeof key === 'number' ? `[${key}]` : `.${key}`))
    .join('')
    .slice(1);

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
  if (typeof key === 'number' && Array.isArray(document)) document[key] = within(document[key]);
  else if (typeof key === 'string' && isObject(document)) {
    document[key] = within(document[key]);
    if (document[key] === null) Reflect.deleteProperty(document, key);
  }
}
