import request from 'supertest';
import { startTestServer, type TestServer } from '../testing/test-server.js';

let server: TestServer;
beforeAll(async () => (server = await startTestServer()));
afterAll(() => server.close());

const http = () => request(server.app.getHttpServer());

const document = (starts = ['04:00']) => ({
  format: 'waterclock.plan/1',
  timer: { name: 'Wall timer' },
  stations: [{ number: 1, name: 'Kerb strip' }],
  programs: [
    {
      id: 'A',
      starts,
      days: { mode: 'weekdays', weekdays: [1, 2] },
      runs: [{ station: 1, seconds: 1800 }],
    },
  ],
});

async function addProperty(name = 'Plum cottage'): Promise<string> {
  const { body } = await http().post('/api/properties').send({ name }).expect(201);
  return (body as { id: string }).id;
}

async function addTimer(plan: object = document()): Promise<string> {
  const propertyId = await addProperty();
  const { body } = await http()
    .post(`/api/properties/${propertyId}/timers`)
    .send({ name: 'Garage timer', document: plan })
    .expect(201);
  return (body as { id: string }).id;
}

const settings = (timerId: string) => http().get(`/api/timers/${timerId}/settings`);
const save = (timerId: string, body: object) =>
  http().put(`/api/timers/${timerId}/settings`).send(body);

describe('a new timer', () => {
  it('keeps its settings whole, defaults filled in', async () => {
    const timerId = await addTimer();
    const { body } = await settings(timerId).expect(200);
    expect(body).toMatchObject({
      timerId,
      version: 1,
      document: {
        timer: { name: 'Wall timer', stations: 12, overlap: 'queue' },
        controller: { off: false, season: { mode: 'whole', percent: 100 } },
        stations: [{ number: 1, name: 'Kerb strip', enabled: true }],
        programs: [{ id: 'A', enabled: true, starts: ['04:00'] }],
      },
    });
  });

  it('is not half made: with bad settings there is no timer', async () => {
    const propertyId = await addProperty();
    const before = await server.source.query('SELECT count(*) FROM timers');
    const { body, headers } = await http()
      .post(`/api/properties/${propertyId}/timers`)
      .send({ name: 'Garage timer', document: { ...document(), stations: [{ number: 0 }] } })
      .expect(422);
    expect(headers['content-type']).toContain('application/problem+json');
    expect(body).toEqual({
      type: 'about:blank',
      title: 'Bad input',
      status: 422,
      detail: '2 fields need mending. Nothing was saved.',
      errors: [
        { path: 'document.stations[0].number', message: 'must be a whole number, 1 or more' },
        { path: 'document.programs[0].runs[0].station', message: '1 is not among the stations' },
      ],
    });
    expect(await server.source.query('SELECT count(*) FROM timers')).toEqual(before);
  });

  it('needs a property that is there', async () => {
    const nowhere = '00000000-0000-4000-8000-000000000000';
    for (const id of [nowhere, 'plum-cottage']) {
      const path = `/api/properties/${id}/timers`;
      const { body } = await http()
        .post(path)
        .send({ name: 'X', document: document() })
        .expect(404);
      expect(body).toMatchObject({ title: 'Not found', detail: 'There is no such property.' });
    }
  });
});

describe('saving settings', () => {
  it('counts versions', async () => {
    const timerId = await addTimer();
    const { body } = await save(timerId, { version: 1, document: document(['05:00']) }).expect(200);
    expect(body).toMatchObject({ version: 2, document: { programs: [{ starts: ['05:00'] }] } });
    expect((await settings(timerId)).body).toEqual(body);
  });

  it('lets the first of two people save, and tells the second, who overwrites nothing', async () => {
    const timerId = await addTimer();
    await save(timerId, { version: 1, document: document(['05:00']) }).expect(200);
    const { body } = await save(timerId, { version: 1, document: document(['06:00']) }).expect(409);
    expect(body).toMatchObject({ status: 409, title: 'Saved by somebody else meanwhile' });
    expect((await settings(timerId)).body).toMatchObject({
      version: 2,
      document: { programs: [{ starts: ['05:00'] }] },
    });
  });

  it('lets just one of many at once save', async () => {
    const timerId = await addTimer();
    const starts = Array.from({ length: 8 }, (_, index) => `0${index}:00`);
    const answers = await Promise.all(
      starts.map((start) => save(timerId, { version: 1, document: document([start]) })),
    );
    expect(answers.map(({ status }) => status).sort()).toEqual([200, ...Array(7).fill(409)]);
    const winner = starts[answers.findIndex(({ status }) => status === 200)];
    expect((await settings(timerId)).body).toMatchObject({
      version: 2,
      document: { programs: [{ starts: [winner] }] },
    });
  });

  it('refuses a document with faults whole, all of them named', async () => {
    const timerId = await addTimer();
    const faulty = { ...document(['24:30']), colour: 'green' };
    const { body } = await save(timerId, { version: 1, document: faulty }).expect(422);
    expect((body as { errors: { path: string }[] }).errors.map(({ path }) => path)).toEqual([
      'document.programs[0].starts[0]',
      'document.colour',
    ]);
    expect((await settings(timerId)).body).toMatchObject({ version: 1 });
  });

  it('refuses a body without version or document, both named', async () => {
    const timerId = await addTimer();
    const { body } = await save(timerId, { reason: 'left' }).expect(422);
    expect((body as { errors: unknown }).errors).toEqual(
      expect.arrayContaining([
        { path: 'version', message: 'is required' },
        { path: 'document', message: 'is required' },
        { path: 'reason', message: 'property reason should not exist' },
      ]),
    );
  });

  it('answers text that is no JSON with a problem document', async () => {
    const timerId = await addTimer();
    const { body, headers } = await http()
      .put(`/api/timers/${timerId}/settings`)
      .set('content-type', 'application/json')
      .send('{"version": 1,')
      .expect(400);
    expect(headers['content-type']).toContain('application/problem+json');
    expect(body).toMatchObject({ status: 400, title: 'Bad request' });
  });
});

describe('the list of timers', () => {
  it('tells for each what fourteen nights from a date bring', async () => {
    const timerId = await addTimer(document(['04:00', '04:10']));
    const { body } = await http().get('/api/timers?from=2026-06-03').expect(200);
    const own = (body as { id: string }[]).find(({ id }) => id === timerId);
    expect(own).toMatchObject({
      name: 'Garage timer',
      kind: 'Wall timer',
      stations: 1,
      programs: ['A'],
      property: { name: 'Plum cottage' },
      outlook: { collisions: 4, firstCollision: '2026-06-08T04:10:00', runs: 8 },
    });
  });

  it('asks for a date of the calendar', async () => {
    const { body } = await http().get('/api/timers?from=2026-02-30').expect(422);
    expect((body as { errors: { path: string }[] }).errors[0]?.path).toBe('from');
  });
});

describe('another firm', () => {
  it("does not lend its property to this firm's timer, not even in the database", async () => {
    const [{ id: firmId }] = (await server.source.query(
      `INSERT INTO firms (name) VALUES ('Other firm') RETURNING id`,
    )) as [{ id: string }];
    const propertyId = await addProperty();
    await expect(
      server.source.query('INSERT INTO timers (firm_id, property_id, name) VALUES ($1, $2, $3)', [
        firmId,
        propertyId,
        'Stray',
      ]),
    ).rejects.toThrow(/timers_property/);
    await server.source.query('DELETE FROM firms WHERE id = $1', [firmId]);
  });
});
