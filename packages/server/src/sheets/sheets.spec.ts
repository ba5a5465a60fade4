import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { parseDate } from '@water-clock/core/civil-time';
import { readPlan } from '@water-clock/core/settings';
import { sheetOf } from '@water-clock/core/sheets';
import { TimerHandling } from '@water-clock/core/timer-types';
import request from 'supertest';
import { planDocument } from '../testing/documents.js';
import { startTestServer, type TestPerson, type TestServer } from '../testing/test-server.js';

let server: TestServer;
let person: TestPerson;
let timerId: string;
beforeAll(async () => {
  server = await startTestServer();
  person = await server.signIn();
  const { body: home } = await person.agent.post('/api/properties').send({ name: 'Plum cottage' });
  const { body } = await person.agent
    .post(`/api/properties/${home.id}/timers`)
    .send({ name: 'Garage', document: planDocument() });
  timerId = body.id;
});
afterAll(() => server.close());

const NAMES = ['Kerb strip', 'Front lawn', 'Side lawn', 'Back lawn', 'Fence side', 'Slope'];

/** A home of 12 stations in three programs, every field of its sheet long. */
function bigSheet() {
  const stations = Array.from({ length: 12 }, (_, index) => ({
    number: index + 1,
    name: `${NAMES[index % 6]}, ${index < 6 ? 'street side' : 'garden side'}`,
    flowLpm: 18,
  }));
  const program = (id: string, from: number, days: object) => ({
    id,
    starts: [`0${from}:15`, `2${from}:45`],
    days,
    runs: stations
      .filter(({ number }) => number % 3 === from % 3)
      .map(({ number }) => ({ station: number, seconds: 750 })),
  });
  const read = readPlan({
    format: 'waterclock.plan/2',
    timer: {},
    stations,
    programs: [
      program('A', 1, { mode: 'weekdays', weekdays: [1, 3, 5, 7] }),
      program('B', 2, { mode: 'interval', everyDays: 3, anchor: '2026-06-02' }),
      program('C', 3, { mode: 'odd' }),
    ],
  });
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return sheetOf({
    plan: read.value,
    on: parseDate('2026-06-01')!,
    property: 'Plum cottage',
    timer: 'Garage timer',
    firm: 'Quillhaven Sprinkler Care',
    phone: '555 0100',
    handling: new TimerHandling(),
    clock: '12',
    language: 'en',
    due: [
      { on: '2026-09-01', what: 'Set the season percentage to 60 %' },
      { on: '2026-11-01', what: 'Summer time ends: put the clock back' },
      { on: '2027-06-01', what: 'Change the backup battery' },
      { on: '2027-06-01', what: 'Try the rain sensor' },
    ],
    confirmed: { of: 0, keyedIn: 0, unknown: 0 },
    moistureHeld: [],
    volumeWords: (litres) => `${Math.round(litres)} L`,
  });
}

const leave = async (fields: object = {}) =>
  (
    await person.agent
      .post(`/api/timers/${timerId}/sheets`)
      .send({ document: bigSheet(), ...fields })
      .expect(201)
  ).body as { id: string };

const bytesOf = (test: request.Test) =>
  test
    .buffer(true)
    .parse((answer, done) => {
      const parts: Buffer[] = [];
      answer.on('data', (part: Buffer) => parts.push(part));
      answer.on('end', () => done(null, Buffer.concat(parts)));
    })
    .expect(200)
    .expect('content-type', /application\/pdf/);

it('the PDF of a home of 12 stations has one page, with all that the sheet says', async () => {
  const { id } = await leave();
  const { body } = await bytesOf(person.agent.get(`/api/sheets/${id}/sheet.pdf`));
  const folder = mkdtempSync(join(tmpdir(), 'water-clock-sheet-'));
  try {
    const file = join(folder, 'sheet.pdf');
    writeFileSync(file, body as Buffer);
    execFileSync('pdftoppm', ['-png', '-r', '60', file, join(folder, 'page')]);
    const pages = readdirSync(folder).filter((name) => name.startsWith('page'));
    expect(pages).toHaveLength(1);
    // A page that is drawn on is no blank one.
    expect(readFileSync(join(folder, pages[0]!)).length).toBeGreaterThan(10_000);
    const text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' });
    const words = text.replace(/\s+/g, ' ');
    for (const part of [
      'Plum cottage: Garage timer',
      'Quillhaven Sprinkler Care, phone 555 0100',
      'Kerb strip, street side',
      'Slope, garden side',
      'To stop it for rain',
      'To run one station by hand',
      'Mon 1 Jun',
      'It does not water while the rain sensor is wet.',
      'Summer time ends',
    ])
      expect(words).toContain(part);
    expect(words).toMatch(/12 Slope/);
    expect(words).toContain('1:15 AM');
  } finally {
    rmSync(folder, { recursive: true });
  }
});

it('a link leads whoever has it to the sheet and nothing else, until it is withdrawn', async () => {
  const { id } = await leave();
  const { body: link } = await person.agent
    .post(`/api/sheets/${id}/links`)
    .send({ days: 30 })
    .expect(201);
  expect(link.token).toMatch(/^[\w-]{43}$/);
  const stranger = request(server.app.getHttpServer());
  const { body, headers } = await stranger.get(`/api/shared/${link.token}`).expect(200);
  expect(body).toEqual({
    document: JSON.parse(JSON.stringify(bigSheet())),
    photos: [],
    isDemo: false,
  });
  expect(headers['cache-control']).toBe('no-store');
  await bytesOf(stranger.get(`/api/shared/${link.token}/sheet.pdf`));
  // The token itself is nowhere in the database.
  const rows = await server.source.query(`SELECT * FROM share_links WHERE id = $1`, [link.id]);
  expect(rows).toHaveLength(1);
  expect(JSON.stringify(rows)).not.toContain(link.token);
  const listed = (await person.agent.get(`/api/sheets/${id}`)).body.links;
  const { token: _token, ...known } = link;
  expect(listed).toEqual([{ ...known, opened: 2, lastOpenedAt: expect.any(String) }]);

  await person.agent.delete(`/api/links/${link.id}`).expect(204);
  await stranger.get(`/api/shared/${link.token}`).expect(404);
  await stranger.get(`/api/shared/${link.token}/sheet.pdf`).expect(404);
});

it('a link that has expired leads nowhere, and is listed no more', async () => {
  const { id } = await leave();
  const { body } = await person.agent.post(`/api/sheets/${id}/links`).send({ days: 1 });
  await server.source.query(
    `UPDATE share_links SET made_at = now() - interval '2 days', expires_at = now() - interval '1 day' WHERE id = $1`,
    [body.id],
  );
  await request(server.app.getHttpServer()).get(`/api/shared/${body.token}`).expect(404);
  expect((await person.agent.get(`/api/sheets/${id}`)).body.links).toEqual([]);
});

it('a guessed token finds nothing', async () => {
  await leave();
  for (const token of ['x', 'A'.repeat(43), '%00', "' OR 1=1 --"])
    await request(server.app.getHttpServer())
      .get(`/api/shared/${encodeURIComponent(token)}`)
      .expect(404);
});

it('sent twice it is kept once; what is no sheet is refused with every fault', async () => {
  const id = randomUUID();
  const before = (await person.agent.get(`/api/timers/${timerId}/sheets`)).body.length as number;
  await leave({ id });
  await leave({ id });
  expect((await person.agent.get(`/api/timers/${timerId}/sheets`)).body).toHaveLength(before + 1);
  const { body } = await person.agent
    .post(`/api/timers/${timerId}/sheets`)
    .send({ document: { ...bigSheet(), madeOn: 'today', gate: '1234' } })
    .expect(422);
  expect(body.errors.map(({ path }: { path: string }) => path).sort()).toEqual([
    'document.gate',
    'document.madeOn',
  ]);
});

it('a link tells what is in the timer now and what was done last, in words, and nothing of who did it', async () => {
  const { body: home } = await person.agent
    .post('/api/properties')
    .send({ name: 'Rowan end', timeZone: 'America/Denver', gateNotes: 'Code 4711' });
  const { body: timer } = await person.agent
    .post(`/api/properties/${home.id}/timers`)
    .send({ name: 'Shed', document: planDocument() });
  const { body: sheet } = await person.agent
    .post(`/api/timers/${timer.id}/sheets`)
    .send({ document: { ...bigSheet(), language: 'es', clock: '24' } });
  const { body: link } = await person.agent.post(`/api/sheets/${sheet.id}/links`).send({ days: 9 });
  const now = async (token: string = link.token) =>
    (await request(server.app.getHttpServer()).get(`/api/shared/${token}/now`).expect(200)).body;
  // Nobody has read it, and nobody was there.
  expect(await now()).toMatchObject({ days: [], holds: [], visit: [] });
  await person.agent
    .post(`/api/timers/${timer.id}/copies`)
    .send({ reason: 'as-found', document: planDocument() })
    .expect(201);
  const { body: visit } = await person.agent.post(`/api/timers/${timer.id}/visits`).send({});
  const entry = (document: object) =>
    person.agent.post(`/api/visits/${visit.id}/entries`).send({
      ...{ id: randomUUID(), seen: 0, observedAt: new Date().toISOString(), document },
    });
  await entry({ kind: 'station', station: 1, faults: ['leak'], note: 'by the pear' }).expect(201);
  await entry({ kind: 'care', what: 'filter', isDone: true }).expect(201);
  // What goes on is not told yet.
  expect((await now()).visit).toEqual([]);
  await person.agent.patch(`/api/visits/${visit.id}`).send({ isEnded: true }).expect(200);
  const told = await now();
  expect(told.visit.join(' ')).toContain('Se limpiaron el filtro y la malla.');
  expect(told.lookOutFor[0]).toContain('la estación 1');
  expect(told.days).toHaveLength(7);
  expect(told.days.flatMap((day: { waterings: unknown[] }) => day.waterings)[0]).toMatchObject({
    when: expect.stringMatching(/^\d\d:\d\d/),
  });
  expect(JSON.stringify(told)).not.toMatch(new RegExp(`4711|pear|${person.name}`));
  await person.agent.delete(`/api/links/${link.id}`).expect(204);
  await request(server.app.getHttpServer()).get(`/api/shared/${link.token}/now`).expect(404);
});
