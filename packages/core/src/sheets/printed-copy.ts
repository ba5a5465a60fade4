import { dayRuleInWords, seasonInWords, setInWords, type SetInWords } from '../compare/index.js';
import {
  hasStart,
  setStarts,
  type Plan,
  type ProgramSettings,
  type StationSettings,
} from '../settings/index.js';
import { lengthInWords, weekdayNames } from '../words/index.js';

/** Settings as they are read, or read out: programs across, stations down, and below it everything else. */
export interface PrintedCopy {
  /** The heads of the columns. */
  readonly programs: readonly string[];
  readonly rows: readonly PrintedRow[];
  /** Whole sentences. */
  readonly lines: readonly string[];
}

export interface PrintedRow {
  readonly name: string;
  /** What is said small beside the name. */
  readonly note: string;
  /** One cell a program. */
  readonly cells: readonly string[];
}

/** Everything that is set on a timer, on its stations and in its programs; times of day as `HH:MM`. */
export function printedCopy(plan: Plan): PrintedCopy {
  const programs = plan.programs.filter(isUsed);
  const row = (
    name: string,
    cell: (program: ProgramSettings) => string,
    note = '',
  ): PrintedRow => ({
    name,
    note,
    cells: programs.map(cell),
  });
  const { controller, timer } = plan;
  return {
    programs: programs.map(({ id, enabled }) => (enabled ? id : `${id} (off)`)),
    rows: [
      row('Water days', ({ days }) => dayRuleInWords(days)),
      row('Never on', ({ blockedWeekdays }) => weekdayNames(blockedWeekdays).join(' ') || '–'),
      row(
        'Starts',
        (program) => setStarts(program).join(', ') || (hasStart(program) ? '–' : 'none'),
      ),
      ...(controller.season.mode === 'program'
        ? [row('Percentage', ({ percent }) => `${percent} %`)]
        : []),
      ...(timer.stationOrder === 'listed'
        ? [
            row('Order', ({ runs }) =>
              runs
                .filter(isSet)
                .map(({ station }) => station)
                .join(', '),
            ),
          ]
        : []),
      ...plan.stations.map((station) =>
        row(
          stationName(station),
          ({ runs }) => lengthOf(runs.find((run) => run.station === station.number)?.seconds ?? 0),
          cycleWords(station),
        ),
      ),
    ],
    lines: [
      `Season percentage ${seasonInWords(controller.season)}. Wait between stations ${lengthInWords(controller.stationDelaySeconds)}. Rain sensor ${controller.rainSensor === 'active' ? 'active' : 'bypassed'}. The timer ${controller.off ? 'is switched off' : 'runs'}.`,
      ...setInWords(plan)
        .filter(({ field }) => !isInTable(field, plan))
        .map(({ what, says }) => `${what}: ${says}.`),
    ],
  };
}

const isSet = ({ seconds }: ProgramSettings['runs'][number]): boolean => seconds > 0;
const isUsed = (program: ProgramSettings): boolean => hasStart(program) || program.runs.some(isSet);
const lengthOf = (seconds: number): string => (seconds > 0 ? lengthInWords(seconds) : '–');

const stationName = ({ number, name, enabled }: StationSettings): string =>
  [number, name, ...(enabled ? [] : ['(off)'])].filter(Boolean).join(' ');

const cycleWords = ({ cycleSeconds, soakSeconds }: StationSettings): string =>
  [
    ...(cycleSeconds === undefined ? [] : [`cycle ${lengthInWords(cycleSeconds)}`]),
    ...(soakSeconds === undefined ? [] : [`soak ${lengthInWords(soakSeconds)}`]),
  ].join(', ');

const OF_CONTROLLER = new Set(['off', 'stationDelaySeconds', 'season', 'rainSensor']);
const OF_STATIONS = new Set(['name', 'enabled', 'cycleSeconds', 'soakSeconds']);
const OF_PROGRAMS = new Set(['enabled', 'days', 'blockedWeekdays', 'starts']);

/** Whether a setting stands in the table, or in the sentence below it that is always there. */
function isInTable([part, key, leaf]: SetInWords['field'], plan: Plan): boolean {
  if (part === 'controller') return OF_CONTROLLER.has(String(key));
  if (part === 'stations') return OF_STATIONS.has(String(leaf));
  // A station at nothing is not set.
  if (leaf === 'runs') return true;
  const isColumn = plan.programs.some((program) => program.id === key && isUsed(program));
  return isColumn && (OF_PROGRAMS.has(String(leaf)) || isPercentRow(leaf, plan));
}

const isPercentRow = (leaf: string | number | undefined, { controller }: Plan): boolean =>
  leaf === 'percent' && controller.season.mode === 'program';
