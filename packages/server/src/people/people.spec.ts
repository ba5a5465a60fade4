import request from 'supertest';
import { loadDemo } from '../demo/load-demo.js';
import { joined, SETUP_CODE, startTestServer, type TestServer } from '../testing/test-server.js';
import { COOKIE } from './signed-in.js';
import { passwordHash } from './passwords.js';

let server: TestServer;
beforeAll(async () => (server = await startTestServer()));
afterAll(() => server.close());

const anybody = () => request(server.app.getHttpServer());
const INES = { email: 'Ines@Quillhaven.example', password: 'correct horse battery' };

describe('a new installation', () => {
  it('is set up once, by its owner, who is signed in then', async () => {
    expect((await anybody().get('/api/welcome')).body).toEqual({
      needsSetup: true,
      demoPeople: [],
    });
    const fields = { firm: 'Quillhaven Care', name: 'Ines Marlow', code: SETUP_CODE, ...INES };
    const { body: refused } = await anybody()
      .post('/api/setup')
      .send({ ...fields, code: 'guessed' })
      .expect(422);
    expect(refused.errors).toMatchObject([{ path: 'code' }]);
    const { headers } = await anybody().post('/api/setup').send(fields).expect(204);
    const [cookie] = headers['set-cookie'] as unknown as string[];
    expect(cookie).toMatch(/; HttpOnly/);
    expect(cookie).toMatch(/; SameSite=Strict/);
    const { body } = await anybody().get('/api/session').set('Cookie', cookie!).expect(200);
    expect(body).toMatchObject({
      person: { name: 'Ines Marlow', role: 'owner', clock: '24' },
      firm: { name: 'Quillhaven Care', units: 'metric' },
    });
    expect((await anybody().get('/api/welcome')).body.needsSetup).toBe(false);
    await anybody()
      .post('/api/setup')
      .send({ ...fields, email: 'b@example.test' })
      .expect(403);
  });

  it('keeps no password, and of a session only the hash of its token', async () => {
    const [{ password_hash }] = await server.source.query('SELECT password_hash FROM accounts');
    expect(password_hash).toMatch(/^\$argon2id\$/);
    const { headers } = await anybody().post('/api/session').send(INES).expect(204);
    const token = /=([^;]+)/.exec(headers['set-cookie']![0]!)![1]!;
    const hashes = await server.source.query('SELECT token_hash FROM sessions');
    expect(JSON.stringify(hashes)).not.toContain(token);
  });
});

describe('signing in', () => {
  it('needs the right password, and ends with signing out', async () => {
    await anybody()
      .post('/api/session')
      .send({ ...INES, password: 'wrong' })
      .expect(401);
    const agent = request.agent(server.app.getHttpServer());
    await agent.post('/api/session').send(INES).expect(204);
    const { headers } = await agent.get('/api/session').expect(200);
    expect(headers['content-type']).toContain('json');
    await agent.delete('/api/session').expect(204);
    await agent.get('/api/session').expect(401);
  });

  /** However long the machine takes for the next one, and for as long again. */
  const moveTries = (minutes: number) =>
    server.source.query(`UPDATE sign_in_tries SET tried_at = now() + $1 * interval '1 minute'`, [
      minutes,
    ]);

  it('does not tell whether an e-mail is known', async () => {
    const wrong = { password: 'wrong password' };
    const known = await anybody()
      .post('/api/session')
      .send({ ...INES, ...wrong });
    const other = await anybody()
      .post('/api/session')
      .send({ email: 'nobody@example.test', ...wrong });
    expect([other.status, other.body]).toEqual([known.status, known.body]);
  });

  it('is slowed after failures, for the right password too, and free again after a while', async () => {
    const { firmId } = await server.signIn();
    const owner = await server.signIn('owner', firmId);
    const fields = { name: 'Tobias', email: 'tobias@example.test', role: 'technician' };
    const password = 'a long enough one';
    await joined(server, owner, { ...fields, role: 'technician' }, password);
    const signIn = (typed: string) =>
      anybody().post('/api/session').send({ email: fields.email, password: typed });
    for (let tries = 0; tries < 4; tries++) await signIn('wrong').expect(401);
    await moveTries(10);
    const { body } = await signIn(password).expect(429);
    expect(body.detail).toMatch(/Try again in \d+ s/);
    await moveTries(-10);
    await signIn(password).expect(204);
    await signIn('wrong').expect(401);
  });

  it('lets no more tries through at the same moment than one after the other', async () => {
    const tries = Array.from({ length: 24 }, (_, index) =>
      anybody()
        .post('/api/session')
        .send({ email: 'raced@example.test', password: `wrong ${index}` })
        .then(({ status }) => status),
    );
    const statuses = await Promise.all(tries);
    expect(statuses.filter((status) => status === 401)).toHaveLength(4);
    expect(statuses.filter((status) => status === 429)).toHaveLength(20);
  });

  it('is slowed by where it comes from too, whatever e-mails are tried', async () => {
    await server.source.query('DELETE FROM sign_in_tries');
    const own = request.agent(server.app.getHttpServer());
    await own.post('/api/session').send(INES).expect(204);
    await server.source.query(
      `INSERT INTO sign_in_tries (key)
       SELECT key FROM unnest(ARRAY['address ::ffff:127.0.0.1', 'address 127.0.0.1', 'address ::1']) key,
         generate_series(1, 30)`,
    );
    const { headers } = await anybody().post('/api/session').send(INES).expect(429);
    await own.post('/api/session').send(INES).expect(204);
    expect(Number(headers['retry-after'])).toBeGreaterThan(0);
    await server.source.query('DELETE FROM sign_in_tries');
  });

  it('is not slowed on a device that is known, by what strangers try', async () => {
    const own = request.agent(server.app.getHttpServer());
    await own.post('/api/session').send(INES).expect(204);
    await own.delete('/api/session').expect(204);
    const wrong = { ...INES, password: 'a stranger guesses' };
    for (let tries = 0; tries < 4; tries++)
      await anybody().post('/api/session').send(wrong).expect(401);
    await moveTries(10);
    await anybody().post('/api/session').send(INES).expect(429);
    await own.post('/api/session').send(INES).expect(204);
    // The device has tries of its own, and they come to an end too.
    for (let tries = 0; tries < 4; tries++) await own.post('/api/session').send(wrong).expect(401);
    await moveTries(10);
    await own.post('/api/session').send(INES).expect(429);
    await server.source.query('DELETE FROM sign_in_tries');
  });

  it('reads little from who is not signed in', async () => {
    const long = { ...INES, more: 'x'.repeat(5000) };
    await anybody().post('/api/session').send(long).expect(413);
    await anybody().post('/api/setup').send(long).expect(413);
  });

  it('is over when its time has run out', async () => {
    const { agent } = await server.signIn();
    await agent.get('/api/session').expect(200);
    await server.source.query(`UPDATE sessions SET expires_at = now() - interval '1 second'`);
    await agent.get('/api/session').expect(401);
    await anybody().get('/api/session').set('Cookie', `${COOKIE}=made-up`).expect(401);
  });
});

describe('people and their firm', () => {
  it('an owner sets the units; each person has a clock', async () => {
    const owner = await server.signIn('owner');
    await owner.agent.patch('/api/firm').send({ units: 'us' }).expect(200);
    await owner.agent.patch('/api/session').send({ clock: '12' }).expect(200);
    expect((await owner.agent.get('/api/session')).body).toMatchObject({
      person: { clock: '12' },
      firm: { units: 'us', name: 'A firm' },
    });
  });

  it('all faults of a new person are told at once', async () => {
    const owner = await server.signIn('owner');
    const { body } = await owner.agent
      .post('/api/people')
      .send({ name: '', email: 'x', role: 'king' })
      .expect(422);
    expect(body.errors.map(({ path }: { path: string }) => path).sort()).toEqual([
      'email',
      'name',
      'role',
    ]);
  });
});

describe('the demo', () => {
  it('lets in by a name alone, and only people of the demo', async () => {
    const demo = await startTestServer();
    try {
      const ask = () => request(demo.app.getHttpServer());
      await loadDemo(demo.source, { fresh: false, now: new Date() });
      const { body } = await ask().get('/api/welcome');
      expect(body.needsSetup).toBe(false);
      expect(body.demoPeople.map(({ role }: { role: string }) => role).sort()).toEqual([
        'office',
        'owner',
        'technician',
        'technician',
      ]);
      const [{ id: personId }] = body.demoPeople;
      const { headers } = await ask().post('/api/session/demo').send({ personId }).expect(204);
      await ask().get('/api/session').set('Cookie', headers['set-cookie']![0]!).expect(200);
      await demo.signIn();
      const [{ id: real }] = await demo.source.query(
        `SELECT id FROM people WHERE name LIKE 'Somebody%'`,
      );
      await ask().post('/api/session/demo').send({ personId: real }).expect(404);
    } finally {
      await demo.close();
    }
  });
});

it('passwords are hashed in turn, and who comes when too many wait is asked to come again', async () => {
  const all = await Promise.allSettled(
    Array.from({ length: 50 }, (_, index) => passwordHash(`password ${index}`)),
  );
  const refused = all.filter(({ status }) => status === 'rejected');
  expect(refused).toHaveLength(10);
  expect(refused[0]).toMatchObject({ reason: { status: 503, retryAfterSeconds: 5 } });
  await expect(passwordHash('later on')).resolves.toMatch(/^\$argon2id\$/);
});
