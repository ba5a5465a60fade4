// Bytes over the wire until a page's network is idle, as a proxy between browser and server counts them.
import { connect, createServer } from 'node:net';
import { openBrowser } from './browser.js';
import { startApplication } from './application.js';
import { signIn } from './sign-in.js';
import { fourPages } from './four-pages.js';

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

const GOALS = { 'sign-in': 250, properties: 350, desk: 450, 'share page': 120 };

/** What each page transfers to a browser that has nothing of it yet, fonts and answers included. */
export async function transferred() {
  const application = await startApplication({ demo: true });
  const proxy = await countingProxy(Number(new URL(application.url).port));
  const { browser, close } = await openBrowser();
  const rows = [];
  try {
    const person = await signIn(application.url);
    for (const { name, path, isSignedIn } of await fourPages(application.url, person.cookie)) {
      const context = await browser.createBrowserContext();
      if (isSignedIn) await person.letIn(context);
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
        goal: GOALS[name],
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
