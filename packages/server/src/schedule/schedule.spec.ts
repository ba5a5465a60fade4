import { setTimeout as pause } from 'node:timers/promises';
import { planDocument } from '../testing/documents.js';
import { startTestServer, type TestPerson, type TestServer } from '../testing/test-server.js';
import { prepareQueues, queueAt } from '../queues/queues.js';
import { ScheduleService } from './schedule.service.js';

let server: TestServer;
let owner: TestPerson;

beforeAll(async () => {
  server = await startTestServer();
  owner = await server.signIn('owner');
});
afterAll(() => server.close());

const post = async (path: string, body: object) =>
  (await owner.agent.post(path).send(body).expect(201)).body.id as string;
const standings = () =>
  server.source.query<{ date: string }[]>(
    `SELECT from_date::text AS date FROM standings ORDER BY 1`,
  );

it('what lists will ask for is there before anybody asks, by the date of each home', async () => {
  for (const timeZone of ['Pacific/Kiritimati', 'Pacific/Pago_Pago', undefined]) {
    const id = await post('/api/properties', { name: 'Plum cottage', timeZone });
    await post(`/api/properties/${id}/timers`, { name: 'Garage', document: planDocument() });
  }
  const archived = await post('/api/properties', { name: 'Quince house' });
  await post(`/api/properties/${archived}/timers`, { name: 'Shed', document: planDocument() });
  await owner.agent.put(`/api/properties/${archived}/archived`).send({ archived: true });
  const schedule = server.app.get(ScheduleService);
  await schedule.prepareStandings(owner.firmId, new Date('2026-06-01T10:30:00Z'));
  // An hour ahead: 01:30 of the next day, 00:30, and 11:30.
  expect(await standings()).toEqual(
    ['2026-06-01', '2026-06-01', '2026-06-02'].map((date) => ({ date })),
  );
  const before = await server.source.query('SELECT * FROM standings ORDER BY timer_id');
  await schedule.prepareStandings(owner.firmId, new Date('2026-06-01T10:30:00Z'));
  expect(await server.source.query('SELECT * FROM standings ORDER BY timer_id')).toEqual(before);
});

it('of two processes one does the part of a firm, and a firm waits once', async () => {
  const { url } = server.source.options as { url: string };
  await prepareQueues(url);
  // As the next version's migrations do.
  await prepareQueues(url);
  const [one, two] = [queueAt(url), queueAt(url)];
  await Promise.all([one.start(), two.start()]);
  const done: string[] = [];
  try {
    const part = { firmId: owner.firmId };
    const sent = await Promise.all(
      [one, two, one].map((boss) => boss.send('let-go', part, { singletonKey: owner.firmId })),
    );
    expect(sent.filter((id) => id !== null)).toHaveLength(1);
    for (const boss of [one, two])
      await boss.work<{ firmId: string }>(
        'let-go',
        { batchSize: 1, pollingIntervalSeconds: 0.5 },
        async ([job]) => {
          done.push(job!.data.firmId);
          await pause(50);
        },
      );
    while ((await one.getQueueSize('let-go', { before: 'completed' })) > 0) await pause(100);
    expect(done).toEqual([owner.firmId]);
  } finally {
    await Promise.all([one, two].map((boss) => boss.stop({ graceful: false, wait: true })));
  }
});
