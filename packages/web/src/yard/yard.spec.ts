import { readYard, type Yard, type YardStation } from '@water-clock/core/yards';
import type { YardColumn } from './yard-column';
import { yardColumns } from './yard-columns';
import { copyTo, nextStation, removeStation, setFields, setStation } from '@water-clock/core/yards';
import { sheetEdit, yardCsv } from './yard-sheets';

function yardOf(...stations: object[]): Yard {
  const read = readYard({ format: 'waterclock.yard/1', stations });
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
}

const TODAY = '2026-06-02';
const METRIC = yardColumns('metric', TODAY);
const column = (title: string, columns = METRIC): YardColumn =>
  columns.find((one) => one.title === title)!;
const yard = yardOf(
  { number: 1, name: 'Kerb strip', head: 'spray', soil: 'loam', flowLpm: 14 },
  { number: 2, name: 'Hedge', head: 'drip', follows: 1 },
);
const read = (title: string, text: string, columns = METRIC) =>
  column(title, columns).read(text, yard.stations[0]!);

describe('cells', () => {
  it('take words that are begun, where no other begins so', () => {
    expect(read('head', 'spr')).toEqual({ head: 'spray' });
    expect(read('head', 'ROTOR')).toEqual({ head: 'rotor' });
    expect(read('head', 'rot')).toMatch(/^One of: spray, rotary, rotor/);
    expect(read('soil', 'clay')).toEqual({ soil: 'clay' });
    expect(read('soil', 'clay l')).toEqual({ soil: 'clay loam' });
  });

  it('take numbers within their limits, with a comma too', () => {
    expect(read('flow', '22,5')).toEqual({ flowLpm: 22.5 });
    expect(read('area', '0')).toMatch(/^A number, more than 0/);
    expect(read('slope', '-3')).toMatch(/^A number, 0 or more/);
    expect(read('flow', '1e3')).toMatch(/^A number/);
    expect(read('follows', '1.5')).toMatch(/^A number/);
  });

  it('take lengths, yes and no, and nothing', () => {
    expect(read('run-off', '4m30')).toEqual({ runoffSeconds: 270 });
    expect(read('run-off', 'soon')).toMatch(/^Minutes such as/);
    expect(read('pump', 'y')).toEqual({ pump: true });
    expect(read('pump', 'maybe')).toBe('yes or no');
    expect(read('sensor', '')).toEqual({ rainSensor: true });
    expect(read('pump', '–')).toEqual({ pump: undefined });
  });

  it('show and keep US units, with SI stored', () => {
    const us = yardColumns('us', TODAY);
    const stored = read('flow', '5', us) as Partial<YardStation>;
    expect(stored.flowLpm).toBeCloseTo(18.927, 3);
    expect(column('flow', us).text({ ...yard.stations[0]!, ...stored })).toBe('5');
    expect(column('area', us).text({ ...yard.stations[0]!, areaSquareMetres: 110 })).toBe('1184');
    expect(column('area', us).unit).toBe('sq ft');
  });
});

describe('cells of valve units and sensors', () => {
  const columns = yardColumns('metric', TODAY, { isTwoWire: true });
  const unit = { serial: 'VU-1', lastTest: { on: '2026-05-01', result: 'fine' as const } };
  const station = yardOf({ number: 1, valveUnit: unit }).stations[0]!;
  const of = (title: string, text: string, own: YardStation = station) =>
    column(title, columns).read(text, own);

  it('are there only where the timer has two wires', () => {
    expect(METRIC.some(({ table }) => table === 'units')).toBe(false);
    expect(columns.filter(({ table }) => table === 'units')).toHaveLength(4);
  });

  it('ask for the serial first, and forget the test of the unit that was there before', () => {
    const bare = yard.stations[0]!;
    expect(of('address', '7', bare)).toBe('Give its serial first');
    expect(of('holds from', '40', bare)).toBe('Give its serial first');
    expect(of('serial', 'VU-2')).toEqual({ valveUnit: { serial: 'VU-2' } });
    expect(of('serial', ' VU-1 ')).toEqual({ valveUnit: unit });
    expect(of('serial', '')).toEqual({ valveUnit: undefined });
    expect(of('serial', 'x'.repeat(41))).toBe('At most 40 characters');
  });

  it('date a test and a reading by the day on which they are typed, once', () => {
    expect(of('last test', 'sho')).toEqual({
      valveUnit: { serial: 'VU-1', lastTest: { on: TODAY, result: 'short' } },
    });
    expect(of('last test', 'fine')).toEqual({ valveUnit: unit });
    expect(of('drew', '230')).toEqual({
      valveUnit: { ...unit, lastTest: { ...unit.lastTest, milliamps: 230 } },
    });
    const sensed = yardOf({ number: 1, moistureSensor: { serial: 'M1' } }).stations[0]!;
    expect(of('it read', '31,5', sensed)).toEqual({
      moistureSensor: { serial: 'M1', readPercent: 31.5, readOn: TODAY },
    });
    expect(of('it read', '131', sensed)).toBe('Percent, 0 to 100');
  });
});

describe('edits', () => {
  it('take fields out, and leave the yard before as it was', () => {
    const frozen = JSON.stringify(yard);
    const after = setStation(1, { soil: undefined })(yard);
    expect(after.stations[0]).not.toHaveProperty('soil');
    expect(JSON.stringify(yard)).toBe(frozen);
  });

  it('a station that goes leaves its followers on their own', () => {
    const after = removeStation(1)(yard);
    expect(after.stations).toEqual([expect.not.objectContaining({ follows: 1 })]);
    expect(nextStation(after, 12)).toBe(1);
    expect(nextStation(yard, 2)).toBeNull();
  });

  it('copies what is common, and leaves names and flows', () => {
    const after = copyTo(1, [2])(yard);
    expect(after.stations[1]).toMatchObject({ name: 'Hedge', head: 'spray', soil: 'loam' });
    expect(after.stations[1]).not.toHaveProperty('flowLpm');
  });

  it('say how many stations the modules give, or nothing of it', () => {
    expect(setFields({ stationsFitted: 8 })(yard).stationsFitted).toBe(8);
    const fitted = setFields({ stationsFitted: 8 })(yard);
    expect(setFields({ stationsFitted: undefined })(fitted)).not.toHaveProperty('stationsFitted');
  });
});

describe('a sheet', () => {
  const take = (text: string, place = { row: 0, column: 0 }, most = 12) =>
    sheetEdit(yard, text, METRIC, place, most);

  it('without headings begins at the cell, and makes the stations that are missing', () => {
    const { edit } = take('Rose bed\tdrip\tflowers\nPots\tmicro\tflow', { row: 1, column: 0 });
    expect(edit(yard).stations.slice(1)).toMatchObject([
      { number: 2, name: 'Rose bed', head: 'drip', plant: 'flowers', follows: 1 },
      { number: 3, name: 'Pots', head: 'micro', plant: 'flowers' },
    ]);
  });

  it('with headings goes where they say, in any order, units and all', () => {
    const { edit } = take('Flow (L/min),Station,"name"\n9,2,"Beech, tall"\n4,7,New\n');
    expect(edit(yard).stations.slice(1)).toMatchObject([
      { number: 2, name: 'Beech, tall', flowLpm: 9, head: 'drip' },
      { number: 7, name: 'New', flowLpm: 4 },
    ]);
  });

  it('names each bad cell, and takes the others if they are wanted', () => {
    const part = take('number\thead\tarea\n1\those\t12\n13\tdrip\t3\n2\tdrip\t-4');
    expect(part.taken).toBe(2);
    expect(part.edit(yard).stations).toMatchObject([
      { number: 1, areaSquareMetres: 12 },
      { number: 2, head: 'drip' },
    ]);
    expect(part.edit(yard).stations[0]!.head).toBe(yard.stations[0]!.head);
    expect(part.refused).toEqual([
      expect.stringMatching(/^Row 2, head: "hose"\. One of:/),
      'Row 3: "13" is no station of this timer, 1 to 12.',
      expect.stringMatching(/^Row 4, area: "-4"\./),
    ]);
    expect(take('name\tcolour\nKerb\tred')).toMatchObject({
      refused: [expect.stringMatching(/^No column is called "colour"/)],
    });
    expect(take('A\nB\nC', { row: 1, column: 0 }, 2)).toMatchObject({
      refused: ['Row 2: this timer has 2 stations.', 'Row 3: this timer has 2 stations.'],
    });
  });

  it('carries valve units and sensors too, saved as CSV and read again', () => {
    const columns = yardColumns('metric', TODAY, { isTwoWire: true });
    const full = yardOf(
      {
        number: 1,
        flowSensor: true,
        valveUnit: {
          serial: 'VU-39256',
          address: 1,
          lastTest: { on: TODAY, result: 'silent', milliamps: 12.5 },
        },
        moistureSensor: { serial: 'M 7', holdsFromPercent: 40, readPercent: 33.5, readOn: TODAY },
      },
      { number: 2, follows: 1, followsFor: 'sensor', valveUnit: { serial: 'VU-47175' } },
    );
    const taken = sheetEdit(yardOf(), yardCsv(full, columns), columns, { row: 0, column: 0 }, 12);
    expect(taken.refused).toEqual([]);
    expect(JSON.parse(JSON.stringify(taken.edit(yardOf())))).toEqual(
      JSON.parse(JSON.stringify(full)),
    );
  });

  it('that was saved as CSV comes back as it went', () => {
    const full = yardOf(
      { number: 1, name: 'Kerb, "old"', head: 'spray', soil: 'clay loam', flowLpm: 14.5 },
      { number: 4, name: '=1+1' },
      { number: 5, pump: true, rainSensor: false, runoffSeconds: 270, follows: 1, notes: 'Wet' },
    );
    expect(yardCsv(full, METRIC)).toContain("'=1+1");
    const taken = sheetEdit(yardOf(), yardCsv(full, METRIC), METRIC, { row: 0, column: 0 }, 12);
    expect(taken.refused).toEqual([]);
    expect(taken.edit(yardOf()).stations).toEqual(
      full.stations.map((station) => expect.objectContaining(JSON.parse(JSON.stringify(station)))),
    );
  });
});
