import { startTestServer, type TestPerson, type TestServer } from '../testing/test-server.js';

let server: TestServer;
let person: TestPerson;
beforeAll(async () => {
  server = await startTestServer();
  person = await server.signIn();
});
afterAll(() => server.close());

const station = (number: number, weeklySeconds: number, days = 2) => ({
  number,
  head: 'spray',
  need: { weeklySeconds, daysPerWeek: [days, days] },
});

const brief = (fields: object = {}) => ({
  format: 'waterclock.brief/1',
  from: '2026-06-01',
  timer: { stations: 12 },
  rules: { earliestStart: '01:00', finishBy: '05:30' },
  stations: [station(1, 1800), station(2, 2400)],
  ...fields,
});

const plan = (document: object) => person.agent.post('/api/plans').send({ document });

it('gives a plan that the timer can be set to', async () => {
  const { body } = await plan(brief()).expect(200);
  expect(body).toMatchObject({
    feasible: true,
    isProven: true,
    plan: { rules: { finishBy: '05:30' } },
  });
  expect(body.plan.programs).toHaveLength(1);
  const home = await person.agent.post('/api/properties').send({ name: 'Plum cottage' });
  const timer = { name: 'Garage', document: body.plan };
  await person.agent.post(`/api/properties/${home.body.id}/timers`).send(timer).expect(201);
});

it('says why there is none, and what would help', async () => {
  const { body } = await plan(brief({ rules: { earliestStart: '05:00', finishBy: '05:10' } }));
  expect(body.feasible).toBe(false);
  expect(body.reasons.map(({ code }: { code: string }) => code)).toEqual(['hours', 'hours']);
  expect(body.nearest.map(({ change }: { change: { field: string } }) => change.field)).toContain(
    'rules.finishBy',
  );
});

it('refuses a brief with all of its faults', async () => {
  const { body } = await plan({ ...brief(), prefer: 'luck', from: 'today' }).expect(422);
  expect(body.errors.map(({ path }: { path: string }) => path).sort()).toEqual([
    'document.from',
    'document.prefer',
  ]);
});

it('does not hold up the API while it works', async () => {
  // Seven stations that want five days each in nights that are far too short: it takes its time.
  const stations = Array.from({ length: 7 }, (_, index) => station(index + 1, 5000, 5));
  const slow = brief({ stations, rules: { earliestStart: '01:00', finishBy: '02:10' } });
  const done: string[] = [];
  const planning = plan(slow).then(() => done.push('plan'));
  await new Promise((resolve) => setTimeout(resolve, 50));
  for (let count = 0; count < 5; count++) {
    await person.agent.get('/api/timer-types').expect(200);
    done.push('timer-types');
  }
  await planning;
  expect(done).toEqual([
    'timer-types',
    'timer-types',
    'timer-types',
    'timer-types',
    'timer-types',
    'plan',
  ]);
});

it('an easy brief waits for no more than one slow one of another firm', async () => {
  const other = await server.signIn();
  // A day of seven hours for nights of one: all there is to do is to find out that nothing helps.
  const stations = Array.from({ length: 7 }, (_, index) => station(index + 1, 5000, 5));
  const slow = brief({ stations, rules: { earliestStart: '01:00', finishBy: '02:10' } });
  const done: string[] = [];
  const slowOnes = Array.from({ length: 4 }, () => plan(slow).then(() => done.push('slow')));
  await new Promise((resolve) => setTimeout(resolve, 100));
  const easy = await other.agent.post('/api/plans').send({ document: brief() }).expect(200);
  expect(easy.body.feasible).toBe(true);
  expect(done.length).toBeLessThanOrEqual(1);
  await Promise.all(slowOnes);
  expect(done).toHaveLength(4);
});
