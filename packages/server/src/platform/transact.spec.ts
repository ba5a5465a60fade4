import { planDocument } from '../testing/documents.js';
import { startTestServer, type TestPerson, type TestServer } from '../testing/test-server.js';
import { isMeeting, transact } from './transact.js';

let server: TestServer;
let person: TestPerson;
beforeAll(async () => {
  server = await startTestServer();
  person = await server.signIn();
});
afterAll(() => server.close());

const addHome = async (name: string): Promise<string> =>
  (await person.agent.post('/api/properties').send({ name }).expect(201)).body.id;

/** A transaction that renames two homes, the second once the other transaction holds it. */
function renaming(name: string, first: string, second: string, meet: () => Promise<unknown>) {
  let begun = 0;
  const done = transact(server.source, async (manager) => {
    const rename = (id: string) =>
      manager.query('UPDATE properties SET name = $1 WHERE id = $2', [name, id]);
    await rename(first);
    if (++begun === 1) await meet();
    await rename(second);
    return begun;
  });
  return done;
}

it('does a transaction again that met another in a deadlock', async () => {
  const [plum, wren] = [await addHome('Plum'), await addHome('Wren')];
  let arrived = 0;
  let open: (() => void) | undefined;
  const both = new Promise<void>((resolve) => (open = resolve));
  const meet = () => {
    if (++arrived === 2) open!();
    return both;
  };
  const begun = await Promise.all([
    renaming('one', plum, wren, meet),
    renaming('other', wren, plum, meet),
  ]);
  expect([...begun].sort()).toEqual([1, 2]);
  const names = await server.source.query(
    'SELECT DISTINCT name FROM properties WHERE id = ANY($1)',
    [[plum, wren]],
  );
  expect(names).toHaveLength(1);
});

it('gives up after five times, and says when to come again; what failed otherwise is not done again', async () => {
  let begun = 0;
  const always = transact(server.source, (manager) => {
    begun++;
    return manager.query("DO $$ BEGIN RAISE EXCEPTION SQLSTATE '40001'; END $$");
  });
  await expect(always).rejects.toMatchObject({ status: 503, retryAfterSeconds: 1 });
  expect(begun).toBe(5);
  begun = 0;
  const wrong = transact(server.source, (manager) => {
    begun++;
    return manager.query('SELECT 1 / 0');
  });
  await expect(wrong).rejects.toThrow('division by zero');
  expect([begun, isMeeting(new Error('40P01'))]).toEqual([1, false]);
});

it('a file that is brought in beside changes of its home and timer is never answered by an error of ours', async () => {
  const id = await addHome('Plum cottage');
  const { body: timer } = await person.agent
    .post(`/api/properties/${id}/timers`)
    .send({ name: 'Garage', document: planDocument() })
    .expect(201);
  const { body: file } = await person.agent.get(`/api/properties/${id}/file`).expect(200);
  const bring = (index: number) =>
    person.agent.post('/api/property-files').send({
      document: {
        ...file,
        property: { ...file.property, gateNotes: `note ${index}` },
        timers: file.timers.map((one: object) => ({ ...one, name: `Garage ${index}` })),
      },
    });
  const rename = (index: number) =>
    person.agent.patch(`/api/timers/${timer.id}`).send({ name: `Shed ${index}` });
  const answers = await Promise.all(
    Array.from({ length: 24 }, (_, index) => index).flatMap((index) => [
      bring(index).then(({ status }) => status),
      rename(index).then(({ status }) => status),
    ]),
  );
  expect(answers.filter((status) => status !== 200)).toEqual([]);
});
