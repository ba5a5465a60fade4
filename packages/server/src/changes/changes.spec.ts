import { planDocument } from '../testing/documents.js';
import { startTestServer, type TestPerson, type TestServer } from '../testing/test-server.js';

let server: TestServer;
let owner: TestPerson;
let ines: TestPerson;
let homeId: string;
let timerId: string;

beforeAll(async () => {
  server = await startTestServer();
  owner = await server.signIn('owner');
  ines = await server.signIn('technician', owner.firmId);
  const post = async (path: string, body: object) =>
    (await ines.agent.post(path).send(body).expect(201)).body.id as string;
  homeId = await post('/api/properties', { name: 'Plum cottage', gateNotes: 'Ring twice' });
  timerId = await post(`/api/properties/${homeId}/timers`, {
    name: 'Garage',
    document: planDocument(['04:00']),
  });
});
afterAll(() => server.close());

interface Row {
  readonly id: number;
  readonly person: string | null;
  readonly way: string;
  readonly kind: string;
  readonly name: string | null;
  readonly fields: Record<string, [string | null, string | null]> | null;
}
const changes = async (query = `propertyId=${homeId}`, { agent } = ines): Promise<Row[]> =>
  (await agent.get(`/api/changes?${query}`).expect(200)).body.rows;

it('what is done to a property is noted, with who did it, what it was, and what it is', async () => {
  const stored = (await ines.agent.get(`/api/properties/${homeId}`)).body as { version: number };
  await ines.agent
    .put(`/api/properties/${homeId}`)
    .send({ name: 'Plum cottage', gateNotes: 'Ring three times', version: stored.version })
    .expect(200);
  await owner.agent
    .put(`/api/timers/${timerId}/settings?on=2026-06-01`)
    .send({ version: 1, document: planDocument(['05:00']) })
    .expect(200);
  const rows = await changes();
  expect(rows.map(({ way, kind, name, person }) => `${person}: ${way} ${kind} ${name}`)).toEqual([
    `${owner.name}: add copy Garage`,
    `${owner.name}: change settings Garage`,
    `${ines.name}: change property Plum cottage`,
    `${ines.name}: add yard Garage`,
    `${ines.name}: add settings Garage`,
    `${ines.name}: add timer Garage`,
    `${ines.name}: add property Plum cottage`,
  ]);
  expect(rows[2]!.fields).toEqual({ gate_notes: ['Ring twice', 'Ring three times'] });
  expect(rows[1]!.fields).toEqual({ document: [null, 'programs'] });
});

it('a change that was refused, or that changes nothing, leaves no trace', async () => {
  const before = await changes();
  await ines.agent
    .put(`/api/timers/${timerId}/settings?on=2026-06-01`)
    .send({ version: 1, document: planDocument(['06:00']) })
    .expect(409);
  await ines.agent.patch(`/api/timers/${timerId}`).send({ name: 'Garage' }).expect(200);
  expect(await changes()).toEqual(before);
});

it('is the same for every kind of row, whatever writes it', async () => {
  const { agent } = owner;
  const rules = { format: 'waterclock.rules/1', district: 'Quillhaven', periods: [] };
  const { body: set } = await agent.post('/api/rule-sets').send({ document: rules }).expect(201);
  const document = { ...rules, district: 'Upper Quillhaven' };
  await agent.put(`/api/rule-sets/${set.id}`).send({ version: 1, document }).expect(200);
  await agent.delete(`/api/rule-sets/${set.id}`).expect(204);
  await agent.patch('/api/firm').send({ phone: '555 0177' }).expect(200);
  await agent.put(`/api/properties/${homeId}/archived`).send({ archived: true }).expect(200);
  const rows = await changes('', owner);
  expect(rows.slice(0, 5).map(({ way, kind, person }) => `${person}: ${way} ${kind}`)).toEqual(
    ['change property', 'change firm', 'remove rules', 'change rules', 'add rules'].map(
      (what) => `${owner.name}: ${what}`,
    ),
  );
  expect(rows[1]!.fields).toEqual({ phone: ['', '555 0177'] });
});

it('is read by who works on the property, and of the whole firm by its owner', async () => {
  await ines.agent.get('/api/changes').expect(403);
  await ines.agent.get('/api/changes.csv').expect(403);
  const stranger = await server.signIn('owner');
  expect(await changes(`propertyId=${homeId}`, stranger)).toEqual([]);
  const of = async (query: string) => (await changes(query, owner)).map(({ kind }) => kind);
  expect(new Set(await of('kind=settings'))).toEqual(new Set(['settings']));
  const { body: people } = await owner.agent.get('/api/people');
  const { id } = people.find(({ name }: { name: string }) => name === ines.name);
  const own = await changes(`personId=${id}`, owner);
  expect(own.length).toBeGreaterThan(0);
  expect(new Set(own.map(({ person }) => person))).toEqual(new Set([ines.name]));
  const all = await changes('', owner);
  const older = await changes(`before=${all[2]!.id}`, owner);
  expect(older).toEqual(all.slice(3));
});

it('goes into a spreadsheet, where nothing of it is a formula', async () => {
  const { body: odd } = await ines.agent
    .post('/api/properties')
    .send({ name: '=HYPERLINK("http://odd.example")' })
    .expect(201);
  const { text, headers } = await ines.agent
    .get(`/api/changes.csv?propertyId=${odd.id}`)
    .expect(200);
  expect(headers['content-type']).toContain('text/csv');
  const [head, line] = text.split('\r\n');
  expect(head).toBe('at,person,did,what,name,fields');
  expect(line).toContain(`${ines.name},add,property,"'=HYPERLINK(""http://odd.example"")"`);
});

it('is rewritten by nobody; only what is personal in it may be emptied', async () => {
  const { source } = server;
  await expect(source.query('DELETE FROM changes')).rejects.toThrow('changes are kept');
  for (const set of [
    `kind = 'odd'`,
    `person_name = 'Somebody else'`,
    `fields = '{}'`,
    'person_id = NULL',
  ])
    await expect(source.query(`UPDATE changes SET ${set} WHERE kind = 'property'`)).rejects.toThrow(
      'changes are kept',
    );
  await source.query(`UPDATE changes SET name = NULL, fields = NULL WHERE kind = 'property'`);
  const kept = await changes(`propertyId=${homeId}&kind=property`);
  expect(kept.length).toBeGreaterThan(0);
  expect(kept.every(({ name, fields }) => name === null && fields === null)).toBe(true);
});

it('of a link is told who made it, how often it was opened, and who withdrew it', async () => {
  const sheet = {
    ...{ format: 'waterclock.sheet/1', madeOn: '2026-06-01', property: 'Plum cottage' },
    ...{ timer: 'Garage', firm: 'A firm' },
  };
  const { body: left } = await ines.agent
    .post(`/api/timers/${timerId}/sheets`)
    .send({ document: sheet })
    .expect(201);
  const { body: link } = await ines.agent.post(`/api/sheets/${left.id}/links`).send({ days: 30 });
  expect(link).toMatchObject({ madeBy: ines.name, opened: 0, lastOpenedAt: null });
  for (let times = 0; times < 3; times++)
    await ines.agent.get(`/api/shared/${link.token}`).expect(200);
  const { body: sheets } = await ines.agent.get(`/api/timers/${timerId}/sheets`).expect(200);
  expect(sheets[0].links[0]).toMatchObject({ opened: 3, lastOpenedAt: expect.any(String) });
  await owner.agent.delete(`/api/links/${link.id}`).expect(204);
  await ines.agent.get(`/api/shared/${link.token}`).expect(404);
  await owner.agent.delete(`/api/links/${link.id}`).expect(404);
  const rows = await changes(`propertyId=${homeId}&kind=link`);
  expect(rows.map(({ way, person }) => `${person} ${way}`)).toEqual([
    `${owner.name} change`,
    `${ines.name} add`,
  ]);
  // By whom stands at the change itself.
  expect(Object.keys(rows[0]!.fields!)).toEqual(['withdrawn_at']);
});
