import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { Secret, TOTP } from 'otpauth';
import request from 'supertest';
import { loadDemo } from '../demo/load-demo.js';
import {
  joined,
  startTestServer,
  type TestPerson,
  type TestServer,
} from '../testing/test-server.js';
import type { Role } from '../schema/person.entity.js';

let server: TestServer;
beforeAll(async () => (server = await startTestServer()));
afterEach(() => server.source.query('DELETE FROM sign_in_tries'));
afterAll(() => server.close());

const PASSWORD = 'plum walls at noon';
const OTHER = 'seven quiet gutters';
const anybody = () => request(server.app.getHttpServer());
const browser = () => request.agent(server.app.getHttpServer());
type Browser = ReturnType<typeof browser>;

let count = 0;
const someone = (role: Role = 'technician') => ({
  ...{ name: 'Tobias Fenn', email: `tobias.${++count}@example.test`, role },
});
const signIn = (fields: object, agent: Browser = browser()) =>
  agent.post('/api/session').send(fields);
const invite = async (owner: TestPerson, fields: object): Promise<string> =>
  (await owner.agent.post('/api/people').send(fields).expect(201)).body.token;
const use = (token: string, password: string, code?: string) =>
  browser().post(`/api/session/links/${token}`).send({ password, code });
/** Begins to set up an authenticator. */
const begin = (agent: Browser, password = PASSWORD) =>
  agent.post('/api/account/second-factor').send({ password });
const codeOf = (secret: string, steps = 0) =>
  new TOTP({ secret: Secret.fromBase32(secret) }).generate({
    timestamp: Date.now() + steps * 30_000,
  });
const idOf = async (owner: TestPerson, email: string): Promise<string> =>
  (await owner.agent.get('/api/people')).body.find((one: { email: string }) => one.email === email)
    .id;

describe('an invitation', () => {
  it('lets somebody join once, with a password of their own, and signs them in', async () => {
    const owner = await server.signIn('owner');
    const fields = someone();
    const token = await invite(owner, fields);
    const { body: before } = await owner.agent.get('/api/people').expect(200);
    expect(before).toContainEqual(expect.objectContaining({ ...fields, state: 'invited' }));
    expect((await anybody().get(`/api/session/links/${token}`).expect(200)).body).toMatchObject({
      ...{ kind: 'invite', firm: 'A firm', email: fields.email, hasPassword: false },
    });
    const own = browser();
    await own
      .post(`/api/session/links/${token}`)
      .send({ password: PASSWORD })
      .expect(200, { isSignedIn: true });
    expect((await own.get('/api/session')).body.person).toMatchObject({
      ...{ name: 'Tobias Fenn', state: 'active', role: 'technician' },
    });
    await use(token, PASSWORD).expect(404);
    await signIn({ email: fields.email, password: PASSWORD }).expect(204);
  });

  it('is written to whom it is for', async () => {
    const owner = await server.signIn('owner');
    const fields = someone();
    const token = await invite(owner, fields);
    const names = await readdir(server.mailFolder);
    const mails = await Promise.all(
      names.map((name) => readFile(join(server.mailFolder, name), 'utf8')),
    );
    expect(mails.filter((text) => text.includes(fields.email))).toEqual([
      expect.stringContaining(`http://water-clock.test/join/${token}`),
    ]);
    // Outside the demo nobody reads the mail of others.
    await owner.agent.get('/api/outbox').expect(404);
  });

  it('keeps of its link only the hash, and leads nowhere once it is old, or there is a newer one', async () => {
    const owner = await server.signIn('owner');
    const fields = someone();
    const token = await invite(owner, fields);
    const rows = await server.source.query('SELECT * FROM account_links');
    expect(JSON.stringify(rows)).not.toContain(token);
    const id = await idOf(owner, fields.email);
    const { body } = await owner.agent.post(`/api/people/${id}/link`).expect(201);
    expect(body.kind).toBe('invite');
    await use(token, PASSWORD).expect(404);
    await server.source.query(`UPDATE account_links SET expires_at = now() - interval '1 second'`);
    await use(body.token, PASSWORD).expect(404);
    expect((await owner.agent.post('/api/people').send(fields).expect(422)).body.errors).toEqual([
      { path: 'email', message: 'is of somebody who works here already' },
    ]);
  });

  it('of somebody who has an account asks for the password that they know', async () => {
    const [one, two] = [await server.signIn('owner'), await server.signIn('owner')];
    const fields = someone();
    const agent = await joined(server, one, fields, PASSWORD);
    // The answer to whoever invites is the same, known or not.
    const { body: known } = await two.agent.post('/api/people').send(fields).expect(201);
    const { body: fresh } = await two.agent.post('/api/people').send(someone()).expect(201);
    const shape = (answer: { person: object }) => [Object.keys(answer), Object.keys(answer.person)];
    expect(shape(known)).toEqual(shape(fresh));
    expect(known.person).toMatchObject({ state: 'invited', hasSecondFactor: false });

    await use(known.token, OTHER).expect(401);
    await use(known.token, PASSWORD).expect(200, { isSignedIn: false });
    await signIn({ email: fields.email, password: PASSWORD }, agent).expect(204);
    const { body: session } = await agent.get('/api/session').expect(200);
    expect(session.firms).toHaveLength(2);
    const other = session.firms.find(
      ({ personId }: { personId: string }) => personId !== session.person.id,
    );
    await agent.put('/api/session/firm').send({ personId: other.personId }).expect(204);
    const { body: after } = await agent.get('/api/session').expect(200);
    expect(after.person.id).toBe(other.personId);
    expect(after.firm.id).not.toBe(session.firm.id);
    await agent.put('/api/session/firm').send({ personId: known.person.id.replace(/^./, '0') });
    expect((await agent.get('/api/session')).body.person.id).toBe(other.personId);
  });
});

describe('a password', () => {
  it.each([
    ['short', 'must be at least 12 characters'],
    ['password1234', 'guessed first'],
    ['qwertyuiop123', 'guessed first'],
    ['aaaaaaaaaaaaaaaa', 'guessed first'],
  ])('that is %s is refused at its place', async (password, says) => {
    const token = await invite(await server.signIn('owner'), someone());
    const { body } = await use(token, password).expect(422);
    expect(body.errors).toEqual([{ path: 'password', message: expect.stringContaining(says) }]);
    // Nothing was used up.
    await use(token, PASSWORD).expect(200);
  });

  it('made of what anybody knows of a person is refused', async () => {
    const fields = someone();
    const token = await invite(await server.signIn('owner'), fields);
    await use(token, fields.email).expect(422);
    // Nor of what it is for.
    await use(token, 'waterclock12').expect(422);
  });

  it('is as strong as the server says, at the door too', async () => {
    const strength = async (password: string) =>
      (await anybody().post('/api/session/strength').send({ password }).expect(200)).body.strength;
    expect(await strength('password1234')).toBeLessThan(2);
    expect(await strength(PASSWORD)).toBeGreaterThanOrEqual(3);
  });

  it('is changed by whoever knows it, and ends every other session', async () => {
    const fields = someone();
    const own = await joined(server, await server.signIn('owner'), fields, PASSWORD);
    const phone = browser();
    await signIn({ email: fields.email, password: PASSWORD }, phone).expect(204);
    const change = (current: string) =>
      own.put('/api/account/password').send({ current, password: OTHER });
    const { body } = await change('guessed').expect(422);
    expect(body.errors).toEqual([{ path: 'current', message: 'is not your password' }]);
    await phone.get('/api/session').expect(200);
    await change(PASSWORD).expect(204);
    await own.get('/api/session').expect(200);
    await phone.get('/api/session').expect(401);
    await signIn({ email: fields.email, password: PASSWORD }).expect(401);
    await signIn({ email: fields.email, password: OTHER }).expect(204);
  });

  it('of old that is short still signs in', async () => {
    const fields = someone();
    const owner = await server.signIn('owner');
    await joined(server, owner, fields, PASSWORD);
    const { passwordHash } = await import('./passwords.js');
    await server.source.query('UPDATE accounts SET password_hash = $1 WHERE email = $2', [
      await passwordHash('tomato'),
      fields.email,
    ]);
    await signIn({ email: fields.email, password: 'tomato' }).expect(204);
  });

  it('is reset by a link of the owner, the authenticator is asked for all the same, and all sessions end', async () => {
    const owner = await server.signIn('owner');
    const fields = someone();
    const own = await joined(server, owner, fields, PASSWORD);
    const { body: secret } = await begin(own).expect(200);
    await own
      .put('/api/account/second-factor')
      .send({ code: codeOf(secret.secret) })
      .expect(200);
    const id = await idOf(owner, fields.email);
    const { body } = await owner.agent.post(`/api/people/${id}/link`).expect(201);
    expect(body.kind).toBe('reset');
    await own.get('/api/session').expect(200);
    const { body: wanted } = await use(body.token, OTHER).expect(401);
    expect(wanted.errors).toEqual([{ path: 'code', message: 'is wanted too' }]);
    await use(body.token, OTHER, '000000').expect(401);
    await signIn({ email: fields.email, password: OTHER }).expect(401);
    await use(body.token, OTHER, codeOf(secret.secret, 1)).expect(200, { isSignedIn: true });
    await own.get('/api/session').expect(401);
    const { body: still } = await signIn({ email: fields.email, password: OTHER }).expect(401);
    expect(still.errors).toEqual([{ path: 'code', message: 'is wanted too' }]);
  });

  it('of somebody who works for another firm too is not the owner’s to reset', async () => {
    const [one, two] = [await server.signIn('owner'), await server.signIn('owner')];
    const fields = someone();
    await joined(server, one, fields, PASSWORD);
    await use(await invite(two, fields), PASSWORD).expect(200);
    const id = await idOf(two, fields.email);
    await two.agent.post(`/api/people/${id}/link`).expect(403);
    await two.agent.delete(`/api/people/${id}`).expect(204);
    await one.agent.post(`/api/people/${await idOf(one, fields.email)}/link`).expect(201);
  });
});

it('a reset that was given out leads nowhere once its account belongs to another firm too', async () => {
  const [one, two] = [await server.signIn('owner'), await server.signIn('owner')];
  const fields = someone();
  await joined(server, one, fields, PASSWORD);
  const { body } = await one.agent
    .post(`/api/people/${await idOf(one, fields.email)}/link`)
    .expect(201);
  await use(await invite(two, fields), PASSWORD).expect(200);
  await use(body.token, OTHER).expect(404);
  await signIn({ email: fields.email, password: PASSWORD }).expect(204);
});

it('of two invitations that are used at once one sets the password, and the other none', async () => {
  const fields = someone();
  const tokens = [
    await invite(await server.signIn('owner'), fields),
    await invite(await server.signIn('owner'), fields),
  ];
  const answers = await Promise.all(
    tokens.map((token, index) => use(token, [PASSWORD, OTHER][index]!)),
  );
  const won = answers.findIndex(({ status }) => status === 200);
  expect(answers[1 - won]!.status).not.toBe(200);
  await signIn({ email: fields.email, password: [PASSWORD, OTHER][won] }).expect(204);
});

describe('an authenticator', () => {
  async function withSecondFactor() {
    const fields = someone();
    const own = await joined(server, await server.signIn('owner'), fields, PASSWORD);
    const { body } = await begin(own).expect(200);
    const secret = body.secret as string;
    const first = codeOf(secret);
    const { body: given } = await own
      .put('/api/account/second-factor')
      .send({ code: first })
      .expect(200);
    const email = fields.email;
    return {
      own,
      secret,
      first,
      codes: given.codes as string[],
      fields: { email, password: PASSWORD },
    };
  }

  it('asks for nothing before a code of it was given', async () => {
    const fields = someone();
    const own = await joined(server, await server.signIn('owner'), fields, PASSWORD);
    await begin(own).expect(200);
    await own.put('/api/account/second-factor').send({ code: '000000' }).expect(422);
    await own.put('/api/account/second-factor').send({ code: 'six' }).expect(422);
    await signIn({ email: fields.email, password: PASSWORD }).expect(204);
  });

  it('is asked for after the right password only, and no code opens twice', async () => {
    const { secret, first, fields } = await withSecondFactor();
    const { body: wrong } = await signIn({ ...fields, password: OTHER }).expect(401);
    expect(wrong.errors).toBeUndefined();
    const { body } = await signIn(fields).expect(401);
    expect(body.errors).toEqual([{ path: 'code', message: 'is wanted too' }]);
    // The one that it was confirmed by is used up.
    await signIn({ ...fields, code: first }).expect(401);
    const next = codeOf(secret, 1);
    await signIn({ ...fields, code: next }).expect(204);
    await signIn({ ...fields, code: next }).expect(401);
  });

  it('that is lost is made up for by recovery codes, each once', async () => {
    const { codes, fields, own } = await withSecondFactor();
    expect(new Set(codes).size).toBe(10);
    await signIn({ ...fields, code: codes[3]! }).expect(204);
    await signIn({ ...fields, code: codes[3]! }).expect(401);
    expect((await own.get('/api/account')).body).toMatchObject({ recoveryCodes: 9 });
    const kept = await server.source.query('SELECT code_hash FROM recovery_codes');
    expect(JSON.stringify(kept)).not.toContain(codes[4]!.replaceAll('-', ''));
  });

  it('is set up, and sessions are ended, by whoever knows the password', async () => {
    const fields = someone();
    const own = await joined(server, await server.signIn('owner'), fields, PASSWORD);
    const { body } = await begin(own, OTHER).expect(422);
    expect(body.errors).toEqual([{ path: 'password', message: 'is not your password' }]);
    await own.delete('/api/account/sessions').send({ password: OTHER }).expect(422);
    const { body: account } = await own.get('/api/account').expect(200);
    const path = `/api/account/sessions/${account.sessions[0].id}`;
    await own.delete(path).send({ password: OTHER }).expect(422);
    await own.get('/api/session').expect(200);
    await own.delete(path).send({ password: PASSWORD }).expect(204);
    await own.get('/api/session').expect(401);
  });

  it('that is lost with its codes is taken out by the owner, who is told so nobody else’s', async () => {
    const owner = await server.signIn('owner');
    const fields = someone();
    const own = await joined(server, owner, fields, PASSWORD);
    const { body } = await begin(own).expect(200);
    await own
      .put('/api/account/second-factor')
      .send({ code: codeOf(body.secret) })
      .expect(200);
    const takeOut = async ({ agent }: TestPerson, id: string) =>
      agent.delete(`/api/people/${id}/second-factor`);
    const id = await idOf(owner, fields.email);
    const stranger = await server.signIn('owner');
    expect((await takeOut(stranger, id)).status).toBe(404);
    const { body: session } = await owner.agent.get('/api/session');
    expect((await takeOut(owner, session.person.id)).status).toBe(403);
    expect((await takeOut(owner, id)).status).toBe(204);
    await own.get('/api/session').expect(401);
    await signIn({ email: fields.email, password: PASSWORD }).expect(204);
    await use(await invite(stranger, fields), PASSWORD).expect(200);
    expect((await takeOut(owner, id)).status).toBe(403);
  });

  it('is taken out by whoever knows the password', async () => {
    const { own, fields } = await withSecondFactor();
    const remove = (password: string) =>
      own.delete('/api/account/second-factor').send({ password });
    await remove(OTHER).expect(422);
    await remove(PASSWORD).expect(204);
    await signIn(fields).expect(204);
  });

  it('that the firm asks for is set up before anything else is open', async () => {
    const owner = await server.signIn('owner');
    const own = await joined(server, owner, someone(), PASSWORD);
    await own.get('/api/timer-types').expect(200);
    await owner.agent.patch('/api/firm').send({ wantsSecondFactor: true }).expect(200);
    await own.get('/api/timer-types').expect(403);
    expect((await own.get('/api/session').expect(200)).body.lacksSecondFactor).toBe(true);
    const { body } = await begin(own).expect(200);
    await own
      .put('/api/account/second-factor')
      .send({ code: codeOf(body.secret) })
      .expect(200);
    await own.get('/api/timer-types').expect(200);
  });
});

describe('the people of a firm', () => {
  it('change their roles, and are disabled, which signs them out', async () => {
    const owner = await server.signIn('owner');
    const fields = someone('office');
    const own = await joined(server, owner, fields, PASSWORD);
    const id = await idOf(owner, fields.email);
    const change = (sent: object) => owner.agent.patch(`/api/people/${id}`).send(sent);
    await own.post('/api/timer-types').send({ name: 'Ours', capability: {} }).expect(403);
    expect((await change({ role: 'technician' }).expect(200)).body.role).toBe('technician');
    await own.post('/api/timer-types').send({ name: 'Ours', capability: {} }).expect(201);
    expect((await change({ isDisabled: true }).expect(200)).body.state).toBe('disabled');
    await own.get('/api/session').expect(401);
    await signIn({ email: fields.email, password: PASSWORD }).expect(401);
    await change({ isDisabled: false }).expect(200);
    await signIn({ email: fields.email, password: PASSWORD }).expect(204);
  });

  it('who are removed leave their name on what they did, and take their account with them', async () => {
    const owner = await server.signIn('owner');
    const fields = someone();
    const own = await joined(server, owner, fields, PASSWORD);
    const { body: home } = await own.post('/api/properties').send({ name: 'Plum cottage' });
    const document = (await import('../testing/documents.js')).planDocument();
    const { body: timer } = await own
      .post(`/api/properties/${home.id}/timers`)
      .send({ name: 'Garage', document })
      .expect(201);
    const id = await idOf(owner, fields.email);
    await owner.agent.delete(`/api/people/${id}`).expect(204);
    await own.get('/api/session').expect(401);
    await signIn({ email: fields.email, password: PASSWORD }).expect(401);
    const { body: settings } = await owner.agent
      .get(`/api/timers/${timer.id}/settings?on=2026-06-01`)
      .expect(200);
    expect(settings.savedBy).toBe('Tobias Fenn');
    expect(
      await server.source.query('SELECT 1 FROM accounts WHERE email = $1', [fields.email]),
    ).toEqual([]);
    // They may be invited again.
    await use(await invite(owner, fields), OTHER).expect(200);
  });

  it('always have an owner who can sign in, however many go at once', async () => {
    const owner = await server.signIn('owner');
    const second = await server.signIn('owner', owner.firmId);
    const ids = await Promise.all(
      [owner, second].map(async ({ agent }) => (await agent.get('/api/session')).body.person.id),
    );
    const answers = await Promise.all([
      owner.agent.patch(`/api/people/${ids[0]}`).send({ role: 'office' }),
      second.agent.patch(`/api/people/${ids[1]}`).send({ role: 'office' }),
    ]);
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 409]);
    const left = answers[0].status === 200 ? second : owner;
    const leftId = left === owner ? ids[0] : ids[1];
    // Somebody who is only invited is no owner yet.
    await invite(left, someone('owner'));
    await left.agent.patch(`/api/people/${leftId}`).send({ isDisabled: true }).expect(409);
    await left.agent.delete(`/api/people/${leftId}`).expect(409);
    await left.agent.get('/api/session').expect(200);
  });
});

describe('sessions', () => {
  it('are listed and ended by whoever they are of, and by nobody else', async () => {
    const fields = someone();
    const own = await joined(server, await server.signIn('owner'), fields, PASSWORD);
    const phone = browser();
    await phone
      .post('/api/session')
      .set('User-Agent', 'A telephone')
      .send({ email: fields.email, password: PASSWORD })
      .expect(204);
    const listed = async () => (await own.get('/api/account').expect(200)).body.sessions;
    const sessions = await listed();
    expect(sessions).toHaveLength(2);
    const other = sessions.find(({ isThis }: { isThis: boolean }) => !isThis);
    expect(other.agent).toBe('A telephone');
    const stranger = await server.signIn();
    await stranger.agent
      .delete(`/api/account/sessions/${other.id}`)
      .send({ password: '' })
      .expect(404);
    await phone.get('/api/session').expect(200);
    await own.delete(`/api/account/sessions/${other.id}`).send({ password: PASSWORD }).expect(204);
    await phone.get('/api/session').expect(401);
    await signIn({ email: fields.email, password: PASSWORD }, phone).expect(204);
    await own.delete('/api/account/sessions').send({ password: PASSWORD }).expect(204);
    expect(await listed()).toHaveLength(1);
    await phone.get('/api/session').expect(401);
  });

  it('end when they are left alone for two weeks', async () => {
    const { agent } = await server.signIn();
    await agent.get('/api/session').expect(200);
    await server.source.query(`UPDATE sessions SET seen_at = now() - interval '13 days'`);
    await agent.get('/api/session').expect(200);
    const [{ fresh }] = await server.source.query(
      `SELECT bool_or(seen_at > now() - interval '1 minute') AS fresh FROM sessions`,
    );
    expect(fresh).toBe(true);
    await server.source.query(`UPDATE sessions SET seen_at = now() - interval '15 days'`);
    await agent.get('/api/session').expect(401);
  });
});

it('the demo shows the mail that it wrote to its owner', async () => {
  const demo = await startTestServer();
  try {
    await loadDemo(demo.source, { fresh: false, now: new Date() });
    const [{ id: firmId }] = await demo.source.query('SELECT id FROM firms');
    const owner = await demo.signIn('owner', firmId);
    const { body } = await owner.agent.post('/api/people').send(someone()).expect(201);
    const { body: mails } = await owner.agent.get('/api/outbox').expect(200);
    expect(mails).toMatchObject([{ to: body.person.email }]);
    expect(mails[0].text).toContain(body.token);
  } finally {
    await demo.close();
  }
});
