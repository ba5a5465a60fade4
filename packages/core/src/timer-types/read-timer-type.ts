import { entryPath, readObject, ROOT_PATH, type DocumentProblem } from '../documents/index.js';
import { err, ok, type Result } from '../kernel/index.js';
import { TimerCapability } from './timer-capability.js';

/** Reads a parsed timer capability; every problem is reported at once, each with its JSON path. */
export function readTimerType(
  document: unknown,
): Result<TimerCapability, readonly DocumentProblem[]> {
  const problems: DocumentProblem[] = [];
  const timerType = readObject(TimerCapability, document, ROOT_PATH, problems);
  crossCheck(timerType, problems);
  return problems.length === 0 ? ok(timerType) : err(problems);
}

function crossCheck(
  { programs, runTime, season }: Partial<TimerCapability>,
  problems: DocumentProblem[],
): void {
  const report = (path: string, message: string) => problems.push({ path, message });
  if (Array.isArray(programs))
    programs.forEach((label, index) => {
      if (programs.indexOf(label) < index)
        report(entryPath('programs', index), 'is in the list already');
    });
  if (runTime && runTime.minSeconds > runTime.maxSeconds)
    report('runTime.maxSeconds', 'must not be less than the shortest run time');
  if (season && season.minPercent > season.maxPercent)
    report('season.maxPercent', 'must not be less than the smallest percentage');
}
