import {
  entryPath,
  fieldPath,
  isBlank,
  isObject,
  pathWithin,
  readObject,
  ROOT_PATH,
  type DocumentProblem,
} from '../documents/index.js';
import { err, ok, type Result } from '../kernel/index.js';
import { readPhotoFacts } from '../photos/index.js';
import { readRuleSet } from '../local-rules/index.js';
import { readPlan, TOO_FEW_VALUES } from '../settings/index.js';
import { readYard } from '../yards/index.js';
import {
  FIRST_PROPERTY_FORMAT,
  PROPERTY_FORMAT,
  PropertyFile,
  type TimerInFile,
} from './property-file.js';

type Read<Value> = (document: unknown) => Result<Value, readonly DocumentProblem[]>;

/**
 * Reads a parsed property file with all the documents in it. Every problem is reported at once, each
 * with its JSON path; with none, all defaults are filled in.
 */
export function readPropertyFile(
  document: unknown,
): Result<PropertyFile, readonly DocumentProblem[]> {
  const problems: DocumentProblem[] = [];
  const file = readObject(PropertyFile, asNow(document), ROOT_PATH, problems);

  /** Reads a document inside the file in its place. */
  function inPlace<Value>(raw: unknown, path: string, read: Read<Value>): Value {
    const result = raw === undefined ? readNothing : read(raw);
    if (result.ok) return result.value;
    for (const problem of result.trouble)
      problems.push({ path: pathWithin(path, problem.path), message: problem.message });
    return raw as Value;
  }

  problems.push(...namelessHome(file));
  if (file.rules !== null) file.rules = inPlace(file.rules, 'rules', readRuleSet);
  const timers = Array.isArray(file.timers) ? file.timers : [];
  timers.forEach((timer, index) => {
    const path = entryPath('timers', index);
    timer.settings = inPlace(timer.settings, fieldPath(path, 'settings'), readPlan);
    timer.yard = inPlace(timer.yard, fieldPath(path, 'yard'), readYard);
    timer.copies.forEach((copy, at) => {
      const place = fieldPath(entryPath(fieldPath(path, 'copies'), at), 'document');
      copy.document = inPlace(copy.document, place, readPlan);
      if (copy.yard !== undefined)
        copy.yard = inPlace(
          copy.yard,
          fieldPath(entryPath(fieldPath(path, 'copies'), at), 'yard'),
          readYard,
        );
    });
    timer.photos.forEach(({ document: facts }, at) => {
      const photo = readPhotoFacts(facts);
      const place = fieldPath(entryPath(fieldPath(path, 'photos'), at), 'document');
      if (!photo.ok)
        for (const problem of photo.trouble)
          problems.push({ path: pathWithin(place, problem.path), message: problem.message });
    });
    crossCheck(timer, path, timers.slice(0, index), problems);
  });
  return problems.length === 0 ? ok(file) : err(problems);
}

/** A file of the first version is one without photos. */
const asNow = (document: unknown): unknown =>
  isObject(document) && document['format'] === FIRST_PROPERTY_FORMAT
    ? { ...document, format: PROPERTY_FORMAT }
    : document;

const namelessHome = ({ property }: Partial<PropertyFile>): DocumentProblem[] =>
  isBlank(property?.name) ? [{ path: 'property.name', message: 'must not be empty' }] : [];

const readNothing: Result<never, readonly DocumentProblem[]> = err([
  { path: ROOT_PATH, message: 'is required' },
]);

function crossCheck(
  { id, copies, copyInTimer }: TimerInFile,
  path: string,
  before: readonly TimerInFile[],
  problems: DocumentProblem[],
): void {
  const report = (field: string, message: string) =>
    problems.push({ path: fieldPath(path, field), message });
  if (before.some((other) => other.id === id)) report('id', 'is the id of an earlier timer too');
  const numbers = copies.map(({ number }) => number);
  numbers.forEach((number, index) => {
    if (numbers.indexOf(number) < index)
      problems.push({
        path: fieldPath(entryPath(fieldPath(path, 'copies'), index), 'number'),
        message: 'is the number of an earlier copy too',
      });
  });
  copies.forEach(({ confirmed }, index) => {
    if (confirmed && confirmed.keyedIn + confirmed.unknown > confirmed.of)
      problems.push({
        path: fieldPath(entryPath(fieldPath(path, 'copies'), index), 'confirmed.of'),
        message: TOO_FEW_VALUES,
      });
  });
  if (copyInTimer !== undefined && !numbers.includes(copyInTimer))
    report('copyInTimer', `${copyInTimer} is not among the copies`);
}
