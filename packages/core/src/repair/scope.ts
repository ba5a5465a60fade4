import { dayOf, parseDateTime, type TimerSeconds } from '../civil-time/index.js';
import type { BegunRun, WaterPiece } from '../engine/index.js';
import type { Finding, FindingCode } from '../findings/index.js';
import type { Draft, Fault } from './draft.js';
import { headroomCollisions } from './headroom.js';
import {
  unitKey,
  type ControllerUnit,
  type ProgramUnit,
  type StationUnit,
  type Unit,
} from './unit.js';

/** A run with fewer stations than this may be emptied by the changes that are looked through. */
const FEW_RUNS = 2;

/**
 * The units that a fault reads: it stays whatever is changed outside of them, as long as no run waits for another,
 * which no sound timer lets happen.
 */
export class Scope {
  readonly units: readonly Unit[];
  readonly #keys: ReadonlySet<string>;

  constructor(units: readonly Unit[]) {
    const byKey = new Map(units.map((unit) => [unitKey(unit), unit]));
    this.units = [...byKey.values()];
    this.#keys = new Set(byKey.keys());
  }

  has(unit: Unit): boolean {
    return this.#keys.has(unitKey(unit));
  }

  meets(other: Scope): boolean {
    return this.units.some((unit) => other.has(unit));
  }
}

export const scopeOf = (fault: Fault, draft: Draft): Scope => new Scope(unitsOf(fault, draft));

const unitsOf = (fault: Fault, draft: Draft): Unit[] =>
  fault.code === 'water'
    ? unitsOfWater(fault.station, fault.isLess, draft)
    : // What is handed on, and what is only good to know, reads nothing that is changed here.
      (READ_BY[fault.code]?.(fault, draft) ?? []);

/** What a finding of each kind reads. */
const READ_BY: Partial<Record<FindingCode, (finding: Finding, draft: Draft) => Unit[]>> = {
  'missing-start': (finding, draft) => {
    const program = programOf(finding, draft);
    return [
      draft.addedStart(program),
      ofProgram('enabled', program),
      ofProgram('days', program),
      ...fewRuns(draft, program),
    ];
  },
  'missing-days': (finding, draft) => {
    const program = programOf(finding, draft);
    return [ofProgram('days', program), ofProgram('enabled', program), ...fewRuns(draft, program)];
  },
  'never-waters': (finding, draft) => {
    const program = programOf(finding, draft);
    return [...daysUnits(draft, program), ...percentUnits(program), ...fewRuns(draft, program)];
  },
  collision: unitsOfCollision,
  'low-headroom': (_, draft) => unitsOfHeadroom(draft),
  'start-per-station': (finding, draft) => wholeUnits(draft, programOf(finding, draft)),
  'station-twice': unitsOfTwice,
  'too-many-starts': (finding, draft) => {
    const program = programOf(finding, draft);
    return [...draft.startUnits(program), ofProgram('days', program)];
  },
  'start-off-step': (finding, draft) => [
    ...startUnit(draft, finding.program!, finding.startNumber!),
    ofProgram('days', programOf(finding, draft)),
  ],
  'run-too-short': (finding, draft) => [runOf(finding, draft)],
  'run-too-long': (finding, draft) => [runOf(finding, draft)],
  'run-off-step': (finding, draft) => [runOf(finding, draft)],
  'interval-too-long': (finding, draft) => [ofProgram('days', programOf(finding, draft))],
  'day-mode': (finding, draft) => [ofProgram('days', programOf(finding, draft))],
  'percent-beyond-timer': (finding, draft) =>
    finding.program === null ? [ofController('season')] : percentUnits(programOf(finding, draft)),
  'delay-too-long': () => [ofController('stationDelaySeconds')],
  'cycle-soak-unsupported': (finding, draft) => [
    ofStation('cycleSeconds', finding.station!),
    runOf(finding, draft),
  ],
  'concurrent-unsupported': (finding, draft) => [
    ofProgram('concurrent', programOf(finding, draft)),
  ],
  'window-unsupported': (finding, draft) => [
    finding.program === null
      ? ofController('noWater')
      : ofProgram('waterWindows', programOf(finding, draft)),
  ],
  'month-day-unsupported': () => [ofController('monthDaysOff')],
  'one-length-only': (finding, draft) => {
    const program = programOf(finding, draft);
    return draft.plan.programs[program]!.runs.map(({ station }) => ({
      of: 'run',
      program,
      station,
    }));
  },
  'too-often': unitsOfTooOften,
  runoff: (finding, draft) => {
    const program = programOf(finding, draft);
    return [
      ...cycleUnits(draft, [finding.station!]),
      runOf(finding, draft),
      ...percentUnits(program),
      ofProgram('enabled', program),
      ...windowUnits(draft, program),
    ];
  },
  'rule-day': unitsOfDay,
  'mowing-day': unitsOfDay,
  'rule-hours': unitsOfPiece,
  'late-finish': unitsOfPiece,
  'window-cuts': (finding, draft) => {
    const program = programOf(finding, draft);
    return [...wholeUnits(draft, program), ...windowUnits(draft, program)];
  },
  'short-soak': unitsOfSoak,
  'flow-over': unitsOfFlow,
  'knock-on': unitsOfLateRun,
};

const programOf = ({ program }: Finding, draft: Draft): number => draft.programIndex(program!);

const runOf = (finding: Finding, draft: Draft): Unit => ({
  of: 'run',
  program: programOf(finding, draft),
  station: finding.station!,
});

/** Of the first two programs that water a station: one of any two has to give it up. */
function unitsOfTwice({ station }: Finding, draft: Draft): Unit[] {
  return draft.situation.complete
    .filter(({ runs }) => runs.some((run) => run.station === station && run.seconds > 0))
    .slice(0, 2)
    .flatMap(({ id }): Unit[] => {
      const program = draft.programIndex(id);
      return [{ of: 'run', program, station: station! }, ofProgram('enabled', program)];
    });
}

function unitsOfTooOften({ station }: Finding, draft: Draft): Unit[] {
  return draft.plan.programs.flatMap(({ runs, enabled }, program): Unit[] =>
    enabled && runs.some((run) => run.station === station && run.seconds > 0)
      ? [...daysUnits(draft, program), { of: 'run', program, station: station! }]
      : [],
  );
}

const ofProgram = (field: ProgramUnit['field'], program: number): ProgramUnit => ({
  ...{ of: 'program', field, program },
});
const ofStation = (field: StationUnit['field'], station: number): StationUnit => ({
  ...{ of: 'station', field, station },
});
const ofController = (field: ControllerUnit['field']): ControllerUnit => ({
  ...{ of: 'controller', field },
});

const startUnit = (draft: Draft, program: string, startNumber: number): Unit[] => {
  const unit = draft.startUnit(program, startNumber);
  return unit ? [unit] : [];
};

const timedStations = (draft: Draft, program: number): number[] =>
  draft.plan.programs[program]!.runs.flatMap(({ station, seconds }) =>
    seconds > 0 ? station : [],
  );

const runUnits = (draft: Draft, program: number): Unit[] =>
  timedStations(draft, program).map((station) => ({ of: 'run', program, station }));

/** The runs of a program that a change or two would empty. */
const fewRuns = (draft: Draft, program: number): Unit[] => {
  const units = runUnits(draft, program);
  return units.length <= FEW_RUNS ? units : [];
};

const percentUnits = (program: number): Unit[] => [
  ofController('season'),
  ofProgram('percent', program),
];

/** On which days a program waters. */
const daysUnits = ({ plan }: Draft, program: number): Unit[] => [
  ofProgram('days', program),
  ofProgram('blockedWeekdays', program),
  ofProgram('enabled', program),
  ...(plan.timer.monthDaysOff ? [ofController('monthDaysOff')] : []),
];

const cycleUnits = ({ plan }: Draft, stations: readonly number[]): Unit[] =>
  plan.timer.cycleSoak === null
    ? []
    : stations.flatMap((station) => [
        ofStation('cycleSeconds', station),
        ofStation('soakSeconds', station),
      ]);

const windowUnits = ({ plan: { timer } }: Draft, program: number): Unit[] => [
  ...(timer.noWaterWindows ? [ofController('noWater')] : []),
  ...(timer.programWindows ? [ofProgram('waterWindows', program)] : []),
];

/** How long a run of a program is, and where in it its pieces lie. */
const shapeUnits = (draft: Draft, program: number): Unit[] => [
  ...runUnits(draft, program),
  ...cycleUnits(draft, timedStations(draft, program)),
  ...percentUnits(program),
  ofController('stationDelaySeconds'),
  ...(draft.plan.timer.maxConcurrentStations > 1 ? [ofProgram('concurrent', program)] : []),
];

const wholeUnits = (draft: Draft, program: number): Unit[] => [
  ...draft.startUnits(program),
  ...daysUnits(draft, program),
  ...shapeUnits(draft, program),
];

function unitsOfCollision(
  { program, startNumber, b }: Pick<Finding, 'program' | 'startNumber' | 'b'>,
  draft: Draft,
): Unit[] {
  const later = draft.programIndex(b!.program);
  const earlier = draft.programIndex(program!);
  const isOfOneDay =
    earlier === later &&
    draft.situation.allDates.collisions.some(
      (found) =>
        found.a.program.id === program &&
        found.a.startNumber === startNumber &&
        found.b.program.id === program &&
        found.b.startNumber === b!.startNumber &&
        dayOf(found.a.nominal) === dayOf(found.b.nominal),
    );
  return [
    ...startUnit(draft, program!, startNumber!),
    ...startUnit(draft, b!.program, b!.startNumber),
    // Two starts of one program come together, whatever its days are.
    ...(isOfOneDay
      ? [ofProgram('enabled', earlier)]
      : [...daysUnits(draft, earlier), ...daysUnits(draft, later)]),
    ...shapeUnits(draft, earlier),
    ...fewRuns(draft, later),
  ];
}

/** Of the pair of starts that first stands in the way of the wanted headroom; no percentage that is set matters. */
function unitsOfHeadroom(draft: Draft): Unit[] {
  const [pair] = headroomCollisions(draft);
  if (!pair) return [];
  const { a, b } = pair;
  const named = {
    program: a.program.id,
    startNumber: a.startNumber,
    b: { program: b.program.id, startNumber: b.startNumber },
  };
  return unitsOfCollision(named, draft).filter(
    (unit) =>
      !(unit.of === 'controller' && unit.field === 'season') &&
      !(unit.of === 'program' && unit.field === 'percent'),
  );
}

const runUnitsOf = (draft: Draft, run: BegunRun): Unit[] => {
  const index = draft.programIndex(run.program.id);
  return [
    ...startUnit(draft, run.program.id, run.startNumber),
    ...daysUnits(draft, index),
    ...shapeUnits(draft, index),
    ...windowUnits(draft, index),
    // The run that is late waits for those before it.
    ...(run.begin > run.nominal ? chainUnits(draft, run) : []),
  ];
};

/** Of the runs that a late run waits for, back to one that begins on time. */
function chainUnits(draft: Draft, late: BegunRun): Unit[] {
  const { runs } = draft.situation.watering;
  const units: Unit[] = [];
  for (let at = runs.indexOf(late) - 1; at >= 0; at--) {
    const run = runs[at]!;
    const index = draft.programIndex(run.program.id);
    units.push(
      ...startUnit(draft, run.program.id, run.startNumber),
      ...daysUnits(draft, index),
      ...shapeUnits(draft, index),
    );
    if (run.begin === run.nominal) break;
  }
  return units;
}

const isAbout = ({ run, station }: WaterPiece, finding: Finding): boolean =>
  run.program.id === finding.program && (finding.station === null || station === finding.station);

/** The piece that a finding tells of: by when it is told to occur. */
export function pieceOf(finding: Finding, draft: Draft): WaterPiece | null {
  const first = finding.first === undefined ? null : parseDateTime(finding.first);
  if (first === null) return null;
  const { pieces } = draft.situation.watering;
  if (finding.code === 'late-finish')
    return pieces.find((piece) => isAbout(piece, finding) && piece.run.nominal === first) ?? null;
  return (
    pieces.find((piece) => isAbout(piece, finding) && piece.from <= first && piece.to > first) ??
    null
  );
}

function unitsOfPiece(finding: Finding, draft: Draft): Unit[] {
  const piece = pieceOf(finding, draft);
  const program = draft.programIndex(finding.program!);
  return piece
    ? runUnitsOf(draft, piece.run)
    : [...wholeUnits(draft, program), ...windowUnits(draft, program)];
}

/** Of water on the very date on which its start comes only the start, the days and the station's own time matter. */
function unitsOfDay(finding: Finding, draft: Draft): Unit[] {
  const piece = pieceOf(finding, draft);
  if (!piece || dayOf(piece.from) !== dayOf(piece.run.nominal)) return unitsOfPiece(finding, draft);
  const program = draft.programIndex(finding.program!);
  return [
    ...startUnit(draft, piece.run.program.id, piece.run.startNumber),
    ...daysUnits(draft, program),
    ...percentUnits(program),
    ...windowUnits(draft, program),
    { of: 'run', program, station: piece.station },
    ...(piece.run.begin > piece.run.nominal ? chainUnits(draft, piece.run) : []),
  ];
}

function unitsOfSoak(finding: Finding, draft: Draft): Unit[] {
  const piece = pieceOf(finding, draft);
  if (!piece) return [];
  const { pieces } = draft.situation.watering;
  const before = pieces
    .slice(0, pieces.indexOf(piece))
    .findLast(({ station }) => station === piece.station);
  if (before?.run === piece.run) return unitsWithinRun(piece.run, draft);
  return [...runUnitsOf(draft, piece.run), ...(before ? runUnitsOf(draft, before.run) : [])];
}

/** Of what two pieces of one run do to each other: it goes on whenever the run begins. */
function unitsWithinRun({ program }: BegunRun, draft: Draft): Unit[] {
  const index = draft.programIndex(program.id);
  return [...shapeUnits(draft, index), ofProgram('enabled', index), ...windowUnits(draft, index)];
}

function unitsOfFlow({ first }: Finding, draft: Draft): Unit[] {
  const moment: TimerSeconds = parseDateTime(first!)!;
  const open = draft.situation.watering.pieces.filter(
    ({ from, to }) => from <= moment && to > moment,
  );
  const [run, ...others] = new Set(open.map((piece) => piece.run));
  if (run && others.length === 0) return unitsWithinRun(run, draft);
  return [...(run ? [run] : []), ...others].flatMap((one) => runUnitsOf(draft, one));
}

function unitsOfLateRun({ program, first }: Finding, draft: Draft): Unit[] {
  const nominal = parseDateTime(first!)!;
  const run = draft.situation.watering.runs.find(
    (one) => one.program.id === program && one.nominal === nominal,
  );
  return run ? runUnitsOf(draft, run) : [];
}

/** More water may come from any program, less only from those that water the station. */
function unitsOfWater(station: number, isLess: boolean, draft: Draft): Unit[] {
  return draft.plan.programs.flatMap(({ runs }, program): Unit[] => {
    const run: Unit = { of: 'run', program, station };
    const isTimed = runs.some((one) => one.station === station && one.seconds > 0);
    if (!isTimed) return isLess ? [run] : [];
    return [
      run,
      ...draft.startUnits(program),
      ...(isLess ? [draft.addedStart(program)] : []),
      ...daysUnits(draft, program),
    ];
  });
}
