import { isSameYard, mergeYards, readYard, type Yard } from './index.js';

function yardOf(...stations: object[]): Yard {
  const read = readYard({ format: 'waterclock.yard/1', stations });
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
}

const base = yardOf({ number: 1, soil: 'loam', flowLpm: 20 }, { number: 2, name: 'Hedge' });
const stationsOf = ({ stations }: Yard) => JSON.parse(JSON.stringify(stations)) as unknown;

it('keeps what each of two people changed, field by field', () => {
  const mine = yardOf({ number: 1, soil: 'clay', flowLpm: 20 }, { number: 2, name: 'Hedge' });
  const theirs = yardOf({ number: 1, soil: 'loam', flowLpm: 25 }, { number: 2, name: 'Beech' });
  const { yard, conflicts } = mergeYards(base, mine, theirs);
  expect(stationsOf(yard)).toMatchObject([
    { number: 1, soil: 'clay', flowLpm: 25 },
    { number: 2, name: 'Beech' },
  ]);
  expect(conflicts).toEqual([]);
});

it('names what both changed, and leaves mine', () => {
  const mine = yardOf({ number: 1, soil: 'clay' }, { number: 2, name: 'Hedge' });
  const theirs = yardOf({ number: 1, soil: 'sand', flowLpm: 20 }, { number: 2, name: 'Hedge' });
  const { yard, conflicts } = mergeYards(base, mine, theirs);
  expect(conflicts).toEqual([{ number: 1, field: 'soil', mine: 'clay', theirs: 'sand' }]);
  expect(yard.stations[0]).toMatchObject({ soil: 'clay' });
  expect(yard.stations[0]).not.toHaveProperty('flowLpm');
});

it('the same change of both is no conflict', () => {
  const both = yardOf({ number: 1, soil: 'sand', flowLpm: 20 }, { number: 2, name: 'Hedge' });
  expect(mergeYards(base, both, both).conflicts).toEqual([]);
});

it('keeps stations that either added, and takes out those that one took out', () => {
  const mine = yardOf({ number: 1, soil: 'loam', flowLpm: 20 }, { number: 3 });
  const theirs = yardOf(...base.stations, { number: 4, name: 'Pots' });
  const { yard } = mergeYards(base, mine, theirs);
  expect(yard.stations.map(({ number }) => number)).toEqual([1, 3, 4]);
});

it('a station that one took out and the other changed stays', () => {
  const without = yardOf({ number: 1, soil: 'loam', flowLpm: 20 });
  const changed = yardOf(base.stations[0]!, { number: 2, name: 'Beech' });
  for (const [mine, theirs] of [
    [without, changed],
    [changed, without],
  ] as const)
    expect(mergeYards(base, mine, theirs).yard.stations).toContainEqual(
      expect.objectContaining({ number: 2, name: 'Beech' }),
    );
});

it('a catch test is one fact, and what holds for the whole yard is merged too', () => {
  const cups = (...millilitres: number[]) => ({
    millilitres,
    mouthSquareCentimetres: 80,
    minutes: 10,
  });
  const start: Yard = { ...yardOf({ number: 1, catchTest: cups(10, 12) }), school: 'minute' };
  const mine = { ...yardOf({ number: 1, catchTest: cups(10, 12) }), stationsFitted: 8 };
  const theirs: Yard = { ...yardOf({ number: 1, catchTest: cups(10, 14) }), school: 'minute' };
  const { yard, conflicts } = mergeYards(start, mine, theirs);
  expect(conflicts).toEqual([]);
  expect(yard.stations[0]!.catchTest!.millilitres).toEqual([10, 14]);
  expect(yard.stationsFitted).toBe(8);
  expect(yard).not.toHaveProperty('school');
  const contested = yardOf({ number: 1, catchTest: cups(9, 9) });
  expect(mergeYards(start, contested, theirs).conflicts).toMatchObject([{ field: 'catchTest' }]);
});

it('two yards are the same where they say the same, in any order', () => {
  const one = yardOf({ number: 1, soil: 'loam', flowLpm: 20 }, { number: 2 });
  const other = yardOf({ flowLpm: 20, soil: 'loam', number: 1 }, { number: 2 });
  expect(isSameYard(one, other)).toBe(true);
  expect(isSameYard(one, { ...other, school: 'minute' })).toBe(false);
  expect(isSameYard(one, yardOf({ number: 1, soil: 'loam', flowLpm: 20 }))).toBe(false);
  expect(isSameYard(one, yardOf({ number: 1, soil: 'clay', flowLpm: 20 }, { number: 2 }))).toBe(
    false,
  );
});
