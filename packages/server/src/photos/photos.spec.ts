import { cameraJpeg, cameraWebp, PLACE, plainWebp } from '@water-clock/core/photos/testing';
import request from 'supertest';
import { planDocument } from '../testing/documents.js';
import { photoFields } from '../testing/photo-fields.js';
import { startTestServer, type TestPerson, type TestServer } from '../testing/test-server.js';
import { MOST_BYTES_OF_FIRM } from './photos.service.js';

let server: TestServer;
let ines: TestPerson;
let propertyId: string;
let timerId: string;

const SHEET = {
  format: 'waterclock.sheet/1',
  madeOn: '2026-06-01',
  property: 'Plum cottage',
  timer: 'Garage',
  firm: 'Quillhaven Sprinkler Care',
};
const base64 = (bytes: Uint8Array): string => Buffer.from(bytes).toString('base64');

async function homeOf({ agent }: TestPerson): Promise<readonly [string, string]> {
  const { body: home } = await agent.post('/api/properties').send({ name: 'Plum cottage' });
  const { body: timer } = await agent
    .post(`/api/properties/${home.id}/timers`)
    .send({ name: 'Garage', document: planDocument() });
  return [home.id, timer.id];
}

beforeAll(async () => {
  server = await startTestServer();
  ines = await server.signIn();
  [propertyId, timerId] = await homeOf(ines);
});
afterAll(() => server.close());

const add = (fields: object, { agent } = ines, at = timerId) =>
  agent.post(`/api/timers/${at}/photos`).send(photoFields(fields));
const listed = async (at = propertyId) =>
  (await ines.agent.get(`/api/properties/${at}/photos`).expect(200)).body;

it('keeps a photo once, however often it is sent, and gives it back as a picture', async () => {
  const fields = photoFields({
    document: {
      about: 'head',
      station: 1,
      note: 'Cracked',
      pins: [{ x: 0.5, y: 0.4, words: 'Here' }],
    },
  });
  const { body: kept } = await add(fields).expect(201);
  expect(kept).toMatchObject({
    ...{ id: fields.id, timerId, person: ines.name, media: 'image/jpeg', width: 640, height: 480 },
    document: { about: 'head', station: 1, note: 'Cracked' },
  });
  expect((await add(fields).expect(201)).body).toEqual(kept);
  expect(await listed()).toEqual([kept]);
  const picture = await ines.agent.get(`/api/photos/${fields.id}/picture`).buffer().expect(200);
  expect(picture.headers).toMatchObject({
    'content-type': 'image/jpeg',
    'x-content-type-options': 'nosniff',
    'content-security-policy': "default-src 'none'; sandbox",
  });
  expect(picture.headers['cache-control']).toMatch(/^private/);
  expect(picture.headers['vary']).toMatch(/cookie/i);
  const small = await ines.agent.get(`/api/photos/${fields.id}/small`).expect(200);
  expect(small.headers['content-type']).toBe('image/webp');
});

it('keeps nothing of where and with what it was taken', async () => {
  const { body: jpeg } = await add({ picture: base64(cameraJpeg()) }).expect(201);
  const { body: webp } = await add({ picture: base64(cameraWebp()) }).expect(201);
  for (const { id } of [jpeg, webp]) {
    const [{ picture }] = await server.source.query(
      'SELECT picture FROM photo_files WHERE photo_id = $1',
      [id],
    );
    expect(picture.includes(PLACE)).toBe(false);
    expect(picture.length).toBeGreaterThan(300);
  }
  expect(base64(cameraJpeg())).not.toBe(base64(cameraJpeg({ bytes: 1 })));
});

const HOSTILE: readonly (readonly [string, object, string, RegExp])[] = [
  [
    'a bomb of pixels',
    { picture: base64(cameraJpeg({ width: 60_000, height: 60_000 })) },
    'picture',
    /at most 1600 pixels a side, and is 60000 × 60000/,
  ],
  [
    'a script named .jpg',
    { picture: Buffer.from('<script>alert(1)</script>').toString('base64') },
    'picture',
    /neither a JPEG nor a WebP, whatever its name says/,
  ],
  ['too many bytes', { picture: base64(cameraJpeg({ bytes: 420_000 })) }, 'picture', /400 KB/],
  ['no base64', { picture: '§§§§' }, 'picture', /neither a JPEG/],
  ['a large small one', { small: base64(plainWebp({ width: 640 })) }, 'small', /320 pixels/],
];
it.each(HOSTILE)('refuses %s in words, and keeps nothing', async (_what, fields, path, words) => {
  const before = await listed();
  const { body } = await add(fields).expect(422);
  expect(body.errors).toEqual([{ path, message: expect.stringMatching(words) }]);
  expect(await listed()).toEqual(before);
});

it('refuses what is far too large before it is read, and says all else that is wrong at once', async () => {
  const huge = 'A'.repeat(50_000_000);
  const { body: refused } = await add({ picture: huge }).expect(413);
  expect(refused.title).toMatch(/large/i);
  const { body } = await add({ document: { about: 'cat' }, picture: 'x', small: 'x' }).expect(422);
  expect(body.errors.map(({ path }: { path: string }) => path)).toEqual([
    'document.about',
    'picture',
    'small',
  ]);
});

it('is of a visit and a job at the same timer, and of nothing else', async () => {
  const { body: visit } = await ines.agent.post(`/api/timers/${timerId}/visits`).send({});
  const visitId = visit.id as string;
  await ines.agent
    .post(`/api/visits/${visitId}/entries`)
    .send({
      ...{ id: crypto.randomUUID(), seen: 0, observedAt: '2026-06-01T10:00:00Z' },
      document: { kind: 'station', station: 1, faults: ['leak'] },
    })
    .expect(201);
  const [job] = (await ines.agent.get(`/api/properties/${propertyId}/jobs`)).body;
  expect(job.visitId).toBe(visitId);
  const { body } = await add({ visitId, jobId: job.id }).expect(201);
  expect(body).toMatchObject({ visitId, jobId: job.id, copyId: null });
  const [, other] = await homeOf(ines);
  const { body: refused } = await add({ visitId, jobId: job.id }, ines, other).expect(422);
  expect(refused.errors).toEqual([
    { path: 'visitId', message: 'is no visit to this timer' },
    { path: 'jobId', message: 'is no job at this timer' },
  ]);
});

it('what is said of it changes from the version that was seen, and it can be taken away', async () => {
  const { body: photo } = await add({}).expect(201);
  const path = `/api/photos/${photo.id}`;
  const say = (version: number, note: string) =>
    ines.agent.put(path).send({ version, document: { about: 'wiring', note } });
  expect((await say(1, 'Red to 3').expect(200)).body).toMatchObject({
    version: 2,
    document: { about: 'wiring', note: 'Red to 3', station: null, pins: [] },
  });
  await say(1, 'Red to 4').expect(409);
  await say(2, 'x'.repeat(2001)).expect(422);
  const { body: changes } = await ines.agent.get(`/api/changes?propertyId=${propertyId}`);
  const own = changes.rows.filter(({ kind }: { kind: string }) => kind === 'photo');
  expect(own[0]).toMatchObject({ way: 'change', name: 'wiring', person: ines.name });
  await ines.agent.delete(path).expect(204);
  await ines.agent.get(`${path}/picture`).expect(404);
  const left = await server.source.query('SELECT 1 FROM photo_files WHERE photo_id = $1', [
    photo.id,
  ]);
  expect(left).toEqual([]);
});

it('a link shows the photos that were chosen for it, until it is withdrawn', async () => {
  const { body: shown } = await add({ document: { about: 'place', note: 'Behind the shed' } });
  const { body: hidden } = await add({});
  const { body: sheet } = await ines.agent
    .post(`/api/timers/${timerId}/sheets`)
    .send({ document: SHEET })
    .expect(201);
  const share = (photoIds: readonly string[]) =>
    ines.agent.post(`/api/sheets/${sheet.id}/links`).send({ days: 30, photoIds });
  const { body: link } = await share([shown.id]).expect(201);
  expect(link.photos).toBe(1);
  const guest = request.agent(server.app.getHttpServer());
  const { body: shared } = await guest.get(`/api/shared/${link.token}`).expect(200);
  expect(shared.photos).toMatchObject([{ id: shown.id, document: { note: 'Behind the shed' } }]);
  const at = (id: string) => `/api/shared/${link.token}/photos/${id}`;
  const picture = await guest.get(at(shown.id)).expect(200);
  expect(picture.headers).toMatchObject({
    'content-type': 'image/jpeg',
    'cache-control': 'no-store',
  });
  await guest.get(at(hidden.id)).expect(404);
  await guest.get(`/api/photos/${shown.id}/picture`).expect(401);
  await ines.agent.delete(`/api/links/${link.id}`).expect(204);
  await guest.get(at(shown.id)).expect(404);

  // One that is taken away is on no link any more; another timer's cannot be chosen.
  const { body: again } = await share([shown.id, hidden.id]).expect(201);
  await ines.agent.delete(`/api/photos/${hidden.id}`).expect(204);
  const { body: left } = await guest.get(`/api/shared/${again.token}`).expect(200);
  expect(left.photos.map(({ id }: { id: string }) => id)).toEqual([shown.id]);
  const [, other] = await homeOf(ines);
  const { body: elsewhere } = await add({}, ines, other).expect(201);
  const { body: refused } = await share([shown.id, elsewhere.id]).expect(422);
  expect(refused.errors).toEqual([{ path: 'photoIds[1]', message: 'is no photo at this timer' }]);
  expect((await share([shown.id, shown.id]).expect(422)).body.errors[0].path).toBe('photoIds');
});

it('is counted against the room of the firm, and refused where that is full', async () => {
  const owner = await server.signIn('owner');
  const [, at] = await homeOf(owner);
  const { body: photo } = await add({}, owner, at).expect(201);
  const { body: room } = await owner.agent.get('/api/firm/photo-room').expect(200);
  expect(room).toMatchObject({ photos: 1, mostBytes: MOST_BYTES_OF_FIRM });
  expect(room.bytes).toBeGreaterThan(600);
  await server.source.query(
    `INSERT INTO photos (firm_id, timer_id, taken_at, media, width, height, bytes, document)
     SELECT firm_id, timer_id, taken_at, media, width, height, 400000, document
     FROM photos, generate_series(1, 9999) WHERE id = $1`,
    [photo.id],
  );
  const almost = await add({}, owner, at).expect(201);
  await server.source.query(
    `INSERT INTO photos (firm_id, timer_id, taken_at, media, width, height, bytes, document)
     SELECT firm_id, timer_id, taken_at, media, width, height, 400000, document
     FROM photos WHERE id = $1`,
    [almost.body.id],
  );
  const { body } = await add({}, owner, at).expect(422);
  expect(body.errors[0].path).toBe('picture');
  expect(body.errors[0].message).toMatch(/photos fill all that it has/);
});

it('one whose id another firm has, from a home that it gave away, is another photo here', async () => {
  const { body: theirs } = await add({}).expect(201);
  const stranger = await server.signIn('owner');
  const [home, at] = await homeOf(stranger);
  const { body: own } = await add({ id: theirs.id }, stranger, at).expect(201);
  expect(own.id).not.toBe(theirs.id);
  expect((await add({ id: theirs.id }, stranger, at).expect(201)).body.id).toBe(own.id);
  const { body: all } = await stranger.agent.get(`/api/properties/${home}/photos`).expect(200);
  expect(all).toEqual([own]);
});

it('is seen by the office, and taken by technicians', async () => {
  const office = await server.signIn('office', ines.firmId);
  await office.agent.get(`/api/properties/${propertyId}/photos`).expect(200);
  await add({}, office).expect(403);
});
