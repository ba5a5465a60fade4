import type { Changes } from '@water-clock/core/kernel';
import { HEADS } from '@water-clock/core/settings';
import { PLANTINGS, SOILS, SUNS, type YardStation } from '@water-clock/core/yards';
import type { UnitSystem } from '../format/reading';
import { quantityIn, shownAmount, storedAmount, type Quantity } from '../format/quantities';
import { LENGTH_HINT, minutesText, parseLength } from '../format/lengths';

/** What a cell's text was read as: fields of the station, or what it should be instead. */
export type ReadCell = Changes<YardStation> | string;

export interface YardColumn {
  readonly key: keyof YardStation;
  /** The heading, without a unit; also what a spreadsheet's heading is known by. */
  readonly title: string;
  readonly unit?: string;
  readonly width?: number;
  readonly isText?: boolean;
  readonly choices?: readonly string[];
  readonly text: (station: YardStation) => string;
  readonly read: (text: string) => ReadCell;
}

/** Takes the field out of the station. */
const unset = (key: keyof YardStation): Changes<YardStation> => ({ [key]: undefined });

const isEmpty = (text: string): boolean => ['', '-', '–', '·'].includes(text.trim());

function textColumn(key: 'name' | 'notes', title: string, width?: number): YardColumn {
  return {
    key,
    title,
    isText: true,
    ...(width !== undefined && { width }),
    text: (station) => station[key] ?? '',
    read: (text) => (text.trim() === '' ? unset(key) : { [key]: text.slice(0, 2000) }),
  };
}

/** One of some words; their first letters do where no other word begins with them. */
function choiceColumn(
  key: 'head' | 'plant' | 'sun' | 'soil',
  title: string,
  width: number,
  choices: readonly string[],
): YardColumn {
  return {
    key,
    title,
    width,
    isText: true,
    choices,
    text: (station) => station[key] ?? '',
    read: (text) => {
      if (isEmpty(text)) return unset(key);
      const typed = text.trim().toLowerCase();
      const fitting = choices.filter((choice) => choice.startsWith(typed));
      const chosen = choices.includes(typed) ? typed : fitting.length === 1 ? fitting[0] : null;
      return chosen ? { [key]: chosen } : `One of: ${choices.join(', ')}`;
    },
  };
}

interface NumberLimits {
  readonly least: number;
  readonly most: number;
  readonly isWhole?: boolean;
}

function numberColumn(
  key: 'slopePercent' | 'areaSquareMetres' | 'flowLpm' | 'follows',
  title: string,
  width: number,
  { least, most, isWhole = false }: NumberLimits,
  quantity: Quantity = { label: '', inSi: 1, decimals: 1 },
): YardColumn {
  return {
    key,
    title,
    width,
    ...(quantity.label && { unit: quantity.label }),
    text: (station) => {
      const value = station[key];
      return value === undefined ? '' : shownAmount(value, quantity);
    },
    read: (text) => {
      if (isEmpty(text)) return unset(key);
      const typed = Number(text.trim().replace(',', '.'));
      const stored = storedAmount(typed, quantity);
      const isGood =
        /^[\d.,\s]+$/.test(text) &&
        Number.isFinite(typed) &&
        stored >= least &&
        stored <= most &&
        (!isWhole || Number.isInteger(typed));
      const shown = (si: number) => Math.round(si / quantity.inSi);
      const hint = least > 0 && !isWhole ? 'more than 0' : `${shown(least)} or more`;
      return isGood ? { [key]: stored } : `A number, ${hint}, at most ${shown(most)}`;
    },
  };
}

function lengthColumn(
  key: 'runoffSeconds' | 'minSoakSeconds',
  title: string,
  width: number,
): YardColumn {
  return {
    key,
    title,
    width,
    unit: 'min',
    text: (station) => {
      const seconds = station[key];
      return seconds === undefined ? '' : minutesText(seconds);
    },
    read: (text) => {
      const seconds = parseLength(text);
      if (seconds === undefined) return LENGTH_HINT;
      return seconds === null ? unset(key) : { [key]: seconds };
    },
  };
}

const YES = ['y', 'yes', 'x', '1', 'true'];
const NO = ['n', 'no', '0', 'false'];

function yesNoColumn(
  key: 'pump' | 'rainSensor' | 'freezeSensor',
  title: string,
  width: number,
  whenEmpty: Changes<YardStation>,
): YardColumn {
  return {
    key,
    title,
    width,
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

/** The columns of the station table, in a firm's units; one for a freeze sensor only where the timer takes it. */
export function yardColumns(units: UnitSystem, hasFreezeSensor = false): readonly YardColumn[] {
  const area = quantityIn(units, 'area');
  const flow = quantityIn(units, 'flow');
  return [
    textColumn('name', 'name', 150),
    choiceColumn('head', 'head', 76, HEADS),
    choiceColumn('plant', 'plant', 92, PLANTINGS),
    choiceColumn('sun', 'sun', 58, SUNS),
    choiceColumn('soil', 'soil', 96, SOILS),
    numberColumn(
      'slopePercent',
      'slope',
      52,
      { least: 0, most: 200 },
      {
        label: '%',
        inSi: 1,
        decimals: 1,
      },
    ),
    numberColumn('areaSquareMetres', 'area', 64, { least: 0.01, most: 1_000_000 }, area),
    numberColumn('flowLpm', 'flow', 64, { least: 0, most: 100_000 }, flow),
    yesNoColumn('pump', 'pump', 54, unset('pump')),
    yesNoColumn('rainSensor', 'sensor', 58, { rainSensor: true }),
    ...(hasFreezeSensor ? [yesNoColumn('freezeSensor', 'freeze', 58, { freezeSensor: true })] : []),
    lengthColumn('runoffSeconds', 'run-off', 62),
    lengthColumn('minSoakSeconds', 'soak', 54),
    numberColumn('follows', 'follows', 62, { least: 1, most: 256, isWhole: true }),
    textColumn('notes', 'notes'),
  ];
}
