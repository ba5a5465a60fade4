import request from 'supertest';
import { startTestServer, type TestPerson, type TestServer } from '../testing/test-server.js';

let server: TestServer;
let person: TestPerson;
beforeAll(async () => {
  server = await startTestServer();
  person = await server.signIn('owner');
});
afterAll(() => server.close());

const anybody = () => request(server.app.getHttpServer());

it('asks for no TLS where there is none', async () => {
  const { headers } = await anybody().get('/api/welcome').expect(200);
  expect(headers['strict-transport-security']).toBeUndefined();
  expect(headers['content-security-policy']).toContain("default-src 'self'");
  expect(headers['content-security-policy']).not.toContain('upgrade-insecure-requests');
});

it.each(['/api/welcome', '/api/session', '/api/docs-json'])(
  'says of %s who may load what, and tells nobody from where one comes',
  async (path) => {
    const { headers } = await anybody().get(path).set('Origin', 'https://elsewhere.example');
    const policy = headers['content-security-policy'];
    for (const directive of [
      "default-src 'self'",
      "object-src 'none'",
      "base-uri 'none'",
      "frame-ancestors 'self'",
    ])
      expect(policy).toContain(directive);
    expect(policy).not.toMatch(/script-src[^;]*unsafe/);
    expect(headers['x-content-type-options']).toBe('nosniff');
    expect(headers['referrer-policy']).toBe('no-referrer');
    expect(headers['cross-origin-resource-policy']).toBe('same-origin');
    expect(headers['access-control-allow-origin']).toBeUndefined();
  },
);

it('no other window reaches into a page', async () => {
  const { headers } = await person.agent.get('/api/docs').expect(200);
  expect(headers['cross-origin-opener-policy']).toBe('same-origin');
  expect(headers['x-frame-options']).toBe('SAMEORIGIN');
  expect(headers['content-security-policy']).toContain("script-src 'self'");
});

it('answers say in what they are written', async () => {
  const { headers } = await anybody().get('/api/welcome').expect(200);
  expect(headers['content-type']).toBe('application/json; charset=utf-8');
});

it('lets nothing keep what is said of people, and nobody else keep the rest', async () => {
  const caching = async (path: string) =>
    (await person.agent.get(path).expect(200)).headers['cache-control'];
  for (const path of [
    ...['/api/session', '/api/people', '/api/properties?from=2026-06-01', '/api/former-people'],
    ...['/api/firm/keeping', '/api/firm/archive', '/api/changes', '/api/account'],
  ])
    expect([path, await caching(path)]).toEqual([path, 'no-store']);
  expect(await caching('/api/rule-sets')).toBe('private, no-cache');
});

it.each(['https://elsewhere.example', 'null', 'http://127.0.0.1:1'])(
  'refuses a write that a page of %s has made',
  async (origin) => {
    const change = { phone: '555 0177' };
    const { body } = await person.agent
      .patch('/api/firm')
      .set('Origin', origin)
      .send(change)
      .expect(403);
    expect(body.title).toBe('Not from here');
    await person.agent.get('/api/session').set('Origin', origin).expect(200);
    expect((await person.agent.get('/api/session')).body.firm.phone).toBe('');
  },
);

it('takes a write of its own pages', async () => {
  const own = { Host: 'water.example', Origin: 'https://water.example' };
  await person.agent.patch('/api/firm').set(own).send({ phone: '555 0177' }).expect(200);
});

it('describes the API to who is signed in, and in the demo to anybody', async () => {
  for (const path of ['/api/docs', '/api/docs-json', '/api/docs/'])
    expect([path, (await anybody().get(path)).status]).toEqual([path, 401]);
  await person.agent.get('/api/docs-json').expect(200);
  await server.source.query('UPDATE firms SET is_demo = true');
  await anybody().get('/api/docs-json').expect(200);
});
