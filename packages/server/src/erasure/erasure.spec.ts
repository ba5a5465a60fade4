import { startTestServer, type TestPerson, type TestServer } from '../testing/test-server.js';
import { wholeHome } from '../testing/whole-home.js';

let server: TestServer;
let owner: TestPerson;
let ines: TestPerson;

const HOME = {
  name: 'Plum cottage',
  contactName: 'Odalys Fenn',
  contactPhone: '555 0142',
  contactEmail: 'odalys@fenn.example',
  gateNotes: 'Gate code 4417',
};

const post = async ({ agent }: TestPerson, path: string, body: object, status = 201) =>
  (await agent.post(path).send(body).expect(status)).body;

const home = () => wholeHome(ines, HOME);

/** Every text of every table in which words stand, by table. */
async function tablesWith(words: string): Promise<string[]> {
  const tables = await server.source.query<{ name: string }[]>(
    `SELECT table_name AS name FROM information_schema.tables WHERE table_schema = 'public' ORDER BY 1`,
  );
  const found: string[] = [];
  for (const { name } of tables) {
    const rows = await server.source.query<unknown[]>(
      `SELECT 1 FROM "${name}" t WHERE strpos(lower(t::text), lower($1)) > 0 LIMIT 1`,
      [words],
    );
    if (rows.length > 0) found.push(name);
  }
  return found;
}

beforeAll(async () => {
  server = await startTestServer();
  owner = await server.signIn('owner');
  ines = await server.signIn('technician', owner.firmId);
});
afterAll(() => server.close());

it('a property goes with all that is of it, and leaves only that somebody changed something', async () => {
  const { id, timerId } = await home();
  await post(owner, `/api/properties/${id}/erasure`, { name: HOME.name }, 409);
  await owner.agent.put(`/api/properties/${id}/archived`).send({ archived: true }).expect(200);
  const before = (await owner.agent.get(`/api/properties/${id}/erasure`).expect(200)).body;
  expect(before).toMatchObject({ timers: 1, visits: 1, sheets: 1, links: 1 });
  expect(before.copies).toBeGreaterThan(0);
  expect(before.changes).toBeGreaterThan(5);

  const { errors } = await post(owner, `/api/properties/${id}/erasure`, { name: 'Plum' }, 422);
  expect(errors).toEqual([{ path: 'name', message: 'is not the name of the property' }]);
  await post(ines, `/api/properties/${id}/erasure`, { name: HOME.name }, 403);
  expect(await tablesWith(HOME.contactName)).not.toEqual([]);

  await post(owner, `/api/properties/${id}/erasure`, { name: HOME.name }, 204);
  expect(await tablesWith('Plum cottage')).toEqual([]);
  expect(await tablesWith(HOME.contactName)).toEqual([]);
  expect(await tablesWith(HOME.gateNotes)).toEqual([]);
  expect(await tablesWith(timerId)).toEqual(['changes']);
  const { rows } = (await owner.agent.get(`/api/changes?propertyId=${id}`).expect(200)).body;
  expect(rows[0]).toMatchObject({ way: 'remove', kind: 'property', name: null, fields: null });
  expect(rows[0].person).toBe(owner.name);
  // What goes with a timer is not told piece by piece.
  expect(rows.filter(({ way }: { way: string }) => way === 'remove')).toHaveLength(2);
  await owner.agent.get(`/api/properties/${id}`).expect(404);
});

it('a contact goes, and the home stays with its timers and what was done there', async () => {
  const { id } = await home();
  const stored = (await owner.agent.get(`/api/properties/${id}`)).body;
  await owner.agent
    .put(`/api/properties/${id}`)
    .send({ ...HOME, gateNotes: 'Gate code 9920', version: stored.version })
    .expect(200);
  await owner.agent.post(`/api/properties/${id}/contact-erasure`).expect(204);
  // Digits alone would be in an id now and then.
  for (const words of [
    HOME.contactName,
    HOME.contactPhone,
    'odalys',
    HOME.gateNotes,
    'Gate code 9920',
    'Water on the path',
  ])
    expect(await tablesWith(words)).toEqual([]);
  const { body } = await ines.agent.get(`/api/properties/${id}`).expect(200);
  expect(body).toMatchObject({ name: HOME.name, contactName: '', gateNotes: '' });
  expect(body.version).toBeGreaterThan(stored.version);
  expect((await ines.agent.get(`/api/properties/${id}/timers?from=2026-06-01`)).body).toHaveLength(
    1,
  );
  // The search finds nobody by what was erased.
  const found = await ines.agent.get('/api/properties?q=odalys&from=2026-06-01').expect(200);
  expect(found.body.total).toBe(0);
});

it('the name of somebody who left goes from all that they did, which stays', async () => {
  const { id, timerId } = await home();
  const [person] = await server.source.query<{ id: string }[]>(
    'SELECT id FROM people WHERE name = $1',
    [ines.name],
  );
  await server.source.query(
    'INSERT INTO practice_runs (firm_id, person_id, difficulty, seed) VALUES ($1, $2, 1, 1)',
    [owner.firmId, person!.id],
  );
  const path = `/api/former-people/${person!.id}/erasure`;
  await post(owner, path, { name: ines.name }, 404);
  await owner.agent.delete(`/api/people/${person!.id}`).expect(204);
  const { body: former } = await owner.agent.get('/api/former-people').expect(200);
  expect(former).toMatchObject([{ id: person!.id, name: ines.name, isShared: false }]);
  expect((await tablesWith(ines.name)).length).toBeGreaterThan(7);
  await post(owner, path, { name: 'Somebody else' }, 422);
  await post(owner, path, { name: ines.name }, 204);
  expect(await tablesWith(ines.name)).toEqual([]);
  expect(await tablesWith(person!.id)).not.toContain('practice_runs');
  expect((await owner.agent.get('/api/former-people').expect(200)).body).toEqual([]);
  const { body: visits } = await owner.agent.get(`/api/timers/${timerId}/visits`).expect(200);
  expect(visits).toHaveLength(1);
  const { rows } = (await owner.agent.get(`/api/changes?propertyId=${id}`).expect(200)).body;
  expect(rows.length).toBeGreaterThan(3);
  // What is theirs has no name any more; that the name went out of the yard, and out of what the household told, is the
  // owner's doing; what was told nobody of the firm did.
  const others = rows.filter(({ person: who }: { person: string }) => who !== 'Somebody');
  expect(others).toMatchObject([
    { person: owner.name, kind: 'yard', way: 'change' },
    { person: owner.name, kind: 'telling', way: 'change' },
    { person: null, kind: 'telling', way: 'add' },
  ]);
});

it('a copy and an entry lose a name, and nothing else of them changes', async () => {
  const agent = await server.signIn('technician', owner.firmId);
  ines = agent;
  await home();
  const change = (table: string, set: string) => server.source.query(`UPDATE ${table} SET ${set}`);
  for (const set of [`person_name = 'Another'`, `person_name = '', document = '{}'`])
    await expect(change('visit_entries', set)).rejects.toThrow('what was observed does not change');
  await expect(change('copies', `person_name = 'Another'`)).rejects.toThrow(
    'a saved copy does not change',
  );
  await expect(change('visit_entries', `person_name = ''`)).resolves.toBeDefined();
});
