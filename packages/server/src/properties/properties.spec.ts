import request from 'supertest';
import { startTestServer, type TestServer } from '../testing/test-server.js';

let server: TestServer;
beforeAll(async () => (server = await startTestServer()));
afterAll(() => server.close());

const http = () => request(server.app.getHttpServer());
const home = { name: 'Plum cottage', address: '3 Alder Row', town: 'Quillhaven' };

it('are added, listed by name and read back', async () => {
  const { body: later } = await http().post('/api/properties').send({ name: 'Wren corner' });
  const { body: added } = await http()
    .post('/api/properties')
    .send({ ...home, timeZone: 'America/Denver', latitude: 40.2, longitude: -107.4 })
    .expect(201);
  expect(added).toMatchObject({ ...home, timeZone: 'America/Denver', latitude: 40.2, version: 1 });
  expect((await http().get('/api/properties')).body).toEqual([added, later]);
  expect((await http().get(`/api/properties/${added.id}`)).body).toEqual(added);
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
  await change('Damson house').expect(409);
  expect((await http().get(`/api/properties/${added.id}`)).body.name).toBe('Plum house');
});

it('with several faults are refused with all of them', async () => {
  const { body } = await http()
    .post('/api/properties')
    .send({ name: '', latitude: 91, timeZone: 'Mars/Olympus', gate: 'green' })
    .expect(422);
  expect(body.errors.map(({ path }: { path: string }) => path).sort()).toEqual([
    'gate',
    'latitude',
    'name',
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
