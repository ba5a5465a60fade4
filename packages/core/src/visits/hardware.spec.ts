import {
  circuitsInWords,
  flowsUntil,
  CoilLimits,
  judgeReading,
  jobInWords,
  readCoilLimits,
  readEntry,
  visitOf,
  type MadeEntry,
} from './index.js';

const made = (minute: number, document: object): MadeEntry => {
  const read = readEntry(document);
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return {
    ...{ id: String(minute), number: minute, seen: minute - 1, person: 'Ines' },
    ...{ observedAt: `2026-06-01T10:0${minute}:00.000Z`, entry: read.value },
  };
};
const hardware = (stations: number[], isFound: boolean) => ({
  ...{ kind: 'hardware', code: 'common-open', stations, note: 'box by the gate', isFound },
});

it('what is broken is known by what it is and where; what it was not after all is gone', () => {
  const found = (...entries: MadeEntry[]) =>
    visitOf(entries).hardware.map(({ latest }) => latest.entry.stations);
  const [one, other] = [made(1, hardware([2, 5], true)), made(2, hardware([], true))];
  expect(found(one, other)).toEqual([[2, 5], []]);
  expect(found(one, other, made(3, hardware([2, 5], false)))).toEqual([[]]);
});

it('of the checks of the circuits the last one holds, whole', () => {
  const check = (station: number, circuit: string) => ({
    ...{ kind: 'circuits', lamp: 'wiring', circuits: [{ station, circuit }] },
  });
  const visit = visitOf([made(1, check(3, 'open')), made(2, check(4, 'short'))]);
  const { entry } = visit.circuits!.latest;
  expect(entry).toMatchObject({ lamp: 'wiring', circuits: [{ station: 4, circuit: 'short' }] });
  expect(visitOf([]).circuits).toBeNull();
});

it('says a check and a job in words', () => {
  const circuits = [
    { station: 1, circuit: 'fine' as const },
    { station: 2, circuit: 'open' as const },
    { station: 5, circuit: 'open' as const },
  ];
  const check = { kind: 'circuits' as const, circuits, lamp: 'none' as const };
  expect(circuitsInWords({ ...check, pump: 'short' })).toBe(
    'open at stations 2 and 5; fine at station 1; pump or master valve short',
  );
  expect(circuitsInWords({ ...check, circuits: [] })).toBe('none checked');
  const job = { station: null, stations: [1, 2, 3], fault: 'common-open' as const };
  expect(jobInWords(job)).toBe('Timer: A broken common wire, stations 1, 2 and 3');
  expect(jobInWords({ ...job, stations: [] })).toBe('Timer: A broken common wire');
  expect(jobInWords({ station: 3, stations: [], fault: 'leak' }, 'Side lawn')).toBe(
    'Station 3 (Side lawn): Leak',
  );
});

it('refuses what is no check and nothing broken, every fault at its place', () => {
  const paths = (document: object) => {
    const read = readEntry(document);
    return read.ok ? [] : read.trouble.map(({ path }) => path).sort();
  };
  const circuits = [{ station: 0, circuit: 'rusty' }];
  expect(paths({ kind: 'circuits', circuits, lamp: 'blue', pump: 'gone' })).toEqual([
    'circuits[0].circuit',
    'circuits[0].station',
    'lamp',
    'pump',
  ]);
  expect(paths({ ...hardware([300], true), code: 'rust' })).toEqual(['code', 'stations[0]']);
});

it('a firm judges by limits of its own, which go upwards', () => {
  const limits = new CoilLimits();
  expect(judgeReading({ ohms: 15 }, 'mains')).toBe('unusual');
  expect(judgeReading({ ohms: 15 }, 'mains', { ...limits, mains: { ...limits.mains, low: 12 } })) //
    .toBe('in-range');
  expect(readCoilLimits(limits)).toEqual({ ok: true, value: limits });
  const wrong = { mains: { short: 30, low: 20, high: 10, open: -1 }, battery: limits.battery };
  expect(readCoilLimits(wrong)).toMatchObject({
    trouble: [{ path: 'mains.open', message: expect.any(String) }],
  });
  const downwards = { ...wrong, mains: { short: 30, low: 20, high: 10, open: 5 } };
  expect(readCoilLimits(downwards)).toMatchObject({
    trouble: [{ path: 'mains.low' }, { path: 'mains.high' }, { path: 'mains.open' }],
  });
});

it('what a station took is what was read of it last until then', () => {
  const read = (minute: number, station: number, flowLpm?: number) =>
    made(minute, {
      kind: 'station',
      station,
      faults: [],
      ...(flowLpm !== undefined && { flowLpm }),
    });
  const visits = [
    { startedAt: '2026-06-01T10:00:00.000Z', stations: [read(1, 1, 12), read(2, 2, 9)] },
    { startedAt: '2026-06-01T10:05:00.000Z', stations: [read(6, 1, 15), read(7, 2)] },
  ];
  const until = (minute: number) => [...flowsUntil(visits, `2026-06-01T10:0${minute}:00.000Z`)];
  expect([until(0), until(2), until(9)]).toEqual([
    [],
    [
      [1, 12],
      [2, 9],
    ],
    [
      [1, 15],
      [2, 9],
    ],
  ]);
});
