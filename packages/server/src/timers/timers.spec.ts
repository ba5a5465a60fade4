import { parseDate } from '@water-clock/core/civil-time';
import { rulesOfDate, type Plan } from '@water-clock/core/settings';
import { planDocument } from '../testing/documents.js';
import { startTestServer, type TestPerson, type TestServer } from '../testing/test-server.js';

let server: TestServer;
let person: TestPerson;
beforeAll(async () => {
  server = await startTestServer();
  person = await server.signIn();
});
afterAll(() => server.close());

const http = () => person.agent;
const document = planDocument;

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

const settings = (timerId: string) => http().get(`/api/timers/${timerId}/settings?on=2026-06-01`);
const save = (timerId: string, body: object) =>
  http().put(`/api/timers/${timerId}/settings?on=2026-06-01`).send(body);

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
      detail: '2 fields need fixing. Nothing was saved.',
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
  it('keeps each save as a copy, with who, why and when', async () => {
    const timerId = await addTimer();
    await save(timerId, { version: 1, name: 'Summer', document: document(['05:00']) }).expect(200);
    await save(timerId, { version: 2, document: document(['06:00']) }).expect(200);
    const { body } = await http().get(`/api/timers/${timerId}/copies`).expect(200);
    expect(body).toMatchObject([
      { number: 2, name: '', reason: 'planned', person: person.name, isInTimer: false },
      { number: 1, name: 'Summer', reason: 'planned' },
    ]);
    const { body: first } = await http().get(`/api/copies/${body[1].id}`).expect(200);
    expect(first).toMatchObject({
      timer: { id: timerId, property: { name: 'Plum cottage' } },
      document: { programs: [{ starts: ['05:00'] }] },
    });
  });

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

  it('takes a save that is sent twice for one, with one copy', async () => {
    const timerId = await addTimer();
    const sent = { version: 1, document: document(['05:00']) };
    for (let times = 0; times < 2; times++)
      expect((await save(timerId, sent).expect(200)).body).toMatchObject({ version: 2 });
    const { body: copies } = await person.agent.get(`/api/timers/${timerId}/copies`).expect(200);
    expect(copies).toHaveLength(1);
    // Somebody else who sends it did not save it.
    const other = await server.signIn('technician', person.firmId);
    await other.agent.put(`/api/timers/${timerId}/settings?on=2026-06-01`).send(sent).expect(409);
    await save(timerId, { ...sent, version: 2, document: document(['06:00']) }).expect(200);
    await save(timerId, sent).expect(409);
  });

  it('is held by the office too, which changes nothing else; each hold is a copy', async () => {
    const timerId = await addTimer();
    const office = await server.signIn('office', person.firmId);
    const hold = (body: object) =>
      office.agent.put(`/api/timers/${timerId}/holds?on=2026-06-01`).send(body);
    const holds = [{ from: '2026-06-01T09:00:00', to: '2026-06-04T09:00:00' }];
    const before = (await settings(timerId)).body.document;
    const { body } = await hold({ version: 1, holds }).expect(200);
    expect(body).toMatchObject({ version: 2, savedBy: office.name });
    expect(body.document).toEqual({
      ...before,
      controller: { ...before.controller, pauses: holds },
    });
    await hold({ version: 1, holds: [] }).expect(409);
    await hold({ version: 2, holds: [] }).expect(200);
    expect((await settings(timerId)).body.document).toEqual(before);
    const { body: copies } = await person.agent.get(`/api/timers/${timerId}/copies`).expect(200);
    expect(copies).toMatchObject([{ person: office.name }, { person: office.name }]);
  });

  it('refuses a hold that ends before it begins, at its place', async () => {
    const timerId = await addTimer();
    const holds = [
      { from: '2026-06-04T09:00:00', to: '2026-06-01T09:00:00' },
      { from: 'soon', to: '2026-06-01T09:00:00' },
    ];
    const { body } = await http()
      .put(`/api/timers/${timerId}/holds?on=2026-06-01`)
      .send({ version: 1, holds })
      .expect(422);
    expect(body.errors.map(({ path }: { path: string }) => path)).toEqual([
      'holds[0].to',
      'holds[1].from',
    ]);
    expect((await settings(timerId)).body.version).toBe(1);
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
        { path: 'reason', message: 'is not a known field' },
      ]),
    );
  });

  it('answers text that is no JSON with a problem document', async () => {
    const timerId = await addTimer();
    const { body, headers } = await http()
      .put(`/api/timers/${timerId}/settings?on=2026-06-01`)
      .set('content-type', 'application/json')
      .send('{"version": 1,')
      .expect(400);
    expect(headers['content-type']).toContain('application/problem+json');
    expect(body).toMatchObject({ status: 400, title: 'Bad request' });
  });
});

describe('the yard', () => {
  const yardOf = (timerId: string) => http().get(`/api/timers/${timerId}/yard`);
  const saveYard = (timerId: string, body: object) =>
    http().put(`/api/timers/${timerId}/yard`).send(body);
  const two = (first: object = {}, second: object = {}) => ({
    format: 'waterclock.yard/1',
    stations: [
      { number: 1, name: 'Kerb strip', ...first },
      { number: 2, name: 'Hedge', head: 'drip', ...second },
    ],
  });

  it('begins with the stations of the settings', async () => {
    const timerId = await addTimer();
    expect((await yardOf(timerId).expect(200)).body).toMatchObject({
      version: 1,
      savedBy: person.name,
      document: { stations: [{ number: 1, name: 'Kerb strip', enabled: true }] },
    });
  });

  it('changes what the settings say of its stations, and their run times stay', async () => {
    const timerId = await addTimer();
    const yard = two({ head: 'spray', soil: 'loam', flowLpm: 20 });
    await saveYard(timerId, { version: 1, document: yard }).expect(200);
    const { body } = await settings(timerId);
    expect(body).toMatchObject({
      version: 2,
      document: {
        stations: [
          { number: 1, head: 'spray', flowLpm: 20 },
          { number: 2, name: 'Hedge', head: 'drip' },
        ],
        programs: [{ runs: [{ station: 1, seconds: 1800 }] }],
      },
    });
    expect(body.document.stations[0]).not.toHaveProperty('soil');
  });

  it('takes in what the settings change of its stations, and keeps what only it knows', async () => {
    const timerId = await addTimer();
    await saveYard(timerId, { version: 1, document: two({ soil: 'loam' }) }).expect(200);
    const stations = [{ number: 1, name: 'Verge' }, { number: 2, name: 'Hedge' }, { number: 3 }];
    await save(timerId, { version: 2, document: planDocument(['04:00'], { stations }) }).expect(
      200,
    );
    expect((await yardOf(timerId)).body).toMatchObject({
      version: 3,
      document: { stations: [{ name: 'Verge', soil: 'loam' }, { name: 'Hedge' }, { number: 3 }] },
    });
  });

  it('lets a station follow another in the settings, whatever is sent for it', async () => {
    const timerId = await addTimer();
    await saveYard(timerId, { version: 1, document: two({}, { follows: 1 }) }).expect(200);
    const runsOf = async () => (await settings(timerId)).body.document.programs[0].runs;
    expect(await runsOf()).toEqual([
      { station: 1, seconds: 1800 },
      { station: 2, seconds: 1800 },
    ]);
    const document = planDocument(['04:00'], { stations: [{ number: 1 }, { number: 2 }] });
    document.programs[0]!.runs = [
      { station: 1, seconds: 600 },
      { station: 2, seconds: 60 },
    ];
    await save(timerId, { version: 2, document }).expect(200);
    expect(await runsOf()).toEqual([
      { station: 1, seconds: 600 },
      { station: 2, seconds: 600 },
    ]);
  });

  it('of two people who save it the second is told, and overwrites nothing', async () => {
    const timerId = await addTimer();
    await saveYard(timerId, { version: 1, document: two({ soil: 'clay' }) }).expect(200);
    await saveYard(timerId, { version: 1, document: two({ soil: 'sand' }) }).expect(409);
    expect((await yardOf(timerId)).body.document.stations[0].soil).toBe('clay');
  });

  it('saved at the same moment as the settings loses nothing of what either acknowledged', async () => {
    const timerId = await addTimer();
    for (let round = 1; round <= 25; round++) {
      const [yard, plan] = await Promise.all([yardOf(timerId), settings(timerId)]);
      const start = `0${round % 10}:${10 + round}`;
      const notes = `Round ${round}`;
      const stations = [{ ...yard.body.document.stations[0], notes }];
      const document = planDocument([start], { stations: [{ number: 1, name: `Name ${round}` }] });
      const [savedYard, savedPlan] = await Promise.all([
        saveYard(timerId, {
          version: yard.body.version,
          document: { format: 'waterclock.yard/1', stations },
        }),
        save(timerId, { version: plan.body.version, document }),
      ]);
      expect([200, 409]).toContain(savedYard.status);
      expect([200, 409]).toContain(savedPlan.status);
      const [yardNow, planNow] = await Promise.all([yardOf(timerId), settings(timerId)]);
      if (savedYard.status === 200) expect(yardNow.body.document.stations[0].notes).toBe(notes);
      if (savedPlan.status === 200) {
        expect(planNow.body.document.programs[0].starts).toEqual([start]);
      }
      expect(yardNow.body.document.stations[0].name).toBe(planNow.body.document.stations[0].name);
    }
  });

  it('refuses all that is wrong with it at once', async () => {
    const timerId = await addTimer();
    const yard = two({ flowLpm: -1, areaSquareMetres: 0 }, { head: 'hose' });
    const { body } = await saveYard(timerId, { version: 1, document: yard }).expect(422);
    expect(body.errors.map(({ path }: { path: string }) => path)).toEqual([
      'document.stations[0].areaSquareMetres',
      'document.stations[0].flowLpm',
      'document.stations[1].head',
    ]);
  });
});

describe('a timer like one that comes with the product', () => {
  it('gives the firm that type once, however many begin from it, with how it is wired and used', async () => {
    const { body: home } = await http().post('/api/properties').send({ name: 'Fig house' });
    const add = () =>
      http()
        .post(`/api/properties/${home.id}/timers`)
        .send({ name: 'Cellar', document: document(), like: 'two-wire-64' });
    const answers = await Promise.all([add(), add(), add()]);
    expect(answers.map(({ status }) => status)).toEqual([201, 201, 201]);
    const ids = new Set(answers.map(({ body }) => body.timerTypeId));
    expect(ids.size).toBe(1);
    expect(answers[0].body.handling).toMatchObject({ wiring: 'two-wire' });
    const { body: types } = await http().get('/api/timer-types').expect(200);
    expect(types.filter(({ id }: { id: string }) => ids.has(id))).toMatchObject([
      { name: 'Two-wire timer, 64 stations', timers: 3 },
    ]);
    const { body: refused } = await http()
      .post(`/api/properties/${home.id}/timers`)
      .send({ name: 'Cellar', document: document(), like: 'no-such' })
      .expect(422);
    expect(refused.errors.map(({ path }: { path: string }) => path)).toEqual(['like']);
  });
});

describe('settings at a property', () => {
  it('have its supply, and the rules that hold there on the date', async () => {
    const rules = {
      format: 'waterclock.rules/1',
      district: 'Quillhaven',
      periods: [
        { from: '2026-05-01', houses: [{ houses: 'odd', weekdays: [2, 4] }] },
        { from: '2026-07-01', houses: [{ houses: 'odd', weekdays: [4] }] },
      ],
    };
    const { body: set } = await http().post('/api/rule-sets').send({ document: rules }).expect(201);
    const { body: home } = await http()
      .post('/api/properties')
      .send({
        name: 'Wren corner',
        address: '7 Sparrow Steps',
        supplyLpm: 40,
        mowingWeekdays: [6],
        isDryBeforeMowing: true,
        ruleSetId: set.id,
      })
      .expect(201);
    const { body: timer } = await http()
      .post(`/api/properties/${home.id}/timers`)
      .send({ name: 'Carport', document: document() })
      .expect(201);
    const on = async (date: string): Promise<Plan> =>
      (await http().get(`/api/timers/${timer.id}/settings?on=${date}`)).body.document;
    const june = await on('2026-06-01');
    expect(june).toMatchObject({
      name: 'Wren corner',
      site: { supplyLpm: 40 },
      rules: { mowingWeekdays: [5, 6], headroomPercent: 120 },
    });
    // Whichever date is asked about, the rules of every date are there.
    for (const { rules: inForce } of [june, await on('2026-11-20')]) {
      const weekdays = (date: string) => rulesOfDate(inForce, parseDate(date)!).weekdays;
      expect(weekdays('2026-06-01')).toEqual([2, 4]);
      expect(weekdays('2026-07-01')).toEqual([4]);
      expect(weekdays('2026-04-30')).toBeUndefined();
    }
    // They can be saved as they came.
    await http()
      .put(`/api/timers/${timer.id}/settings?on=2026-06-01`)
      .send({ version: 1, document: june })
      .expect(200);
  });
});

describe('another firm', () => {
  it("does not lend its property to this firm's timer, not even in the database", async () => {
    const [{ id: firmId }] = await server.source.query<[{ id: string }]>(
      `INSERT INTO firms (name) VALUES ('Other firm') RETURNING id`,
    );
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
