import { planDocument } from '../testing/documents.js';
import { startSimulator, type SimulatorProcess } from '../testing/simulator-process.js';
import { startTestServer, type TestPerson, type TestServer } from '../testing/test-server.js';

let server: TestServer;
let person: TestPerson;
let timerId: string;
let simulator: SimulatorProcess;

beforeAll(async () => {
  simulator = await startSimulator();
  server = await startTestServer(simulator.url);
  person = await server.signIn();
  const { body: home } = await person.agent.post('/api/properties').send({ name: 'Plum cottage' });
  const { body } = await person.agent
    .post(`/api/properties/${home.id}/timers`)
    .send({ name: 'Garage', document: planDocument() });
  timerId = body.id;
});
afterAll(async () => {
  await server.close();
  simulator.end();
});

const path = (rest = '') => `/api/timers/${timerId}/simulator${rest}`;
const hangUp = () =>
  person.agent.put(path()).send({ reads: '2026-06-01T03:59:00', document: planDocument() });

it('is not there before it is hung up, and does then what the simulator does', async () => {
  await person.agent.get(path()).expect(404);
  const { body } = await hangUp().expect(200);
  expect(body).toMatchObject({ open: [], speed: 1 });
  const run = await person.agent
    .post(path('/commands'))
    .send({ command: 'run-station', station: 1, seconds: 60 })
    .expect(200);
  expect(run.body.open).toMatchObject([{ station: 1, secondsLeft: 60 }]);
  const reading = await person.agent.get(path('/stations/1/reading')).expect(200);
  expect(reading.body.ohms).toBeGreaterThan(10);
  const log = await person.agent.get(path('/log.csv')).expect(200);
  expect(log.text).toMatch(/,open,,,,1,1,/);
});

it('searches its two wires, and tests a unit that answered', async () => {
  await hangUp();
  const { body } = await person.agent.get(path('/units')).expect(200);
  expect(body.units.length).toBeGreaterThan(0);
  const serial = encodeURIComponent(body.units[0].serial);
  const tested = await person.agent.get(path(`/units/${serial}/test`)).expect(200);
  expect(tested.body).toMatchObject({ result: 'fine', milliamps: expect.any(Number) });
  const other = await person.agent.get(path('/units/..%2Fsettings/test')).expect(200);
  expect(other.body).toEqual({ result: 'silent', milliamps: null });
});

it('says what was wrong with what it was told, at its place', async () => {
  await hangUp();
  const send = (command: object) => person.agent.post(path('/commands')).send(command);
  const { body } = await send({ command: 'run-station', station: 0, seconds: -1 }).expect(422);
  expect(body.errors.map((one: { path: string }) => one.path)).toEqual(['station', 'seconds']);
  expect(
    (await send({ command: 'run-station', station: 9, seconds: 60 }).expect(409)).body,
  ).toEqual(expect.objectContaining({ detail: 'It has no station 9.' }));
});

it('all that hang at homes of the firm are listed, and none of another firm', async () => {
  await hangUp();
  const { body } = await person.agent.get('/api/simulated-timers').expect(200);
  expect(body).toMatchObject({
    isRunning: true,
    timers: [{ id: timerId, name: 'Garage', home: 'Plum cottage' }],
  });
  const stranger = await server.signIn();
  expect((await stranger.agent.get('/api/simulated-timers').expect(200)).body).toEqual({
    ...{ isRunning: true, timers: [] },
  });
});

it('says so where there is no simulator', async () => {
  const without = await startTestServer();
  const other = await without.signIn();
  const { body: home } = await other.agent.post('/api/properties').send({ name: 'Fig house' });
  const { body: timer } = await other.agent
    .post(`/api/properties/${home.id}/timers`)
    .send({ name: 'Shed', document: planDocument() });
  const { body } = await other.agent.get(`/api/timers/${timer.id}/simulator`).expect(503);
  expect(body.title).toBe('No simulated timer');
  await without.close();
});
