import { pathWithin, type DocumentProblem } from '@water-clock/core/documents';
import type { Result } from '@water-clock/core/kernel';
import { badInput } from './problem.js';

type Read<Value> = (document: unknown) => Result<Value, readonly DocumentProblem[]>;

/** Reads a document in a field of a request with the core's own checks; its faults become the request's. */
export function wholeDocument<Value>(document: unknown, read: Read<Value>, field = 'document') {
  const result = read(document);
  if (result.ok) return result.value;
  throw badInput(
    result.trouble.map(({ path, message }) => ({ path: pathWithin(field, path), message })),
  );
}
