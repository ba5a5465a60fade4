import { readYard, type Yard } from '../yards/index.js';
import { yardSentences } from './index.js';

const yard = (...stations: object[]): Yard => {
  const read = readYard({ format: 'waterclock.yard/1', stations });
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
};

it('says of each station what is otherwise, in order, and of what came and went', () => {
  const before = yard(
    { number: 3, name: 'Hedge', head: 'drip' },
    { number: 1, name: 'Lawn', head: 'spray', areaSquareMetres: 40, flowLpm: 12, enabled: true },
  );
  const after = yard(
    { number: 1, name: 'Lawn', head: 'rotor', areaSquareMetres: 44, enabled: false },
    { number: 5, name: 'Roses' },
  );
  expect(yardSentences(before, after)).toEqual([
    'Station 1, is: on → off.',
    'Station 1, heads: spray → rotor.',
    'Station 1, area: 40 m² → 44 m².',
    'Station 1, flow: 12 L/min → nothing.',
    'Station 3 is no more.',
    'Station 5 is new.',
  ]);
  expect(yardSentences(before, before)).toEqual([]);
});

it('leaves no field out: two yards that are not the same always differ in words', () => {
  const whole = {
    ...{
      number: 1,
      name: 'Lawn',
      enabled: true,
      head: 'spray',
      plant: 'cool turf',
      sun: 'full',
    },
    ...{ soil: 'loam', slopePercent: 5, areaSquareMetres: 40, flowLpm: 12, school: 'minute' },
    catchTest: { millilitres: [20, 22], mouthSquareCentimetres: 80, minutes: 10, cupsInRow: 2 },
    ...{ pump: true, rainSensor: true, freezeSensor: true, flowSensor: true, runoffSeconds: 300 },
    ...{ minSoakSeconds: 600, notes: 'by the gate' },
    valveUnit: { serial: 'U-17', address: 4 },
    moistureSensor: { serial: 'M-3', readPercent: 20 },
  };
  const before = yard(whole);
  for (const field of Object.keys(whole).filter((key) => key !== 'number')) {
    const { [field]: _left, ...rest } = whole as Record<string, unknown>;
    const after = yard(typeof _left === 'boolean' ? { ...whole, [field]: !_left } : rest);
    expect([field, yardSentences(before, after).length]).toEqual([field, 1]);
  }
  const nested = yard({ ...whole, moistureSensor: { serial: 'M-3', readPercent: 31 } });
  expect(yardSentences(before, nested)).toEqual([
    'Station 1: what was tested or read of it is otherwise.',
  ]);
  expect(yardSentences(before, { ...before, wires: [1] })).toHaveLength(1);
  expect(yardSentences(before, yard(Object.fromEntries(Object.entries(whole).reverse())))).toEqual(
    [],
  );
});
