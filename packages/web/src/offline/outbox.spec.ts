import type { UseStore } from 'idb-keyval';
import { Yard, YardStation } from '@water-clock/core/yards';
import { ApiError } from '../api/client';
import type { StoredYard } from '../api/timers';
import { bodyOf, Outbox, waitAfter, type Meet, type Send, type Sent, type Tabs } from './outbox';
import type { OutboxItem } from './outbox-item';
import type { TimerSave } from './timer-save';

/** A store that answers as the browser's does, one transaction after another. */
function memory(): UseStore {
  const held = new Map<IDBValidKey, unknown>();
  const answer = <Value>(value: Value) => {
    const asked = { result: value } as IDBRequest<Value>;
    queueMicrotask(() => asked.onsuccess?.({} as Event));
    return asked;
  };
  const store = {
    put: (value: unknown, key: IDBValidKey) => void held.set(key, structuredClone(value)),
    delete: (key: IDBValidKey) => void held.delete(key),
    getAll: () => answer([...held.values()]),
    get transaction() {
      return answer(undefined);
    },
  };
  return ((_mode: string, act: (from: IDBObjectStore) => unknown) =>
    Promise.resolve(act(store as unknown as IDBObjectStore))) as UseStore;
}

const item = (id: string, minute: number, fields: Partial<OutboxItem> = {}): OutboxItem => ({
  id,
  madeAt: `2026-06-01T10:0${minute}:00.000Z`,
  personId: 'ines',
  lane: 'garage',
  method: 'POST',
  path: `/${id}`,
  body: { id },
  words: id,
  touches: [['visits']],
  ...fields,
});

const offline = () => Promise.reject(new ApiError(0, 'No connection', 'There is none.'));
const refuse = () =>
  Promise.reject(
    new ApiError(422, 'Bad input', 'One field needs fixing.', [
      { path: 'document.station', message: 'must be a whole number' },
    ]),
  );

const ids = (outbox: Outbox) => outbox.snapshot().map(({ id }) => id);
const sent: string[] = [];
const onSent = async (all: readonly Sent[]) => void sent.push(...all.map(({ item }) => item.id));
beforeEach(() => sent.splice(0));

/** One tab by itself, or one of several that share a lock and hear each other. */
function tabsOf(shared: { isLocked: boolean; listeners: (() => void)[] }): Tabs {
  const own: (() => void)[] = [];
  return {
    alone: async (work) => {
      if (shared.isLocked) return;
      shared.isLocked = true;
      await work().finally(() => (shared.isLocked = false));
    },
    tell: () => shared.listeners.filter((one) => !own.includes(one)).forEach((one) => one()),
    listen: (listener) => {
      own.push(listener);
      shared.listeners.push(listener);
    },
  };
}
const browser = () => ({ isLocked: false, listeners: [] as (() => void)[] });

let now = 0;
const noSaves: Meet = () => Promise.reject(new Error('No save is met here.'));
const outboxOf = (
  send: Send,
  { store = memory(), tabs = tabsOf(browser()), meet = noSaves } = {},
) => new Outbox(store, send, tabs, meet, () => now);
const busy = () => Promise.reject(new ApiError(503, 'Busy', 'Try again in a while.'));
beforeEach(() => (now = 0));

it('keeps everything over a reload, and sends it in the order in which it was made', async () => {
  const store = memory();
  const first = outboxOf(offline, { store });
  await first.add(item('b', 2));
  await first.add(item('a', 1));
  await first.flush('ines', onSent);
  expect(ids(first)).toEqual(['a', 'b']);

  const paths: string[] = [];
  const later = outboxOf(async (path) => void paths.push(path), { store });
  await later.open();
  expect(ids(later)).toEqual(['a', 'b']);
  await later.hurry();
  await later.flush('ines', onSent);
  expect(paths).toEqual(['/a', '/b']);
  expect(sent).toEqual(['a', 'b']);
  const empty = outboxOf(offline, { store });
  await empty.open();
  expect(ids(empty)).toEqual([]);
});

it('stops where the connection ends, and goes on there', async () => {
  let answers = 1;
  const outbox = outboxOf(() => (answers-- > 0 ? Promise.resolve() : offline()));
  await outbox.add(item('a', 1));
  await outbox.add(item('b', 2));
  await outbox.flush('ines', onSent);
  expect(ids(outbox)).toEqual(['b']);
  answers = 5;
  // Not before its time, unless the connection is back.
  await outbox.flush('ines', onSent);
  expect(sent).toEqual(['a']);
  await outbox.hurry();
  await outbox.flush('ines', onSent);
  expect(sent).toEqual(['a', 'b']);
});

it('keeps what was refused with the reason, sends the rest, and tries again when told', async () => {
  let isWrong = true;
  const outbox = outboxOf((path) => (path === '/a' && isWrong ? refuse() : Promise.resolve()));
  await outbox.add(item('a', 1));
  await outbox.add(item('b', 2));
  await outbox.flush('ines', onSent);
  expect(outbox.snapshot()).toMatchObject([
    { id: 'a', trouble: 'One field needs fixing. document.station: must be a whole number.' },
  ]);
  await outbox.flush('ines', onSent);
  expect(sent).toEqual(['b']);
  isWrong = false;
  await outbox.retry('a');
  await outbox.flush('ines', onSent);
  expect(sent).toEqual(['b', 'a']);
});

it('sends only what is of the person who is signed in; without a session it waits', async () => {
  const outbox = outboxOf(() => Promise.resolve());
  await outbox.add(item('mine', 1));
  await outbox.add(item('theirs', 2, { personId: 'tomas' }));
  await outbox.flush('ines', onSent);
  expect(ids(outbox)).toEqual(['theirs']);
  const signedOut = outboxOf(() =>
    Promise.reject(new ApiError(401, 'Not signed in', 'Sign in first.')),
  );
  await signedOut.add(item('a', 1));
  await signedOut.flush('ines', onSent);
  expect(signedOut.snapshot()).toMatchObject([{ id: 'a' }]);
  expect(signedOut.snapshot()[0]!.trouble).toBeUndefined();
});

it('hands on what the server answered, before the change is forgotten', async () => {
  const outbox = outboxOf(async (path) => ({ from: path }));
  await outbox.add(item('a', 1));
  const told: unknown[] = [];
  await outbox.flush('ines', async ([first]) => {
    told.push(first!.item.id, first!.answer, ids(outbox));
  });
  expect(told).toEqual(['a', { from: '/a' }, ['a']]);
});

it('two that flush at once send each change once', async () => {
  const paths: string[] = [];
  const outbox = outboxOf(async (path) => void paths.push(path));
  await outbox.add(item('a', 1));
  await outbox.add(item('b', 2));
  await Promise.all([outbox.flush('ines', onSent), outbox.flush('ines', onSent)]);
  expect(paths).toEqual(['/a', '/b']);
});

it('sends again what the server could not take in now, after growing waits, and says why it waits', async () => {
  const times: number[] = [];
  const outbox = outboxOf(() => {
    times.push(now);
    return busy();
  });
  await outbox.add(item('a', 1));
  for (; now <= 60_000; now += 500) await outbox.flush('ines', onSent);
  expect(times).toEqual([0, 2000, 6000, 14_000, 30_000]);
  expect(outbox.snapshot()).toMatchObject([{ id: 'a', delay: 'Try again in a while.', tries: 5 }]);
  expect([1, 2, 3, 20].map(waitAfter)).toEqual([2000, 4000, 8000, 300_000]);
  await outbox.retry('a');
  await outbox.flush('ines', onSent);
  expect(times).toHaveLength(6);
});

it('begins with short waits again once the connection is back, also for what fails just then', async () => {
  const times: number[] = [];
  let whileUnderWay = () => Promise.resolve();
  const outbox = outboxOf(async () => {
    times.push(now);
    await whileUnderWay();
    return offline();
  });
  await outbox.add(item('a', 1));
  for (; now <= 60_000; now += 500) await outbox.flush('ines', onSent);
  expect(outbox.snapshot()).toMatchObject([{ tries: 5 }]);
  await outbox.hurry();
  await outbox.flush('ines', onSent);
  expect(outbox.snapshot()).toMatchObject([{ tries: 1, nextAt: now + 2000 }]);

  for (now += 2000; now <= 120_000; now += 500) await outbox.flush('ines', onSent);
  expect(outbox.snapshot()[0]!.tries).toBeGreaterThan(4);
  now += 300_000;
  whileUnderWay = () => outbox.hurry();
  await outbox.flush('ines', onSent);
  expect(outbox.snapshot()).toMatchObject([{ tries: 1, nextAt: now + 2000 }]);
});

it('what went in is not put back by a connection that comes back meanwhile', async () => {
  let isBack = false;
  const outbox = outboxOf(() => (isBack ? Promise.resolve() : offline()));
  for (const [n, id] of ['a', 'b'].entries()) await outbox.add(item(id, n, { lane: id }));
  await outbox.flush('ines', onSent);
  isBack = true;
  await outbox.hurry();
  await Promise.all([outbox.flush('ines', onSent), outbox.hurry()]);
  expect([sent, ids(outbox)]).toEqual([['a', 'b'], []]);
});

it('counts many as sent in rounds, so that what they changed is asked for once a round', async () => {
  const outbox = outboxOf(() => Promise.resolve());
  const all = [...Array(23).keys()].map(String);
  for (const id of all) await outbox.add(item(id, 1));
  const rounds: number[] = [];
  await outbox.flush('ines', async (round) => {
    rounds.push(round.length);
    return onSent(round);
  });
  expect(rounds).toEqual([10, 10, 3]);
  expect([sent, ids(outbox)]).toEqual([all, []]);
});

it.each([408, 413, 429, 500, 503])('an answer of %d is no refusal', async (status) => {
  const outbox = outboxOf(() => Promise.reject(new ApiError(status, 'Not now', 'Not now.')));
  await outbox.add(item('a', 1));
  await outbox.flush('ines', onSent);
  expect(outbox.snapshot()).toMatchObject([{ id: 'a', delay: 'Not now.' }]);
  expect(outbox.snapshot()[0]!.trouble).toBeUndefined();
});

it('holds up later changes of the same timer only', async () => {
  const outbox = outboxOf((path) => (path === '/a' ? busy() : Promise.resolve()));
  await outbox.add(item('a', 1));
  await outbox.add(item('b', 2));
  await outbox.add(item('c', 3, { lane: 'shed' }));
  await outbox.flush('ines', onSent);
  expect(sent).toEqual(['c']);
  expect(ids(outbox)).toEqual(['a', 'b']);
});

it('counts nothing as waiting before the device has it', async () => {
  const full = (() => Promise.reject(new Error('No room.'))) as UseStore;
  const outbox = outboxOf(() => Promise.resolve(), { store: full });
  await expect(outbox.add(item('a', 1))).rejects.toThrow('No room.');
  expect(outbox.snapshot()).toEqual([]);
});

it('two tabs have one queue: each shows what the other put in, and one of them sends it', async () => {
  const [store, shared, paths] = [memory(), browser(), [] as string[]];
  const send: Send = async (path) => void paths.push(path);
  const [one, other] = [
    outboxOf(send, { store, tabs: tabsOf(shared) }),
    outboxOf(send, { store, tabs: tabsOf(shared) }),
  ];
  await one.add(item('a', 1));
  await new Promise((resolve) => setTimeout(resolve));
  expect(ids(other)).toEqual(['a']);
  await Promise.all([one.flush('ines', onSent), other.flush('ines', onSent)]);
  await new Promise((resolve) => setTimeout(resolve));
  expect([paths, ids(one), ids(other)]).toEqual([['/a'], [], []]);
});

it('carries over what an earlier version queued, in its order', async () => {
  const store = memory();
  const { lane: _lane, ...old } = item('a', 1);
  const queued = outboxOf(offline, { store });
  await queued.add(old as OutboxItem);
  await queued.add({
    ...old,
    id: 'b',
    path: '/b',
    madeAt: '2026-06-01T10:02:00.000Z',
  } as OutboxItem);
  const paths: string[] = [];
  const outbox = outboxOf(async (path) => void paths.push(path), { store });
  await outbox.open();
  await outbox.flush('ines', onSent);
  expect(paths).toEqual(['/a', '/b']);
});

it('carries over settings that were queued before the format had all its fields', async () => {
  const store = memory();
  const old = {
    format: 'waterclock.plan/2',
    ...{ timer: { stations: 4 }, controller: { off: false }, weather: { rain: [] } },
    ...{ stations: [{ number: 1 }], programs: [{ id: 'A' }] },
  };
  const save = { what: 'settings', base: { version: 3, document: old }, document: old };
  const queued = outboxOf(offline, { store });
  await queued.add({
    ...item('a', 1),
    body: { version: 3, document: old },
    save,
  } as unknown as OutboxItem);
  const outbox = outboxOf(offline, { store });
  await outbox.open();
  const [left] = outbox.snapshot();
  const whole = {
    timer: { stations: 4, intervalMaxHours: 23, programWindows: false, freezeSensor: false },
    controller: { off: false, freezeSensor: 'active' },
    stations: [{ number: 1, freezeSensor: true }],
    programs: [{ id: 'A', waterWindows: [] }],
    weather: { rain: [], freeze: [], percents: [] },
  };
  expect(left!.body).toMatchObject({ version: 3, document: whole });
  expect(left!.save).toMatchObject({ document: whole, base: { version: 3, document: whole } });
});

it('leaves nothing of a person who signs out, and keeps what is of others', async () => {
  const outbox = outboxOf(offline);
  await outbox.add(item('mine', 1));
  await outbox.add(item('theirs', 2, { personId: 'tomas' }));
  await outbox.forget('ines');
  expect(ids(outbox)).toEqual(['theirs']);
});

it('tells when the server has a change, and at once when it has to wait', async () => {
  const sends = outboxOf(() => Promise.resolve());
  await sends.add(item('a', 1));
  const isSent = sends.settled('a');
  await sends.flush('ines', onSent);
  expect(await isSent).toBe(true);
  const waits = outboxOf(offline);
  await waits.add(item('a', 1));
  const stillWaits = waits.settled('a');
  await waits.flush('ines', onSent);
  expect(await stillWaits).toBe(false);
  // One behind it waits with it, and nobody looks on for it; one of another timer is on its way.
  const whole = 60_000;
  await waits.add(item('b', 2));
  expect(await waits.settled('b', whole)).toBe(false);
  await waits.add(item('c', 3, { lane: 'carport' }));
  expect(await waits.settled('c', 1)).toBe(false);
  await waits.hurry();
  const goesIn = waits.settled('b', whole);
  await waits.discard('a');
  await waits.discard('b');
  expect(await goesIn).toBe(true);
});

describe('a save that meets what somebody else saved meanwhile', () => {
  const yard = (version: number, name: string): StoredYard => ({
    ...{ timerId: 'garage', version, savedAt: '2026-06-01T08:00:00.000Z', savedBy: 'Tobias Fenn' },
    document: Object.assign(new Yard(), { stations: [{ ...new YardStation(), number: 1, name }] }),
  });
  const save = (version: number, name: string): TimerSave => ({
    ...{ what: 'yard', base: yard(version, 'Kerb'), document: yard(version, name).document },
  });
  const saveItem = (fields: Partial<OutboxItem> = {}) =>
    item('a', 1, {
      method: 'PUT',
      save: save(1, 'Strip'),
      body: bodyOf(save(1, 'Strip')),
      ...fields,
    });

  /** A server that holds version 2. */
  function serverAtTwo() {
    const bodies: unknown[] = [];
    const send: Send = (_path, { body }) => {
      bodies.push(body);
      const { version } = body as { version: number };
      return version === 2
        ? Promise.resolve({ version: 3 })
        : Promise.reject(new ApiError(409, 'Saved by another', 'Version 2 is stored.'));
    };
    return { send, versions: () => bodies.map((body) => (body as { version: number }).version) };
  }

  it('goes in over it where the two can be brought together', async () => {
    const { send, versions } = serverAtTwo();
    const outbox = outboxOf(send, { meet: async () => ({ again: save(2, 'Strip') }) });
    await outbox.add(saveItem());
    await outbox.flush('ines', onSent);
    expect(versions()).toEqual([1, 2]);
    expect(ids(outbox)).toEqual([]);
    expect(sent).toEqual(['a']);
  });

  it('is in already where the answer alone was lost', async () => {
    const { send, versions } = serverAtTwo();
    const outbox = outboxOf(send, { meet: async () => ({ answer: yard(2, 'Strip') }) });
    await outbox.add(saveItem());
    const answers: unknown[] = [];
    await outbox.flush(
      'ines',
      async (all) => void answers.push(...all.map(({ answer }) => answer)),
    );
    expect(versions()).toEqual([1]);
    expect(answers).toEqual([yard(2, 'Strip')]);
    expect(ids(outbox)).toEqual([]);
  });

  it('stays, with the reason, where somebody has to choose, and overwrites nothing', async () => {
    const { send, versions } = serverAtTwo();
    const outbox = outboxOf(send, { meet: async () => null });
    await outbox.add(saveItem());
    await outbox.flush('ines', onSent);
    await outbox.flush('ines', onSent);
    expect(versions()).toEqual([1]);
    expect(outbox.item('a')?.trouble).toContain('Somebody else saved it meanwhile');
    expect(sent).toEqual([]);
  });

  it('waits where what is stored cannot be had just now', async () => {
    const { send } = serverAtTwo();
    const outbox = outboxOf(send, { meet: offline });
    await outbox.add(saveItem());
    await outbox.flush('ines', onSent);
    expect(outbox.item('a')).toMatchObject({ tries: 1, delay: 'There is none.' });
    expect(outbox.item('a')?.trouble).toBeUndefined();
  });

  it('what is no save is refused as it was', async () => {
    const { send } = serverAtTwo();
    const outbox = outboxOf(send, { meet: async () => ({ again: save(2, 'Strip') }) });
    await outbox.add(item('b', 1, { body: { version: 1 } }));
    await outbox.flush('ines', onSent);
    expect(outbox.item('b')?.trouble).toBe('Version 2 is stored.');
  });
});
