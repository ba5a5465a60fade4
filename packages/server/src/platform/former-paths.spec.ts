import { startTestServer, type TestServer } from '../testing/test-server.js';

let server: TestServer;
beforeAll(async () => (server = await startTestServer()));
afterAll(() => server.close());

it('answers by the paths of the version before as by those of now', async () => {
  const { agent } = await server.signIn();
  await agent.post('/api/kinds').send({ name: 'Ours', capability: {} }).expect(201);
  const [former, now] = await Promise.all([
    agent.get('/api/kinds').expect(200),
    agent.get('/api/timer-types').expect(200),
  ]);
  expect(former.body).toHaveLength(1);
  expect(former.body).toEqual(now.body);
  const timer = '00000000-0000-4000-8000-000000000000';
  const answers = await Promise.all(
    ['simulator', 'stand-in'].map((path) => agent.get(`/api/timers/${timer}/${path}`)),
  );
  expect(answers[0]!.status).toBe(answers[1]!.status);
  expect(answers[0]!.body).toEqual(answers[1]!.body);
  await agent.get('/api/kindsmen').expect(404);
});
