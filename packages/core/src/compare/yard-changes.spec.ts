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
