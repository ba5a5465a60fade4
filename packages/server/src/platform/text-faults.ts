import { entryPath, fieldPath, type DocumentProblem } from '@water-clock/core/documents';

const NUL = '\0';
/** Of pairs, only what stands alone. */
const HALF = /\p{Surrogate}/u;
const UNREADABLE = /[\0\p{Surrogate}]/u;
const EACH_UNREADABLE = /[\0\p{Surrogate}]/gu;

/** Texts in a value that no database keeps and no screen shows: with a NUL, or half of a pair of code units. */
export const textFaults = (value: unknown, path: string): DocumentProblem[] =>
  // The paths of a large document take longer than to see that all of its texts are well.
  isReadable(value) ? [] : faultsIn(value, path);

function isReadable(value: unknown): boolean {
  if (typeof value === 'string') return !UNREADABLE.test(value);
  if (typeof value !== 'object' || value === null) return true;
  if (Array.isArray(value)) return value.every(isReadable);
  return Object.keys(value).every(isReadable) && Object.values(value).every(isReadable);
}

function faultsIn(value: unknown, path: string): DocumentProblem[] {
  if (typeof value === 'string') {
    if (value.includes(NUL)) return [{ path, message: 'must not have a NUL in it' }];
    return HALF.test(value) ? [{ path, message: 'has half a character in it' }] : [];
  }
  if (Array.isArray(value))
    return value.flatMap((entry, index) => faultsIn(entry, entryPath(path, index)));
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([name, entry]) => {
    const at = fieldPath(path, name.replaceAll(EACH_UNREADABLE, ''));
    return [...faultsIn(name, at), ...faultsIn(entry, at)];
  });
}
