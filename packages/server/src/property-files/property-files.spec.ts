import { randomUUID } from 'node:crypto';
import { loadDemo } from '../demo/load-demo.js';
import { planDocument } from '../testing/documents.js';
import { startTestServer, type TestPerson, type TestServer } from '../testing/test-server.js';

let server: TestServer;
let person: TestPerson;
beforeAll(async () => {
  server = await startTestServer();
  person = await server.signIn();
});
afterAll(() => server.close());

const RULES = { format: 'waterclock.rules/1', district: 'Quillhaven', periods: [] };

async function addHome(): Promise<{ id: string }> {
  const { agent } = person;
  const { body: rules } = await agent.post('/api/rule-sets').send({ document: RULES });
  const { body: home } = await agent
    .post('/api/properties')
    .send({ name: 'Plum cottage', town: 'Quillhaven', supplyLpm: 40, ruleSetId: rules.id });
  const { body: timer } = await agent
    .post(`/api/properties/${home.id}/timers`)
    .send({ name: 'Garage', document: planDocument() });
  const copies = `/api/timers/${timer.id}/copies`;
  await agent.post(copies).send({ reason: 'as-found', document: planDocument(['03:00']) });
  await agent.post(copies).send({ reason: 'left', name: 'June', document: planDocument() });
  return { id: home.id };
}

const fileOf = async (who: TestPerson, id: string) =>
  (await who.agent.get(`/api/properties/${id}/file`).expect(200)).body;
const preview = async (who: TestPerson, document: object) =>
  (await who.agent.post('/api/property-files/preview').send({ document }).expect(200)).body;
const bringIn = async (who: TestPerson, document: object) =>
  (await who.agent.post('/api/property-files').send({ document }).expect(200)).body;

it('hold a whole property, and bring it whole to another firm', async () => {
  const { id } = await addHome();
  const file = await fileOf(person, id);
  expect(file).toMatchObject({
    format: 'waterclock.property/2',
    property: { name: 'Plum cottage', supplyLpm: 40 },
    rules: { district: 'Quillhaven' },
    timers: [
      {
        name: 'Garage',
        copyInTimer: 2,
        copies: [{ reason: 'as-found' }, { reason: 'left', name: 'June' }],
      },
    ],
  });

  const other = await server.signIn();
  const looked = await preview(other, file);
  expect(looked.changes.map(({ what }: { what: string }) => what)).toEqual([
    'Rules of Quillhaven',
    'Property "Plum cottage"',
    'Timer "Garage"',
    '2 saved copies of Garage',
  ]);
  expect((await other.agent.get('/api/properties?from=2026-06-01')).body.total).toBe(0);
  const { propertyId, changes } = await bringIn(other, file);
  expect(changes).toEqual(looked.changes);
  const again = await fileOf(other, propertyId);
  // The first firm's rows have the file's ids; the second firm's get their own.
  expect({ ...again, id, timers: [{ ...again.timers[0], id: file.timers[0].id }] }).toEqual(file);
});

it('hold the visits of a home with their jobs, once, and refuse what is no entry or no job', async () => {
  const { id } = await addHome();
  const { agent } = person;
  const timerId = (await fileOf(person, id)).timers[0].id as string;
  const { body: visit } = await agent.post(`/api/timers/${timerId}/visits`).send({});
  const entry = (document: object, seen: number) =>
    agent.post(`/api/visits/${visit.id}/entries`).send({
      ...{ id: randomUUID(), seen, observedAt: '2026-06-01T10:00:00Z', document },
    });
  await entry({ kind: 'station', station: 1, faults: ['leak'], note: 'at the valve' }, 0);
  await entry({ kind: 'hardware', code: 'common-open', stations: [1, 2], isFound: true }, 1);
  await agent.patch(`/api/visits/${visit.id}`).send({ isEnded: true }).expect(200);
  const [job] = (await agent.get(`/api/properties/${id}/jobs`)).body;
  await agent.patch(`/api/jobs/${job.id}`).send({ isDone: true }).expect(200);
  const file = await fileOf(person, id);
  expect(file.timers[0].visits).toMatchObject([
    {
      ...{ startedBy: person.name, endedBy: person.name },
      entries: [
        { number: 1, document: { faults: ['leak'] } },
        { number: 2, seen: 1 },
      ],
      jobs: expect.arrayContaining([
        expect.objectContaining({ station: 1, fault: 'leak', note: 'at the valve' }),
        expect.objectContaining({ stations: [1, 2], fault: 'common-open' }),
      ]),
    },
  ]);

  const other = await server.signIn();
  const { propertyId, changes } = await bringIn(other, file);
  expect(changes.map(({ what }: { what: string }) => what)).toContain('1 visit to Garage');
  const again = await fileOf(other, propertyId);
  expect(again.timers[0].visits).toEqual(file.timers[0].visits);
  expect(again.timers[0].copies).toEqual(file.timers[0].copies);
  // Once more it adds nothing.
  expect((await preview(other, { ...file, id: propertyId, timers: again.timers })).changes).toEqual(
    [],
  );
  // A visit of more entries than one statement takes comes in whole.
  const long = structuredClone(again);
  const [first] = long.timers[0].visits[0].entries;
  long.timers[0].visits[0].startedAt = '2026-05-01T10:00:00.000Z';
  long.timers[0].visits[0].entries = Array.from({ length: 8000 }, (_, at) => ({
    ...first,
    ...{ number: at + 1, seen: at },
  }));
  const whole = await bringIn(other, long);
  expect(whole.changes).toHaveLength(1);
  const [longest] = (await fileOf(other, propertyId)).timers[0].visits;
  expect(longest.entries).toHaveLength(8000);
  const [{ entries, jobs }] = structuredClone(file.timers[0].visits);
  const bad = structuredClone(file);
  bad.timers[0].visits[0].entries = [{ ...entries[0], document: { kind: 'dance' } }];
  bad.timers[0].visits[0].jobs = [
    { ...jobs[0], fault: 'rust' },
    { ...jobs[0], station: undefined, fault: 'leak' },
  ];
  const refused = await other.agent.post('/api/property-files').send({ document: bad }).expect(422);
  const visits = 'document.timers[0].visits[0]';
  expect(refused.body.errors.map(({ path }: { path: string }) => path)).toEqual([
    `${visits}.entries[0].document.kind`,
    `${visits}.jobs[0].fault`,
    `${visits}.jobs[1].station`,
  ]);
});

it('say what would change, and change just that', async () => {
  const { id } = await addHome();
  const file = await fileOf(person, id);
  expect((await preview(person, file)).changes).toEqual([]);
  // What earlier versions wrote is read as well.
  const [{ photos: _photos, ...timer }, ...more] = file.timers;
  const first = { ...file, format: 'waterclock.property/1', timers: [timer, ...more] };
  expect((await preview(person, first)).changes).toEqual([]);
  file.property.gateNotes = 'Code 2804';
  file.timers[0].settings = planDocument(['04:00', '21:45']);
  file.timers[0].copies.push({
    number: 3,
    reason: 'left',
    madeAt: '2026-06-01T10:00:00Z',
    document: planDocument(['21:45']),
  });
  const { changes } = await preview(person, file);
  expect(changes).toEqual([
    {
      does: 'change',
      what: 'Property "Plum cottage"',
      details: ['Notes for the gate: nothing becomes "Code 2804".'],
    },
    { does: 'change', what: 'Timer "Garage"', details: ['Program A now also starts at 21:45.'] },
    { does: 'add', what: '1 saved copy of Garage', details: [] },
  ]);
});

it('with faults are refused whole, all of them named by their paths', async () => {
  const { id } = await addHome();
  const file = await fileOf(person, id);
  file.property.name = '';
  file.timers[0].settings.stations = [{ number: 0 }];
  file.timers[0].copies[1].document = 7;
  file.timers[0].copyInTimer = 9;
  file.rules.periods = [{ from: 'soon' }];
  const { body } = await person.agent.post('/api/property-files').send({ document: file });
  expect(body.errors.map(({ path }: { path: string }) => path).sort()).toEqual([
    'document.property.name',
    'document.rules.periods[0].from',
    'document.timers[0].copies[1].document',
    'document.timers[0].copyInTimer',
    'document.timers[0].settings.programs[0].runs[0].station',
    'document.timers[0].settings.stations[0].number',
  ]);
});

it('of every demo home come back as they went', async () => {
  const demo = await startTestServer();
  try {
    await loadDemo(demo.source, { fresh: false, now: new Date() });
    const [{ id: firmId }] = await demo.source.query('SELECT id FROM firms WHERE is_demo');
    const owner = await demo.signIn('owner', firmId);
    const other = await demo.signIn('owner');
    const { body } = await owner.agent.get('/api/properties?from=2026-06-01').expect(200);
    expect(body.rows.length).toBeGreaterThanOrEqual(6);
    for (const { id } of body.rows as { id: string }[]) {
      const file = await fileOf(owner, id);
      expect((await preview(owner, file)).changes).toEqual([]);
      const { propertyId } = await bringIn(other, file);
      expect((await preview(other, { ...file, id: propertyId })).changes).not.toContainEqual(
        expect.objectContaining({ does: 'change' }),
      );
    }
  } finally {
    await demo.close();
  }
});
