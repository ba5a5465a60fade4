import { planDocument } from '../testing/documents.js';
import { startTestServer, type TestPerson, type TestServer } from '../testing/test-server.js';
import { letGo } from './retention.js';

let server: TestServer;
let owner: TestPerson;
let timerId: string;
let propertyId: string;

const NOW = new Date('2030-01-01T00:00:00Z');
const NONE = { removals: 0, changes: 0, visits: 0, sheets: 0, copies: 0, properties: 0 };

const post = async (path: string, body: object) =>
  (await owner.agent.post(path).send(body).expect(201)).body.id as string;
const keep = (fields: object) => owner.agent.put('/api/firm/keeping').send(fields);
const query = (statement: string, values: unknown[] = []) =>
  server.source.query<Record<string, unknown>[]>(statement, values);

beforeEach(async () => {
  server = await startTestServer();
  owner = await server.signIn('owner');
  propertyId = await post('/api/properties', { name: 'Plum cottage' });
  timerId = await post(`/api/properties/${propertyId}/timers`, {
    name: 'Garage',
    document: planDocument(),
  });
});
afterEach(() => server.close());

it('is for good at first, but for what was taken away', async () => {
  expect((await owner.agent.get('/api/firm/keeping').expect(200)).body).toEqual({
    removedDays: 30,
  });
  expect(await letGo(server.source, owner.firmId, NOW)).toEqual(NONE);
});

it('refuses what is too short or too long, at its place', async () => {
  const { body } = await keep({ removedDays: 0, visitsMonths: 5, archivedMonths: 1.5 }).expect(422);
  expect(body.errors.map(({ path }: { path: string }) => path).sort()).toEqual([
    'archivedMonths',
    'removedDays',
    'visitsMonths',
  ]);
});

it('what was taken away can be brought back for as long as the firm says, and goes by night then', async () => {
  const rules = { format: 'waterclock.rules/1', district: 'Quillhaven', periods: [] };
  const [early, late] = [
    await post('/api/rule-sets', { document: rules }),
    await post('/api/rule-sets', { document: rules }),
  ];
  await keep({ removedDays: 10 }).expect(200);
  for (const id of [early, late]) await owner.agent.delete(`/api/rule-sets/${id}`).expect(204);
  await query(`UPDATE removals SET removed_at = now() - interval '11 days' WHERE id = $1`, [early]);
  await owner.agent.post(`/api/rule-sets/${early}/bring-back`).expect(404);
  expect(await letGo(server.source, owner.firmId, new Date())).toEqual({ ...NONE, removals: 1 });
  await owner.agent.post(`/api/rule-sets/${late}/bring-back`).expect(201);
});

it('of changes the values and names go, and that there was one stays', async () => {
  await keep({ removedDays: 30, changesMonths: 12 }).expect(200);
  const [{ count }] = (await query('SELECT count(*)::integer FROM changes')) as [{ count: number }];
  expect(await letGo(server.source, owner.firmId, new Date())).toEqual(NONE);
  expect(await letGo(server.source, owner.firmId, NOW)).toEqual({ ...NONE, changes: count });
  const left = await query('SELECT person_name, name, fields FROM changes');
  expect(left).toHaveLength(count);
  expect(left).toEqual(left.map(() => ({ person_name: null, name: null, fields: null })));
});

it('of visits, sheets and copies what is in the timer, to be done, or newest stays', async () => {
  const copy = () =>
    post(`/api/timers/${timerId}/copies`, { reason: 'left', document: planDocument() });
  const sheet = () =>
    post(`/api/timers/${timerId}/sheets`, {
      document: {
        ...{ format: 'waterclock.sheet/1', madeOn: '2026-06-01', property: 'Plum cottage' },
        ...{ timer: 'Garage', firm: 'A firm' },
      },
    });
  const visit = async (...documents: object[]) => {
    const id = await post(`/api/timers/${timerId}/visits`, {});
    for (const document of documents)
      await owner.agent
        .post(`/api/visits/${id}/entries`)
        .send({
          ...{ id: crypto.randomUUID(), seen: 0, observedAt: '2026-06-01T10:00:00Z' },
          document,
        })
        .expect(201);
    await owner.agent.patch(`/api/visits/${id}`).send({ isEnded: true }).expect(200);
    return id;
  };
  const seen = (...faults: string[]) => ({ kind: 'station', station: 1, faults });
  const battery = { kind: 'care', what: 'battery', isDone: true };
  const [oldCopy, oldSheet, oldVisit] = [await copy(), await sheet(), await visit(seen())];
  const toDo = await visit(seen('leak'));
  // By it the next battery is due.
  const cared = await visit(battery);
  const { id: named } = (
    await owner.agent
      .post(`/api/timers/${timerId}/copies`)
      .send({ reason: 'planned', name: 'Winter', document: planDocument() })
      .expect(201)
  ).body;
  const [newCopy, newSheet] = [await copy(), await sheet()];
  const after = await visit(seen());
  await keep({ removedDays: 30, visitsMonths: 24 }).expect(200);
  expect(await letGo(server.source, owner.firmId, new Date())).toEqual(NONE);
  const gone = await letGo(server.source, owner.firmId, NOW);
  expect(gone).toMatchObject({ visits: 1, sheets: 1 });
  const ids = async (table: string) =>
    (await query(`SELECT id FROM ${table} WHERE timer_id = $1`, [timerId])).map(({ id }) => id);
  const copies = await ids('copies');
  expect(copies).toEqual(expect.arrayContaining([newCopy, named]));
  expect(copies).not.toContain(oldCopy);
  expect(await ids('sheets')).toEqual([newSheet]);
  expect(oldSheet).not.toBe(newSheet);
  const visits = await ids('visits');
  expect(visits.sort()).toEqual([toDo, cared, after].sort());
  expect(visits).not.toContain(oldVisit);
});

it('an archived property is erased when its time is over, one that is looked after never', async () => {
  const other = await post('/api/properties', { name: 'Quince house' });
  await owner.agent.put(`/api/properties/${other}/archived`).send({ archived: true }).expect(200);
  await keep({ removedDays: 30, archivedMonths: 3 }).expect(200);
  expect(await letGo(server.source, owner.firmId, new Date())).toEqual(NONE);
  expect(await letGo(server.source, owner.firmId, NOW)).toEqual({ ...NONE, properties: 1 });
  await owner.agent.get(`/api/properties/${other}`).expect(404);
  await owner.agent.get(`/api/properties/${propertyId}`).expect(200);
});

it('of another firm nothing goes', async () => {
  const other = await server.signIn('owner');
  await keep({ removedDays: 1, changesMonths: 1, visitsMonths: 6, archivedMonths: 1 }).expect(200);
  const before = await query('SELECT * FROM changes WHERE firm_id = $1', [other.firmId]);
  expect(before.length).toBeGreaterThan(0);
  await letGo(server.source, owner.firmId, NOW);
  expect(await query('SELECT * FROM changes WHERE firm_id = $1', [other.firmId])).toEqual(before);
});
