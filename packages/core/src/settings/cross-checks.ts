import { entryPath, fieldPath, type DocumentProblem } from '../documents/index.js';
import type { Plan, ProgramSettings } from './plan.js';

/** More pieces than this in one program run, or in a day, are a slip of the pen, and would only eat memory. */
const MOST_PIECES = 20_000;

/**
 * What no single field can tell: duplicates, and names that point nowhere. The plan may still hold
 * wrong values where its fields have problems of their own; those entries are left to them.
 */
export function crossCheck(plan: Partial<Plan>, problems: DocumentProblem[]): void {
  const report = (path: string, message: string) => problems.push({ path, message });

  const labels = Array.isArray(plan.timer?.programs) ? plan.timer.programs : [];
  eachRepeated(labels, (index) =>
    report(entryPath('timer.programs', index), 'is in the list already'),
  );

  const stations = plan.stations ?? [];
  const numbers = stations.map((station) => station.number);
  eachRepeated(numbers, (index) =>
    report(`${entryPath('stations', index)}.number`, 'is the number of an earlier station too'),
  );

  const programs = plan.programs ?? [];
  eachRepeated(
    programs.map((program) => program.id),
    (index) => report(`${entryPath('programs', index)}.id`, 'is the id of an earlier program too'),
  );
  const listed = new Set(numbers);
  const cycles = new Map(stations.map((station) => [station.number, station.cycleSeconds]));
  let piecesADay = 0;
  programs.forEach((program, index) => {
    const path = entryPath('programs', index);
    if (typeof program.id === 'string' && labels.length > 0 && !labels.includes(program.id))
      report(fieldPath(path, 'id'), `is none of this timer's programs (${labels.join(', ')})`);
    checkRuns(program, path, listed, report);
    const pieces = piecesOf(program, cycles);
    piecesADay += pieces * startsADay(program);
    if (pieces > MOST_PIECES)
      report(
        fieldPath(path, 'runs'),
        `cut into more than ${MOST_PIECES} pieces: lengthen the stations' cycles`,
      );
  });
  eachRepeated(
    (plan.weather?.percents ?? []).map(({ date }) => date),
    (index) =>
      report(`${entryPath('weather.percents', index)}.date`, 'has a percentage already, above'),
  );
  if (piecesADay > MOST_PIECES)
    report(
      'programs',
      `come to more than ${MOST_PIECES} pieces of water a day: lengthen the stations' cycles, or remove starts`,
    );
}

function checkRuns(
  program: ProgramSettings,
  path: string,
  listed: ReadonlySet<number>,
  report: (path: string, message: string) => void,
): void {
  const stationPath = (index: number) => `${entryPath(fieldPath(path, 'runs'), index)}.station`;
  const wanted = program.runs.map((run) => run.station);
  wanted.forEach((station, index) => {
    if (Number.isSafeInteger(station) && station >= 1 && !listed.has(station))
      report(stationPath(index), `${station} is not among the stations`);
  });
  eachRepeated(wanted, (index) =>
    report(stationPath(index), 'is in this program already: give each station one run'),
  );
}

/** How often a program may start in a day. */
function startsADay({ days, starts }: ProgramSettings): number {
  if (days.mode === 'hours') return Math.ceil(24 / Math.max(1, days.everyHours || 1));
  return Array.isArray(starts) ? starts.length : 0;
}

/** The most pieces that a run of the program could have, at 100 %. */
function piecesOf(program: ProgramSettings, cycles: ReadonlyMap<number, unknown>): number {
  return program.runs.reduce((sum, { station, seconds }) => {
    const cycle = cycles.get(station);
    const pieces = Number(cycle) >= 1 ? Math.ceil(seconds / Number(cycle)) : 1;
    return sum + (Number.isFinite(pieces) ? pieces : 1);
  }, 0);
}

/** Calls back with the index of each string or number that stood earlier in the list. */
function eachRepeated(values: readonly unknown[], found: (index: number) => void): void {
  const seen = new Set<unknown>();
  values.forEach((value, index) => {
    if (typeof value !== 'string' && typeof value !== 'number') return;
    if (seen.has(value)) found(index);
    seen.add(value);
  });
}
