import { execFileSync } from 'node:child_process';
import { makeDatabase, startServer } from '../e2e/support/application.js';
import { openBrowser } from '../e2e/support/browser.js';
import { signIn, timersOf } from '../e2e/support/sign-in.js';
import { startThrowAwayCluster } from '../tools/cluster.js';
import { median } from './statistics.mjs';

const PHOTOS = 5000;
const PICTURE_BYTES = 300_000;
const ROUNDS = 25;

/** How much longer the page of a home takes to be drawn in a firm that has 5,000 photos of 300 KB, over all of its homes. */
export async function manyPhotos() {
  const cluster = await startThrowAwayCluster();
  const databaseUrl = makeDatabase(cluster.url, { demo: true });
  const server = await startServer(databaseUrl);
  const { browser, close } = await openBrowser();
  try {
    const person = await signIn(server.url, 'Greta Holloway');
    await person.letIn(browser.defaultBrowserContext());
    const timers = await timersOf(server.url, person.cookie);
    const { propertyId } = timers.find(({ name }) => name === 'Garage timer');
    const page = await browser.newPage();
    const without = await drawn(page, `${server.url}/properties/${propertyId}`);
    addPhotos(databaseUrl);
    const withPhotos = await drawn(page, `${server.url}/properties/${propertyId}`);
    const ratios = withPhotos.map((time) => time / median(without));
    return {
      name: `a home's page in a firm with ${PHOTOS.toLocaleString('en')} photos of 300 KB, times as long as without`,
      median: median(ratios),
      spread: [Math.min(...ratios), Math.max(...ratios)],
      unit: 'times',
      goal: 1.3,
    };
  } finally {
    await close();
    await server.end('SIGTERM');
    await cluster.stop();
  }
}

/** Until all of the page is there, its photos too, some times over; the first, for which nothing is at hand yet, does not count. */
async function drawn(page, address) {
  const times = [];
  for (let round = 0; round <= ROUNDS; round++) {
    const begin = performance.now();
    await page.goto(address, { waitUntil: 'load' });
    await page.waitForFunction(() => {
      const small = [...document.querySelectorAll('[aria-labelledby="photos"] img')];
      return (
        document.querySelector('[aria-label="Ways to go on"]') &&
        small.length > 0 &&
        small.every(({ complete }) => complete)
      );
    });
    times.push(performance.now() - begin);
  }
  return times.slice(1);
}

/** Photos of all timers by turns, with pictures that do not pack. */
function addPhotos(databaseUrl) {
  // The small ones are drawn: they are those of a photo of the demo.
  const bytes = (count) => `decode(repeat('5a', ${count}), 'hex')`;
  const statement = `
    WITH added AS (
      INSERT INTO photos (firm_id, timer_id, taken_at, media, width, height, bytes, document)
      SELECT t.firm_id, t.id, now() - n * interval '1 hour', 'image/webp', 1600, 1200,
        ${PICTURE_BYTES}, '{"about": "front", "station": null, "note": "", "pins": []}'
      FROM generate_series(1, ${PHOTOS}) AS n
      JOIN (SELECT *, row_number() OVER (ORDER BY id) AS place, count(*) OVER () AS timers FROM timers) AS t
        ON t.place = 1 + n % t.timers
      RETURNING id, firm_id)
    INSERT INTO photo_files (photo_id, firm_id, picture, small, small_media)
    SELECT id, firm_id, ${bytes(PICTURE_BYTES)}, (SELECT small FROM photo_files LIMIT 1), 'image/webp'
    FROM added`;
  execFileSync('psql', [databaseUrl, '-Atqc', statement]);
  execFileSync('psql', [databaseUrl, '-Atqc', 'ANALYZE photos; ANALYZE photo_files']);
}
