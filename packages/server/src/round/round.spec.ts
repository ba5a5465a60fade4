import type { Standing } from '@water-clock/core/standing';
import request from 'supertest';
import { planDocument } from '../testing/documents.js';
import { startTestServer, type TestPerson, type TestServer } from '../testing/test-server.js';

const ON = '2026-06-09';

let server: TestServer;
let owner: TestPerson;
let technician: TestPerson;

beforeAll(async () => {
  server = await startTestServer();
  owner = await server.signIn('owner');
  technician = await server.signIn('technician');
});
afterAll(() => server.close());

const post = async (path: string, body: object, by = owner) =>
  (await by.agent.post(path).send(body).expect(201)).body;

interface Todo {
  readonly id: string;
  readonly standing: Standing;
  readonly plannedOn: string | null;
}

/** The round of a date, once nothing of it is being worked out any more. */
async function round(query = '', by = owner) {
  for (;;) {
    const { body } = await by.agent.get(`/api/round?on=${ON}${query}`).expect(200);
    if (body.pending === 0) return body as { visits: Visit[]; timers: Todo[]; of: number };
  }
}
interface Visit {
  readonly id: string;
  readonly onDate: string;
  readonly home: { readonly name: string };
  readonly timers: readonly { readonly name: string; readonly standing: Standing }[];
}

const home = async (name: string, by = owner) => {
  const { id } = await post('/api/properties', { name, timeZone: 'America/Denver' }, by);
  const timer = await post(
    `/api/properties/${id}/timers`,
    { name: 'Garage', document: planDocument() },
    by,
  );
  return { id: id as string, timerId: timer.id as string };
};
const plan = (propertyId: string, fields: object = {}, by = owner) =>
  post('/api/planned-visits', { propertyId, personId: by.id, onDate: ON, ...fields }, by);
const duesOf = async (timerId: string) =>
  (await round()).timers.find(({ id }) => id === timerId)!.standing.dues;

it('tells of each timer why it needs somebody, and what is due, by the date of who asks', async () => {
  const { timerId } = await home('Plum cottage');
  const { timers, of } = await round();
  expect(of).toBe(1);
  expect(timers).toMatchObject([{ id: timerId, home: { name: 'Plum cottage' }, plannedOn: null }]);
  expect(timers[0]!.standing.reasons.map(({ kind }) => kind)).toEqual(['key-in']);
});

it('what is put off is due on its date, what is done falls due again, and what was said can be withdrawn', async () => {
  const { timerId } = await home('Quince house');
  await server.source.query(`UPDATE timers SET created_at = '2025-05-01T18:00:00Z' WHERE id = $1`, [
    timerId,
  ]);
  await server.source.query('DELETE FROM standings');
  const battery = (dues: Standing['dues']) => dues.find(({ kind }) => kind === 'battery');
  const first = battery(await duesOf(timerId))!;
  expect(first).toEqual({
    ...{ kind: 'battery', key: 'battery:never', on: '2026-05-01', isBackup: true },
    ...{ last: null, putOff: null },
  });
  const answers = `/api/timers/${timerId}/due-answers`;
  const said = { key: first.key, kind: 'battery', on: ON };
  const { body } = await owner.agent
    .post(answers)
    .send({ ...said })
    .expect(422);
  expect(body.errors.map(({ path }: { path: string }) => path)).toEqual(['until', 'reason']);
  await owner.agent
    .post(answers)
    .send({ ...said, doneBy: 'firm', until: '2026-07-01' })
    .expect(422);
  const { id } = await post(answers, { ...said, until: '2026-06-20', reason: 'away' });
  expect(battery(await duesOf(timerId))).toMatchObject({
    on: '2026-06-20',
    putOff: { from: '2026-05-01', reason: 'away' },
  });
  await owner.agent.delete(`/api/due-answers/${id}`).expect(204);
  expect(battery(await duesOf(timerId))).toEqual(first);
  // Sent twice it counts once.
  const done = { ...said, id: crypto.randomUUID(), doneBy: 'household' };
  await post(answers, done);
  expect((await post(answers, done)).id).toBe(done.id);
  expect(battery(await duesOf(timerId))).toBeUndefined();
  // After as many months as the firm says.
  const document = { battery: 12, backupBattery: 1, sensorTest: 12, filter: 6, yearlyCheck: 12 };
  const { body: firm } = await owner.agent.put('/api/firm/spans').send({ document }).expect(200);
  expect(firm.spans).toEqual({ ...document, backflowTest: 0 });
  expect(battery(await duesOf(timerId))).toMatchObject({ on: '2026-07-09', last: ON });
  const bad = await owner.agent
    .put('/api/firm/spans')
    .send({ document: { battery: -1, filter: 1.5 } })
    .expect(422);
  expect(bad.body.errors.map(({ path }: { path: string }) => path)).toEqual([
    'document.battery',
    'document.filter',
  ]);
});

it('visits are driven in the order that was said, and one that was not held is carried over', async () => {
  const by = await server.signIn('owner');
  const [one, two, three] = [
    await home('Alder house', by),
    await home('Beech house', by),
    await home('Cedar house', by),
  ];
  const planned = [
    await plan(one.id, {}, by),
    await plan(two.id, {}, by),
    await plan(three.id, { onDate: '2026-06-08', reason: 'Leak' }, by),
  ];
  const names = async () => (await round('', by)).visits.map((visit) => visit.home.name);
  expect(await names()).toEqual(['Cedar house', 'Alder house', 'Beech house']);
  const ids = [planned[1]!.id, planned[0]!.id];
  await by.agent.put('/api/planned-visits/order').send({ ids }).expect(204);
  expect(await names()).toEqual(['Cedar house', 'Beech house', 'Alder house']);
  const [carried] = (await round('', by)).visits;
  expect(carried).toMatchObject({ onDate: '2026-06-08', timers: [{ name: 'Garage' }] });

  // Moved to another day it comes after those that are there; a change made from an older version is refused.
  const { id, version } = planned[1]!;
  const moved = { personId: by.id, onDate: '2026-06-08', reason: '', notes: 'by noon', version };
  await by.agent.patch(`/api/planned-visits/${id}`).send(moved).expect(200);
  await by.agent
    .patch(`/api/planned-visits/${id}`)
    .send({ ...moved, notes: 'later' })
    .expect(409);
  expect(await names()).toEqual(['Cedar house', 'Beech house', 'Alder house']);

  // The visit that begins is the planned one; the other timer of the home is of the same.
  const start = { startedAt: `${ON}T16:00:00Z` };
  await by.agent.post(`/api/timers/${three.timerId}/visits`).send(start).expect(201);
  expect(await names()).toEqual(['Beech house', 'Alder house']);
  await by.agent.delete(`/api/planned-visits/${id}`).expect(204);
  await by.agent.delete(`/api/planned-visits/${id}`).expect(404);
  const list = await by.agent.get('/api/planned-visits?from=2026-06-01&to=2026-06-30').expect(200);
  expect(list.body).toMatchObject([
    { home: { name: 'Cedar house' }, isHeld: true },
    { home: { name: 'Alder house' }, isHeld: false },
  ]);
});

it('one visit that begins holds one planned visit, however many timers and days there are', async () => {
  const by = await server.signIn('owner');
  const { id, timerId } = await home('Dogwood house', by);
  const shed = await post(
    `/api/properties/${id}/timers`,
    { name: 'Shed', document: planDocument() },
    by,
  );
  for (const onDate of ['2026-06-08', ON, '2026-06-10']) await plan(id, { onDate }, by);
  const held = async () => {
    const { body } = await by.agent.get('/api/planned-visits?from=2026-06-01&to=2026-06-30');
    return body.map(({ isHeld }: { isHeld: boolean }) => isHeld);
  };
  for (const timer of [timerId, shed.id])
    await post(`/api/timers/${timer}/visits`, { startedAt: `${ON}T16:00:00Z` }, by);
  expect(await held()).toEqual([true, false, false]);
  // The evening of the ninth in Denver, and the tenth in London.
  await post(`/api/timers/${timerId}/visits`, { startedAt: '2026-06-10T05:00:00Z' }, by);
  expect(await held()).toEqual([true, true, false]);
});

it('of oneself it tells the homes where one goes, or was last', async () => {
  const by = await server.signIn('technician');
  const [mine, been] = [await home('Elm house', by), await home('Fir house', by)];
  await home('Gum house', by);
  await plan(mine.id, {}, by);
  await post(`/api/timers/${been.timerId}/visits`, { startedAt: '2026-06-01T16:00:00Z' }, by);
  const names = ({ timers }: { timers: readonly Todo[] }) =>
    timers.map((one) => (one as unknown as Visit).home.name);
  expect(names(await round('', by))).toEqual(['Elm house', 'Fir house', 'Gum house']);
  expect(names(await round('&whose=mine', by))).toEqual(['Elm house', 'Fir house']);
});

it('refuses people and homes of other firms, and orders with what is not there', async () => {
  const { id } = await home('Hazel house');
  const stranger = await home('Ivy house', technician);
  const faults = async (fields: object) => {
    const { body } = await owner.agent.post('/api/planned-visits').send(fields).expect(422);
    return body.errors.map(({ path }: { path: string }) => path);
  };
  expect(await faults({ propertyId: stranger.id, personId: owner.id, onDate: ON })).toEqual([
    'propertyId',
  ]);
  expect(await faults({ propertyId: id, personId: technician.id, onDate: ON })).toEqual([
    'personId',
  ]);
  expect(await faults({ propertyId: id, personId: '', onDate: '2026-02-30' })).toEqual([
    'personId',
    'onDate',
  ]);
  const { id: theirs } = await plan(stranger.id, {}, technician);
  await owner.agent
    .put('/api/planned-visits/order')
    .send({ ids: [theirs] })
    .expect(422);
});

it('a secret link leads to the calendar of one person, where and when alone, until it is withdrawn', async () => {
  const by = await server.signIn('owner');
  const { id } = await post(
    '/api/properties',
    {
      ...{ name: 'Juniper family', address: '18 Millpond Lane', town: 'Quillhaven' },
      ...{ contactName: 'Ada Juniper', contactPhone: '555 0100', gateNotes: 'Code 4711' },
    },
    by,
  );
  await plan(id, { onDate: '2999-06-09', reason: 'Ada rang', notes: 'dog' }, by);
  expect((await by.agent.get('/api/calendar-link').expect(200)).body).toEqual([]);
  const { token } = await post('/api/calendar-link', {}, by);
  const calendar = (of: string) =>
    request(server.app.getHttpServer()).get(`/api/calendars/${of}.ics`);
  const { text, headers } = await calendar(token).expect(200);
  expect(headers['content-type']).toContain('text/calendar');
  expect(text).toContain('DTSTART;VALUE=DATE:29990609');
  expect(text.replaceAll(/\r\n /g, '')).toContain('SUMMARY:Visit: 18 Millpond Lane\\, Quillhaven');
  expect(text).not.toMatch(/Juniper|Ada|0100|4711|dog/);
  // A new link takes the place of the old one.
  const { token: other } = await post('/api/calendar-link', {}, by);
  await calendar(token).expect(404);
  await calendar(other).expect(200);
  await by.agent.delete('/api/calendar-link').expect(204);
  await calendar(other).expect(404);
});

it('calendar links that are asked for at the same moment are made one after the other: one leads on', async () => {
  const by = await server.signIn('technician');
  const asked = Array.from({ length: 6 }, () => by.agent.post('/api/calendar-link').send({}));
  const all = await Promise.all(asked);
  expect(all.map(({ status }) => status)).toEqual(Array(6).fill(201));
  const [{ left }] = await server.source.query(
    'SELECT count(*)::integer AS left FROM calendar_links WHERE person_id = $1 AND withdrawn_at IS NULL',
    [by.id],
  );
  expect(left).toBe(1);
});
