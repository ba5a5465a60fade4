import {
  entryPath,
  fieldPath,
  readObject,
  ROOT_PATH,
  type DocumentProblem,
} from '../documents/index.js';
import { err, ok, type Result } from '../kernel/index.js';
import { Yard } from './yard.js';

/** Reads a parsed yard; every problem is reported at once, each with its JSON path. */
export function readYard(document: unknown): Result<Yard, readonly DocumentProblem[]> {
  const problems: DocumentProblem[] = [];
  const yard = readObject(Yard, document, ROOT_PATH, problems);
  if (problems.length === 0) crossCheck(yard, problems);
  return problems.length === 0 ? ok(yard) : err(problems);
}

function crossCheck({ stations }: Yard, problems: DocumentProblem[]): void {
  const seen = new Set<number>();
  const follows = new Map(stations.map((station) => [station.number, station.follows]));
  stations.forEach(({ number, follows: leader }, index) => {
    const report = (field: string, message: string) =>
      problems.push({ path: fieldPath(entryPath('stations', index), field), message });
    if (seen.has(number)) report('number', 'is the number of an earlier station too');
    seen.add(number);
    if (leader === undefined) return;
    if (leader === number) report('follows', 'must be another station, not itself');
    else if (!follows.has(leader)) report('follows', `${leader} is not among the stations`);
    else if (follows.get(leader) !== undefined)
      report('follows', `station ${leader} follows another itself: follow that one`);
  });
}
