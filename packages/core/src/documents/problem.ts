/** One fault of a document: where it stands, as a JSON path, and how to fix it. */
export interface DocumentProblem {
  /** For example `programs[1].days.everyDays`; `$` is the whole document. */
  readonly path: string;
  /** For example `must be a whole number, 1 to 31`. */
  readonly message: string;
}

export const ROOT_PATH = '$';

const LONGEST_NAME = 60;

/** The path of a field inside the object at `path`; a name that is no word is quoted, one that is very long is cut. */
export function fieldPath(path: string, name: string): string {
  const field = name.length > LONGEST_NAME ? `${name.slice(0, LONGEST_NAME)}…` : name;
  if (!/^[\w$]+$/.test(field)) return `${path}[${JSON.stringify(field)}]`;
  return path === ROOT_PATH ? field : `${path}.${field}`;
}

const MOST_NAMED = 10;

/** Fields that nobody knows, of the object at `path`: the first are named, the others counted. */
export function unknownFields(path: string, names: readonly string[]): DocumentProblem[] {
  const others = names.length - MOST_NAMED;
  return [
    ...names
      .slice(0, MOST_NAMED)
      .map((name) => ({ path: fieldPath(path, name), message: 'is not a known field' })),
    ...(others > 0 ? [{ path, message: `has ${others} more fields that are not known` }] : []),
  ];
}

export const entryPath = (path: string, index: number): string => `${path}[${index}]`;

/** A path inside a document that itself stands in the field `parent` of a larger one. */
export const pathWithin = (parent: string, path: string): string =>
  path.startsWith(ROOT_PATH) ? parent + path.slice(ROOT_PATH.length) : `${parent}.${path}`;
