import type { UseStore } from 'idb-keyval';
import { ApiError } from '../api/client';
import { Outbox, type OutboxItem } from './outbox';

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

const item = (id: string, minute: number, personId = 'ines'): OutboxItem => ({
  id,
  madeAt: `2026-06-01T10:0${minute}:00.000Z`,
  personId,
  method: 'POST',
  path: `/${id}`,
  body: { id },
  words: id,
  touches: [['visits']],
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
const onSent = async ({ id }: OutboxItem) => void sent.push(id);
beforeEach(() => sent.splice(0));

it('keeps everything over a reload, and sends it in the order in which it was made', async () => {
  const store = memory();
  const first = new Outbox(store, offline);
  await first.add(item('b', 2));
  await first.add(item('a', 1));
  await first.flush('ines', onSent);
  expect(ids(first)).toEqual(['b', 'a']);

  const paths: string[] = [];
  const later = new Outbox(store, async (path) => void paths.push(path));
  await later.open();
  expect(ids(later)).toEqual(['a', 'b']);
  await later.flush('ines', onSent);
  expect(paths).toEqual(['/a', '/b']);
  expect(sent).toEqual(['a', 'b']);
  const empty = new Outbox(store, offline);
  await empty.open();
  expect(ids(empty)).toEqual([]);
});

it('stops where the connection ends, and goes on there', async () => {
  let answers = 1;
  const outbox = new Outbox(memory(), () => (answers-- > 0 ? Promise.resolve() : offline()));
  await outbox.add(item('a', 1));
  await outbox.add(item('b', 2));
  await outbox.flush('ines', onSent);
  expect(ids(outbox)).toEqual(['b']);
  answers = 5;
  await outbox.flush('ines', onSent);
  expect(sent).toEqual(['a', 'b']);
});

it('keeps what was refused with the reason, sends the rest, and tries again when told', async () => {
  let isWrong = true;
  const outbox = new Outbox(memory(), (path) =>
    path === '/a' && isWrong ? refuse() : Promise.resolve(),
  );
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
  const outbox = new Outbox(memory(), () => Promise.resolve());
  await outbox.add(item('mine', 1));
  await outbox.add(item('theirs', 2, 'tomas'));
  await outbox.flush('ines', onSent);
  expect(ids(outbox)).toEqual(['theirs']);
  const signedOut = new Outbox(memory(), () =>
    Promise.reject(new ApiError(401, 'Not signed in', 'Sign in first.')),
  );
  await signedOut.add(item('a', 1));
  await signedOut.flush('ines', onSent);
  expect(signedOut.snapshot()).toMatchObject([{ id: 'a' }]);
  expect(signedOut.snapshot()[0]!.trouble).toBeUndefined();
});

it('hands on what the server answered, before the change is forgotten', async () => {
  const outbox = new Outbox(memory(), async (path) => ({ from: path }));
  await outbox.add(item('a', 1));
  const told: unknown[] = [];
  await outbox.flush('ines', async ({ id }, answer) => {
    told.push(id, answer, ids(outbox));
  });
  expect(told).toEqual(['a', { from: '/a' }, ['a']]);
});

it('two that flush at once send each change once', async () => {
  const paths: string[] = [];
  const outbox = new Outbox(memory(), async (path) => void paths.push(path));
  await outbox.add(item('a', 1));
  await outbox.add(item('b', 2));
  await Promise.all([outbox.flush('ines', onSent), outbox.flush('ines', onSent)]);
  expect(paths).toEqual(['/a', '/b']);
});
