import { randomUUID } from 'node:crypto';
import { planDocument } from '../testing/documents.js';
import { startTestServer, type TestPerson, type TestServer } from '../testing/test-server.js';

let server: TestServer;
let person: TestPerson;
let plumId: string;
let garageId: string;

const stations = (...names: string[]) => names.map((name, index) => ({ number: index + 1, name }));

const addTimer = async (propertyId: string, name: string, ...names: string[]) => {
  const document = { ...planDocument(), stations: stations(...names) };
  const { body } = await person.agent
    .post(`/api/properties/${propertyId}/timers`)
    .send({ name, document })
    .expect(201);
  return body.id as string;
};

beforeAll(async () => {
  server = await startTestServer();
  person = await server.signIn();
  const add = async (fields: object) =>
    (await person.agent.post('/api/properties').send(fields).expect(201)).body.id as string;
  plumId = await add({
    name: 'Plum cottage',
    address: '3 Alder Row',
    town: 'Quillhaven',
    contactName: 'Odile Brandt',
    contactPhone: '555 0142',
    contactEmail: 'odile@mail.example',
  });
  const wrenId = await add({ name: 'Wren corner', address: '7 Sparrow Steps' });
  garageId = await addTimer(plumId, 'Garage timer', 'Kerb strip', 'Front lawn', 'Back lawn');
  await addTimer(wrenId, 'Carport', 'Lawn by the road', 'Front lawn');
});
afterAll(() => server.close());

const find = async (q: string, by = person) =>
  (await by.agent.get(`/api/search?${new URLSearchParams({ q }).toString()}`).expect(200)).body
    .rows as {
    kind: string;
    title: string;
    where: string;
  }[];
const titles = async (q: string) =>
  (await find(q)).map(({ kind, title, where }) => `${kind}: ${title} (${where})`);

it('finds a station by its name, and says where it is', async () => {
  expect(await titles('front lawn')).toEqual([
    'station: Front lawn (Plum cottage, Garage timer, station 2)',
    'station: Front lawn (Wren corner, Carport, station 2)',
  ]);
  expect(await find('FRONT brandt')).toEqual([
    {
      kind: 'station',
      title: 'Front lawn',
      where: 'Plum cottage, Garage timer, station 2',
      propertyId: plumId,
      timerId: garageId,
      station: 2,
    },
  ]);
});

it('what begins as it was typed comes before what has it inside', async () => {
  const found = (await find('lawn')).map(({ title }) => title);
  expect(found[0]).toBe('Lawn by the road');
  expect(found.slice(1).sort()).toEqual(['Back lawn', 'Front lawn', 'Front lawn']);
});

it('finds a home by its contact, however the telephone number is typed, and a timer by its home', async () => {
  const home = ['property: Plum cottage (3 Alder Row, Quillhaven)'];
  for (const typed of ['odile', '5550142', '555-0142', '555 0142', 'odile@mail', 'alder plum'])
    expect([typed, await titles(typed)]).toEqual([typed, home]);
  expect(await titles('plum garage')).toEqual(['timer: Garage timer (Plum cottage)']);
});

it('finds open jobs by what is wrong and by what was noted, until they are done', async () => {
  const { agent } = person;
  const { body: visit } = await agent.post(`/api/timers/${garageId}/visits`).send({});
  await agent.post(`/api/visits/${visit.id}/entries`).send({
    ...{ id: randomUUID(), seen: 0, observedAt: '2026-06-01T10:00:00Z' },
    document: { kind: 'station', station: 3, faults: ['leak'], note: 'by the pear tree' },
  });
  const job = ['job: Leak: by the pear tree (Plum cottage, station 3)'];
  expect(await titles('leak plum')).toEqual(job);
  expect(await titles('PEAR')).toEqual(job);
  expect(await titles('leak wren')).toEqual([]);
  const [{ id }] = (await agent.get(`/api/properties/${plumId}/jobs`)).body;
  await agent.patch(`/api/jobs/${id}`).send({ isDone: true }).expect(200);
  expect(await titles('pear')).toEqual([]);
});

it('goes with the names: a station by another name is found by that alone, an archived home not at all', async () => {
  const { agent } = person;
  const shedId = (await agent.post('/api/properties').send({ name: 'Fern shed' })).body.id;
  const timerId = await addTimer(shedId, 'Wall', 'Herbs');
  const settings = (await agent.get(`/api/timers/${timerId}/settings?on=2026-06-01`)).body;
  const document = { ...settings.document, stations: stations('Quinces') };
  await agent
    .put(`/api/timers/${timerId}/settings?on=2026-06-01`)
    .send({ version: settings.version, document })
    .expect(200);
  expect(await titles('herbs')).toEqual([]);
  expect(await titles('quinces')).toEqual(['station: Quinces (Fern shed, Wall, station 1)']);
  await agent.put(`/api/properties/${shedId}/archived`).send({ archived: true }).expect(200);
  expect(await titles('quinces')).toEqual([]);
});

it('finds people of the firm, takes wildcards as they are typed, and nothing of another firm', async () => {
  expect(await titles(person.name)).toEqual([`person: ${person.name} (technician)`]);
  expect(await titles('%')).toEqual([]);
  expect(await titles('   ')).toEqual([]);
  expect(await find('lawn', await server.signIn())).toEqual([]);
});
