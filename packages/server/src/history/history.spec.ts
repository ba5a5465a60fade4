import { randomUUID } from 'node:crypto';
import { planDocument } from '../testing/documents.js';
import { startTestServer, type TestPerson, type TestServer } from '../testing/test-server.js';

let server: TestServer;
let person: TestPerson;
beforeAll(async () => {
  server = await startTestServer();
  person = await server.signIn();
});
afterAll(() => server.close());

async function post(path: string, body: object) {
  const answer = await person.agent.post(path).send(body);
  expect([answer.status, answer.body.errors]).toEqual([201, undefined]);
  return answer.body;
}

it('lists holds by the clock of the home, what was said of dues, rules that began and the weather, newest first', async () => {
  const days = ['2024-01-01', '2999-01-01'].map((date) => ({
    ...{ date, lowCelsius: 10, highCelsius: 25, rainMm: 5 },
  }));
  const today = new Date().toISOString().slice(0, 10);
  const weather = await post('/api/weather', {
    document: {
      ...{ format: 'waterclock.weather/1', name: 'Mill', latitude: 39.5 },
      record: { kind: 'daily', days: [...days, { ...days[0], date: today }].sort(byDate) },
    },
  });
  const rules = await post('/api/rule-sets', {
    document: {
      ...{ format: 'waterclock.rules/1', district: 'Quillhaven' },
      periods: [{ from: '2020-05-01' }, { from: today }],
    },
  });
  const home = await post('/api/properties', {
    ...{ name: 'Rowan end', timeZone: 'America/Denver' },
    ...{ weatherId: weather.id, ruleSetId: rules.id },
  });
  const pauses = [{ from: '2026-06-01T00:00:00', to: '2026-06-09T00:00:00' }];
  const wanted = { from: '2026-07-01T00:00:00', to: '2026-07-03T00:00:00' };
  const later = { from: '2999-07-01T00:00:00', to: '2999-07-03T00:00:00' };
  const timer = await post(`/api/properties/${home.id}/timers`, {
    ...{
      name: 'Shed',
      document: { ...planDocument(), controller: { pauses: [...pauses, wanted, later] } },
    },
  });
  // The same hold in a copy is told once.
  await post(`/api/timers/${timer.id}/copies`, {
    ...{ reason: 'as-found', document: { ...planDocument(), controller: { pauses } } },
  });
  // What was only planned never stood in it.
  const planned = [{ from: '2026-05-01T00:00:00', to: '2026-05-02T00:00:00' }];
  await post(`/api/timers/${timer.id}/copies`, {
    ...{ reason: 'planned', document: { ...planDocument(), controller: { pauses: planned } } },
  });
  await post(`/api/timers/${timer.id}/due-answers`, {
    ...{ id: randomUUID(), key: 'battery:never', kind: 'battery', on: today },
    doneBy: 'household',
  });
  const { body } = await person.agent.get(`/api/properties/${home.id}/events`).expect(200);
  const kinds = body.map(({ kind }: { kind: string }) => kind).sort();
  expect(kinds).toEqual(['due', 'hold', 'hold', 'rules', 'weather']);
  const of = (kind: string) => body.find((one: { kind: string }) => one.kind === kind);
  const holds = body.filter((one: { kind: string }) => one.kind === 'hold');
  expect(holds).toMatchObject([
    { at: '2026-07-01T06:00:00.000Z', isWanted: true },
    {
      ...{ at: '2026-06-01T06:00:00.000Z', until: '2026-06-09T00:00:00', timerId: timer.id },
      isWanted: false,
    },
  ]);
  expect(of('due')).toMatchObject({ due: 'battery', doneBy: 'household', timerId: timer.id });
  expect(of('rules')).toMatchObject({ name: 'Quillhaven', timerId: null });
  expect(of('weather')).toMatchObject({ month: today.slice(0, 7), rainMm: 5, days: 1 });
  const moments = body.map(({ at }: { at: string }) => at);
  expect(moments).toEqual([...moments].sort().reverse());
});

const byDate = (a: { date: string }, b: { date: string }): number => a.date.localeCompare(b.date);

it('tells nothing of a home of another firm', async () => {
  const home = await post('/api/properties', { name: 'Sorrel bend' });
  const other = await server.signIn();
  await other.agent.get(`/api/properties/${home.id}/events`).expect(404);
});
