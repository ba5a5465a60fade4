import {
  entryPath,
  fieldPath,
  readObject,
  ROOT_PATH,
  type DocumentProblem,
} from '../documents/index.js';
import { err, ok, type Result } from '../kernel/index.js';
import { Brief, DailyNeed, IntervalNeed } from './brief.js';

/** Reads a parsed brief; every problem is reported at once, each with its JSON path. */
export function readBrief(document: unknown): Result<Brief, readonly DocumentProblem[]> {
  const problems: DocumentProblem[] = [];
  const brief = readObject(Brief, document, ROOT_PATH, problems);
  if (problems.length === 0) crossCheck(brief, problems);
  return problems.length === 0 ? ok(brief) : err(problems);
}

function crossCheck({ stations, timer }: Brief, problems: DocumentProblem[]): void {
  const seen = new Set<number>();
  stations.forEach(({ number, need }, index) => {
    const path = entryPath('stations', index);
    const report = (field: string, message: string) =>
      problems.push({ path: fieldPath(path, field), message });
    if (seen.has(number)) report('number', 'is the number of an earlier station too');
    seen.add(number);
    if (number > timer.stations) report('number', `is beyond this timer's ${timer.stations}`);
    if (need instanceof IntervalNeed) return;
    const [least, most] = need.daysPerWeek;
    if (least > most) report('need.daysPerWeek', 'must name the fewest days first');
    if (need instanceof DailyNeed && need.spread[0] >= need.spread[1])
      report('need.spread', 'must end after it begins, on one day');
  });
}
