import { formatDateTime, type TimerSeconds } from '@water-clock/core/civil-time';
import Papa from 'papaparse';

/** What the device did, or what was done to it. */
export type LogEvent =
  | 'open'
  | 'close'
  | 'no-flow'
  | 'run'
  | 'end'
  | 'queued'
  | 'left-out'
  | 'cut-off'
  | 'pump-on'
  | 'pump-off'
  | 'master-on'
  | 'master-off'
  | 'wet'
  | 'dry'
  | 'freezing'
  | 'thawed'
  | 'rain-delay'
  | 'power-off'
  | 'power-on'
  | 'clock'
  | 'settings'
  | 'keyed'
  | 'backup'
  | 'restore'
  | 'fault'
  | 'short';

/** Which run, station and piece a line speaks of. */
export interface LogPlace {
  /** A program; empty for a run by hand. */
  readonly program?: string;
  readonly startNumber?: number;
  /** When the run was to begin by its start time. */
  readonly nominal?: TimerSeconds;
  readonly station?: number;
  readonly piece?: number;
  readonly note?: string;
}

export interface LogLine extends LogPlace {
  /** By the device's own clock. */
  readonly at: TimerSeconds;
  readonly event: LogEvent;
}

/** Beyond this many lines the oldest go. */
const MOST_LINES = 200_000;

export class DeviceLog {
  private lines: LogLine[] = [];

  add(at: TimerSeconds, event: LogEvent, place: LogPlace = {}): void {
    this.lines.push({ at, event, ...place });
    if (this.lines.length > MOST_LINES) this.lines = this.lines.slice(-MOST_LINES / 2);
  }

  /** As CSV, a line an event, the oldest first; the first line names the columns. */
  asCsv(): string {
    const rows = this.lines.map(({ at, nominal, ...rest }) => ({
      ...rest,
      at: formatDateTime(at),
      nominal: nominal === undefined ? '' : formatDateTime(nominal),
    }));
    return Papa.unparse(rows, { columns: COLUMNS, newline: '\n' });
  }
}

const COLUMNS = ['at', 'event', 'program', 'startNumber', 'nominal', 'station', 'piece', 'note'];
