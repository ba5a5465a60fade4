import { killCluster, startCluster, startThrowAwayCluster } from '../../tools/cluster.js';
import { makeDatabase, startServer } from '../support/application.js';
import { signIn } from '../support/sign-in.js';

type Killed = 'server' | 'database' | 'both';

const isLong = Boolean(process.env['TEST_LONG']);
const SAVES = isLong ? 200 : 10;
/** After so many acknowledged saves something is killed, while the next is under way. */
const KILLS: Record<number, Killed> = isLong
  ? { 25: 'server', 55: 'database', 90: 'server', 120: 'both', 150: 'database', 180: 'both' }
  : { 4: 'both' };

interface Saved {
  readonly id: string;
  readonly name: string;
  readonly document: { readonly name: string; readonly programs: { readonly starts: string[] }[] };
}

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** A document that says twice which save it is of. */
const documentOf = (save: number) => ({
  format: 'waterclock.plan/2',
  name: `Save ${save}`,
  timer: { startStepMinutes: 1 },
  stations: Array.from({ length: 12 }, (_, index) => ({ number: index + 1, name: `Of ${save}` })),
  programs: [
    {
      id: 'A',
      starts: [
        `${String(Math.floor(save / 60)).padStart(2, '0')}:${String(save % 60).padStart(2, '0')}`,
      ],
      days: { mode: 'odd' },
      runs: [{ station: 1, seconds: 600 }],
    },
  ],
});

let cluster: Awaited<ReturnType<typeof startThrowAwayCluster>>;
let server: Awaited<ReturnType<typeof startServer>>;
afterAll(async () => {
  await server.end('SIGTERM');
  cluster.stop();
});

it('every save that was acknowledged is there, whole, after server and database were killed', async () => {
  cluster = await startThrowAwayCluster({ isDurable: true });
  const { folder } = cluster;
  const port = Number(new URL(cluster.url).port);
  const databaseUrl = makeDatabase(cluster.url);
  server = await startServer(databaseUrl);
  const { cookie } = await signIn(server.url);

  const ask = async (path: string, method = 'GET', body?: object) => {
    const answer = await fetch(`${server.url}/api${path}`, {
      method,
      headers: { cookie, 'content-type': 'application/json' },
      ...(body && { body: JSON.stringify(body) }),
    });
    if (!answer.ok) throw new Error(`${method} ${path}: ${answer.status}`);
    return answer.json();
  };
  const kill = async (what: Killed) => {
    if (what !== 'server') killCluster(folder);
    if (what !== 'database') await server.end('SIGKILL');
    if (what !== 'server') await startCluster(folder, { onPort: port });
    if (what !== 'database') server = await startServer(databaseUrl);
  };

  const home = await ask('/properties', 'POST', { name: 'Plum cottage' });
  const timer = await ask(`/properties/${home.id}/timers`, 'POST', {
    name: 'Garage',
    document: documentOf(0),
  });
  const settings = `/timers/${timer.id}/settings?on=2026-06-01`;
  /** The version to save from; asked until somebody answers, for a database needs a moment. */
  const versionNow = async (): Promise<number> => {
    for (let tries = 0; ; tries++) {
      try {
        return (await ask(settings)).version as number;
      } catch (error) {
        if (tries > 100) throw error;
        await pause(100);
      }
    }
  };

  const acknowledged: number[] = [];
  let killed = 0;
  for (let save = 1; acknowledged.length < SAVES; save++) {
    const version = await versionNow();
    const saving = ask(settings, 'PUT', {
      version,
      name: `save ${save}`,
      document: documentOf(save),
    }).then(
      () => acknowledged.push(save),
      // Nobody said that it was saved: it may be there or not, but not in part.
      () => undefined,
    );
    const what = KILLS[acknowledged.length];
    if (
      what &&
      killed < Object.keys(KILLS).filter((at) => Number(at) <= acknowledged.length).length
    ) {
      killed += 1;
      await pause(killed * 3);
      await kill(what);
    }
    await saving;
  }
  expect(killed).toBe(Object.keys(KILLS).length);
  await kill('both');
  await versionNow();

  const listed = (await ask(`/timers/${timer.id}/copies`)) as Saved[];
  const copies = await Promise.all(listed.map(({ id }) => ask(`/copies/${id}`) as Promise<Saved>));
  const byName = new Map(copies.map((copy) => [copy.name, copy]));
  for (const save of acknowledged) expect(byName.has(`save ${save}`)).toBe(true);
  // Whatever is there is whole, acknowledged or not.
  for (const { name, document } of copies) {
    const save = Number(name.replace('save ', ''));
    const { stations, programs } = documentOf(save);
    expect(document).toMatchObject({ name: `Save ${save}`, stations, programs });
  }
  expect(copies.length - acknowledged.length).toBeLessThanOrEqual(killed);
  // The desk has the newest copy, and the yard goes with it.
  const newest = copies
    .toSorted(
      (a, b) =>
        a.document.name.length - b.document.name.length ||
        (a.document.name < b.document.name ? -1 : 1),
    )
    .at(-1)!;
  const { document } = await ask(settings);
  expect(document.programs).toEqual(newest.document.programs);
  expect((await ask(`/timers/${timer.id}/yard`)).document.stations[0].name).toBe(
    `Of ${newest.name.replace('save ', '')}`,
  );
});
