import { judgeFlows, usualOf, type FlowRead } from './index.js';

const read = (station: number, lpm: number, fields: Partial<FlowRead> = {}): FlowRead => ({
  ...{ station, lpm, stepLpm: 0.1, isNew: false },
  ...fields,
});
const verdicts = (...visits: readonly (readonly FlowRead[])[]) =>
  judgeFlows(visits).map(({ reads }) => reads.map(({ verdict }) => verdict));

it('holds a reading against what the station took before', () => {
  expect(verdicts([read(1, 20)], [read(1, 20.9)], [read(1, 24.4)], [read(1, 16)])).toEqual([
    ['first'],
    ['usual'],
    ['high'],
    ['low'],
  ]);
});

it('what was pointed out does not become usual, until something was changed', () => {
  expect(
    verdicts(
      [read(1, 20)],
      [read(1, 25)],
      [read(1, 25)],
      [read(1, 25, { isNew: true })],
      [read(1, 25.4)],
      [read(1, 20)],
    ),
  ).toEqual([['first'], ['high'], ['high'], ['first'], ['usual'], ['low']]);
});

it('a rise of all stations is the pressure, and one that goes beyond it is still pointed out', () => {
  const before = [20, 30, 12, 40].map((lpm, at) => read(at + 1, lpm));
  const after = [24, 36, 14.4, 48].map((lpm, at) => read(at + 1, lpm));
  const [, visit] = judgeFlows([before, after]);
  expect(visit!.pressureRatio).toBeCloseTo(1.2);
  expect(visit!.reads.map(({ verdict }) => verdict)).toEqual(Array(4).fill('usual'));
  const leaking = [...after.slice(0, 3), read(4, 60)];
  expect(judgeFlows([before, leaking])[1]).toMatchObject({
    pressureRatio: expect.closeTo(1.2),
    reads: [{ verdict: 'usual' }, { verdict: 'usual' }, { verdict: 'usual' }, { verdict: 'high' }],
  });
  // Back at the old pressure the old readings are usual again.
  expect(judgeFlows([before, after, before])[2]).toMatchObject({
    pressureRatio: null,
    reads: before.map(() => ({ verdict: 'usual' })),
  });
});

it('one station that rises among others that do not is no pressure', () => {
  const before = [20, 30, 12].map((lpm, at) => read(at + 1, lpm));
  const [, visit] = judgeFlows([before, [read(1, 24), read(2, 30.2), read(3, 12)]]);
  expect(visit!.pressureRatio).toBeNull();
  expect(visit!.reads.map(({ verdict }) => verdict)).toEqual(['high', 'usual', 'usual']);
});

it('what is coarse is held against a wider band, and many readings against a narrower one', () => {
  const width = (before: readonly FlowRead[], step: number) => {
    const { from, to } = usualOf(before, step)!;
    return to - from;
  };
  const one = [read(1, 10)];
  expect(width(one, 2)).toBeGreaterThan(1.5 * width(one, 0.1));
  expect(width([...one, ...one, ...one, ...one], 0.1)).toBeLessThan(width(one, 0.1));
  expect(usualOf([], 1)).toBeNull();
});
