import { randomUUID } from 'node:crypto';
import { planDocument } from '../testing/documents.js';
import { startTestServer, type TestPerson, type TestServer } from '../testing/test-server.js';

let server: TestServer;
let person: TestPerson;
let timerId: string;
beforeAll(async () => (server = await startTestServer()));
beforeEach(async () => {
  person = await server.signIn();
  const { body: home } = await person.agent.post('/api/properties').send({ name: 'Plum cottage' });
  const { body } = await person.agent
    .post(`/api/properties/${home.id}/timers`)
    .send({ name: 'Garage', document: planDocument() });
  timerId = body.id;
});
afterAll(() => server.close());

const add = async (reason: string, starts: string[] = ['04:00']) =>
  (
    await person.agent
      .post(`/api/timers/${timerId}/copies`)
      .send({ reason, document: planDocument(starts) })
      .expect(201)
  ).body;
const list = async () => (await person.agent.get(`/api/timers/${timerId}/copies`)).body;

it('the newest that was read off, or left, is the one believed to be in the timer', async () => {
  const found = await add('as-found');
  expect(found).toMatchObject({ number: 1, person: person.name, isInTimer: true });
  await add('left', ['05:00']);
  const inTimer = (await list()).map((copy: { number: number; isInTimer: boolean }) => [
    copy.number,
    copy.isInTimer,
  ]);
  expect(inTimer).toEqual([
    [2, true],
    [1, false],
  ]);
  await person.agent.patch(`/api/copies/${found.id}`).send({ isInTimer: true }).expect(200);
  expect((await list()).map(({ isInTimer }: { isInTimer: boolean }) => isInTimer)).toEqual([
    false,
    true,
  ]);
});

it('the desk keeps what is on it when a reading is saved', async () => {
  await add('as-found', ['05:00', '06:00']);
  const { body } = await person.agent.get(`/api/timers/${timerId}/settings?on=2026-06-01`);
  expect(body).toMatchObject({ version: 1, document: { programs: [{ starts: ['04:00'] }] } });
});

it('take a name, and nothing else of them ever changes, not even in the database', async () => {
  const { id } = await add('left');
  const { body } = await person.agent.patch(`/api/copies/${id}`).send({ name: 'Autumn' });
  expect(body.name).toBe('Autumn');
  const change = (fields: string) =>
    server.source.query(`UPDATE copies SET ${fields} WHERE id = $1`, [id]);
  await expect(change(`document = document || '{"name":"other"}'`)).rejects.toThrow('not change');
  await expect(change(`reason = 'planned'`)).rejects.toThrow('not change');
  await expect(change(`made_at = now()`)).rejects.toThrow('not change');
  await person.agent.patch(`/api/copies/${id}`).send({ document: {} }).expect(422);
});

it('saved at once by many get a number each, and one is in the timer', async () => {
  await Promise.all(Array.from({ length: 8 }, () => add('left')));
  const copies = (await list()) as { number: number; isInTimer: boolean }[];
  expect(copies.map(({ number }) => number)).toEqual([8, 7, 6, 5, 4, 3, 2, 1]);
  expect(copies.filter(({ isInTimer }) => isInTimer)).toHaveLength(1);
});

it('named at once by many as the one in the timer, one of them is, and nobody fails', async () => {
  const ids: string[] = [];
  for (let count = 0; count < 6; count++) ids.push((await add('left')).id);
  const answers = await Promise.all(
    ids.map((id) => person.agent.patch(`/api/copies/${id}`).send({ isInTimer: true })),
  );
  expect(answers.map(({ status }) => status)).toEqual(Array(6).fill(200));
  const copies = (await list()) as { isInTimer: boolean }[];
  expect(copies.filter(({ isInTimer }) => isInTimer)).toHaveLength(1);
});

it('one made without signal comes in under its own id and time, once, and not before a later one', async () => {
  const id = randomUUID();
  const earlier = { id, madeAt: '2026-06-01T09:00:00.000Z', reason: 'as-found' };
  const late = await add('left');
  const send = (fields: object) =>
    person.agent
      .post(`/api/timers/${timerId}/copies`)
      .send({ ...fields, document: planDocument() })
      .expect(201);
  for (let times = 0; times < 2; times++)
    expect((await send(earlier)).body).toMatchObject({
      ...earlier,
      number: 2,
      isInTimer: false,
    });
  expect(await list()).toMatchObject([
    { id, isInTimer: false },
    { id: late.id, isInTimer: true },
  ]);
  // A planned one is in no timer, however late it was made.
  const old = await send({ reason: 'left', madeAt: '2026-06-01T08:00:00.000Z' });
  expect(old.body.isInTimer).toBe(false);
});

it('what is planned for later is kept, and what is in the timer stays known', async () => {
  const inTimer = await add('left');
  const winter = await add('planned', ['05:00']);
  expect(winter).toMatchObject({ reason: 'planned', isInTimer: false });
  expect(await list()).toMatchObject([
    { id: winter.id, isInTimer: false },
    { id: inTimer.id, isInTimer: true },
  ]);
  await person.agent
    .post(`/api/timers/${timerId}/copies`)
    .send({ reason: 'wished', document: planDocument() })
    .expect(422);
});

it('tell how much of them nobody read off the timer', async () => {
  const confirmed = { of: 19, keyedIn: 3, unknown: 1 };
  const path = `/api/timers/${timerId}/copies`;
  const fields = { reason: 'left', document: planDocument() };
  const { body } = await person.agent
    .post(path)
    .send({ ...fields, confirmed })
    .expect(201);
  expect(body.confirmed).toEqual(confirmed);
  expect((await list())[0].confirmed).toEqual(confirmed);
  expect((await add('as-found')).confirmed).toEqual({ of: 0, keyedIn: 0, unknown: 0 });
  const refused = await person.agent
    .post(path)
    .send({ ...fields, confirmed: { of: 3, keyedIn: 3, unknown: 1 } })
    .expect(422);
  expect(refused.body.errors).toMatchObject([{ path: 'confirmed.of' }]);
});
