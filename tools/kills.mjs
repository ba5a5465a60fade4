// npm run kills [-- --kills 500]: ends the server, or its database, at any moment while people save, and looks whether
// everything that was said to be saved is there.
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { parseArgs } from 'node:util';
import { killCluster, startCluster } from './cluster.js';
import { makeDatabase, startServer } from '../e2e/support/application.js';
import { signIn } from '../e2e/support/sign-in.js';

const { values } = parseArgs({
  options: { kills: { type: 'string', default: '20' }, seed: { type: 'string', default: '1' } },
});
const KILLS = Number(values.kills);
const PEOPLE = 4;
/** Of so many kills one is the database's. */
const EVERY_DATABASE = 5;

let state = Number(values.seed);
const upTo = (limit) => {
  state = (state * 48_271) % 2_147_483_647;
  return state % limit;
};

const parent = mkdtempSync(join(tmpdir(), 'water-clock-kills-'));
chmodSync(parent, 0o711);
const folder = join(parent, 'data');
let cluster = await startCluster(folder);
const onPort = Number(new URL(cluster.url).port);
const databaseUrl = makeDatabase(cluster.url, { demo: true });
let server = await startServer(databaseUrl);
const port = Number(new URL(server.url).port);
const { cookie } = await signIn(server.url);

/** Null: no answer, or one that says to ask again. */
async function ask(method, path, body) {
  try {
    const answer = await fetch(`${server.url}/api${path}`, {
      method,
      headers: { cookie, 'content-type': 'application/json' },
      ...(body && { body: JSON.stringify(body) }),
      signal: AbortSignal.timeout(10_000),
    });
    const text = await answer.text();
    if (answer.status >= 500) return null;
    return { status: answer.status, body: text ? JSON.parse(text) : null };
  } catch {
    return null;
  }
}

async function surely(method, path, body) {
  for (;;) {
    const answer = await ask(method, path, body);
    if (answer) return answer;
    await pause(50);
  }
}

const totals = { saves: 0, unanswered: 0, lost: 0 };
const isOver = { now: false };

async function person(number) {
  const { body } = await surely('POST', '/properties', { name: `House ${number}` });
  let { id, version } = body;
  let acknowledged = '';
  let unanswered = [];
  for (let save = 1; !isOver.now; save++) {
    const gateNotes = `Note ${number} ${save}`;
    const answer = await ask('PUT', `/properties/${id}`, {
      ...{ name: `House ${number}`, gateNotes, version },
    });
    if (answer?.status === 200) {
      totals.saves++;
      acknowledged = gateNotes;
      unanswered = [];
      version = answer.body.version;
      continue;
    }
    totals.unanswered++;
    unanswered.push(gateNotes);
    const { body: now } = await surely('GET', `/properties/${id}`);
    if (![acknowledged, ...unanswered].includes(now.gateNotes)) {
      totals.lost++;
      console.error(`lost: ${acknowledged}, found ${now.gateNotes}`);
    }
    acknowledged = now.gateNotes;
    version = now.version;
  }
  const { body: last } = await surely('GET', `/properties/${id}`);
  if (last.gateNotes !== acknowledged) totals.lost++;
}

const people = Array.from({ length: PEOPLE }, (_, number) => person(number));
for (let kill = 1; kill <= KILLS; kill++) {
  await pause(100 + upTo(900));
  if (kill % EVERY_DATABASE === 0) {
    killCluster(folder);
    cluster = await startCluster(folder, { onPort });
  } else {
    await server.end('SIGKILL');
    server = await startServer(databaseUrl, { onPort: port });
  }
  if (kill % 50 === 0) console.log(`${kill} kills: ${JSON.stringify(totals)}`);
}
isOver.now = true;
await Promise.all(people);
await server.end('SIGTERM');
cluster.stop();
rmSync(parent, { recursive: true, force: true });
console.log(
  `${KILLS} kills, ${totals.saves} saves acknowledged, ${totals.unanswered} unanswered, ${totals.lost} lost`,
);
process.exitCode = totals.lost === 0 && totals.saves > KILLS ? 0 : 1;
