import request from 'supertest';
import { planDocument } from '../testing/documents.js';
import { startTestServer, type TestPerson, type TestServer } from '../testing/test-server.js';
import type { TellingAnswer } from './telling.dto.js';

let server: TestServer;
let ines: TestPerson;
let timerId: string;
let sheetId: string;

const SHEET = {
  format: 'waterclock.sheet/1',
  madeOn: '2026-06-01',
  property: 'Plum cottage',
  timer: 'Garage',
  firm: 'Quillhaven Sprinkler Care',
};
const guest = () => request.agent(server.app.getHttpServer());

beforeAll(async () => {
  server = await startTestServer();
  ines = await server.signIn();
  const { body: home } = await ines.agent.post('/api/properties').send({ name: 'Plum cottage' });
  const { body: timer } = await ines.agent
    .post(`/api/properties/${home.id}/timers`)
    .send({ name: 'Garage', document: planDocument(['04:00']) });
  timerId = timer.id;
  const { body: sheet } = await ines.agent
    .post(`/api/timers/${timerId}/sheets`)
    .send({ document: SHEET });
  sheetId = sheet.id;
});
afterAll(() => server.close());

const newLink = async () =>
  (await ines.agent.post(`/api/sheets/${sheetId}/links`).send({ days: 30 }).expect(201)).body;
const tell = (token: string, document: object) =>
  guest().post(`/api/shared/${token}/tellings`).send({ document });
const open = async ({ agent } = ines): Promise<TellingAnswer[]> =>
  (await agent.get('/api/tellings').expect(200)).body;

it('what a household saw reaches the firm, with what would explain it', async () => {
  const { token } = await newLink();
  const { document } = (await ines.agent.get(`/api/timers/${timerId}/settings?on=2026-06-01`)).body;
  const [program] = document.programs;
  const { station } = program.runs[0];
  // It waters at 04:00 in the morning; somebody saw it in the afternoon.
  const days = [2, 4].map((day) => `2026-06-0${day}T16:`);
  const saw = days.map((day) => ({
    ...{ what: 'watered', from: `${day}00:00`, to: `${day}02:00`, station },
  }));
  await tell(token, { saw, words: 'In the afternoon!' }).expect(204);
  const [told] = await open();
  expect(told).toMatchObject({
    ...{ timerId, timer: 'Garage', home: 'Plum cottage', closedAt: null },
    document: { saw, words: 'In the afternoon!' },
  });
  expect(told!.causes.length).toBeGreaterThan(0);
  expect(told!.causes.length).toBeLessThanOrEqual(3);
  expect(told!.causes[0]!.says).not.toBe('');
});

it('says what is wrong with it, and a link that leads nowhere takes nothing', async () => {
  const { id, token } = await newLink();
  const before = await open();
  const { body } = await tell(token, { saw: [{ what: 'watered', from: 'x' }] }).expect(422);
  expect(body.errors).toMatchObject([{ path: 'document.saw[0].from' }]);
  await tell(token, {}).expect(422);
  await tell(token, { words: 'a'.repeat(20_000) }).expect(413);
  await tell('no-such-link', { words: 'Hello' }).expect(404);
  await ines.agent.delete(`/api/links/${id}`).expect(204);
  await tell(token, { words: 'Hello' }).expect(404);
  expect(await open()).toEqual(before);
});

it('takes five a day by a link, and no more', async () => {
  const { token } = await newLink();
  const told = await Promise.all(
    Array.from({ length: 8 }, (_, index) => tell(token, { words: `No ${index}` })),
  );
  expect(told.map(({ status }) => status).sort()).toEqual([
    ...Array<number>(5).fill(204),
    ...Array<number>(3).fill(429),
  ]);
});

it('is seen to by anybody of the firm, and by nobody else', async () => {
  const { token } = await newLink();
  await tell(token, { words: 'The path is wet' }).expect(204);
  const office = await server.signIn('office', ines.firmId);
  const told = (await open(office)).find(({ document }) => document.words === 'The path is wet')!;
  expect(told.causes).toEqual([]);
  const stranger = await server.signIn('owner');
  expect(await open(stranger)).toEqual([]);
  await stranger.agent.patch(`/api/tellings/${told.id}`).send({ isClosed: true }).expect(404);
  const { body } = await office.agent
    .patch(`/api/tellings/${told.id}`)
    .send({ isClosed: true })
    .expect(200);
  expect(body).toMatchObject({ closedBy: office.name });
  expect((await open()).map(({ id }) => id)).not.toContain(told.id);
  const { body: all } = await ines.agent.get(`/api/timers/${timerId}/tellings`).expect(200);
  expect(all.map(({ id }: TellingAnswer) => id)).toContain(told.id);
});
