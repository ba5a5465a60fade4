import { startSimulator, type SimulatorProcess } from '../testing/simulator-process.js';
import { startTestServer, type TestPerson, type TestServer } from '../testing/test-server.js';
import type { ResultsOfPerson } from './practice.dto.js';

let server: TestServer;
let simulator: SimulatorProcess;
let person: TestPerson;

beforeAll(async () => {
  simulator = await startSimulator();
  server = await startTestServer(simulator.url);
  person = await server.signIn();
});
afterAll(async () => {
  await server.close();
  simulator.end();
});

const resultsOf = async ({ agent }: TestPerson): Promise<ResultsOfPerson[]> =>
  (await agent.get('/api/practice/results').expect(200)).body;
const play = ({ agent }: TestPerson, lesson: string | null, seed = 3) =>
  agent.put('/api/practice').send({ lesson, difficulty: 1, seed }).expect(200);
const judge = async ({ agent }: TestPerson) =>
  (await agent.post('/api/practice/judgement').send({}).expect(200)).body;

it('whoever practises has a timer of their own, and it is judged how they leave it', async () => {
  const begin = { lesson: 'percentage', difficulty: 1, seed: 3 };
  const { body } = await person.agent.put('/api/practice').send(begin).expect(200);
  expect(body).toMatchObject({ playing: begin, lit: [], isOff: false });
  expect(body).not.toHaveProperty('faults');
  const bad = await person.agent
    .put('/api/practice')
    .send({ lesson: 'moon', seed: 'x' })
    .expect(422);
  expect(bad.body.errors.map((one: { path: string }) => one.path)).toEqual(['lesson', 'seed']);
  const other = await server.signIn();
  await other.agent.get('/api/practice').expect(404);
  const reading = await person.agent.get('/api/practice/reading?station=1').expect(200);
  expect(reading.body.ohms).toBeGreaterThan(10);
  const judged = await person.agent.post('/api/practice/judgement').send({}).expect(200);
  expect(judged.body).toMatchObject({ isRight: false, needless: [], presses: 0 });
  expect(judged.body.wrong.length).toBeGreaterThan(0);
});

it('what came of it is kept by person: judged again it is one case with two tries', async () => {
  const ines = await server.signIn();
  expect(await resultsOf(ines)).toEqual([{ id: ines.id, name: ines.name, results: [] }]);
  await play(ines, 'clock-and-date');
  // It ends where another begins, and was nothing.
  await play(ines, 'percentage');
  await judge(ines);
  await ines.agent.post('/api/practice/commands').send({ command: 'advance', seconds: 600 });
  await judge(ines);
  await play(ines, null);
  await judge(ines);
  const [own] = await resultsOf(ines);
  expect(own!.results).toMatchObject([
    { lesson: 'percentage', difficulty: 1, played: 1, right: 0, fewestPresses: null },
    { lesson: null, difficulty: 1, played: 1, right: 0, rightAtOnce: 0 },
  ]);
  const [stored] = await server.source.query(
    `SELECT tries, passed_seconds FROM practice_runs WHERE person_id = $1 AND lesson IS NOT NULL`,
    [ines.id],
  );
  expect(stored).toEqual({ tries: 2, passed_seconds: 600 });
});

it('an owner sees the crew, somebody of it only their own, and another firm nothing', async () => {
  const owner = await server.signIn('owner', person.firmId);
  const mate = await server.signIn('technician', person.firmId);
  await play(mate, 'percentage');
  await judge(mate);
  const seen = await resultsOf(owner);
  expect(seen[0]).toMatchObject({ id: owner.id, results: [] });
  expect(seen.map(({ id }) => id)).toEqual(expect.arrayContaining([person.id, mate.id]));
  expect(seen.find(({ id }) => id === mate.id)!.results).toHaveLength(1);
  expect((await resultsOf(mate)).map(({ id }) => id)).toEqual([mate.id]);
  const stranger = await server.signIn('owner');
  expect((await resultsOf(stranger)).map(({ id }) => id)).toEqual([stranger.id]);
});

it('of two that begin at the same time one goes on', async () => {
  const both = await server.signIn();
  await Promise.all([play(both, 'percentage'), play(both, 'one-program')]);
  const going = await server.source.query(
    'SELECT 1 FROM practice_runs WHERE person_id = $1 AND judged_at IS NULL',
    [both.id],
  );
  expect(going).toHaveLength(1);
});
