import type { Due } from '@water-clock/core/dues';
import type { Break, Fix } from '@water-clock/core/rollouts';
import { planDocument } from '../testing/documents.js';
import { startTestServer, type TestPerson, type TestServer } from '../testing/test-server.js';
import { RolloutWork } from './rollout-work.js';

const ON = '2026-06-09';

let server: TestServer;
let owner: TestPerson;

beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.close());
beforeEach(async () => {
  owner = await server.signIn('owner');
});

const post = async (path: string, body: object = {}, status = 201) =>
  (await owner.agent.post(path).send(body).expect(status)).body;

const rulesOf = (fields: object = {}) => ({
  ...{ format: 'waterclock.rules/1', district: 'Quillhaven', towns: [] },
  periods: [{ from: '2026-01-01', words: 'Any day.', source: 'Notice 1', ...fields }],
});
/** Two days by house number from July on. */
const TWO_DAYS = {
  ...rulesOf(),
  periods: [
    ...rulesOf().periods,
    {
      from: '2026-07-01',
      houses: [
        { houses: 'odd', weekdays: [3, 6] },
        { houses: 'even', weekdays: [1, 2] },
      ],
      ...{ words: 'Odd houses on Wednesday and Saturday.', source: 'Notice 7' },
    },
  ],
};

interface Timer {
  readonly id: string;
  readonly home: { readonly name: string };
  readonly outcome: string;
  readonly breaks: Break[];
  readonly fix: Fix | null;
  readonly values: number;
  readonly isAcceptable: boolean;
  readonly progress: string | null;
  readonly due: Due | null;
}

/** Homes of a district whose rules let them water on any day, by their addresses. */
async function district(addresses: readonly string[]) {
  const { id: ruleSetId } = await post('/api/rule-sets', { document: rulesOf() });
  const timers = new Map<string, string>();
  for (const address of addresses) {
    const home = await post('/api/properties', { name: address, address, ruleSetId });
    const path = `/api/properties/${home.id}/timers`;
    timers.set(address, (await post(path, { name: 'Garage', document: planDocument() })).id);
  }
  return { ruleSetId: ruleSetId as string, timers };
}

/** Has a change tried, to its end. */
async function tried(change: object, from = ON) {
  const { id } = await post('/api/rollouts', { change, on: ON, from });
  await server.app.get(RolloutWork).goOn(id);
  return { id: id as string, path: `/api/rollouts/${id}` };
}
const read = async (path: string) =>
  (await owner.agent.get(`${path}${path.includes('?') ? '&' : '?'}on=${ON}`).expect(200)).body;
const timersOf = async (path: string, which = 'all') =>
  (await read(`${path}/timers?which=${which}&skip=0&take=50`)).timers as Timer[];
/** Once nothing of it is being worked out any more. */
async function state(path: string) {
  for (;;) {
    const body = await read(path);
    if (body.pending === 0) return body;
  }
}
const settingsOf = async (timerId: string) =>
  (await owner.agent.get(`/api/timers/${timerId}/settings?on=${ON}`).expect(200)).body;

it('tells what new rules break, where and since when, and the fewest values that mend it', async () => {
  const { ruleSetId } = await district(['5 Millpond Lane', '8 Millpond Lane']);
  await district(['7 Elsewhere Road']);
  const change = { kind: 'rules', ruleSetId, version: 1, document: TWO_DAYS };
  const { path } = await tried(change, '2026-07-01');
  expect(await read(path)).toMatchObject({
    ...{ name: 'Watering rules of Quillhaven', state: 'ready', of: 2, tried: 2 },
    ...{ toFix: 1, fixed: 1, acceptable: 1, accepted: 0 },
    outcomes: { breaks: 1, well: 1, wasBroken: 0, tooMuch: 0, untouched: 0 },
  });
  const [odd, even] = await timersOf(path);
  expect(even).toMatchObject({ outcome: 'well', breaks: [], fix: null, isAcceptable: false });
  expect(odd).toMatchObject({
    ...{ outcome: 'breaks', home: { name: '5 Millpond Lane' }, isAcceptable: true, values: 1 },
    breaks: [{ code: 'rule-day', first: '2026-07-06T04:00:00' }],
    fix: { isRepaired: true, isProven: true, left: [], holdsFrom: ON },
  });
  expect(odd!.fix!.changes.map(({ keys }) => keys)).toEqual([['programs', 0, 'days']]);
  // Nothing is in force, and nothing saved, until somebody says so.
  const { body: sets } = await owner.agent.get('/api/rule-sets').expect(200);
  expect(sets.find(({ id }: { id: string }) => id === ruleSetId).version).toBe(1);
  await post(`${path}/put-in-force`, {}, 204);
  expect((await read(path)).inForceAt).not.toBeNull();
  const { body: after } = await owner.agent.get('/api/rule-sets').expect(200);
  expect(after.find(({ id }: { id: string }) => id === ruleSetId)).toMatchObject({
    ...{ version: 2, document: { periods: [{}, { from: '2026-07-01' }] } },
  });
});

it('is tried on the homes that were chosen alone, and refuses those that are of nobody here', async () => {
  await district(['7 Elsewhere Road', '9 Elsewhere Road', '11 Elsewhere Road']);
  const { body: list } = await owner.agent.get(`/api/properties?q=elsewhere&from=${ON}`);
  const homes = (list.rows as { id: string; name: string }[]).filter(
    ({ name }) => !name.startsWith('9'),
  );
  const propertyIds = homes.map(({ id }) => id);
  const asked = { change: { kind: 'percentage', percent: 80 }, on: ON, from: ON };
  const { id } = await post('/api/rollouts', { ...asked, propertyIds });
  await server.app.get(RolloutWork).goOn(id);
  expect((await timersOf(`/api/rollouts/${id}`)).map(({ home }) => home.name)).toEqual([
    ...['11 Elsewhere Road', '7 Elsewhere Road'],
  ]);
  const archived = `/api/properties/${propertyIds[0]}/archived`;
  await owner.agent.put(archived).send({ archived: true }).expect(200);
  for (const others of [propertyIds, [id]])
    expect((await post('/api/rollouts', { ...asked, propertyIds: others }, 422)).errors).toEqual([
      { path: 'propertyIds', message: 'must be homes of this firm that are not archived' },
    ]);
  await post('/api/rollouts', { ...asked, propertyIds: [] }, 422);
});

it('what is accepted is saved with a planned copy, is due, and can be withdrawn', async () => {
  const { ruleSetId, timers } = await district(['5 Millpond Lane']);
  const timerId = timers.get('5 Millpond Lane')!;
  await post(`/api/timers/${timerId}/copies`, { reason: 'as-found', document: planDocument() });
  const change = { kind: 'rules', ruleSetId, version: 1, document: TWO_DAYS };
  const { path, id } = await tried(change, '2026-07-01');
  expect(await post(`${path}/accept`, { timerIds: [timerId] }, 200)).toEqual({
    ...{ done: 1, refused: [] },
  });
  const settings = await settingsOf(timerId);
  expect(settings.version).toBe(2);
  expect(settings.document.programs[0].days.weekdays).toEqual(
    expect.not.arrayContaining([1, 2, 4, 5, 7]),
  );
  const copies = async () =>
    (await owner.agent.get(`/api/timers/${timerId}/copies`).expect(200)).body;
  expect(await copies()).toMatchObject([
    { reason: 'planned', name: 'Watering rules of Quillhaven', isInTimer: false },
    { reason: 'as-found', isInTimer: true },
  ]);
  expect(await state(path)).toMatchObject({
    ...{ acceptable: 0, accepted: 1, progress: { toDo: 1 }, pending: 0 },
  });
  const [due] = (await timersOf(path, 'accepted')).map((one) => one.due);
  expect(due).toMatchObject({
    ...{ kind: 'planned-change', key: `planned-change:${id}`, on: '2026-07-01' },
    sets: expect.arrayContaining([expect.objectContaining({ of: 'days', program: 'A' })]),
  });
  // Twice is once; and no other can be.
  await post(`${path}/accept`, { timerIds: [timerId] }, 200);
  expect(await post(`${path}/accept`, {}, 200)).toEqual({ done: 0, refused: [] });
  expect(await copies()).toHaveLength(2);
  await owner.agent.put(`${path}/timers/${timerId}/messaged`).expect(204);
  expect((await state(path)).progress).toMatchObject({ messaged: 1, toDo: 0 });
  expect(await post(`${path}/withdraw`, { timerIds: [timerId] }, 200)).toEqual({
    ...{ done: 1, refused: [] },
  });
  expect((await settingsOf(timerId)).document.programs[0].days.weekdays).toEqual([1, 2]);
  expect(await copies()).toMatchObject([{ reason: 'as-found', isInTimer: true }]);
  expect(await state(path)).toMatchObject({ acceptable: 1, accepted: 0 });
  // And accepted again.
  await post(`${path}/accept`, { timerIds: [timerId] }, 200);
  expect((await settingsOf(timerId)).version).toBe(4);
});

it('never takes the place of what somebody saved meanwhile: that is tried anew', async () => {
  const { ruleSetId, timers } = await district(['5 Millpond Lane', '7 Millpond Lane']);
  const [mine, others] = [timers.get('5 Millpond Lane')!, timers.get('7 Millpond Lane')!];
  const change = { kind: 'rules', ruleSetId, version: 1, document: TWO_DAYS };
  const { path, id } = await tried(change, '2026-07-01');
  const save = (timerId: string, version: number, start: string) =>
    owner.agent
      .put(`/api/timers/${timerId}/settings?on=${ON}`)
      .send({ version, document: planDocument([start]) })
      .expect(200);
  await save(others, 1, '05:30');
  expect(await post(`${path}/accept`, { timerIds: [mine, others] }, 200)).toEqual({
    ...{ done: 1, refused: [{ timerId: others, why: 'changed' }] },
  });
  expect((await settingsOf(others)).document.programs[0].starts).toEqual(['05:30']);
  expect((await read(path)).state).toBe('working');
  await server.app.get(RolloutWork).goOn(id);
  expect(await post(`${path}/accept`, { timerIds: [others] }, 200)).toEqual({
    ...{ done: 1, refused: [] },
  });
  const now = await settingsOf(others);
  expect(now.document.programs[0].starts).toEqual(['05:30']);
  expect(now.document.programs[0].days.weekdays).not.toEqual([1, 2]);
  // What was accepted and saved over since stays as it is.
  await save(others, now.version, '06:00');
  expect(await post(`${path}/withdraw`, { timerIds: [others] }, 200)).toEqual({
    ...{ done: 0, refused: [{ timerId: others, why: 'changed' }] },
  });
});

it('what was keyed in is not withdrawn, and counts apart from what was read back', async () => {
  const { ruleSetId, timers } = await district(['5 Millpond Lane']);
  const timerId = timers.get('5 Millpond Lane')!;
  await post(`/api/timers/${timerId}/copies`, { reason: 'as-found', document: planDocument() });
  const change = { kind: 'rules', ruleSetId, version: 1, document: TWO_DAYS };
  const { path } = await tried(change, '2026-07-01');
  await post(`${path}/accept`, { timerIds: [timerId] }, 200);
  const left = async (keyedIn: number) =>
    post(`/api/timers/${timerId}/copies`, {
      ...{ reason: 'left', document: (await settingsOf(timerId)).document },
      confirmed: { of: 8, keyedIn, unknown: 0 },
    });
  expect((await state(path)).progress).toMatchObject({ toDo: 1 });
  await left(1);
  expect((await state(path)).progress).toMatchObject({ keyedIn: 1, readBack: 0, toDo: 0 });
  expect(await post(`${path}/withdraw`, { timerIds: [timerId] }, 200)).toMatchObject({
    refused: [{ why: 'keyed-in' }],
  });
  await left(0);
  expect((await state(path)).progress).toMatchObject({ keyedIn: 0, readBack: 1 });
  expect((await timersOf(path, 'accepted')).map(({ due }) => due)).toEqual([null]);
});

it('what the household says it did, and what is put off, is told by what was said of the due', async () => {
  const { ruleSetId, timers } = await district(['5 Millpond Lane', '7 Millpond Lane']);
  const [one, other] = [...timers.values()] as [string, string];
  await post(`/api/timers/${one}/copies`, { reason: 'as-found', document: planDocument() });
  const change = { kind: 'rules', ruleSetId, version: 1, document: TWO_DAYS };
  const { path, id } = await tried(change, '2026-07-01');
  await post(`${path}/accept`, { timerIds: [one, other] }, 200);
  const said = { key: `planned-change:${id}`, kind: 'planned-change', on: ON };
  await post(`/api/timers/${one}/due-answers`, { ...said, doneBy: 'household' });
  await post(`/api/timers/${other}/due-answers`, {
    ...{ ...said, until: '2026-08-01', reason: 'The house is let until August' },
  });
  expect((await state(path)).progress).toMatchObject({ household: 1, putOff: 1, toDo: 0 });
  expect((await timersOf(path, 'accepted')).map(({ due }) => due?.on)).toEqual([
    undefined,
    '2026-08-01',
  ]);
  // What the household says it set is keyed in: it stays.
  expect(await post(`${path}/withdraw`, { timerIds: [one] }, 200)).toMatchObject({
    refused: [{ timerId: one, why: 'keyed-in' }],
  });
  // So may be what nobody has accepted.
  await post(`${path}/withdraw`, { timerIds: [other] }, 200);
  expect((await state(path)).progress).toMatchObject({ household: 1, putOff: 1, toDo: 0 });
  await post(`${path}/accept`, {}, 200);
  // Once it is closed nothing of it is due.
  await owner.agent.put(`${path}/closed`).send({ isClosed: true }).expect(204);
  await state(path);
  expect((await timersOf(path, 'accepted')).map(({ due }) => due)).toEqual([null, null]);
  await post(`${path}/accept`, {}, 422);
});

it('what we say that we did is no word of the household, and what was said last counts', async () => {
  const { ruleSetId, timers } = await district(['5 Millpond Lane']);
  const timerId = timers.get('5 Millpond Lane')!;
  const change = { kind: 'rules', ruleSetId, version: 1, document: TWO_DAYS };
  const { path, id } = await tried(change, '2026-07-01');
  await post(`${path}/accept`, {}, 200);
  const said = { key: `planned-change:${id}`, kind: 'planned-change', on: ON };
  const answers = `/api/timers/${timerId}/due-answers`;
  await post(answers, { ...said, doneBy: 'household' });
  expect((await state(path)).progress).toMatchObject({ household: 1, keyedIn: 0 });
  await post(answers, { ...said, doneBy: 'firm' });
  expect((await state(path)).progress).toMatchObject({ household: 0, keyedIn: 1 });
});

it('a type of timer is saved for all at once, and what its timers then need is accepted apart', async () => {
  const timerType = { name: `Type ${crypto.randomUUID()}`, capability: {} };
  const { id: timerTypeId } = await post('/api/timer-types', timerType);
  const { id: propertyId } = await post('/api/properties', { name: 'Quince house' });
  const ids: string[] = [];
  for (const starts of [['04:00'], ['04:00', '05:00']]) {
    const fields = { name: starts.join(), document: planDocument(starts), timerTypeId };
    ids.push((await post(`/api/properties/${propertyId}/timers`, fields)).id);
  }
  const change = {
    kind: 'timer-type',
    timerTypeId,
    version: 1,
    capability: { startsPerProgram: 1 },
  };
  const { path } = await tried(change);
  expect(await timersOf(path)).toMatchObject([
    { id: ids[1], outcome: 'breaks', isAcceptable: true },
    { id: ids[0], outcome: 'well', isAcceptable: false },
  ]);
  await post(`${path}/accept`, {}, 200);
  await post(`${path}/put-in-force`, {}, 204);
  const of = async (timerId: string) => (await settingsOf(timerId)).document;
  expect((await of(ids[1]!)).programs[0].starts).toHaveLength(1);
  expect([
    (await of(ids[0]!)).timer.startsPerProgram,
    (await of(ids[1]!)).timer.startsPerProgram,
  ]).toEqual([1, 1]);
  // Its settings were saved with its type since: they are not taken back over that.
  expect(await post(`${path}/withdraw`, { timerIds: [ids[1]] }, 200)).toMatchObject({
    ...{ done: 0, refused: [{ timerId: ids[1], why: 'changed' }] },
  });
  expect((await of(ids[1]!)).programs[0].starts).toHaveLength(1);
});

it('rules that say the same to a house as before do not touch it', async () => {
  const { ruleSetId } = await district(['5 Millpond Lane', '8 Millpond Lane']);
  const [any, two] = TWO_DAYS.periods;
  const document = {
    ...TWO_DAYS,
    periods: [any, { ...two, houses: [{ houses: 'odd', weekdays: [3, 6] }, { houses: 'all' }] }],
  };
  const { path } = await tried({ kind: 'rules', ruleSetId, version: 1, document }, '2026-07-01');
  expect((await read(path)).outcomes).toMatchObject({ breaks: 1, untouched: 1, well: 0 });
  expect((await timersOf(path)).map(({ home }) => home.name)).toEqual(['5 Millpond Lane']);
});

it('a percentage, a finish time and a timer type are tried on the timers that they touch', async () => {
  await district(['5 Millpond Lane']);
  const percent = await tried({ kind: 'percentage', percent: 80 });
  expect(await timersOf(percent.path)).toMatchObject([{ outcome: 'well', isAcceptable: true }]);
  const [timer] = await timersOf(percent.path);
  await post(`${percent.path}/accept`, { timerIds: [timer!.id] }, 200);
  expect((await settingsOf(timer!.id)).document.controller.season.percent).toBe(80);
  // It is so by now.
  const again = await tried({ kind: 'percentage', percent: 80 });
  expect((await read(again.path)).outcomes).toMatchObject({ untouched: 1, well: 0 });
  expect(await timersOf(again.path)).toEqual([]);
  const finish = await tried({ kind: 'finish', finishBy: '04:10' });
  const [late] = await timersOf(finish.path);
  expect(late).toMatchObject({ outcome: 'breaks', breaks: [{ code: 'late-finish' }] });
  expect(late!.fix).toMatchObject({ isRepaired: true, isProven: true });
  expect((await read(finish.path)).name).toBe('Finish by 04:10');
  await post(`${finish.path}/put-in-force`, {}, 422);
});

it('is stopped and goes on where it was', async () => {
  const { ruleSetId } = await district(['5 Millpond Lane']);
  const change = { kind: 'rules', ruleSetId, version: 1, document: TWO_DAYS };
  const { id } = await post('/api/rollouts', { change, on: ON, from: '2026-07-01' });
  const path = `/api/rollouts/${id}`;
  await owner.agent.post(`${path}/stop?on=${ON}`).expect(200);
  await server.app.get(RolloutWork).goOn(id);
  expect(await read(path)).toMatchObject({ state: 'stopped', tried: 0, of: 1 });
  await owner.agent.post(`${path}/go-on?on=${ON}`).expect(200);
  await server.app.get(RolloutWork).goOn(id);
  expect(await read(path)).toMatchObject({ state: 'ready', tried: 1, fixed: 1 });
});

it('what another process is at is left to it, until nothing is heard of it any more', async () => {
  const { ruleSetId } = await district(['5 Millpond Lane']);
  const change = { kind: 'rules', ruleSetId, version: 1, document: TWO_DAYS };
  const { id } = await post('/api/rollouts', { change, on: ON, from: '2026-07-01' });
  const leased = (until: string) =>
    server.source.query(
      `UPDATE rollouts SET leased_by = gen_random_uuid(), leased_until = now() + $2::interval
       WHERE id = $1`,
      [id, until],
    );
  await leased('10 seconds');
  await server.app.get(RolloutWork).goOn(id);
  expect((await read(`/api/rollouts/${id}`)).tried).toBe(0);
  await leased('-1 second');
  await server.app.get(RolloutWork).goOn(id);
  expect((await read(`/api/rollouts/${id}`)).tried).toBe(1);
});

it('says all that is wrong with what is asked for', async () => {
  const { body } = await owner.agent
    .post('/api/rollouts')
    .send({ change: { kind: 'rules', ruleSetId: 'x', version: 0, document: {} }, on: ON, from: ON })
    .expect(422);
  expect(body.errors.map(({ path }: { path: string }) => path)).toEqual([
    'change.document.district',
    'change.ruleSetId',
    'change.version',
  ]);
  const other = await server.signIn('owner');
  const { id } = await post('/api/rollouts', {
    ...{ change: { kind: 'season-step' }, on: ON, from: ON },
  });
  await other.agent.get(`/api/rollouts/${id}?on=${ON}`).expect(404);
  await other.agent
    .post(`/api/rollouts/${id}/accept`)
    .send({ timerIds: [id] })
    .expect(404);
  await post('/api/rollouts', { change: { kind: 'season-step' }, on: ON, from: '2026-06-01' }, 422);
});

it('is exported as a table', async () => {
  const { ruleSetId } = await district(['= 5 Millpond Lane']);
  const change = { kind: 'rules', ruleSetId, version: 1, document: TWO_DAYS };
  const { path } = await tried(change, '2026-07-01');
  const { text } = await owner.agent.get(`${path}/timers.csv?on=${ON}`).expect(200);
  const [head, line] = text.split('\r\n');
  expect(head).toBe('property,address,town,timer,outcome,since,breaks,fix,values,progress,visit');
  expect(line).toMatch(
    /^"'= 5 Millpond Lane","'= 5 Millpond Lane",,Garage,breaks,2026-07-06T04:00:00,/,
  );
});
