import fc from 'fast-check';
import type { CycleSoakPolicy } from '../timer-types/index.js';
import { runShape, type RunConditions, type ShapePiece, type StationShare } from './run-shape.js';

const plain = (station: number, seconds: number): StationShare => ({
  station,
  seconds,
  cycleSeconds: seconds,
  soakSeconds: 0,
});

const conditions = (changes: Partial<RunConditions> = {}): RunConditions => ({
  policy: 'in-order',
  slots: 1,
  delaySeconds: 0,
  ...changes,
});

/** Pieces as `station.piece from-to`. */
const written = (pieces: readonly ShapePiece[]) =>
  pieces.map(
    ({ station, piece, fromSeconds, toSeconds }) =>
      `${station}.${piece} ${fromSeconds}-${toSeconds}`,
  );

/**
 * The same run by a clock that ticks second by second: at each tick whatever may open, opens. It
 * shares no thought with the code: that one computes the next time, this one waits for it.
 */
function ticking(shares: readonly StationShare[], { policy, slots, delaySeconds }: RunConditions) {
  const stations = shares.map((share) => ({ ...share, left: share.seconds, done: 0, readyAt: 0 }));
  const passes: (typeof stations)[number][] = [];
  const most = Math.max(
    0,
    ...shares.map(({ seconds, cycleSeconds }) => Math.ceil(seconds / cycleSeconds)),
  );
  for (let pass = 0; pass < most; pass++)
    passes.push(...stations.filter(({ seconds, cycleSeconds }) => seconds > pass * cycleSeconds));
  const freeAt = Array.from({ length: slots }, () => 0);
  const pieces: ShapePiece[] = [];
  for (let now = 0; stations.some(({ left }) => left > 0); now++) {
    for (
      let slot = freeAt.findIndex((at) => at <= now);
      slot >= 0;
      slot = freeAt.findIndex((at) => at <= now)
    ) {
      const ready = stations.filter(({ left, readyAt }) => left > 0 && readyAt <= now);
      const next =
        policy === 'in-order'
          ? passes.slice(0, 1).find((station) => station.readyAt <= now)
          : ready.sort((a, b) => a.done - b.done || stations.indexOf(a) - stations.indexOf(b))[0];
      if (!next) break;
      if (policy === 'in-order') passes.shift();
      const length = Math.min(next.cycleSeconds, next.left);
      next.done += 1;
      next.left -= length;
      next.readyAt = now + length + Math.max(next.soakSeconds, delaySeconds);
      freeAt[slot] = now + length + delaySeconds;
      pieces.push({
        station: next.station,
        piece: next.done,
        fromSeconds: now,
        toSeconds: now + length,
      });
    }
  }
  return pieces;
}

const shares = fc
  .array(
    fc.record({
      seconds: fc.integer({ min: 1, max: 90 }),
      cycleSeconds: fc.integer({ min: 5, max: 60 }),
      soakSeconds: fc.integer({ min: 0, max: 80 }),
    }),
    { maxLength: 5 },
  )
  .map((list) => list.map((share, index) => ({ station: index + 1, ...share })));

for (const policy of ['in-order', 'ready-first'] satisfies CycleSoakPolicy[])
  it(`${policy}: lays out what a clock would that ticks second by second`, () => {
    fc.assert(
      fc.property(
        shares,
        fc.integer({ min: 1, max: 3 }),
        fc.integer({ min: 0, max: 12 }),
        (list, slots, delaySeconds) => {
          const how = { policy, slots, delaySeconds };
          const shape = runShape(list, how);
          const expected = ticking(list, how);
          expect(written(shape.pieces)).toEqual(written(expected));
          expect(shape.lengthSeconds).toBe(
            Math.max(0, ...expected.map(({ toSeconds }) => toSeconds)),
          );
        },
      ),
      { numRuns: 400 },
    );
  });

it('waters station after station, with the delay between them and none at the end', () => {
  const shape = runShape([plain(1, 600), plain(2, 300)], conditions({ delaySeconds: 20 }));
  expect(written(shape.pieces)).toEqual(['1.1 0-600', '2.1 620-920']);
  expect(shape.lengthSeconds).toBe(920);
});

it('cuts a station into cycles with the rest last', () => {
  const share = { station: 1, seconds: 900, cycleSeconds: 360, soakSeconds: 600 };
  expect(written(runShape([share], conditions()).pieces)).toEqual([
    '1.1 0-360',
    '1.2 960-1320',
    '1.3 1920-2100',
  ]);
});

it('lets the longer of soak and delay pass before a station goes on', () => {
  const share = { station: 1, seconds: 20, cycleSeconds: 10, soakSeconds: 5 };
  const shape = runShape([share], conditions({ delaySeconds: 30 }));
  expect(written(shape.pieces)).toEqual(['1.1 0-10', '1.2 40-50']);
});

it('opens two stations at once where it has two slots, and takes the slot that is free first', () => {
  const shape = runShape([plain(1, 100), plain(2, 30), plain(3, 50)], conditions({ slots: 2 }));
  expect(written(shape.pieces)).toEqual(['1.1 0-100', '2.1 0-30', '3.1 30-80']);
  expect(shape.lengthSeconds).toBe(100);
});

it('in order waits for a soaking station, ready first does not', () => {
  const list = [
    { station: 1, seconds: 20, cycleSeconds: 10, soakSeconds: 100 },
    { station: 2, seconds: 30, cycleSeconds: 10, soakSeconds: 0 },
  ];
  expect(runShape(list, conditions()).lengthSeconds).toBe(140);
  expect(runShape(list, conditions({ policy: 'ready-first' })).lengthSeconds).toBe(120);
});

it('is empty where nothing waters', () => {
  expect(runShape([], conditions())).toEqual({ pieces: [], lengthSeconds: 0 });
});
