import request from 'supertest';
import { planDocument } from '../testing/documents.js';
import { photoFields } from '../testing/photo-fields.js';
import { startTestServer, type TestPerson, type TestServer } from '../testing/test-server.js';

const METHODS = ['get', 'post', 'put', 'patch', 'delete'] as const;
type Method = (typeof METHODS)[number];

interface Route {
  readonly method: Method;
  readonly path: string;
  /** The roles for which it is. */
  readonly needs: 'anybody' | 'office' | 'technician' | 'owner';
  readonly body?: object;
}

const OPEN = new Set([
  'GET /api/welcome',
  'GET /api/health',
  'GET /api/ready',
  'POST /api/setup',
  'POST /api/session',
  'POST /api/session/demo',
  'POST /api/session/strength',
  'GET /api/session/links/{token}',
  'POST /api/session/links/{token}',
  'GET /api/shared/{token}',
  'GET /api/shared/{token}/now',
  'GET /api/calendars/{token}',
  'GET /api/shared/{token}/sheet.pdf',
  'GET /api/shared/{token}/photos/{photoId}',
  'POST /api/shared/{token}/tellings',
]);
const OWNERS = new Set([
  'PATCH /api/firm',
  'POST /api/people',
  'POST /api/people/{personId}/link',
  'PATCH /api/people/{personId}',
  'DELETE /api/people/{personId}',
  'DELETE /api/people/{personId}/second-factor',
  'GET /api/outbox',
  'GET /api/changes',
  'GET /api/changes.csv',
  'GET /api/properties/{propertyId}/erasure',
  'POST /api/properties/{propertyId}/erasure',
  'POST /api/properties/{propertyId}/contact-erasure',
  'GET /api/former-people',
  'POST /api/former-people/{personId}/erasure',
  'GET /api/firm/keeping',
  'PUT /api/firm/keeping',
  'GET /api/firm/archive',
]);
/** Read by those alone who may change as well. */
const TECHNICIANS = new Set([
  'GET /api/practice',
  'GET /api/practice/reading',
  'GET /api/practice/units',
  'GET /api/practice/results',
]);
/** Changes that the office may make: properties, what people set for themselves, and looking ahead. */
const OFFICE = new Set([
  'PATCH /api/tellings/{tellingId}',
  'PUT /api/timers/{timerId}/holds',
  'POST /api/sheets/{sheetId}/links',
  'POST /api/properties',
  'PUT /api/properties/{propertyId}',
  'PUT /api/properties/{propertyId}/archived',
  'PATCH /api/session',
  'DELETE /api/session',
  'PUT /api/session/firm',
  'PUT /api/account/password',
  'POST /api/account/second-factor',
  'PUT /api/account/second-factor',
  'DELETE /api/account/second-factor',
  'DELETE /api/account/sessions',
  'DELETE /api/account/sessions/{sessionId}',
  'POST /api/timer-types/{timerTypeId}/preview',
  'POST /api/planned-visits',
  'PUT /api/planned-visits/order',
  'PATCH /api/planned-visits/{plannedVisitId}',
  'DELETE /api/planned-visits/{plannedVisitId}',
  'POST /api/timers/{timerId}/due-answers',
  'DELETE /api/due-answers/{answerId}',
  'PUT /api/jobs/{jobId}/work',
  'POST /api/calendar-link',
  'DELETE /api/calendar-link',
  'PUT /api/rollouts/{rolloutId}/timers/{timerId}/messaged',
]);

let server: TestServer;
let routes: Route[];
let home: TestPerson;
/** The ids of one firm's rows, by the name of the parameter. */
let ids: Record<string, string>;

const RULES = { format: 'waterclock.rules/1', district: 'Quillhaven', periods: [] };
const WEATHER = {
  format: 'waterclock.weather/1',
  name: 'Airfield',
  latitude: 40,
  record: { kind: 'daily', days: [] },
};
const SHEET = {
  format: 'waterclock.sheet/1',
  madeOn: '2026-06-01',
  property: 'Plum cottage',
  timer: 'Garage timer',
  firm: 'Quillhaven Sprinkler Care',
};
const ENTRY = {
  id: '6b1f8a52-0f0f-4d7e-9d55-0a1b2c3d4e5f',
  seen: 0,
  observedAt: '2026-06-01T10:00:00Z',
  document: { kind: 'station', station: 1, faults: ['leak'] },
};
const YARD = { format: 'waterclock.yard/1', stations: [{ number: 1 }] };

const SOME_ID = '6b1f8a52-0f0f-4d7e-9d55-0a1b2c3d4e62';

const DUE = { key: 'battery:never', kind: 'battery', doneBy: 'firm', on: '2026-06-01' };

/** A body that each route would take from somebody who may. */
const BODIES: Record<string, object> = {
  'POST /api/properties/{propertyId}/timers': { name: 'T', document: planDocument() },
  'PUT /api/timers/{timerId}/settings': { version: 1, document: planDocument(['06:00']) },
  'PUT /api/timers/{timerId}/holds': { version: 1, holds: [] },
  'PUT /api/timers/{timerId}/yard': { version: 1, document: YARD },
  'PATCH /api/timers/{timerId}': { name: 'Renamed' },
  'POST /api/timers/{timerId}/copies': { reason: 'left', document: planDocument() },
  'POST /api/timers/{timerId}/sheets': { document: SHEET },
  'POST /api/sheets/{sheetId}/links': { days: 30 },
  'POST /api/timers/{timerId}/photos': { ...photoFields(), id: SOME_ID },
  'POST /api/shared/{token}/tellings': { document: { words: 'Odd' } },
  'PATCH /api/tellings/{tellingId}': { isClosed: true },
  'PUT /api/photos/{photoId}': { version: 1, document: { about: 'wiring' } },
  'PATCH /api/visits/{visitId}': { isEnded: true },
  'POST /api/visits/{visitId}/entries': {
    ...ENTRY,
    id: '6b1f8a52-0f0f-4d7e-9d55-0a1b2c3d4e60',
  },
  'PATCH /api/jobs/{jobId}': { isDone: true },
  'PUT /api/jobs/{jobId}/work': { version: 1, parts: 'a nozzle' },
  'PATCH /api/planned-visits/{plannedVisitId}': {
    ...{ version: 1, onDate: '2026-06-09', personId: '6b1f8a52-0f0f-4d7e-9d55-0a1b2c3d4e61' },
  },
  'POST /api/timers/{timerId}/due-answers': DUE,
  'PUT /api/timers/{timerId}/simulator': {
    reads: '2026-06-01T08:00:00',
    document: planDocument(),
  },
  'POST /api/timers/{timerId}/simulator/commands': { command: 'stop' },
  'PUT /api/practice': { lesson: 'percentage', difficulty: 1, seed: 1 },
  'POST /api/practice/commands': { command: 'stop' },
  'PATCH /api/copies/{copyId}': { name: 'Renamed' },
  'POST /api/properties/{propertyId}/erasure': { name: 'Not its name' },
  'POST /api/former-people/{personId}/erasure': { name: 'Nobody' },
  'PUT /api/firm/keeping': { removedDays: 30 },
  'DELETE /api/account/sessions/{sessionId}': { password: '' },
  'PUT /api/properties/{propertyId}': { name: 'Renamed', version: 1 },
  'PUT /api/properties/{propertyId}/archived': { archived: true },
  'PUT /api/properties/{propertyId}/set-up': { isLed: true, skipped: ['supply'] },
  'PUT /api/timer-types/{timerTypeId}': { name: 'Renamed', capability: {}, version: 1 },
  'POST /api/timer-types/{timerTypeId}/preview': { capability: {}, from: '2026-06-01' },
  'PUT /api/rule-sets/{ruleSetId}': { version: 1, document: RULES },
  'PUT /api/weather/{weatherId}': { version: 1, document: WEATHER },
  'POST /api/rollouts': { change: { kind: 'season-step' }, on: '2026-06-09', from: '2026-06-09' },
  'POST /api/rollouts/{rolloutId}/accept': { timerIds: [SOME_ID] },
  'POST /api/rollouts/{rolloutId}/withdraw': { timerIds: [SOME_ID] },
  'PUT /api/rollouts/{rolloutId}/closed': { isClosed: true },
};

beforeAll(async () => {
  server = await startTestServer();
  const { body } = await (await server.signIn()).agent.get('/api/docs-json').expect(200);
  const paths = body.paths as Record<string, Partial<Record<Method, unknown>>>;
  routes = Object.entries(paths).flatMap(([path, methods]) =>
    METHODS.filter((method) => methods[method]).map((method): Route => {
      const key = `${method.toUpperCase()} ${path}`;
      const isRead = (method === 'get' && !TECHNICIANS.has(key)) || OFFICE.has(key);
      return {
        method,
        path,
        needs: OPEN.has(key)
          ? 'anybody'
          : OWNERS.has(key)
            ? 'owner'
            : isRead
              ? 'office'
              : 'technician',
        ...(BODIES[key] && { body: BODIES[key] }),
      };
    }),
  );

  home = await server.signIn('owner');
  const { agent } = home;
  const post = async (path: string, sent: object) =>
    (await agent.post(path).send(sent).expect(201)).body.id as string;
  const propertyId = await post('/api/properties', { name: 'Plum cottage' });
  const timerId = await post(`/api/properties/${propertyId}/timers`, {
    name: 'Garage timer',
    document: planDocument(),
  });
  const visitId = await post(`/api/timers/${timerId}/visits`, {});
  await post(`/api/visits/${visitId}/entries`, ENTRY);
  const { body: jobs } = await agent.get(`/api/properties/${propertyId}/jobs`).expect(200);
  const sheetId = await post(`/api/timers/${timerId}/sheets`, { document: SHEET });
  const photoId = await post(`/api/timers/${timerId}/photos`, photoFields());
  const { body: link } = await agent
    .post(`/api/sheets/${sheetId}/links`)
    .send({ days: 30, photoIds: [photoId] });
  await agent
    .post(`/api/shared/${link.token}/tellings`)
    .send({ document: { words: 'Water on the path' } })
    .expect(204);
  const [{ id: tellingId }] = (await agent.get('/api/tellings').expect(200)).body;
  const invited = { name: 'Piet', email: 'piet@example.test', role: 'office' };
  const { body: piet } = await agent.post('/api/people').send(invited).expect(201);
  const { body: account } = await agent.get('/api/account').expect(200);
  ids = {
    personId: piet.person.id,
    sessionId: account.sessions[0].id,
    visitId,
    jobId: jobs[0].id,
    sheetId,
    linkId: link.id,
    photoId,
    tellingId,
    plannedVisitId: await post('/api/planned-visits', {
      ...{ propertyId, personId: home.id, onDate: '2026-06-09' },
    }),
    answerId: await post(`/api/timers/${timerId}/due-answers`, DUE),
    token: link.token,
    station: '1',
    serial: 'VU-00001',
    propertyId,
    timerId,
    copyId: await post(`/api/timers/${timerId}/copies`, {
      reason: 'left',
      document: planDocument(),
    }),
    timerTypeId: await post('/api/timer-types', { name: 'Ours', capability: {} }),
    ruleSetId: await post('/api/rule-sets', { document: RULES }),
    weatherId: await post('/api/weather', { document: WEATHER }),
    rolloutId: await post('/api/rollouts', {
      ...{ change: { kind: 'season-step' }, on: '2026-06-09', from: '2026-06-09' },
    }),
  };
});
afterAll(() => server.close());

/** The questions that routes want in their address. */
const QUERIES: Record<string, string> = {
  'GET /api/properties': 'from=2026-06-01',
  'GET /api/properties/{propertyId}/timers': 'from=2026-06-01',
  'GET /api/timers/{timerId}/settings': 'on=2026-06-01',
  'PUT /api/timers/{timerId}/settings': 'on=2026-06-01',
  'PUT /api/timers/{timerId}/holds': 'on=2026-06-01',
  'GET /api/search': 'q=plum',
  'GET /api/practice/reading': 'station=1',
  'GET /api/rollouts/{rolloutId}': 'on=2026-06-09',
  'GET /api/rollouts/{rolloutId}/timers': 'on=2026-06-09',
  'GET /api/rollouts/{rolloutId}/timers.csv': 'on=2026-06-09',
  'POST /api/rollouts/{rolloutId}/stop': 'on=2026-06-09',
  'POST /api/rollouts/{rolloutId}/go-on': 'on=2026-06-09',
};

/** Asks a route with the ids of the one firm. */
function ask(agent: TestPerson['agent'], { method, path, body = {} }: Route) {
  const address = path.replace(/\{(\w+)\}/g, (_, name: string) => ids[name]!);
  const query = QUERIES[`${method.toUpperCase()} ${path}`];
  return agent[method](query ? `${address}?${query}` : address).send(body);
}

const everything = async () => {
  const tables = ['properties', 'timers', 'timer_settings', 'timer_yards', 'copies', 'visits'];
  const rows = await Promise.all(
    [
      ...tables,
      'people',
      'account_links',
      'timer_kinds',
      'rule_sets',
      'weather',
      'visit_entries',
      'jobs',
      'planned_visits',
      'due_answers',
      'rollouts',
      'rollout_timers',
      'sheets',
      'share_links',
      'photos',
      'photo_files',
      'share_link_photos',
      'tellings',
    ].map((table) =>
      server.source.query(`SELECT * FROM ${table} WHERE firm_id = $1 ORDER BY 1`, [home.firmId]),
    ),
  );
  return JSON.stringify(rows);
};

it('knows them all: parameters too', () => {
  expect(routes.length).toBeGreaterThanOrEqual(30);
  const parameters = routes.flatMap(({ path }) => [...path.matchAll(/\{(\w+)\}/g)]);
  expect([...new Set(parameters.map(([, name]) => name))].sort()).toEqual(Object.keys(ids).sort());
});

it('none but the door answers somebody without a session', async () => {
  const before = await everything();
  for (const route of routes.filter(({ needs }) => needs !== 'anybody')) {
    const answer = await ask(request.agent(server.app.getHttpServer()), route);
    expect([route.method, route.path, answer.status]).toEqual([route.method, route.path, 401]);
  }
  expect(await everything()).toBe(before);
});

it("none reaches another firm's rows", async () => {
  const before = await everything();
  const stranger = await server.signIn('owner');
  const withIds = routes.filter(({ path, needs }) => path.includes('{') && needs !== 'anybody');
  for (const route of withIds) {
    const answer = await ask(stranger.agent, route);
    expect([route.method, route.path, answer.status]).toEqual([route.method, route.path, 404]);
  }
  for (const path of [
    '/api/timer-types',
    '/api/rule-sets',
    '/api/weather',
    '/api/properties?from=2026-06-01',
  ]) {
    const { body } = await stranger.agent.get(path).expect(200);
    expect(body.rows ?? body).toEqual([]);
  }
  const { body: people } = await stranger.agent.get('/api/people').expect(200);
  expect(people).toHaveLength(1);
  expect(await everything()).toBe(before);
});

it('none is open to a role that is too low, and all are to one that is not', async () => {
  const office = await server.signIn('office', home.firmId);
  const technician = await server.signIn('technician', home.firmId);
  const before = await everything();
  for (const route of routes) {
    const tooLow =
      route.needs === 'owner' ? [office, technician] : route.needs === 'technician' ? [office] : [];
    for (const { agent } of tooLow) {
      const answer = await ask(agent, route);
      expect([route.method, route.path, answer.status]).toEqual([route.method, route.path, 403]);
    }
  }
  expect(await everything()).toBe(before);
  const changes = routes.filter(({ method, path }) => method !== 'delete' && path !== '/api/setup');
  for (const route of changes.filter(({ needs }) => needs === 'office')) {
    const { status } = await ask(office.agent, route);
    expect([route.method, route.path, status === 403 || status === 401]).toEqual([
      route.method,
      route.path,
      false,
    ]);
  }
});
