import type { Page } from 'puppeteer-core';
import type { Plan } from '@water-clock/core/settings';
import { startSimulator } from '../../tools/simulator.js';
import { makeDatabase, startServer } from '../support/application.js';
import { openBrowser } from '../support/browser.js';
import {
  axeFindings,
  clickMenuItem,
  clickOn,
  goTo,
  labelled,
  patient,
  pictured,
  waitForWords,
} from '../support/desk.js';
import { signIn, timersOf } from '../support/sign-in.js';

let server: Awaited<ReturnType<typeof startServer>>;
let opened: Awaited<ReturnType<typeof openBrowser>>;
let databaseUrl: string;
let cookie: string;
let page: Page;
let timer: { id: string; propertyId: string };

beforeAll(async () => {
  databaseUrl = makeDatabase(process.env['TEST_DATABASE_URL']!, { demo: true });
  server = await startServer(databaseUrl);
  opened = await openBrowser();
  const person = await signIn(server.url, 'Ines Marlow');
  cookie = person.cookie;
  await person.letIn(opened.browser.defaultBrowserContext());
  timer = (await timersOf(server.url, cookie)).find(({ name }) => name === 'Carport')!;
  page = await opened.browser.newPage();
  patient(page);
  await page.setViewport({ width: 390, height: 844 });
});
afterAll(async () => {
  await opened.close();
  await server.end('SIGKILL');
});

/** The server is gone, and the device knows of no network. */
async function loseSignal(): Promise<void> {
  await page.setOfflineMode(true);
  await server.end('SIGKILL');
}

async function findSignal(): Promise<void> {
  server = await startServer(databaseUrl, { onPort: Number(new URL(server.url).port) });
  await page.setOfflineMode(false);
}

const ask = async <Answer>(path: string, by = cookie): Promise<Answer> => {
  const answer = await fetch(`${server.url}/api${path}`, { headers: { cookie: by } });
  if (!answer.ok) throw new Error(`${path}: ${answer.status}`);
  return (await answer.json()) as Answer;
};

/** The button whose words begin so. */
const press = (words: string) =>
  clickOn(
    page,
    `::-p-xpath(.//button[starts-with(normalize-space(), "${words}")][not(@disabled)])`,
  );

const waitForStep = (title: string) =>
  pictured(page, `come to ${title}`, () =>
    page.waitForFunction(
      (words) => document.querySelector('main h1')?.textContent.endsWith(words),
      {},
      title,
    ),
  );

const cardKey = () => page.$eval('[data-key]', (card) => (card as HTMLElement).dataset['key']!);

const widthOfPage = () => page.evaluate(() => document.documentElement.scrollWidth);

interface Visits {
  readonly id: string;
  readonly endedAt: string | null;
}
interface Entry {
  readonly observedAt: string;
  readonly entry: { readonly kind: string; readonly [field: string]: unknown };
}

let link: string;

it('is made whole on a phone, without signal from key in to walk, and all of it comes in', async () => {
  await goTo(page, `${server.url}/properties/${timer.propertyId}`);
  // What is still to come in would move the button away from under the click.
  await waitForWords(page, 'by Ines Marlow');
  await press('Visit');
  await press('Begin a visit');
  await press('Arrive done');

  // As found, with a fault in it.
  await press('Begin from copy');
  await page.waitForSelector('[aria-label="Findings"] li[data-severity="error"]');
  const found = await page.$$eval('[aria-label="Findings"] li', (all) => all.length);
  expect(found).toBeGreaterThan(0);
  for (let words = ''; words !== 'Save as found';) {
    const next = await page.waitForSelector('[aria-label="Steps"] .ant-btn-primary');
    words = await next!.evaluate((button) => button.textContent.trim());
    await next!.click();
  }

  await waitForStep('Clock');
  const clock = await page.waitForSelector('[aria-label="True time"]');
  expect(await clock!.evaluate((time) => time.textContent)).toMatch(/\d\d:\d\d:\d\d/);
  await press('The timer shows it now');
  await page.waitForSelector('table[aria-label="Stations"]');
  await press('Yard done');
  await page.waitForSelector('[aria-label^="Need of station"]');
  await press('Need done');
  await page.waitForSelector('[aria-label="Plans side by side"]');
  await press('Take this plan');
  // The desk has it, and nothing moves any more.
  await page.waitForSelector('table[aria-label="Settings"]');
  await press('Save settings');
  await page.waitForSelector('xpath/.//button[normalize-space()="Saved"]');
  await press('Plan done');

  await waitForStep('Key in');
  await page.waitForSelector('[data-key]');
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  const { document: planned } = await ask<{ document: Plan }>(
    `/timers/${timer.id}/settings?on=2026-06-01`,
  );

  await loseSignal();
  await page.reload({ waitUntil: 'domcontentloaded' });
  await page.waitForSelector('[data-key="clock"]');
  expect(await widthOfPage()).toBe(390);
  // By the space bar, one after another; what is keyed in survives a reload.
  const keys: string[] = [];
  for (let key = await cardKey(); key !== 'end'; key = await cardKey()) {
    keys.push(key);
    await page.keyboard.press(' ');
    await page.waitForFunction(
      (before) => document.querySelector<HTMLElement>('[data-key]')!.dataset['key'] !== before,
      {},
      key,
    );
    if (keys.length === 3) {
      // It is counted once the device has it.
      await waitForWords(page, `${keys.length} of `);
      await page.reload({ waitUntil: 'domcontentloaded' });
      await page.waitForSelector('[data-key]');
      expect(keys).not.toContain(await cardKey());
    }
  }
  expect(new Set(keys).size).toBe(keys.length);
  expect(keys.length).toBeGreaterThan(5);
  expect(keys[0]).toBe('clock');
  await waitForWords(page, `${keys.length} of ${keys.length}`);

  // The display shows one run time otherwise than it should.
  await press('Read back');
  const [wrong, seconds] = [...runTimes(planned)].find(([key]) => keys.includes(key))!;
  const row = `li[data-key="${wrong}"]`;
  await (await page.waitForSelector(`${row} button`))!.click();
  const input = await page.waitForSelector(`${row} input`);
  await input!.click({ count: 3 });
  await page.keyboard.type(String(seconds / 60 + 1));
  expect(await axeFindings(page)).toEqual([]);
  await press('Save what it shows');

  await waitForStep('Walk');
  const numbers = planned.stations.filter(({ enabled }) => enabled).map(({ number }) => number);
  for (const number of numbers) {
    await page.waitForSelector(`[data-station="${number}"]`);
    await press('It is on');
    await page.waitForFunction(() =>
      /^[12]:\d\d$/.test(document.querySelector('[aria-label="Time left"]')!.textContent),
    );
    if (number !== numbers[1]) {
      await press('Fine');
      continue;
    }
    await press('Fault or reading');
    const leak = await page.waitForSelector('xpath/.//label[contains(., "Leak")]');
    await leak!.click();
    await (await labelled(page, 'Note')).click();
    await page.keyboard.type('at the gate');
    await (await labelled(page, 'Reading of the meter')).click();
    await page.keyboard.type('26');
    await waitForWords(page, 'in range');
    expect(await axeFindings(page)).toEqual([]);
    await press('Keep the fault');
  }
  expect(await widthOfPage()).toBe(390);
  await waitForWords(page, 'waiting to be sent');
  await press('All stations are seen');
  await waitForStep('Leave');
  await page.reload({ waitUntil: 'domcontentloaded' });
  await waitForWords(page, 'The last look');

  await findSignal();
  await page.waitForFunction(() => !document.body.textContent.includes('waiting to be sent'), {
    timeout: 20_000,
  });
  for (const box of await page.$$('[aria-labelledby="last-look"] input[type="checkbox"]'))
    await box.click();
  await press('Leave this sheet');
  await page.waitForSelector('a[href$=".pdf"]');
  await press('Make a link');
  const made = await page.waitForSelector('[data-testid="share-link"]');
  link = await made!.evaluate((a) => (a as HTMLAnchorElement).href);
  expect(await widthOfPage()).toBe(390);
  expect(await axeFindings(page)).toEqual([]);
  await press('End the visit');
  await page.waitForSelector('[aria-label="Ways to go on"]');
  await page.waitForFunction(() => !document.body.textContent.includes('waiting to be sent'));

  // All of it is on the server.
  const [visit] = await ask<Visits[]>(`/timers/${timer.id}/visits`);
  expect(visit!.endedAt).not.toBeNull();
  const { entries } = await ask<{ entries: Entry[] }>(`/visits/${visit!.id}`);
  const of = (kind: string) => entries.filter(({ entry }) => entry.kind === kind);
  const ticked = of('key-in').map(({ entry }) => entry['key']);
  expect(ticked).toEqual(expect.arrayContaining(keys));
  expect(ticked).toEqual(expect.arrayContaining(['look run', 'look clock']));
  expect(of('station').map(({ entry }) => entry['station'])).toEqual(numbers);
  const done = of('step').map(({ entry }) => `${String(entry['step'])} ${String(entry['state'])}`);
  expect(done).toEqual(
    ['arrive', 'as-found', 'clock', 'yard', 'need', 'plan', 'key-in', 'walk', 'leave'].map(
      (step) => `${step} done`,
    ),
  );
  const times = entries.map(({ observedAt }) => observedAt);
  expect(times).toEqual([...times].sort());

  const jobs = await ask<object[]>(`/properties/${timer.propertyId}/jobs`);
  expect(jobs).toMatchObject([{ station: numbers[1], fault: 'leak', note: 'at the gate' }]);
  const copies = await ask<{ id: string; reason: string; isInTimer: boolean }[]>(
    `/timers/${timer.id}/copies`,
  );
  expect(copies[0]).toMatchObject({ reason: 'left', isInTimer: true });
  expect(copies.map(({ reason }) => reason)).toContain('as-found');
  const left = await ask<{ document: Plan }>(`/copies/${copies[0]!.id}`);
  const shown = runTimes(left.document);
  expect(shown.get(wrong)).toBe(seconds + 60);
  const others = [...runTimes(planned)].filter(([key]) => key !== wrong);
  for (const [key, value] of others) expect([key, shown.get(key)]).toEqual([key, value]);
});

/** Every run time that is set, by the key of its place. */
const runTimes = (plan: Plan): Map<string, number> =>
  new Map(
    plan.programs.flatMap(({ id, runs }) =>
      runs
        .filter(({ seconds }) => seconds > 0)
        .map(({ station, seconds }): [string, number] => [`${id} station ${station}`, seconds]),
    ),
  );

it('shows a homeowner who has the link the sheet, and nothing else, until it is withdrawn', async () => {
  const context = await opened.browser.createBrowserContext();
  const home = await context.newPage();
  patient(home);
  // Behind another page it would draw no frame.
  await home.bringToFront();
  await home.setViewport({ width: 390, height: 844 });
  const asked: string[] = [];
  home.on('request', (request) => asked.push(new URL(request.url()).pathname));
  await goTo(home, link);
  await waitForWords(home, 'When each station waters');
  const { document: planned } = await ask<{ document: Plan }>(
    `/timers/${timer.id}/settings?on=2026-06-01`,
  );
  for (const { name } of planned.stations.filter(({ name }) => name))
    await waitForWords(home, name!);
  const { name, gateNotes, contactPhone } = await ask<Record<string, string>>(
    `/properties/${timer.propertyId}`,
  );
  const text = await home.evaluate(() => document.body.textContent);
  expect(text).toContain(name);
  for (const secret of [gateNotes, contactPhone].filter(Boolean))
    expect(text).not.toContain(secret);
  expect(asked.filter((path) => path.startsWith('/api/'))).toEqual([
    `/api/shared/${link.split('/').at(-1)}`,
    `/api/shared/${link.split('/').at(-1)}/now`,
  ]);
  expect(await axeFindings(home)).toEqual([]);
  expect(await home.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
  // The rest of the house stays shut.
  const others = await home.evaluate(
    async (path) => (await fetch(path)).status,
    `/api/timers/${timer.id}`,
  );
  expect(others).toBe(401);

  const [sheet] = await ask<{ links: { id: string }[] }[]>(`/timers/${timer.id}/sheets`);
  await fetch(`${server.url}/api/links/${sheet!.links[0]!.id}`, {
    method: 'DELETE',
    headers: { cookie },
  });
  await home.reload({ waitUntil: 'networkidle0' });
  await waitForWords(home, 'This link no longer works');
  await context.close();
});

it('shows what two said differently without knowing of each other, and overwrites neither', async () => {
  await goTo(page, `${server.url}/timers/${timer.id}/visit`);
  await press('Begin a visit');
  await waitForWords(page, 'Put them into the timer');
  await page.waitForFunction(() => !document.body.textContent.includes('waiting to be sent'));
  const [visit] = await ask<Visits[]>(`/timers/${timer.id}/visits`);

  await loseSignal();
  await page.goto(`${server.url}/timers/${timer.id}/visit/walk`, { waitUntil: 'domcontentloaded' });
  await press('Fine');
  await waitForWords(page, 'waiting to be sent');
  server = await startServer(databaseUrl, { onPort: Number(new URL(server.url).port) });
  const other = await signIn(server.url, 'Tobias Fenn');
  const told = await fetch(`${server.url}/api/visits/${visit!.id}/entries`, {
    method: 'POST',
    headers: { cookie: other.cookie, 'content-type': 'application/json' },
    body: JSON.stringify({
      id: crypto.randomUUID(),
      seen: 0,
      observedAt: new Date().toISOString(),
      document: { kind: 'station', station: 1, faults: ['low-pressure'], note: 'half of it' },
    }),
  });
  expect(told.status).toBe(201);
  await page.setOfflineMode(false);
  await page.waitForFunction(() => !document.body.textContent.includes('waiting to be sent'), {
    timeout: 20_000,
  });
  await goTo(page, `${server.url}/timers/${timer.id}/visit`);
  await waitForWords(page, 'Two of you say different things');
  await waitForWords(page, 'Station 1: Low pressure (half of it)');
  await waitForWords(page, 'Station 1: fine');
  await press('This is right');
  await page.waitForFunction(() => !document.body.textContent.includes('say different things'));
  await page.waitForFunction(() => !document.body.textContent.includes('waiting to be sent'));
  const { entries } = await ask<{ entries: Entry[] }>(`/visits/${visit!.id}`);
  expect(entries.filter(({ entry }) => entry.kind === 'station')).toHaveLength(3);
});

it('drives a simulated timer on the walk, and reads its meter', async () => {
  const simulator = await startSimulator();
  try {
    await server.end('SIGKILL');
    const onPort = Number(new URL(server.url).port);
    server = await startServer(databaseUrl, { onPort, simulatorUrl: simulator.url });
    await goTo(page, `${server.url}/timers/${timer.id}/visit/walk?station=3`);
    await press('Use a simulated one');
    await press('Turn it on');
    await waitForWords(page, 'The simulated timer waters');
    const simulatorState = () =>
      ask<{ open: { station: number }[] }>(`/timers/${timer.id}/simulator`);
    expect((await simulatorState()).open).toMatchObject([{ station: 3 }]);
    await press('Next on');
    await page.waitForSelector('[data-station="4"]');
    await waitForWords(page, 'The simulated timer waters');
    expect((await simulatorState()).open).toMatchObject([{ station: 4 }]);
    await press('Stop');
    await waitForWords(page, 'The simulated timer rests');
    expect((await simulatorState()).open).toEqual([]);
    await fetch(`${simulator.url}/timers/${timer.id}/commands`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ command: 'fault', station: 4, fault: 'open' }),
    });
    await press('Fault or reading');
    await press('Read it');
    await waitForWords(page, 'open: broken wire or coil');
  } finally {
    simulator.stop();
  }
});

/** All that is kept on the device, as one text. */
const keptOnDevice = () =>
  page.evaluate(
    () =>
      new Promise<string>((resolve, reject) => {
        const opening = indexedDB.open('water-clock-answers');
        opening.onerror = () => reject(new Error('The store cannot be opened.'));
        opening.onsuccess = () => {
          const asked = opening.result.transaction('answers').objectStore('answers').getAll();
          asked.onsuccess = () => resolve(JSON.stringify(asked.result));
        };
      }),
  );

/** Waits until what is kept on the device is as it should be; it is written a moment after it is shown. */
async function untilKept(isSo: (kept: string) => boolean): Promise<void> {
  const end = Date.now() + 60_000;
  for (let kept = await keptOnDevice(); !isSo(kept); kept = await keptOnDevice())
    if (Date.now() > end) throw new Error(`Kept on the device: ${kept.slice(0, 2000)}`);
}

it('keeps the homes that are saved for offline, and nothing once the person has signed out', async () => {
  await goTo(page, `${server.url}/properties`);
  await press('Save for offline');
  await waitForWords(page, 'on this device, for visits without signal');
  await untilKept((kept) => kept.includes('Wren corner') && kept.includes('settings-to-read'));
  await (await labelled(page, 'You: Ines Marlow')).click();
  await clickMenuItem(page, 'Sign out');
  await waitForWords(page, 'Look around as');
  await untilKept((kept) => !kept.includes('Wren corner'));
});
