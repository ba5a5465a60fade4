import { startTestServer, type TestPerson, type TestServer } from '../testing/test-server.js';

let server: TestServer;
let person: TestPerson;
beforeAll(async () => {
  server = await startTestServer();
  person = await server.signIn();
});
afterAll(() => server.close());

const set = (district: string) => ({
  format: 'waterclock.rules/1',
  district,
  towns: ['Quillhaven'],
  periods: [{ from: '2026-05-01', words: 'Odd houses on Tuesdays.', source: 'Notice 7' }],
});

it('are kept by district, and changed from the version that was read', async () => {
  const { body: added } = await person.agent
    .post('/api/rule-sets')
    .send({ document: set('West') })
    .expect(201);
  await person.agent
    .post('/api/rule-sets')
    .send({ document: set('East') })
    .expect(201);
  const change = (version: number, towns: string[] = []) =>
    person.agent
      .put(`/api/rule-sets/${added.id}`)
      .send({ version, document: { ...set('West'), towns } });
  expect((await change(1).expect(200)).body).toMatchObject({ version: 2, properties: 0 });
  // The same save once more, by a proxy or a telephone that heard no answer.
  expect((await change(1).expect(200)).body).toMatchObject({ version: 2 });
  await change(1, ['Elsewhere']).expect(409);
  const { body } = await person.agent.get('/api/rule-sets').expect(200);
  expect(body.map(({ document }: { document: object }) => document)).toMatchObject([
    { district: 'East', towns: ['Quillhaven'] },
    { district: 'West', towns: [] },
  ]);
});

it('leave the homes that went by them with none when they go', async () => {
  const { body: rules } = await person.agent.post('/api/rule-sets').send({ document: set('N') });
  const home = { name: 'Wren corner', ruleSetId: rules.id };
  const { body } = await person.agent.post('/api/properties').send(home).expect(201);
  await person.agent.delete(`/api/rule-sets/${rules.id}`).expect(204);
  expect((await person.agent.get(`/api/properties/${body.id}`)).body).toMatchObject({
    ruleSetId: null,
    version: 2,
  });
  await person.agent.post('/api/properties').send(home).expect(422);
});

it('are brought back as they were, for the homes that went by them and go by none since', async () => {
  const { body: rules } = await person.agent.post('/api/rule-sets').send({ document: set('S') });
  const homeBy = async (name: string) =>
    (await person.agent.post('/api/properties').send({ name, ruleSetId: rules.id }).expect(201))
      .body.id as string;
  const [wren, finch] = [await homeBy('Wren end'), await homeBy('Finch end')];
  await person.agent.delete(`/api/rule-sets/${rules.id}`).expect(204);
  const { body: other } = await person.agent.post('/api/rule-sets').send({ document: set('O') });
  const home = async (id: string) => (await person.agent.get(`/api/properties/${id}`)).body;
  await person.agent
    .put(`/api/properties/${finch}`)
    .send({ name: 'Finch end', ruleSetId: other.id, version: 2 })
    .expect(200);

  const bringBack = () => person.agent.post(`/api/rule-sets/${rules.id}/bring-back`);
  const { body: back } = await bringBack().expect(201);
  expect(back).toEqual({ ...rules, properties: 1 });
  expect(await home(wren)).toMatchObject({ ruleSetId: rules.id, version: 3 });
  expect(await home(finch)).toMatchObject({ ruleSetId: other.id });
  // It is back once, and never for another firm.
  await bringBack().expect(404);
  await person.agent.delete(`/api/rule-sets/${rules.id}`).expect(204);
  const stranger = await server.signIn();
  await stranger.agent.post(`/api/rule-sets/${rules.id}/bring-back`).expect(404);
  await bringBack().expect(201);
});

it('with faults are refused with all of them', async () => {
  const faulty = {
    ...set(''),
    periods: [{ from: '2026-02-30', houses: [{ houses: 'digits' }], season: { from: '13-01' } }],
  };
  const { body } = await person.agent.post('/api/rule-sets').send({ document: faulty }).expect(422);
  expect(body.errors.map(({ path }: { path: string }) => path).sort()).toEqual([
    'document.district',
    'document.periods[0].from',
    'document.periods[0].houses[0].digits',
    'document.periods[0].season.from',
    'document.periods[0].season.to',
  ]);
});
