import { execFileSync } from 'node:child_process';
import { createHash, randomBytes } from 'node:crypto';
import { setTimeout as pause } from 'node:timers/promises';
import PgBoss from 'pg-boss';
import { startThrowAwayCluster } from '../tools/cluster.js';
import { makeDatabase, startServer } from '../e2e/support/application.js';
import { signIn } from '../e2e/support/sign-in.js';
import { easyBrief, longWeather, wideSheet, worstBrief, worstPlan } from './hostile-documents.mjs';
import { median, quantile } from './statistics.mjs';

const CLIENTS = 10;
const REQUESTS_EACH = 30;
const ROUNDS = 3;
/** Between what one person asks for and the next thing. */
const THINKING_MS = 250;
const PLANS_AT_ONCE = 20;
const EASY_PLANS = 5;
const SIGN_INS_AT_ONCE = 200;
const TYPED = ['linden', 'maple 4', 'alder row', 'quist', 'carport', '17 cooper', 'fennel', 'zzz'];

/** The server as it runs for a firm of 10,000 homes, durable, with what is true of its timers worked out by the round of the hour. */
async function largeFirm() {
  const cluster = await startThrowAwayCluster({ isDurable: true });
  const databaseUrl = makeDatabase(cluster.url, { large: true });
  const server = await startServer(databaseUrl);
  const psql = (statement) =>
    execFileSync('psql', [databaseUrl, '-Atqc', statement], { encoding: 'utf8' }).trim();
  psql('VACUUM ANALYZE');
  const began = performance.now();
  const boss = new PgBoss({
    ...{ connectionString: databaseUrl, schema: 'rounds', max: 1 },
    ...{ migrate: false, supervise: false, schedule: false },
  });
  await boss.start();
  await boss.send('every-hour', {});
  const isBusy = () =>
    psql(`SELECT count(*) FROM rounds.job WHERE name IN ('every-hour', 'standings')
      AND state < 'completed'`) !== '0' || psql('SELECT count(*) FROM standings') === '0';
  while (isBusy()) await pause(1000);
  await boss.stop({ graceful: false, wait: true });
  const timers = Number(psql('SELECT count(DISTINCT timer_id) FROM standings'));
  const eachMs = (performance.now() - began) / timers;
  const from = psql('SELECT from_date FROM standings GROUP BY 1 ORDER BY count(*) DESC LIMIT 1');
  return {
    ...{ url: server.url, psql, from, eachMs },
    stop: async () => {
      await server.end('SIGTERM');
      cluster.stop();
    },
  };
}

/** How long answers to one person take, and whether they are such as were expected. */
function askerOf(url, cookie) {
  return async (method, path, body, expected = [200, 201, 204]) => {
    const began = performance.now();
    const answer = await fetch(`${url}/api${path}`, {
      method,
      headers: { cookie, ...(body && { 'content-type': 'application/json' }) },
      // What is large is written out once: the one who asks beside it is in this process too.
      ...(body && { body: typeof body === 'string' ? body : JSON.stringify(body) }),
    });
    const text = await answer.text();
    if (!expected.includes(answer.status)) throw new Error(`${path}: ${answer.status} ${text}`);
    const isJson = (answer.headers.get('content-type') ?? '').includes('json');
    return { ms: performance.now() - began, body: isJson && text ? JSON.parse(text) : null };
  };
}

/** Ten people at once, each with a moment between two things that they ask for; the 95th percentile of each kind. */
async function tenPeople(ask, from, timers) {
  const taken = { list: [], search: [], save: [] };
  const person = async (number) => {
    const timer = timers[number];
    const settings = async () => (await ask('GET', `/timers/${timer}/settings?on=${from}`)).body;
    let { version, document } = await settings();
    for (let count = 0; count < REQUESTS_EACH; count++) {
      await pause(THINKING_MS * (0.5 + ((count * 7 + number * 3) % 10) / 10));
      if (count % 3 === 0) {
        const page = 1 + ((number * 31 + count * 17) % 400);
        taken.list.push(
          (await ask('GET', `/properties?sort=name&from=${from}&page=${page}&q=`)).ms,
        );
      } else if (count % 3 === 1) {
        const q = encodeURIComponent(TYPED[(number + count) % TYPED.length]);
        taken.search.push((await ask('GET', `/properties?sort=name&from=${from}&q=${q}`)).ms);
      } else {
        const name = `Saved ${number} ${count} ${version}`;
        const saved = await ask('PUT', `/timers/${timer}/settings?on=${from}`, {
          ...{ version, document: { ...document, name } },
        });
        taken.save.push(saved.ms);
        ({ version, document } = saved.body);
      }
    }
  };
  await Promise.all(Array.from({ length: CLIENTS }, (_, number) => person(number)));
  return Object.fromEntries(
    Object.entries(taken).map(([kind, values]) => [kind, quantile(values, 0.95)]),
  );
}

/** Somebody of another firm, signed in; gives their cookie. */
function otherFirm(psql) {
  const token = randomBytes(32).toString('base64url');
  const hash = createHash('sha256').update(token).digest('hex');
  psql(`WITH firm AS (INSERT INTO firms (name) VALUES ('Far Hill Water') RETURNING id),
      account AS (INSERT INTO accounts (email) VALUES ('odo@farhill.example') RETURNING id),
      person AS (INSERT INTO people (firm_id, account_id, name, role, joined_at)
        SELECT firm.id, account.id, 'Odo Brandt', 'owner', now() FROM firm, account RETURNING *)
    INSERT INTO sessions (token_hash, firm_id, person_id, expires_at)
      SELECT '${hash}', firm_id, id, now() + interval '1 day' FROM person`);
  return `water_clock_session=${token}`;
}

/** Does something over and over beside `work`. */
async function beside(hostile, work) {
  const state = { isOver: false };
  const going = (async () => {
    while (!state.isOver) await hostile();
  })();
  await pause(500);
  try {
    return await work();
  } finally {
    state.isOver = true;
    await going;
  }
}

/** The median of what somebody else waits for small things, who asks for one after the other. */
async function somebodyElse(ask, from) {
  const values = [];
  for (let count = 0; count < 60; count++) {
    values.push((await ask('GET', '/rule-sets')).ms);
    values.push((await ask('GET', `/properties?sort=name&from=${from}&q=linden`)).ms);
    await pause(20);
  }
  return median(values);
}

const row = (name, values, goal, unit = 'ms') => ({
  ...{ name, unit, goal },
  median: median(values),
  spread: [Math.min(...values), Math.max(...values)],
});

/** A firm of 10,000 homes with ten people at once, alone and beside plans; and others beside what is meant to hurt. */
export async function underLoad() {
  const firm = await largeFirm();
  try {
    const { url, from, psql } = firm;
    const { cookie } = await signIn(url);
    const ask = askerOf(url, cookie);
    const timers = psql(`SELECT timer_id FROM standings ORDER BY 1 LIMIT ${CLIENTS}`).split('\n');
    const plan = () => ask('POST', '/plans', { document: worstBrief() }, [200, 422, 503]);
    const plans = () => Promise.all(Array.from({ length: PLANS_AT_ONCE }, plan));

    const alone = [];
    const busy = [];
    await tenPeople(ask, from, timers);
    for (let round = 0; round < ROUNDS; round++) {
      alone.push(await tenPeople(ask, from, timers));
      busy.push(await beside(plans, () => tenPeople(ask, from, timers)));
    }
    const of = (rounds, kind) => rounds.map((one) => one[kind]);
    const ratios = (kind) => busy.map((one, index) => one[kind] / alone[index][kind]);

    const home = (await ask('POST', '/properties', { name: 'Slow wall' })).body;
    const slow = (
      await ask('POST', `/properties/${home.id}/timers`, { name: 'Slow', document: worstPlan() })
    ).body;
    const endless = JSON.stringify({ document: longWeather() });
    const wide = JSON.stringify({ document: wideSheet(2000) });
    let day = 0;
    const hostilities = {
      'a plan that is as much as may be': () =>
        ask(
          'GET',
          `/properties/${home.id}/timers?from=2027-0${1 + (day % 9)}-${10 + (day++ % 18)}`,
        ),
      '200 sign-ins at once': () =>
        Promise.all(
          Array.from({ length: SIGN_INS_AT_ONCE }, (_, index) =>
            ask(
              'POST',
              '/session',
              { email: `nobody${index}@farhill.example`, password: 'wrong guess' },
              [401, 429, 503],
            ),
          ),
        ),
      'weather of 5 MB': () => ask('POST', '/weather', endless, [422, 503]),
      'a sheet of 2,000 stations': () => ask('POST', `/timers/${slow.id}/sheets`, wide, [201, 422]),
    };
    const hurt = [];
    for (const [name, hostile] of Object.entries(hostilities)) {
      const values = [];
      for (let round = 0; round < ROUNDS; round++) {
        const idle = await somebodyElse(ask, from);
        values.push((await beside(hostile, () => somebodyElse(ask, from))) / idle);
      }
      hurt.push(row(`somebody else beside ${name}, times as long`, values, 2, 'times'));
    }
    const stranger = askerOf(url, otherFirm(psql));
    const easy = [];
    for (let round = 0; round < EASY_PLANS; round++) {
      const slowOnes = plans();
      await pause(200);
      easy.push((await stranger('POST', '/plans', { document: easyBrief() })).ms);
      await slowOnes;
    }
    return [
      row('list of 10,000 properties, ten people, 95th percentile', of(alone, 'list'), 150),
      row('search in them, ten people, 95th percentile', of(alone, 'search'), 100),
      row('settings saved, ten people, 95th percentile', of(alone, 'save'), 150),
      row('the list beside 20 plans, times as long', ratios('list'), 2, 'times'),
      row('the search beside 20 plans, times as long', ratios('search'), 2, 'times'),
      row('saving beside 20 plans, times as long', ratios('save'), 2, 'times'),
      ...hurt,
      row("an easy plan behind 20 slow ones of another firm's", easy, 3000),
      row('what is true of a timer, in the round of the hour', [firm.eachMs], 100),
    ];
  } finally {
    await firm.stop();
  }
}
