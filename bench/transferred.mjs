// Bytes over the wire until a page's network is idle, as a proxy between browser and server counts them.
import { randomUUID } from 'node:crypto';
import { connect, createServer } from 'node:net';
import { openBrowser } from '../e2e/support/browser.js';
import { startApplication } from '../e2e/support/application.js';
import { signIn, timersOf } from '../e2e/support/sign-in.js';
import { parseDate } from '../packages/core/dist/civil-time/index.js';
import { readPlan } from '../packages/core/dist/settings/index.js';
import { sheetOf } from '../packages/core/dist/sheets/index.js';
import { TimerHandling } from '../packages/core/dist/timer-types/index.js';

/** Passes everything on to a port of this machine, and counts what comes back. */
function countingProxy(port) {
  let bytes = 0;
  const server = createServer((from) => {
    const to = connect(port, '127.0.0.1');
    to.on('data', (part) => (bytes += part.length));
    from.pipe(to).pipe(from);
    for (const end of [from, to]) end.on('error', () => (from.destroy(), to.destroy()));
  });
  return new Promise((resolve) =>
    server.listen(0, '127.0.0.1', () =>
      resolve({
        url: `http://127.0.0.1:${server.address().port}`,
        reset: () => (bytes = 0),
        bytes: () => bytes,
        close: () => server.close(),
      }),
    ),
  );
}

/** What each page transfers to a browser that has nothing of it yet, fonts and answers included. */
export async function transferred() {
  const application = await startApplication({ demo: true });
  const proxy = await countingProxy(Number(new URL(application.url).port));
  const { browser, close } = await openBrowser();
  const rows = [];
  try {
    const person = await signIn(application.url);
    const timers = await timersOf(application.url, person.cookie);
    const { id } = timers.find(({ name }) => name === 'Garage timer');
    const pages = [
      ['sign-in', '/sign-in', 250],
      ['properties', '/properties', 350],
      ['desk', `/timers/${id}`, 450],
      ['share page', await shareLink(application.url, person.cookie, id), 120],
    ];
    for (const [name, path, goal] of pages) {
      const context = await browser.createBrowserContext();
      if (name === 'properties' || name === 'desk') await person.letIn(context);
      const page = await context.newPage();
      // What the service worker brings is for later: it is not counted here.
      await page.evaluateOnNewDocument('delete Navigator.prototype.serviceWorker');
      proxy.reset();
      await page.goto(proxy.url + path, { waitUntil: 'networkidle0' });
      const median = proxy.bytes() / BYTES_PER_KB;
      rows.push({
        name: `transferred: ${name}`,
        median,
        spread: [median, median],
        unit: 'KB',
        goal,
      });
      await context.close();
    }
  } finally {
    await close();
    proxy.close();
    await application.stop();
  }
  return rows;
}

const BYTES_PER_KB = 1000;

/** A link to a sheet of a timer, made through the API as the leave page makes it. */
async function shareLink(url, cookie, timerId) {
  const ask = async (path, body) => {
    const answer = await fetch(`${url}/api${path}`, {
      method: body ? 'POST' : 'GET',
      headers: { cookie, 'content-type': 'application/json' },
      ...(body && { body: JSON.stringify(body) }),
    });
    if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`);
    return answer.json();
  };
  const { document } = await ask(`/timers/${timerId}/settings?on=2026-06-01`);
  const read = readPlan(document);
  const sheet = sheetOf({
    plan: read.value,
    on: parseDate('2026-06-01'),
    property: 'A home',
    timer: 'Garage timer',
    firm: 'Quillhaven Sprinkler Care',
    phone: '555 0100',
    handling: new TimerHandling(),
    clock: '24',
    due: [],
    volumeWords: (litres) => `${Math.round(litres)} L`,
  });
  const id = randomUUID();
  await ask(`/timers/${timerId}/sheets`, { id, document: sheet });
  const { token } = await ask(`/sheets/${id}/links`, { days: 30 });
  return `/s/${token}`;
}
