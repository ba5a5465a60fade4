import request from 'supertest';
import { startTestServer, type TestPerson, type TestServer } from '../testing/test-server.js';
import { CopyFields } from '../copies/copy.dto.js';
import { BriefFields } from '../planning/planned.dto.js';
import { refuseEndless } from './json-bounds.js';
import { validationPipe } from './validation.pipe.js';

let server: TestServer;
let person: TestPerson;
beforeAll(async () => {
  server = await startTestServer();
  person = await server.signIn('owner');
});
afterAll(() => server.close());

const raw = (method: 'post' | 'patch', path: string, body: string) =>
  person.agent[method](path).set('Content-Type', 'application/json').send(body);

const refusal = (text: string): unknown => {
  try {
    refuseEndless(Buffer.from(text));
    return null;
  } catch (error) {
    return (error as { errors: { message: string }[] }).errors[0]!.message;
  }
};

it('a field that a question names twice, and one that every object has, are bad input at their places', async () => {
  const twice = await person.agent.get('/api/properties?from=2026-06-01&q=a&q=b').expect(422);
  expect(twice.body.errors).toMatchObject([{ path: 'q' }]);
  for (const name of ['__proto__', 'constructor', 'prototype']) {
    const { body } = await person.agent
      .post('/api/properties')
      .set('content-type', 'application/json')
      .send(`{"name":"Plum cottage","${name}":{"role":"owner"}}`)
      .expect(422);
    expect(body.errors).toMatchObject([{ path: name, message: 'is not a known field' }]);
  }
  expect(Object.hasOwn(Object.prototype, 'role')).toBe(false);
});

it('refuses what is nested too deep or has too many values, and counts nothing that stands in a text', () => {
  expect(refusal('['.repeat(32) + ']'.repeat(32))).toBeNull();
  expect(refusal('{"a":'.repeat(33) + '1' + '}'.repeat(33))).toBe('must be nested at most 32 deep');
  expect(refusal(`[${'1,'.repeat(400_000)}1]`)).toBeNull();
  expect(refusal(`[${'1,'.repeat(400_001)}1]`)).toBe('must have at most 400000 values');
  expect(refusal(`{"a \\"${'['.repeat(40)}":"${','.repeat(400_002)}\\\\"}`)).toBeNull();
});

it('writes what can be written in two ways in one, so that it is found again', async () => {
  const [one, two] = ['Café wall', 'Cafe\u0301 wall'];
  expect(one).not.toBe(two);
  for (const body of [JSON.stringify({ name: two }), '{"name": "Cafe\\u0301 wall"}']) {
    const { body: home } = await raw('post', '/api/properties', body).expect(201);
    expect(home.name).toBe(one);
  }
  for (const words of [one, two]) {
    const query = new URLSearchParams({ q: words, from: '2026-06-01' }).toString();
    const { body: found } = await person.agent.get(`/api/properties?${query}`).expect(200);
    expect(found.total).toBe(2);
  }
});

it('takes nothing but an object for a body', async () => {
  for (const body of ['"0000-00-00"', '7', 'true', '[{"command":"stop"}]']) {
    const { body: answer } = await raw('patch', '/api/firm', body).expect(422);
    expect(answer.errors).toEqual([{ path: '$', message: 'must be an object' }]);
  }
});

it('takes only what is read in threads where it is longer than a plan could be', async () => {
  const body = JSON.stringify({ document: 'x'.repeat(1_100_000) });
  for (const path of ['/api/plans', '/api/rule-sets', '/api/properties'])
    expect([path, (await raw('post', path, body)).status]).toEqual([path, 413]);
  for (const path of ['/api/weather', '/api/property-files/preview'])
    expect([path, (await raw('post', path, body)).status]).toEqual([path, 422]);
});

it('takes a sheet of as many stations as a timer may have, and none that is much longer', async () => {
  const path = '/api/timers/00000000-0000-4000-8000-000000000000/sheets';
  const sheet = (stations: number) =>
    JSON.stringify({
      document: {
        ...{ format: 'waterclock.sheet/1', madeOn: '2026-06-01' },
        ...{ property: 'Slow wall', timer: 'Slow', firm: 'Quillhaven Sprinkler Care' },
        stations: Array.from({ length: stations }, (_, index) => ({
          number: 1 + (index % 256),
          name: `Bed ${index} along the kerb, left of the gate as one comes in from the lane`,
          waters:
            'Mondays, Wednesdays and Fridays at 04:00 and at 05:30 for 12 minutes, in pieces of 4',
        })),
      },
    });
  // There is no such timer: it was read, and looked for.
  expect((await raw('post', path, sheet(256))).status).toBe(404);
  expect((await raw('post', path, sheet(1000))).status).toBe(413);
});

it('answers a body that is nested without an end as bad input', async () => {
  const deep = '{"document":'.repeat(40_000) + '1' + '}'.repeat(40_000);
  const { body } = await raw('post', '/api/plans', deep).expect(422);
  expect(body.errors).toEqual([{ path: '$', message: 'must be nested at most 32 deep' }]);
});

it('names ten of the fields that nobody knows, cut where they are long, beside every other fault', async () => {
  const odd = Object.fromEntries(
    Array.from({ length: 8000 }, (_, index) => [`odd_${index}`.padEnd(80, '_'), index]),
  );
  const { body } = await person.agent
    .patch('/api/firm')
    .send({ ...odd, currency: 'gold' })
    .expect(422);
  expect(body.errors).toHaveLength(12);
  expect(body.errors[0].path).toBe('currency');
  expect(body.errors[1].path).toBe(`$["${'odd_0'.padEnd(60, '_')}…"]`);
  expect(body.errors[11]).toEqual({
    path: '$',
    message: 'has 7990 more fields that are not known',
  });
  expect((await person.agent.get('/api/session')).body.firm.currency).toBe('USD');
});

it('names ten of them in a document too, and a hundred faults at most', async () => {
  const odd = Object.fromEntries(
    Array.from({ length: 5000 }, (_, index) => [`odd${index}`, index]),
  );
  const document = {
    format: 'waterclock.brief/1',
    from: '2026-06-01',
    timer: odd,
    stations: Array.from({ length: 300 }, () => ({ number: 'one' })),
  };
  const { body } = await person.agent.post('/api/plans').send({ document }).expect(422);
  const of = (part: string) =>
    body.errors.filter(({ path }: { path: string }) => path.startsWith(part)).length;
  expect(of('document.timer')).toBe(11);
  expect(body.errors).toHaveLength(101);
  expect(body.errors[100]).toMatchObject({ path: '$' });
});

it.each([
  ['a NUL', '\\u0000', 'must not have a NUL in it'],
  ['half a character', '\\ud83d', 'has half a character in it'],
])('refuses a text with %s at its place', async (_, escape, message) => {
  const { body } = await raw('post', '/api/properties', `{"name":"Plum ${escape} cottage"}`).expect(
    422,
  );
  expect(body.errors).toEqual([{ path: 'name', message }]);
});

it('refuses one in a query too', async () => {
  const query = { from: '2026-06-01', q: 'plum\0' };
  const { body } = await person.agent.get('/api/properties').query(query).expect(422);
  expect(body.errors).toEqual([{ path: 'q', message: 'must not have a NUL in it' }]);
});

it('answers what is no JSON, and a body of another kind, in words', async () => {
  const { body } = await raw('post', '/api/properties', '{"name":').expect(400);
  expect(body.detail).toMatch(/^This is no JSON\. /);
  const empty = await raw('post', '/api/properties', '').expect(422);
  expect(empty.body.errors[0].path).toBe('name');
  const { status } = await request(server.app.getHttpServer())
    .post('/api/session')
    .set('Content-Type', 'text/plain')
    .send('ines');
  expect(status).toBe(422);
});

it('refuses a field that is swollen, and one that nobody knows inside another', async () => {
  const odd = Object.fromEntries(Array.from({ length: 2000 }, (_, index) => [`odd${index}`, 1]));
  const { body } = await person.agent.patch('/api/firm').send({ name: odd }).expect(422);
  expect(body.errors).toEqual([{ path: 'name', message: 'must have at most 1000 values in it' }]);
  const copy = {
    reason: 'left',
    document: {},
    confirmed: { of: 3, keyedIn: 0, unknown: 0, more: 1 },
  };
  const asked = { type: 'body', metatype: CopyFields } as const;
  await expect(validationPipe().transform(copy, asked)).rejects.toMatchObject({
    errors: expect.arrayContaining([expect.objectContaining({ path: 'confirmed.more' })]),
  });
  const unread = { ...copy, confirmed: { of: 'three', keyedIn: 0, unknown: 0 } };
  await expect(validationPipe().transform(unread, asked)).rejects.toMatchObject({
    errors: [expect.objectContaining({ path: 'confirmed.of' })],
  });
});

it('leaves a document to the core: nothing else goes through its fields', async () => {
  const document = { format: 'waterclock.brief/1' };
  const asked = { type: 'body', metatype: BriefFields } as const;
  const read = (await validationPipe().transform({ document }, asked)) as BriefFields;
  expect(read).toBeInstanceOf(BriefFields);
  expect(read.document).toBe(document);
  for (const missing of [{}, { document: null }])
    await expect(validationPipe().transform(missing, asked)).rejects.toMatchObject({
      errors: [{ path: 'document', message: 'is required' }],
    });
});

it('a version beyond what a column counts to is bad input', async () => {
  const { body: home } = await person.agent.post('/api/properties').send({ name: 'Reed house' });
  const path = `/api/properties/${home.id}`;
  for (const version of [2 ** 31 - 1, 2 ** 31, Number.MAX_SAFE_INTEGER]) {
    const { body } = await person.agent.put(path).send({ name: 'Reed', version }).expect(422);
    expect(body.errors).toMatchObject([{ path: 'version' }]);
  }
  await person.agent
    .put(path)
    .send({ name: 'Reed', version: 2 ** 31 - 2 })
    .expect(409);
});
