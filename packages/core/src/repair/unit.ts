/** What counts as one change, in a program at its place in the list of programs, at a station by its number. */
export type Unit = StartUnit | RunUnit | ProgramUnit | StationUnit | ControllerUnit;

/** A start by its place in the given list; beyond its end: one that is added. */
export interface StartUnit {
  readonly of: 'start';
  readonly program: number;
  readonly place: number;
}

/** How long a program waters a station. */
export interface RunUnit {
  readonly of: 'run';
  readonly program: number;
  readonly station: number;
}

export interface ProgramUnit {
  readonly of: 'program';
  readonly program: number;
  readonly field:
    'days' | 'blockedWeekdays' | 'percent' | 'enabled' | 'concurrent' | 'waterWindows';
}

export interface StationUnit {
  readonly of: 'station';
  readonly station: number;
  readonly field: 'cycleSeconds' | 'soakSeconds';
}

export interface ControllerUnit {
  readonly of: 'controller';
  readonly field: 'season' | 'noWater' | 'stationDelaySeconds' | 'monthDaysOff';
}

/** The same text for the same unit. */
export function unitKey(unit: Unit): string {
  switch (unit.of) {
    case 'start':
      return `start ${unit.program} ${unit.place}`;
    case 'run':
      return `run ${unit.program} ${unit.station}`;
    case 'program':
      return `${unit.field} ${unit.program}`;
    case 'station':
      return `${unit.field} ${unit.station}`;
    case 'controller':
      return unit.field;
  }
}
