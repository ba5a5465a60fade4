import { startTestServer, type TestPerson, type TestServer } from '../testing/test-server.js';

let server: TestServer;
let person: TestPerson;
beforeAll(async () => {
  server = await startTestServer();
  person = await server.signIn();
});
afterAll(() => server.close());

const day = (date: string, fields: object = {}) => ({
  date,
  lowCelsius: 9,
  highCelsius: 24,
  rainMm: 1.5,
  ...fields,
});
const weather = (name: string, ...days: object[]) => ({
  format: 'waterclock.weather/1',
  name,
  towns: ['Quillhaven'],
  latitude: 40.2,
  record: { kind: 'daily', days },
});

it('is kept whole, listed without its days, and changed from the version that was read', async () => {
  const days = [day('2026-06-02'), day('2026-06-01')];
  const { body: added } = await person.agent
    .post('/api/weather')
    .send({ document: weather('Weir', ...days) })
    .expect(201);
  const months = Array.from({ length: 12 }, () => ({ et0MmPerDay: 3 }));
  const table = { ...weather('Airfield'), record: { kind: 'monthly', months } };
  await person.agent.post('/api/weather').send({ document: table }).expect(201);
  expect((await person.agent.get('/api/weather').expect(200)).body).toMatchObject([
    { name: 'Airfield', kind: 'monthly', from: null, to: null, days: 0, properties: 0 },
    { name: 'Weir', kind: 'daily', from: '2026-06-01', to: '2026-06-02', days: 2 },
  ]);
  const change = (version: number, date = '2026-06-03') =>
    person.agent
      .put(`/api/weather/${added.id}`)
      .send({ version, document: weather('Weir', day(date)) });
  await change(1).expect(200);
  await change(1).expect(200);
  await change(1, '2026-06-04').expect(409);
  expect((await person.agent.get(`/api/weather/${added.id}`).expect(200)).body).toEqual({
    id: added.id,
    version: 2,
    document: weather('Weir', day('2026-06-03')),
  });
});

it('leaves the homes that went by it with none when it goes', async () => {
  const { body } = await person.agent.post('/api/weather').send({ document: weather('North') });
  const home = { name: 'Wren corner', weatherId: body.id, waterPrice: 2.4 };
  const { body: added } = await person.agent.post('/api/properties').send(home).expect(201);
  expect(added).toMatchObject({ weatherId: body.id, waterPrice: 2.4 });
  await person.agent.delete(`/api/weather/${body.id}`).expect(204);
  expect((await person.agent.get(`/api/properties/${added.id}`)).body).toMatchObject({
    weatherId: null,
    version: 2,
  });
  const { body: back } = await person.agent.post(`/api/weather/${body.id}/bring-back`).expect(201);
  expect(back).toEqual((await person.agent.get(`/api/weather/${body.id}`)).body);
  expect((await person.agent.get(`/api/properties/${added.id}`)).body).toMatchObject({
    weatherId: body.id,
    version: 3,
  });
  await person.agent.delete(`/api/weather/${body.id}`).expect(204);
  const refused = await person.agent.post('/api/properties').send({ ...home, waterPrice: -1 });
  expect(refused.status).toBe(422);
  expect(refused.body.errors.map(({ path }: { path: string }) => path)).toEqual(['waterPrice']);
  await person.agent.post('/api/properties').send(home).expect(422);
});

it('with nonsense in it is refused with all of it, and nothing is kept', async () => {
  const before = (await person.agent.get('/api/weather')).body;
  const document = weather(
    'Nonsense',
    day('2026-06-01', { highCelsius: 2 }),
    day('2026-06-02', { rainMm: 3000 }),
    day('2026-06-31'),
  );
  const send = (sent: object) => person.agent.post('/api/weather').send({ document: sent });
  const { body } = await send({ ...document, latitude: 91 }).expect(422);
  expect(body.errors.map(({ path }: { path: string }) => path).sort()).toEqual([
    'document.latitude',
    'document.record.days[1].rainMm',
    'document.record.days[2].date',
  ]);
  const low = await send(weather('Nonsense', day('2026-06-01', { highCelsius: 2 }))).expect(422);
  expect(low.body.errors).toEqual([
    { path: 'document.record.days[0].highCelsius', message: 'must not be below the low' },
  ]);
  expect((await person.agent.get('/api/weather')).body).toEqual(before);
});

it('a firm’s customary minutes and currency are its own, and read with their defaults', async () => {
  const owner = await server.signIn('owner');
  const { body: fresh } = await owner.agent.get('/api/session').expect(200);
  expect(fresh.firm).toMatchObject({ currency: 'USD', customary: { minutes: { spray: 15 } } });
  const customary = { minutes: { spray: 12 }, waterings: { trees: 2 } };
  const technician = await server.signIn('technician', owner.firmId);
  await technician.agent.put('/api/firm/customary').send({ document: customary }).expect(200);
  await owner.agent.patch('/api/firm').send({ currency: 'NZD' }).expect(200);
  expect((await owner.agent.get('/api/session')).body.firm).toMatchObject({
    currency: 'NZD',
    customary: { minutes: { spray: 12, rotor: 35 }, waterings: { trees: 2, shrubs: 1 } },
  });
  const bad = { minutes: { spray: -5 }, waterings: { trees: 0 } };
  const { body } = await owner.agent.put('/api/firm/customary').send({ document: bad }).expect(422);
  expect(body.errors.map(({ path }: { path: string }) => path).sort()).toEqual([
    'document.minutes.spray',
    'document.waterings.trees',
  ]);
  await owner.agent.patch('/api/firm').send({ currency: 'money' }).expect(422);
});
