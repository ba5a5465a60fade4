import { withChanges, type Changes } from '@water-clock/core/kernel';
import {
  UNIT_RESULTS,
  type MoistureSensor,
  type UnitResult,
  type UnitTest,
  type ValveUnit,
  type YardStation,
} from '@water-clock/core/yards';
import { RESULT_NAMES } from './unit-words';
import {
  chosenWord,
  isEmpty,
  typedNumber,
  unset,
  yesNoColumn,
  type ReadCell,
  type YardColumn,
} from './yard-column';

const MOST_LABEL = 40;
const NO_SERIAL = 'Give its serial first';

const label = (text: string): string | null =>
  text.trim().length > MOST_LABEL ? null : text.trim();

/** A number within limits; null where the text is none of them. */
function within(text: string, least: number, most: number): number | null {
  const typed = typedNumber(text);
  return typed !== null && typed >= least && typed <= most ? typed : null;
}

const inUnit = ({ valveUnit }: YardStation, fields: Changes<ValveUnit>): ReadCell =>
  valveUnit ? { valveUnit: withChanges<ValveUnit>(valveUnit, fields) } : NO_SERIAL;

const inSensor = ({ moistureSensor }: YardStation, fields: Changes<MoistureSensor>): ReadCell =>
  moistureSensor
    ? { moistureSensor: withChanges<MoistureSensor>(moistureSensor, fields) }
    : NO_SERIAL;

const RESULT_WORDS = UNIT_RESULTS.map((result) => RESULT_NAMES[result]);

/** What opens each station's valve on the two wires, and what its last test said. */
export const unitColumns = (today: string): readonly YardColumn[] => [
  {
    key: 'valveUnit',
    table: 'units',
    title: 'serial',
    keys: 'words',
    text: ({ valveUnit }) => valveUnit?.serial ?? '',
    read: (text, { valveUnit }) => {
      const serial = label(text);
      if (serial === null) return `At most ${MOST_LABEL} characters`;
      // Another unit has not been tested yet.
      return isEmpty(text)
        ? unset('valveUnit')
        : valveUnit?.serial === serial
          ? { valveUnit }
          : { valveUnit: { serial, ...addressOf(valveUnit) } };
    },
  },
  {
    key: 'valveUnit',
    table: 'units',
    title: 'address',
    width: 84,
    text: ({ valveUnit }) => String(valveUnit?.address ?? ''),
    read: (text, station) => {
      if (isEmpty(text)) return station.valveUnit ? inUnit(station, { address: undefined }) : {};
      const address = within(text, 1, 999);
      return address !== null && Number.isInteger(address)
        ? inUnit(station, { address })
        : 'A whole number, 1 to 999';
    },
  },
  {
    key: 'valveUnit',
    table: 'units',
    title: 'last test',
    width: 116,
    keys: 'words',
    choices: RESULT_WORDS,
    text: ({ valveUnit }) => (valveUnit?.lastTest ? RESULT_NAMES[valveUnit.lastTest.result] : ''),
    read: (text, station) => {
      if (isEmpty(text)) return station.valveUnit ? inUnit(station, { lastTest: undefined }) : {};
      const result = resultNamed(chosenWord(text, RESULT_WORDS));
      if (!result) return `One of: ${RESULT_WORDS.join(', ')}`;
      const before = station.valveUnit?.lastTest;
      return before?.result === result
        ? inUnit(station, {})
        : inUnit(station, { lastTest: { on: today, result } });
    },
  },
  {
    key: 'valveUnit',
    table: 'units',
    title: 'drew',
    unit: 'mA',
    width: 84,
    text: ({ valveUnit }) => String(valveUnit?.lastTest?.milliamps ?? ''),
    read: (text, station) => {
      const test = station.valveUnit?.lastTest;
      if (isEmpty(text))
        return test
          ? inUnit(station, { lastTest: withChanges<UnitTest>(test, { milliamps: undefined }) })
          : {};
      const milliamps = within(text, 0, 10_000);
      if (milliamps === null) return 'Milliamps, 0 to 10000';
      return test ? inUnit(station, { lastTest: { ...test, milliamps } }) : 'Give its result first';
    },
  },
];

const addressOf = (unit: ValveUnit | undefined): Pick<ValveUnit, 'address'> =>
  unit?.address === undefined ? {} : { address: unit.address };

const resultNamed = (words: string | null): UnitResult | undefined =>
  UNIT_RESULTS.find((result) => RESULT_NAMES[result] === words);

/** Which stations the flow sensor measures, and the moisture sensors in the ground. */
export const sensorColumns = (today: string): readonly YardColumn[] => [
  yesNoColumn('flowSensor', 'flow sensor', 96, unset('flowSensor'), 'sensors'),
  {
    key: 'moistureSensor',
    table: 'sensors',
    title: 'moisture sensor',
    keys: 'words',
    text: ({ moistureSensor }) => moistureSensor?.serial ?? '',
    read: (text, { moistureSensor }) => {
      const serial = label(text);
      if (serial === null) return `At most ${MOST_LABEL} characters`;
      return isEmpty(text)
        ? unset('moistureSensor')
        : { moistureSensor: { ...moistureSensor, serial } };
    },
  },
  percentColumn('holds from', 'holdsFromPercent', () => ({})),
  percentColumn('it read', 'readPercent', (readPercent) => ({
    readOn: readPercent === undefined ? undefined : today,
  })),
];

function percentColumn(
  title: string,
  field: 'holdsFromPercent' | 'readPercent',
  beside: (value: number | undefined) => Changes<MoistureSensor>,
): YardColumn {
  return {
    key: 'moistureSensor',
    table: 'sensors',
    title,
    unit: '%',
    width: 96,
    text: ({ moistureSensor }) => String(moistureSensor?.[field] ?? ''),
    read: (text, station) => {
      const before = station.moistureSensor;
      if (isEmpty(text))
        return before ? inSensor(station, { [field]: undefined, ...beside(undefined) }) : {};
      const percent = within(text, 0, 100);
      if (percent === null) return 'Percent, 0 to 100';
      return before?.[field] === percent
        ? inSensor(station, {})
        : inSensor(station, { [field]: percent, ...beside(percent) });
    },
  };
}
