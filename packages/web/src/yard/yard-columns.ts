import { HEADS } from '@water-clock/core/settings';
import { FOLLOWED_FOR, PLANTINGS, SOILS, SUNS } from '@water-clock/core/yards';
import type { UnitSystem } from '../format/reading';
import { quantityIn, shownAmount, storedAmount, type Quantity } from '../format/quantities';
import { LENGTH_HINT, minutesText, parseLength } from '../format/lengths';
import { sensorColumns, unitColumns } from './wiring-columns';
import {
  chosenWord,
  isEmpty,
  typedNumber,
  unset,
  yesNoColumn,
  type YardColumn,
} from './yard-column';

function textColumn(key: 'name' | 'notes', title: string, width?: number): YardColumn {
  return {
    key,
    table: 'stations',
    title,
    keys: 'words',
    ...(width !== undefined && { width }),
    text: (station) => station[key] ?? '',
    read: (text) => (text.trim() === '' ? unset(key) : { [key]: text.slice(0, 2000) }),
  };
}

/** One of some words; their first letters do where no other word begins with them. */
function choiceColumn(
  key: 'head' | 'plant' | 'sun' | 'soil' | 'followsFor',
  title: string,
  width: number,
  choices: readonly string[],
): YardColumn {
  return {
    key,
    table: 'stations',
    title,
    width,
    keys: 'words',
    choices,
    text: (station) => station[key] ?? '',
    read: (text) => {
      if (isEmpty(text)) return unset(key);
      const chosen = chosenWord(text, choices);
      return chosen !== null ? { [key]: chosen } : `One of: ${choices.join(', ')}`;
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
    table: 'stations',
    title,
    width,
    ...(quantity.label && { unit: quantity.label }),
    text: (station) => {
      const value = station[key];
      return value === undefined ? '' : shownAmount(value, quantity);
    },
    read: (text) => {
      if (isEmpty(text)) return unset(key);
      const typed = typedNumber(text);
      const stored = typed === null ? NaN : storedAmount(typed, quantity);
      const isGood = stored >= least && stored <= most && (!isWhole || Number.isInteger(typed));
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
    table: 'stations',
    title,
    width,
    unit: 'min',
    keys: 'length',
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

interface YardOfTimer {
  /** The timer takes a freeze sensor. */
  readonly hasFreezeSensor?: boolean;
  /** Its valves hang on two wires. */
  readonly isTwoWire?: boolean;
}

/**
 * The columns of the station tables, in a firm's units; those for what the timer does not have are left
 * out. `today` is when a test or a reading that is typed was made.
 */
export function yardColumns(
  units: UnitSystem,
  today: string,
  { hasFreezeSensor = false, isTwoWire = false }: YardOfTimer = {},
): readonly YardColumn[] {
  const area = quantityIn(units, 'area');
  const flow = quantityIn(units, 'flow');
  return [
    textColumn('name', 'name', 150),
    choiceColumn('head', 'head', 72, HEADS),
    choiceColumn('plant', 'plant', 94, PLANTINGS),
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
    lengthColumn('runoffSeconds', 'run-off', 72),
    lengthColumn('minSoakSeconds', 'soak', 54),
    numberColumn('follows', 'follows', 62, { least: 1, most: 256, isWhole: true }),
    choiceColumn('followsFor', 'follows for', 84, FOLLOWED_FOR),
    textColumn('notes', 'notes'),
    ...(isTwoWire ? unitColumns(today) : []),
    ...sensorColumns(today),
  ];
}
