import type { Standing } from '@water-clock/core/standing';
import { planDocument } from '../testing/documents.js';
import { startTestServer, type TestPerson, type TestServer } from '../testing/test-server.js';

let server: TestServer;
let person: TestPerson;
beforeAll(async () => {
  server = await startTestServer();
  person = await server.signIn();
});
afterAll(() => server.close());

const http = () => person.agent;
const home = { name: 'Plum cottage', address: '3 Alder Row', town: 'Quillhaven' };

/** Asks until everything is worked out: on a slow machine that takes a while. */
async function settled<Answer>(ask: () => Promise<Answer>): Promise<Answer> {
  for (;;) {
    const answer = await ask();
    if (!JSON.stringify(answer).includes('"standing":null')) return answer;
  }
}
const asked = async (query: Record<string, string> = {}) => {
  const words = new URLSearchParams({ from: '2026-06-03', ...query }).toString();
  return (await http().get(`/api/properties?${words}`).expect(200)).body;
};
const find = (query: Record<string, string> = {}) => settled(() => asked(query));
const names = async (query: Record<string, string> = {}) =>
  (await find(query)).rows.map(({ name }: { name: string }) => name);

it('are added, listed by name and read back', async () => {
  person = await server.signIn();
  await http().post('/api/properties').send({ name: 'Wren corner' });
  const fields = {
    ...home,
    contactName: 'Odile Brandt',
    gateNotes: 'Code 2804',
    timeZone: 'America/Denver',
    latitude: 40.2,
    longitude: -107.4,
    supplySource: 'pond',
    supplyLpm: 45.5,
    mowingWeekdays: [6],
    language: 'es',
  };
  const { body: added } = await http().post('/api/properties').send(fields).expect(201);
  expect(added).toMatchObject({ ...fields, supplyKpa: null, archived: false, version: 1 });
  expect(await names()).toEqual(['Plum cottage', 'Wren corner']);
  expect((await http().get(`/api/properties/${added.id}`)).body).toEqual(added);
});

it('one whose settings are too much to work out says so, and keeps nobody from the others', async () => {
  person = await server.signIn();
  const { body: home } = await http().post('/api/properties').send({ name: 'Slow wall' });
  const starts = Array.from({ length: 24 }, (_, hour) => `${String(hour).padStart(2, '0')}:00`);
  const document = planDocument(starts);
  const stations = Array.from({ length: 200 }, (_, index) => ({ number: index + 1 }));
  const programs = ['A', 'B', 'C'].map((id) => ({
    id,
    starts,
    days: { mode: 'weekdays', weekdays: [1, 2, 3, 4, 5, 6, 7] },
    runs: stations.map(({ number }) => ({ station: number, seconds: 604_800 })),
  }));
  for (const [name, fields] of [
    ['Far too much', { stations, programs }],
    ['As usual', {}],
  ] as const)
    await http()
      .post(`/api/properties/${home.id}/timers`)
      .send({ name, document: { ...document, ...fields } })
      .expect(201);
  const [{ timers }] = (await find({ q: 'slow wall' })).rows;
  expect(timers).toMatchObject([
    { name: 'As usual', standing: { isTooMuch: false } },
    { name: 'Far too much', standing: { isTooMuch: true, runs: 0 } },
  ]);
});

it('what is true of a timer is worked out once for each date and all that bears on it, and kept', async () => {
  person = await server.signIn();
  const { body: home } = await http().post('/api/properties').send({ name: 'Plum cottage' });
  const document = planDocument(['04:00', '04:10']);
  const { body: timer } = await http()
    .post(`/api/properties/${home.id}/timers`)
    .send({ name: 'Garage', document })
    .expect(201);
  const standing = async (from: string) => {
    const body = await settled(
      async () =>
        (await http().get(`/api/properties/${home.id}/timers?from=${from}`).expect(200)).body,
    );
    return body[0].standing as Standing;
  };
  const kept = (): Promise<unknown> =>
    server.source.query(
      `SELECT from_date::text AS "on", document -> 'collisions' AS collisions FROM standings
       WHERE timer_id = $1 ORDER BY from_date`,
      [timer.id],
    );
  expect(await kept()).toEqual([]);
  expect(await standing('2026-06-03')).toMatchObject({ collisions: 4 });
  await standing('2026-06-04');
  const first = { on: '2026-06-03', collisions: 4 };
  expect(await kept()).toEqual([first, { ...first, on: '2026-06-04' }]);

  // What is kept is what is told.
  await server.source.query(
    `UPDATE standings SET document = document || '{"collisions": 7}' WHERE timer_id = $1`,
    [timer.id],
  );
  expect(await standing('2026-06-03')).toMatchObject({ collisions: 7 });

  await http()
    .put(`/api/timers/${timer.id}/settings?on=2026-06-03`)
    .send({ document: planDocument(['04:00']), version: 1 })
    .expect(200);
  expect(await standing('2026-06-03')).toMatchObject({ collisions: 0 });
  expect(await standing('2026-07-01')).toMatchObject({ collisions: 0 });
  expect(await kept()).toEqual([{ on: '2026-07-01', collisions: 0 }]);

  // The rules of its home bear on it too, though nobody saved its settings: this home has a house number.
  expect((await standing('2026-07-01')).reasons.map(({ kind }) => kind)).toEqual(['key-in']);
  const rules = {
    format: 'waterclock.rules/1',
    district: 'Quillhaven',
    periods: [{ from: '2026-01-01', houses: [{ weekdays: [7] }] }],
  };
  const { body: set } = await http().post('/api/rule-sets').send({ document: rules }).expect(201);
  await http()
    .put(`/api/properties/${home.id}`)
    .send({ name: 'Plum cottage', ruleSetId: set.id, version: 1 })
    .expect(200);
  expect((await standing('2026-07-01')).reasons).toMatchObject([
    { kind: 'rule', first: '2026-07-06T04:00:00' },
    { kind: 'key-in' },
  ]);
});

it('are found by all words typed, of the home, its contact and its timers', async () => {
  person = await server.signIn();
  const add = async (fields: object, timer?: string) => {
    const { body } = await http().post('/api/properties').send(fields).expect(201);
    if (timer)
      await http()
        .post(`/api/properties/${body.id}/timers`)
        .send({ name: timer, document: planDocument(['04:00', '04:10']) })
        .expect(201);
    return body.id as string;
  };
  await add({ name: 'Plum cottage', address: '3 Alder Row' }, 'Garage timer');
  const wren = await add({ name: 'Wren corner', contactName: 'Mira 100%' }, 'Greenhouse');
  expect(await names({ q: 'plum GARAGE' })).toEqual(['Plum cottage']);
  expect(await names({ q: 'alder wren' })).toEqual([]);
  expect(await names({ q: '100%' })).toEqual(['Wren corner']);
  expect(await names({ q: '%' })).toEqual(['Wren corner']);
  const [{ timers }] = (await find({ q: 'wren' })).rows;
  const own = await http().get(`/api/properties/${wren}/timers?from=2026-06-03`).expect(200);
  expect(own.body).toEqual(timers);
  expect(timers).toMatchObject([
    {
      name: 'Greenhouse',
      timerType: 'Wall timer',
      stations: 1,
      standing: { collisions: 4, firstCollision: '2026-06-08T04:10:00', runs: 8 },
    },
  ]);
  await http().patch(`/api/timers/${timers[0].id}`).send({ name: 'Orangery' }).expect(200);
  expect(await names({ q: 'greenhouse' })).toEqual([]);
  expect(await names({ q: 'orangery' })).toEqual(['Wren corner']);

  await http().put(`/api/properties/${wren}/archived`).send({ archived: true }).expect(200);
  expect(await names()).toEqual(['Plum cottage']);
  expect(await names({ archived: 'yes' })).toEqual(['Wren corner']);
  await http().put(`/api/properties/${wren}/archived`).send({ archived: false }).expect(200);
  expect(await names({ sort: 'newest' })).toEqual(['Wren corner', 'Plum cottage']);
});

it('come in pages, and a wrong question is told all that is wrong with it', async () => {
  person = await server.signIn();
  for (let index = 10; index < 37; index++)
    await http()
      .post('/api/properties')
      .send({ name: `Home ${index}` })
      .expect(201);
  const first = await find();
  expect([first.total, first.pageSize, first.rows.length]).toEqual([27, 25, 25]);
  expect(await names({ page: '2' })).toEqual(['Home 35', 'Home 36']);
  const { body } = await http().get('/api/properties?from=2026-02-30&sort=age&page=x').expect(422);
  expect(body.errors.map(({ path }: { path: string }) => path).sort()).toEqual([
    'from',
    'page',
    'sort',
  ]);
});

it('are changed from the version that was read, or not at all', async () => {
  const { body: added } = await http().post('/api/properties').send(home);
  const change = (name: string) =>
    http()
      .put(`/api/properties/${added.id}`)
      .send({ ...home, name, version: 1 });
  expect((await change('Plum house').expect(200)).body).toMatchObject({
    version: 2,
    town: 'Quillhaven',
  });
  // The same save once more, by a proxy or a telephone that heard no answer.
  expect((await change('Plum house').expect(200)).body).toMatchObject({ version: 2 });
  await change('Damson house').expect(409);
  expect((await http().get(`/api/properties/${added.id}`)).body.name).toBe('Plum house');
});

it('with several faults are refused with all of them', async () => {
  const { body } = await http()
    .post('/api/properties')
    .send({ name: '', latitude: 91, timeZone: 'Mars/Olympus', gate: 'green', supplyLpm: -1 })
    .expect(422);
  expect(body.errors.map(({ path }: { path: string }) => path).sort()).toEqual([
    'gate',
    'latitude',
    'name',
    'supplyLpm',
    'timeZone',
  ]);
});

it('that are not there are told so in a problem document', async () => {
  const path = '/api/properties/00000000-0000-4000-8000-000000000000';
  expect((await http().get(path).expect(404)).body).toMatchObject({
    status: 404,
    title: 'Not found',
  });
  await http()
    .put(path)
    .send({ ...home, version: 1 })
    .expect(404);
});

it('somebody may be led through setting up a home, which is no save of it and no change that is noted', async () => {
  person = await server.signIn('technician');
  const add = async (fields: object) =>
    (await http().post('/api/properties').send(fields).expect(201)).body as { id: string };
  expect(await add({ name: 'Fern lodge' })).toMatchObject({ setUpSkipped: null });
  const home = await add({ name: 'Wren corner', isLed: true });
  expect(home).toMatchObject({ setUpSkipped: [], version: 1 });
  const setUp = (body: object, status = 200) =>
    http().put(`/api/properties/${home.id}/set-up`).send(body).expect(status);
  const noted = () =>
    server.source.query<{ count: string }[]>('SELECT count(*) FROM changes WHERE row_id = $1', [
      home.id,
    ]);
  const before = await noted();
  const { body } = await setUp({ isLed: true, skipped: ['supply', 'rules', 'supply'] });
  expect(body).toMatchObject({ setUpSkipped: ['supply', 'rules'], version: 1 });
  expect((await setUp({ isLed: true, skipped: ['roof'] }, 422)).body.errors).toMatchObject([
    { path: 'skipped' },
  ]);
  expect((await setUp({ isLed: false })).body).toMatchObject({ setUpSkipped: null });
  expect(await noted()).toEqual(before);
});

it('are found by what their timers need, what is due, district, type and person, the worst first', async () => {
  person = await server.signIn('owner');
  const post = async (path: string, body: object) =>
    (await http().post(path).send(body).expect(201)).body.id as string;
  const ruleSetId = await post('/api/rule-sets', {
    document: { format: 'waterclock.rules/1', district: 'Quillhaven', periods: [] },
  });
  const timerTypeId = await post('/api/timer-types', { name: 'Grey box', capability: {} });
  const add = async (name: string, fields: object, timer: object) => {
    const id = await post('/api/properties', { name, ...fields });
    const timerId = await post(`/api/properties/${id}/timers`, {
      ...{ name: 'Garage', document: planDocument() },
      ...timer,
    });
    return { id, timerId };
  };
  const well = await add('Alder house', { ruleSetId }, {});
  await add('Beech house', {}, { document: planDocument(['04:00', '04:10']), timerTypeId });
  const cedar = await add('Cedar house', {}, {});
  // Alder's timer holds what is wanted.
  await post(`/api/timers/${well.timerId}/copies`, { reason: 'left', document: planDocument() });
  await server.source.query(`UPDATE timers SET created_at = '2025-06-20T12:00:00Z' WHERE id = $1`, [
    cedar.timerId,
  ]);
  await post(`/api/timers/${cedar.timerId}/visits`, { startedAt: '2026-06-01T16:00:00Z' });
  // Nobody has asked for them before: what is not known yet is worked out first, or said to be missing.
  const names = async (query: Record<string, string>) => {
    let page = await asked(query);
    while (page.pending > 0) page = await asked(query);
    return page.rows.map(({ name }: { name: string }) => name);
  };
  expect(await names({ sort: 'worst' })).toEqual(['Beech house', 'Cedar house', 'Alder house']);
  expect(await names({ reason: 'error' })).toEqual(['Beech house']);
  expect(await names({ reason: 'key-in' })).toEqual(['Beech house', 'Cedar house']);
  expect(await names({ reason: 'visit-open', q: 'cedar' })).toEqual(['Cedar house']);
  // In four weeks, not in six.
  expect(await names({ due: 'battery' })).toEqual(['Cedar house']);
  expect(await names({ due: 'battery', from: '2026-05-10' })).toEqual([]);
  expect(await names({ ruleSetId })).toEqual(['Alder house']);
  expect(await names({ timerTypeId })).toEqual(['Beech house']);
  expect(await names({ personId: person.id })).toEqual(['Cedar house']);
  await post('/api/planned-visits', {
    ...{ propertyId: well.id, personId: person.id, onDate: '2026-06-09' },
  });
  expect(await names({ personId: person.id })).toEqual(['Alder house', 'Cedar house']);
  const stranger = await server.signIn('owner');
  expect(await names({ personId: stranger.id })).toEqual([]);
  const { body } = await http()
    .get('/api/properties?from=2026-06-03&reason=hunger&ruleSetId=none')
    .expect(422);
  expect(body.errors.map(({ path }: { path: string }) => path).sort()).toEqual([
    'reason',
    'ruleSetId',
  ]);
});
