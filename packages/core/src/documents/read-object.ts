import { getMetadataStorage, validateSync } from 'class-validator';
import { entryMessages } from './checks.js';
import { nestingsOf, type DocumentClass, type Nesting } from './nested.js';
import { entryPath, fieldPath, unknownFields, type DocumentProblem } from './problem.js';

/** An object as JSON has them. */
export const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Of a document that has as many, the rest is not read: it is refused in any case. */
const MOST_PROBLEMS = 1000;

const knownFields = new Map<DocumentClass, ReadonlySet<string>>();

function fieldsOf(type: DocumentClass): ReadonlySet<string> {
  let fields = knownFields.get(type);
  if (!fields) {
    const checked = getMetadataStorage().getTargetValidationMetadatas(type, '', true, false);
    fields = new Set([...checked.map((check) => check.propertyName), ...nestingsOf(type).keys()]);
    knownFields.set(type, fields);
  }
  return fields;
}

/**
 * Reads parsed JSON into an instance of a document class, defaults filled in.
 * Appends every problem to `problems`, each with its path; with none, the instance is whole.
 * Fields the class does not declare are problems. Reading never throws and never changes `raw`.
 */
export function readObject<Type extends object>(
  type: new () => Type,
  raw: unknown,
  path: string,
  problems: DocumentProblem[],
): Type {
  const instance = new type();
  if (!isObject(raw)) {
    problems.push({ path, message: 'must be an object' });
    return instance;
  }
  const known = fieldsOf(type);
  const nested = nestingsOf(type);
  const target = instance as Record<string, unknown>;
  const unknown: string[] = [];
  for (const field of Object.keys(raw)) {
    if (raw[field] === undefined) continue;
    if (!known.has(field)) {
      unknown.push(field);
      continue;
    }
    const nesting = nested.get(field);
    target[field] = nesting
      ? readNested(nesting, raw[field], fieldPath(path, field), problems)
      : raw[field];
  }
  problems.push(...unknownFields(path, unknown));
  for (const [field, { isOptional }] of nested)
    if (!isOptional && target[field] === undefined)
      problems.push({ path: fieldPath(path, field), message: 'is required' });
  reportFields(instance, path, problems);
  return instance;
}

function readNested(
  { classOf, isList, mayBeNull }: Nesting,
  raw: unknown,
  path: string,
  problems: DocumentProblem[],
): unknown {
  if (raw === null && mayBeNull) return null;
  if (!isList) return readObject(classOf(isObject(raw) ? raw : {}), raw, path, problems);
  if (!Array.isArray(raw)) {
    problems.push({ path, message: 'must be a list of objects' });
    return [];
  }
  const entries: object[] = [];
  for (const [index, entry] of raw.entries()) {
    if (problems.length > MOST_PROBLEMS) break;
    const type = classOf(isObject(entry) ? entry : {});
    entries.push(readObject(type, entry, entryPath(path, index), problems));
  }
  return entries;
}

function reportFields(instance: object, path: string, problems: DocumentProblem[]): void {
  const faults = validateSync(instance, {
    forbidUnknownValues: false,
    stopAtFirstError: true,
    validationError: { target: false, value: false },
  });
  for (const { property, constraints } of faults) {
    const at = fieldPath(path, property);
    const text = Object.values(constraints ?? {})[0] ?? 'is not valid';
    const entries = entryMessages(text);
    if (!entries) problems.push({ path: at, message: text });
    else
      for (const { index, message } of entries)
        problems.push({ path: entryPath(at, index), message });
  }
}

/** Whether a field holds a text with nothing in it; of any other value its own check tells. */
export const isBlank = (value: unknown): boolean =>
  typeof value === 'string' && value.trim() === '';
