import {
  isKeyedIn,
  tickEntries,
  judgeReading,
  nextStep,
  readEntry,
  visitOf,
  type ElectricalReading,
  type MadeEntry,
  type VisitEntry,
} from './index.js';

const entryOf = (document: object): VisitEntry => {
  const read = readEntry(document);
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
};

let made = 0;
const entry = (
  number: number | null,
  seen: number,
  person: string,
  minute: number,
  document: object,
): MadeEntry => ({
  id: `entry ${++made}`,
  number,
  seen,
  person,
  observedAt: `2026-06-01T10:${String(minute).padStart(2, '0')}:00.000Z`,
  entry: entryOf(document),
});

const walked = (faults: string[]) => ({ kind: 'station', station: 3, faults });
const step = (name: string, state: string, reason?: string) => ({
  kind: 'step',
  step: name,
  state,
  ...(reason !== undefined && { reason }),
});

it('holds what was observed last, whatever order it comes in', () => {
  const entries = [
    entry(3, 2, 'Ines', 20, walked([])),
    entry(1, 0, 'Ines', 5, step('arrive', 'done')),
    entry(2, 1, 'Ines', 10, walked(['leak'])),
  ];
  for (const order of [entries, [...entries].reverse()]) {
    const visit = visitOf(order);
    expect(visit.stations.get(3)?.latest.entry.faults).toEqual([]);
    expect(visit.conflicts).toEqual([]);
    expect(nextStep(visit)).toBe('as-found');
  }
});

const cause = (fields: object = {}) => ({
  ...{ kind: 'cause', code: 'station-dead', station: 3, says: 'Station 3 never opens.' },
  ...{ isFound: true, ...fields },
  seen: {
    format: 'waterclock.seen/1',
    ...{ from: '2026-06-01T00:00:00', to: '2026-06-08T00:00:00' },
    seen: [{ what: 'dry', from: '2026-06-02T00:00:00', to: '2026-06-03T00:00:00', station: 3 }],
  },
});

it('what was wrong stands with what was seen, of each station apart, until it was not that', () => {
  const found = [
    entry(1, 0, 'Ines', 5, cause()),
    entry(2, 1, 'Ines', 6, cause({ station: 4 })),
    entry(3, 2, 'Ines', 7, cause({ isFound: false })),
  ];
  const causesOf = (entries: MadeEntry[]) =>
    visitOf(entries).causes.map(({ latest }) => latest.entry.station);
  expect(causesOf(found.slice(0, 2))).toEqual([3, 4]);
  expect(causesOf(found)).toEqual([4]);
  expect(found[0]!.entry).toMatchObject({ seen: { isWhole: false, seen: [{ what: 'dry' }] } });
});

it('what was seen is read inside of it, every problem by its path', () => {
  const { seen, ...rest } = cause();
  const problemsOf = (document: object) => {
    const read = readEntry(document);
    return read.ok ? [] : read.trouble.map(({ path }) => path);
  };
  expect(problemsOf({ ...rest, code: 'moon', seen: { ...seen, seen: [{ what: 'fog' }] } })).toEqual(
    expect.arrayContaining(['code', 'seen.seen[0].what']),
  );
  expect(problemsOf({ ...rest, seen: { ...seen, to: '2027-06-08T00:00:00' } })).toEqual([
    'seen.to',
  ]);
});

it('keeps beside it what somebody else said meanwhile, until one has seen both', () => {
  const hers = entry(5, 4, 'Ines', 10, walked(['leak']));
  // Made on a device without signal: it came in later, and had not seen hers.
  const his = entry(6, 4, 'Tomas', 8, walked([]));
  expect(visitOf([hers, his]).conflicts).toMatchObject([
    { latest: { id: hers.id }, otherwise: [{ id: his.id }] },
  ]);
  // While it still waits on his device it is there already.
  expect(visitOf([hers, { ...his, number: null }]).conflicts).toHaveLength(1);
  const settled = entry(7, 6, 'Ines', 30, walked(['leak']));
  expect(visitOf([hers, his, settled]).conflicts).toEqual([]);
  // Who had seen hers and said otherwise knew what they did.
  const aware = entry(6, 5, 'Tomas', 12, walked([]));
  expect(visitOf([hers, aware]).conflicts).toEqual([]);
  // And two who say the same do not differ.
  const same = entry(6, 4, 'Tomas', 8, walked(['leak']));
  expect(visitOf([hers, same]).conflicts).toEqual([]);
});

it('a tick holds for its value only; a step that is skipped has a reason', () => {
  const tick = (value: string, isTicked: boolean) => ({
    kind: 'key-in',
    key: 'A start 1',
    value,
    isTicked,
  });
  const visit = visitOf([
    entry(1, 0, 'Ines', 1, tick('03:30', true)),
    entry(2, 1, 'Ines', 2, tick('04:00', true)),
    entry(3, 2, 'Ines', 3, tick('04:00', false)),
    entry(4, 3, 'Ines', 4, step('need', 'skipped', 'Measured last week')),
  ]);
  expect(
    [...visit.keyedIn].map(
      ([
        key,
        {
          entry: { value },
        },
      ]) => [key, value],
    ),
  ).toEqual([['A start 1', '03:30']]);
  expect(visit.steps.get('need')?.latest.entry.reason).toBe('Measured last week');
  expect(readEntry(step('need', 'skipped', ' '))).toMatchObject({
    ok: false,
    trouble: [{ path: 'reason' }],
  });
});

it('a tick is found again by its value, however values are worded, and also as it was stored before', () => {
  const step = { key: 'A start 1', value: { type: 'time', time: '03:30' } } as const;
  const [tick, ...others] = tickEntries(visitOf([]), step, true);
  expect(others).toEqual([]);
  expect(tick!.value).toBe('time 03:30');
  const ticked = visitOf([entry(1, 0, 'Ines', 1, { ...tick })]);
  expect(isKeyedIn(ticked, step)).toBe(true);
  expect(isKeyedIn(ticked, { ...step, value: { type: 'time', time: '03:45' } })).toBe(false);
  // In words, as visits were stored once.
  const words = { kind: 'key-in', key: 'A start 1', value: '03:30', isTicked: true };
  const former = visitOf([entry(1, 0, 'Ines', 1, words)]);
  expect(isKeyedIn(former, step)).toBe(true);
  const undone = tickEntries(former, step, false).map((each, index) =>
    entry(index + 2, index + 1, 'Ines', index + 2, { ...each }),
  );
  expect(isKeyedIn(visitOf([entry(1, 0, 'Ines', 1, words), ...undone]), step)).toBe(false);
});

it('a tick holds until something else is keyed in at the same place, though it is wanted again', () => {
  const wanted = (time: string) => ({ key: 'A start 1', value: { type: 'time', time } }) as const;
  const tick = (number: number, time: string) =>
    entry(number, number - 1, 'Ines', number, {
      kind: 'key-in',
      key: 'A start 1',
      value: `time ${time}`,
      isTicked: true,
    });
  const visit = visitOf([tick(1, '03:30'), tick(2, '04:00')]);
  expect(isKeyedIn(visit, wanted('04:00'))).toBe(true);
  // 03:30 was keyed in once, and is not in the timer any more.
  expect(isKeyedIn(visit, wanted('03:30'))).toBe(false);
  expect(
    isKeyedIn(visitOf([tick(1, '03:30'), tick(2, '04:00'), tick(3, '03:30')]), wanted('03:30')),
  ).toBe(true);
});

it('refuses what is no entry, every fault at its place', () => {
  const paths = (document: unknown) => {
    const read = readEntry(document);
    return read.ok ? [] : read.trouble.map(({ path }) => path);
  };
  expect(
    paths({ kind: 'station', station: 0, faults: ['rust'], ohms: -1, more: 1 }).sort(),
  ).toEqual(['faults[0]', 'more', 'ohms', 'station']);
  expect(paths({ kind: 'target' })).toEqual(['kind']);
  expect(paths(null)).toEqual(['kind']);
});

it.each<[ElectricalReading, 'mains' | 'battery', string]>([
  [{ ohms: 26 }, 'mains', 'in-range'],
  [{ ohms: 20 }, 'mains', 'in-range'],
  [{ ohms: 60.1 }, 'mains', 'unusual'],
  [{ ohms: 10 }, 'mains', 'unusual'],
  [{ ohms: 9.9 }, 'mains', 'short'],
  [{ ohms: 200.1 }, 'mains', 'open'],
  [{ ohms: 5 }, 'battery', 'in-range'],
  [{ ohms: 0.5 }, 'battery', 'short'],
  [{ amps: 0.25 }, 'mains', 'in-range'],
  [{ amps: 0.01 }, 'mains', 'open'],
  [{ amps: 1.2 }, 'mains', 'short'],
  [{ amps: 0.25 }, 'battery', 'unusual'],
  // At each limit itself, and a hair beyond it.
  [{ ohms: 60 }, 'mains', 'in-range'],
  [{ ohms: 19.9 }, 'mains', 'unusual'],
  [{ ohms: 200 }, 'mains', 'unusual'],
  [{ ohms: 1 }, 'battery', 'unusual'],
  [{ ohms: 0.9 }, 'battery', 'short'],
  [{ ohms: 2.9 }, 'battery', 'unusual'],
  [{ ohms: 3 }, 'battery', 'in-range'],
  [{ ohms: 15 }, 'battery', 'in-range'],
  [{ ohms: 15.1 }, 'battery', 'unusual'],
  [{ ohms: 50 }, 'battery', 'unusual'],
  [{ ohms: 50.1 }, 'battery', 'open'],
  [{ amps: 0.03 }, 'mains', 'unusual'],
  [{ amps: 0.1 }, 'mains', 'in-range'],
  [{ amps: 0.5 }, 'mains', 'in-range'],
  [{ amps: 0.6 }, 'mains', 'unusual'],
  [{ amps: 0.8 }, 'mains', 'unusual'],
  [{ amps: 0.81 }, 'mains', 'short'],
  [{ amps: 0 }, 'battery', 'unusual'],
])('judges %j on %s as %s', (reading, power, verdict) => {
  expect(judgeReading(reading, power)).toBe(verdict);
});
