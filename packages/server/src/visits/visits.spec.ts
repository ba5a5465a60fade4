import { keyInPlaces, keyInSteps } from '@water-clock/core/key-in';
import { readPlan, type Plan } from '@water-clock/core/settings';
import { KEY_IN_PARTS } from '@water-clock/core/timer-types';
import { tickEntries, visitOf } from '@water-clock/core/visits';
import { randomUUID } from 'node:crypto';
import { planDocument } from '../testing/documents.js';
import { startTestServer, type TestPerson, type TestServer } from '../testing/test-server.js';

let server: TestServer;
let person: TestPerson;
let propertyId: string;
let timerId: string;
let visitId: string;
beforeAll(async () => (server = await startTestServer()));
beforeEach(async () => {
  person = await server.signIn();
  const { body: home } = await person.agent.post('/api/properties').send({ name: 'Plum cottage' });
  propertyId = home.id;
  const { body: timer } = await person.agent
    .post(`/api/properties/${home.id}/timers`)
    .send({ name: 'Garage', document: planDocument() });
  timerId = timer.id;
  const { body } = await person.agent.post(`/api/timers/${timerId}/visits`).send({}).expect(201);
  visitId = body.id;
});
afterAll(() => server.close());

interface Sent {
  readonly id?: string;
  readonly seen?: number;
  readonly observedAt?: string;
}

const send = (document: object, sent: Sent = {}, by = person) =>
  by.agent.post(`/api/visits/${visitId}/entries`).send({
    id: randomUUID(),
    seen: 0,
    observedAt: '2026-06-01T10:00:00Z',
    ...sent,
    document,
  });
const station = (faults: string[], note = '') => ({ kind: 'station', station: 1, faults, note });
const jobs = async () =>
  (await person.agent.get(`/api/properties/${propertyId}/jobs`).expect(200)).body as {
    id: string;
    fault: string;
    note: string;
    doneAt: string | null;
    doneBy: string;
    foundAt: string;
  }[];

it('takes entries in, numbers them, and keeps when each was observed', async () => {
  const observedAt = '2026-06-01T09:12:34.500Z';
  await send({ kind: 'step', step: 'arrive', state: 'done' }, { observedAt }).expect(201);
  const { body } = await send(station([]), { seen: 99 }).expect(201);
  // Nobody has seen what had not come in.
  expect(body).toMatchObject({ number: 2, seen: 1, person: person.name });
  const visit = (await person.agent.get(`/api/visits/${visitId}`).expect(200)).body;
  expect(visit).toMatchObject({ timerId, startedBy: person.name, endedAt: null });
  expect(visit.entries).toMatchObject([
    { number: 1, observedAt, entry: { kind: 'step', step: 'arrive', state: 'done' } },
    { number: 2, entry: { kind: 'station', faults: [] } },
  ]);
});

it('the same entry sent twice, or many at once, counts once each', async () => {
  const id = randomUUID();
  const [one, again] = [await send(station(['leak']), { id }), await send(station([]), { id })];
  expect(again.body).toEqual(one.body);
  const all = await Promise.all(Array.from({ length: 6 }, () => send(station([]))));
  expect(all.map(({ status }) => status)).toEqual(Array(6).fill(201));
  expect(all.map(({ body }) => body.number as number).sort((a, b) => a - b)).toEqual([
    2, 3, 4, 5, 6, 7,
  ]);
});

it('nothing that was observed ever changes, not even in the database', async () => {
  const { body } = await send(station(['leak']));
  await expect(
    server.source.query(`UPDATE visit_entries SET document = '{}' WHERE id = $1`, [body.id]),
  ).rejects.toThrow('does not change');
});

it('a device whose clock is ahead observes nothing in the future', async () => {
  const { body } = await send(station([]), { observedAt: '2999-01-01T00:00:00Z' });
  expect(new Date(body.observedAt as string).getTime()).toBeLessThanOrEqual(Date.now());
});

it('faults become jobs, go when the station is fine after all, and stay once they are done', async () => {
  const at = (minute: number) => ({ observedAt: `2026-06-01T10:0${minute}:00.000Z` });
  await send(station(['leak', 'head-tilted'], 'by the gate'), at(1)).expect(201);
  expect(await jobs()).toMatchObject([
    { fault: expect.any(String), note: 'by the gate', foundAt: at(1).observedAt, doneAt: null },
    { note: 'by the gate' },
  ]);
  await send(station(['leak']), at(2)).expect(201);
  const [leak, ...others] = await jobs();
  expect([leak!.fault, others]).toEqual(['leak', []]);
  await person.agent.patch(`/api/jobs/${leak!.id}`).send({ isDone: true }).expect(200);
  await send(station([]), at(3)).expect(201);
  expect(await jobs()).toMatchObject([{ fault: 'leak', doneBy: person.name }]);
  // What was observed before comes in late: the last observation holds.
  await send(station(['no-valve']), at(0)).expect(201);
  expect((await jobs()).map(({ fault }) => fault)).toEqual(['leak']);
  await person.agent.patch(`/api/jobs/${leak!.id}`).send({ isDone: false }).expect(200);
  expect((await jobs())[0]).toMatchObject({ doneAt: null, doneBy: '' });
});

it('what is broken of the timer is a job without a station, gone when it was not that, and once only', async () => {
  const hardware = (isFound: boolean, note = '', stations = [1, 2]) => ({
    ...{ kind: 'hardware', code: 'common-open', stations, note, isFound },
  });
  const at = (minute: number) => ({ observedAt: `2026-06-01T10:0${minute}:00.000Z` });
  const circuits = [{ station: 1, circuit: 'open' }];
  await send({ kind: 'circuits', lamp: 'none', circuits }, at(0)).expect(201);
  expect(await jobs()).toEqual([]);
  await send(hardware(true, 'screw'), at(1)).expect(201);
  await send(hardware(true, 'screw is loose'), at(2)).expect(201);
  await send(hardware(true, '', []), at(3)).expect(201);
  const [whole, both] = await jobs();
  expect([whole, both]).toMatchObject([
    { fault: 'common-open', station: null, stations: [], note: '' },
    { fault: 'common-open', station: null, stations: [1, 2], note: 'screw is loose' },
  ]);
  const { body: all } = await person.agent.get('/api/jobs').expect(200);
  expect(all).toMatchObject([{ stationName: '' }, { stationName: '' }]);
  const found = (await person.agent.get('/api/search?q=common%20plum').expect(200)).body;
  expect(found.rows).toMatchObject([{ kind: 'job', station: null }, { kind: 'job' }]);
  await person.agent.patch(`/api/jobs/${both!.id}`).send({ isDone: true }).expect(200);
  await send(hardware(false), at(4)).expect(201);
  await send(hardware(false, '', []), at(5)).expect(201);
  expect(await jobs()).toMatchObject([{ id: both!.id, doneBy: person.name }]);
});

it('a job of any home is planned for a visit there, and closed at the visit at which it is done', async () => {
  await send({ kind: 'station', station: 1, faults: ['leak'], note: 'at the valve' });
  const all = async () =>
    (await person.agent.get('/api/jobs').expect(200)).body as Record<string, unknown>[];
  const [job] = await all();
  expect(job).toMatchObject({
    ...{ state: 'open', home: 'Plum cottage', stationName: 'Kerb strip', note: 'at the valve' },
    ...{ parts: '', price: null, plannedVisitId: null, plannedOn: null, version: 1 },
  });
  const path = `/api/jobs/${String(job!['id'])}`;
  const visit = { personId: person.id, onDate: '2999-06-09', reason: 'The leak' };
  const plan = async (home: string) =>
    (await person.agent.post('/api/planned-visits').send({ ...visit, propertyId: home })).body.id;
  const { body: other } = await person.agent.post('/api/properties').send({ name: 'Quince house' });
  const work = { version: 1, parts: 'one valve', price: 41.5 };
  const { body: refused } = await person.agent
    .put(`${path}/work`)
    .send({ ...work, plannedVisitId: await plan(other.id) })
    .expect(422);
  expect(refused.errors).toMatchObject([{ path: 'plannedVisitId' }]);
  const plannedVisitId = await plan(propertyId);
  await person.agent
    .put(`${path}/work`)
    .send({ ...work, plannedVisitId })
    .expect(200);
  await person.agent.put(`${path}/work`).send({ version: 1, parts: 'two valves' }).expect(409);
  expect(await all()).toMatchObject([
    {
      ...{ state: 'planned', parts: 'one valve', price: 41.5, version: 2 },
      ...{ plannedOn: '2999-06-09', plannedFor: person.name },
    },
  ]);
  await person.agent.patch(path).send({ isDone: true }).expect(200);
  expect(await all()).toMatchObject([{ state: 'done', doneBy: person.name }]);
  const [{ at }] = await server.source.query('SELECT done_visit_id AS at FROM jobs WHERE id = $1', [
    job!['id'],
  ]);
  expect(at).toBe(visitId);
  // Without its visit it is to be planned again.
  await person.agent.patch(path).send({ isDone: false }).expect(200);
  await person.agent.delete(`/api/planned-visits/${plannedVisitId}`).expect(204);
  expect(await all()).toMatchObject([{ state: 'open', parts: 'one valve', plannedVisitId: null }]);
});

it('is taken up by another person, ended, and gone on with', async () => {
  const other = await server.signIn('technician', person.firmId);
  await send({ kind: 'step', step: 'walk', state: 'done' }, {}, other).expect(201);
  const { body } = await other.agent.patch(`/api/visits/${visitId}`).send({ isEnded: true });
  expect(body).toMatchObject({ endedAt: expect.any(String), endedBy: other.name });
  // The one who ends it again does not take the time of the first.
  const again = await person.agent.patch(`/api/visits/${visitId}`).send({ isEnded: true });
  expect(again.body).toMatchObject({ endedAt: body.endedAt, endedBy: other.name });
  const open = await person.agent.patch(`/api/visits/${visitId}`).send({ isEnded: false });
  expect(open.body).toMatchObject({ endedAt: null, endedBy: '' });
});

it('one that began without signal comes in under its own id, once', async () => {
  const fields = { id: randomUUID(), startedAt: '2026-06-01T08:00:00Z' };
  for (let times = 0; times < 2; times++) {
    const { body } = await person.agent.post(`/api/timers/${timerId}/visits`).send(fields);
    expect(body).toMatchObject({ id: fields.id, startedAt: '2026-06-01T08:00:00.000Z' });
  }
  const { body: all } = await person.agent.get(`/api/timers/${timerId}/visits`);
  expect(all.map(({ id }: { id: string }) => id)).toEqual([visitId, fields.id]);
});

it('refuses what is no entry, with every fault at its place, and keeps nothing of it', async () => {
  const { body } = await send({ kind: 'station', station: 0, faults: ['rust'] }).expect(422);
  expect(body.errors.map(({ path }: { path: string }) => path).sort()).toEqual([
    'document.faults[0]',
    'document.station',
  ]);
  await send(station([]), { id: 'no id', observedAt: 'yesterday' }).expect(422);
  expect((await person.agent.get(`/api/visits/${visitId}`)).body.entries).toEqual([]);
});

describe('what stands in the timer once a visit has ended', () => {
  const planWith = (start: string): Plan => {
    const read = readPlan(planDocument([start]));
    if (!read.ok) throw new Error(JSON.stringify(read.trouble));
    return read.value;
  };
  const [found, wanted] = [planWith('06:30'), planWith('04:00')];
  const saveAsFound = () =>
    person.agent
      .post(`/api/timers/${timerId}/copies`)
      .send({ reason: 'as-found', name: '', madeAt: '2026-06-01T09:00:00Z', document: found })
      .expect(201);
  /** Ticks all that is to be keyed in over what was found. */
  async function tick(observedAt = '2026-06-01T10:00:00Z', by = person): Promise<void> {
    const asked = { target: wanted, present: found, order: KEY_IN_PARTS, isWhole: false };
    const entries = keyInSteps(asked)
      .filter(({ part }) => part !== 'last-look')
      .flatMap((step) => tickEntries(visitOf([]), step, true));
    // The clock, and the start.
    expect(entries).toHaveLength(2);
    for (const entry of entries) await send(entry, { observedAt }, by).expect(201);
  }
  const end = () =>
    person.agent.patch(`/api/visits/${visitId}`).send({ isEnded: true }).expect(200);
  const inTimer = async () => {
    const { body } = await person.agent.get(`/api/timers/${timerId}/copies`).expect(200);
    const listed = body.find(({ isInTimer }: { isInTimer: boolean }) => isInTimer);
    if (!listed) return null;
    const copy = (await person.agent.get(`/api/copies/${listed.id}`).expect(200)).body;
    const { reason, confirmed, document } = copy;
    return { reason, confirmed, starts: document.programs[0].starts };
  };
  const of = keyInPlaces(wanted).length;

  it('is what was ticked, though nobody saved it, and says what nobody read back', async () => {
    await saveAsFound();
    await tick();
    await end();
    const kept = { reason: 'left', starts: ['04:00'], confirmed: { of, keyedIn: 1, unknown: 0 } };
    expect(await inTimer()).toEqual(kept);
    // Ended twice, or gone on with and ended, it is kept once.
    await person.agent.patch(`/api/visits/${visitId}`).send({ isEnded: false }).expect(200);
    await end();
    const { body } = await person.agent.get(`/api/timers/${timerId}/copies`);
    expect(body.filter(({ reason }: { reason: string }) => reason === 'left')).toHaveLength(1);
  });

  it('is what was found where nothing was ticked, and what was read later stands above it', async () => {
    await saveAsFound();
    await end();
    expect(await inTimer()).toMatchObject({ reason: 'as-found', starts: ['06:30'] });
    await tick();
    expect(await inTimer()).toMatchObject({ reason: 'left', starts: ['04:00'] });
    await person.agent
      .post(`/api/timers/${timerId}/copies`)
      .send({ reason: 'as-found', name: '', madeAt: '2026-06-01T11:00:00Z', document: found })
      .expect(201);
    await tick('2026-06-01T10:30:00Z');
    expect(await inTimer()).toMatchObject({ reason: 'as-found', starts: ['06:30'] });
  });

  it('takes in what waited on another device until after the end', async () => {
    await saveAsFound();
    await end();
    const other = await server.signIn('technician', person.firmId);
    await tick('2026-06-01T10:00:00Z', other);
    expect(await inTimer()).toMatchObject({ starts: ['04:00'], confirmed: { keyedIn: 1 } });
  });

  it('is unknown where nobody read it, but for what was ticked', async () => {
    await tick();
    await end();
    const kept = await inTimer();
    expect(kept).toMatchObject({ reason: 'left', confirmed: { of, keyedIn: 1 } });
    expect(kept!.confirmed.unknown).toBeGreaterThan(0);
  });
});
