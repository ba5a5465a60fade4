import {
  entryPath,
  fieldPath,
  readObject,
  ROOT_PATH,
  type DocumentProblem,
} from '../documents/index.js';
import { err, ok, type Result } from '../kernel/index.js';
import { unitsTwice } from './valve-units.js';
import { Yard } from './yard.js';

/** Reads a parsed yard; every problem is reported at once, each with its JSON path. */
export function readYard(document: unknown): Result<Yard, readonly DocumentProblem[]> {
  const problems: DocumentProblem[] = [];
  const yard = readObject(Yard, document, ROOT_PATH, problems);
  if (problems.length === 0) crossCheck(yard, problems);
  return problems.length === 0 ? ok(yard) : err(problems);
}

function crossCheck(yard: Yard, problems: DocumentProblem[]): void {
  const { stations, modules, stationsFitted } = yard;
  const seen = new Set<number>();
  const twice = unitsTwice(yard);
  if (modules && stationsFitted !== undefined)
    problems.push({ path: 'stationsFitted', message: 'the modules say it: leave it out' });
  const slots = new Set<number>();
  modules?.forEach(({ slot }, index) => {
    if (slots.has(slot))
      problems.push({
        path: fieldPath(entryPath('modules', index), 'slot'),
        message: 'is the slot of an earlier module too',
      });
    slots.add(slot);
  });
  const follows = new Map(stations.map((station) => [station.number, station.follows]));
  stations.forEach(({ number, follows: leader, followsFor }, index) => {
    const here = entryPath('stations', index);
    const report = (field: string, message: string, within = here) =>
      problems.push({ path: fieldPath(within, field), message });
    if (seen.has(number)) report('number', 'is the number of an earlier station too');
    seen.add(number);
    const owner = twice.get(number);
    if (owner !== undefined)
      report('serial', `is the unit of station ${owner} too`, fieldPath(here, 'valveUnit'));
    if (followsFor !== undefined && leader === undefined)
      report('followsFor', 'says for what it follows a station, and it follows none');
    if (leader === undefined) return;
    if (leader === number) report('follows', 'must be another station, not itself');
    else if (!follows.has(leader)) report('follows', `${leader} is not among the stations`);
    else if (follows.get(leader) !== undefined)
      report('follows', `station ${leader} follows another itself: follow that one`);
  });
}
