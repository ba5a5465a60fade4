import type { Changes } from '@water-clock/core/kernel';
import type { KeysWanted } from '../ui/keys-wanted';
import type { YardStation } from '@water-clock/core/yards';

/** What a cell's text was read as: fields of the station, or what it should be instead. */
export type ReadCell = Changes<YardStation> | string;

/** The tables of the yard: what stations water, what opens their valves, what measures them. */
export type YardTable = 'stations' | 'units' | 'sensors';

export interface YardColumn {
  /** The fact that it is, or is a part of. */
  readonly key: keyof YardStation;
  readonly table: YardTable;
  /** The heading, without a unit; also what a spreadsheet's heading is known by. */
  readonly title: string;
  readonly unit?: string;
  readonly width?: number;
  /** What is typed into its cells; a number unless it is said. */
  readonly keys?: KeysWanted;
  readonly choices?: readonly string[];
  readonly text: (station: YardStation) => string;
  /** What a text means for a station, as it is before. */
  readonly read: (text: string, station: YardStation) => ReadCell;
}

/** Takes the field out of the station. */
export const unset = (key: keyof YardStation): Changes<YardStation> => ({ [key]: undefined });

export const isEmpty = (text: string): boolean => ['', '-', '–', '·'].includes(text.trim());

/** One of some words, which may be begun where no other begins so; null: none of them. */
export function chosenWord(text: string, choices: readonly string[]): string | null {
  const typed = text.trim().toLowerCase();
  const fitting = choices.filter((choice) => choice.startsWith(typed));
  return choices.includes(typed) ? typed : fitting.length === 1 ? fitting[0]! : null;
}

/** A typed number within limits; null where it is none. */
export function typedNumber(text: string): number | null {
  const typed = Number(text.trim().replace(',', '.'));
  return /^[\d.,\s]+$/.test(text) && Number.isFinite(typed) ? typed : null;
}

const YES = ['y', 'yes', 'x', '1', 'true'];
const NO = ['n', 'no', '0', 'false'];

export function yesNoColumn(
  key: 'pump' | 'rainSensor' | 'freezeSensor' | 'flowSensor',
  title: string,
  width: number,
  whenEmpty: Changes<YardStation>,
  table: YardTable = 'stations',
): YardColumn {
  return {
    key,
    table,
    title,
    width,
    keys: 'words',
    choices: ['yes', 'no'],
    text: (station) => (station[key] === undefined ? '' : station[key] ? 'yes' : 'no'),
    read: (text) => {
      const typed = text.trim().toLowerCase();
      if (isEmpty(text)) return whenEmpty;
      if (YES.includes(typed)) return { [key]: true };
      return NO.includes(typed) ? { [key]: false } : 'yes or no';
    },
  };
}
