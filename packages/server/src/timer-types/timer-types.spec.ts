import { planDocument } from '../testing/documents.js';
import { startTestServer, type TestPerson, type TestServer } from '../testing/test-server.js';

let server: TestServer;
let person: TestPerson;
beforeAll(async () => (server = await startTestServer()));
beforeEach(async () => (person = await server.signIn()));
afterAll(() => server.close());

const addTimerType = async (capability: object = {}, name = 'Ours') =>
  (await person.agent.post('/api/timer-types').send({ name, capability }).expect(201)).body;

async function addTimer(timerTypeId: string, fields: object = {}): Promise<string> {
  const { agent } = person;
  const { body: home } = await agent.post('/api/properties').send({ name: 'Plum cottage' });
  const { body } = await agent
    .post(`/api/properties/${home.id}/timers`)
    .send({ name: 'Garage', timerTypeId, document: planDocument(['04:15'], fields) })
    .expect(201);
  return body.id as string;
}

it('are kept whole, defaults filled in, under a name of their own', async () => {
  const timerType = await addTimerType({ stations: 8 });
  expect(timerType).toMatchObject({
    version: 1,
    timers: 0,
    capability: { name: 'Ours', stations: 8, startsPerProgram: 4, overlap: 'queue' },
  });
  const { body } = await person.agent
    .post('/api/timer-types')
    .send({ name: 'Ours', capability: {} });
  expect(body.errors).toEqual([{ path: 'name', message: 'is taken by another timer type' }]);
  expect((await person.agent.get('/api/timer-types')).body).toEqual([timerType]);
});

it('refuse what no timer can be, all of it at once', async () => {
  const { body } = await person.agent
    .post('/api/timer-types')
    .send({
      name: 'Odd',
      capability: {
        stations: 0,
        programs: ['A', 'A'],
        runTime: { minSeconds: 90, maxSeconds: 60 },
      },
    })
    .expect(422);
  expect(body.errors.map(({ path }: { path: string }) => path)).toEqual([
    'capability.stations',
    'capability.programs[1]',
    'capability.runTime.maxSeconds',
  ]);
});

it('tell which timers a change would break, and change nothing by telling', async () => {
  const { id } = await addTimerType();
  const timerId = await addTimer(id);
  const ask = async (capability: object) =>
    (
      await person.agent
        .post(`/api/timer-types/${id}/preview`)
        .send({ capability, from: '2026-06-01' })
        .expect(200)
    ).body;
  expect(await ask({ startStepMinutes: 5 })).toEqual([]);
  const [broken, ...others] = await ask({ startStepMinutes: 10 });
  expect(others).toEqual([]);
  expect(broken).toMatchObject({ timerId, timer: 'Garage', property: 'Plum cottage' });
  expect(broken.findings).toHaveLength(1);
  expect(broken.findings[0]).toContain('04:15');
  expect(await ask({ programs: ['1'] })).toMatchObject([{ programsLost: ['A'] }]);
  expect((await person.agent.get('/api/timer-types')).body[0]).toMatchObject({
    version: 1,
    timers: 1,
  });
});

it('change all their timers with them, or nothing', async () => {
  const { id } = await addTimerType();
  const timerId = await addTimer(id);
  const change = { name: 'Ours', capability: { startStepMinutes: 10, stations: 6 } };
  await person.agent
    .put(`/api/timer-types/${id}`)
    .send({ ...change, version: 1 })
    .expect(200);
  const settings = async () =>
    (await person.agent.get(`/api/timers/${timerId}/settings?on=2026-06-01`)).body;
  expect(await settings()).toMatchObject({
    version: 2,
    document: { timer: { startStepMinutes: 10, stations: 6 } },
  });
  const stale = { ...change, capability: { stations: 4 }, version: 1 };
  await person.agent.put(`/api/timer-types/${id}`).send(stale).expect(409);
  expect((await settings()).document.timer.stations).toBe(6);
});

it('leave their timers as they are when they go', async () => {
  const { id } = await addTimerType({ stations: 8 });
  const timerId = await addTimer(id);
  await person.agent.delete(`/api/timer-types/${id}`).expect(204);
  expect((await person.agent.get(`/api/timers/${timerId}`)).body.timerTypeId).toBeNull();
  expect((await person.agent.get('/api/timer-types')).body).toEqual([]);
});

it('are brought back for their timers, unless the name is another one’s by now', async () => {
  const { id, ...fields } = await addTimerType({ stations: 8 });
  const timerId = await addTimer(id);
  const before = (await person.agent.get('/api/timer-types')).body;
  await person.agent.delete(`/api/timer-types/${id}`).expect(204);
  const bringBack = () => person.agent.post(`/api/timer-types/${id}/bring-back`);
  const { body: sameName } = await person.agent
    .post('/api/timer-types')
    .send({ name: fields.name, summary: '', capability: fields.capability })
    .expect(201);
  const { body } = await bringBack().expect(422);
  expect(body.errors).toEqual([{ path: 'name', message: 'is taken by another timer type by now' }]);
  await person.agent.delete(`/api/timer-types/${sameName.id}`).expect(204);
  await bringBack().expect(201);
  expect((await person.agent.get('/api/timer-types')).body).toEqual(before);
  expect((await person.agent.get(`/api/timers/${timerId}`)).body.timerTypeId).toBe(id);
  await person.agent.delete(`/api/timer-types/${id}`).expect(204);
});
