/** One fault of a document: where it stands, as a JSON path, and how to fix it. */
export interface DocumentProblem {
  /** For example `programs[1].days.everyDays`; `$` is the whole document. */
  readonly path: string;
  /** For example `must be a whole number, 1 to 31`. */
  readonly message: string;
}

export const ROOT_PATH = '$';

/** The path of a field inside the object at `path`; a name that is no word is quoted. */
export function fieldPath(path: string, field: string): string {
  if (!/^[\w$]+$/.test(field)) return `${path}[${JSON.stringify(field)}]`;
  return path === ROOT_PATH ? field : `${path}.${field}`;
}

export const entryPath = (path: string, index: number): string => `${path}[${index}]`;

/** A path inside a document that itself stands in the field `parent` of a larger one. */
export const pathWithin = (parent: string, path: string): string =>
  path.startsWith(ROOT_PATH) ? parent + path.slice(ROOT_PATH.length) : `${parent}.${path}`;
