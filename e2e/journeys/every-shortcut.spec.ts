import type { Page } from 'puppeteer-core';
import type { Confirmed, Plan } from '@water-clock/core/settings';
import { STEP_NAMES, VISIT_STEPS } from '@water-clock/core/visits';
import { clickOn, goTo, pictured, waitForKept, waitForWords } from '../support/desk.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: true });

interface Settings {
  readonly version: number;
  readonly document: Plan;
}
interface CopyListing {
  readonly id: string;
  readonly reason: string;
  readonly isInTimer: boolean;
}
interface Held {
  readonly id: string;
  readonly reason: string;
  readonly document: Plan;
  readonly confirmed: Confirmed;
}

const FEW_SECONDS = 1500;
const FEW_WORDS = '25 min';

const press = (page: Page, words: string) =>
  clickOn(page, `xpath/.//button[normalize-space()="${words}"][not(@disabled)]`);

const textOf = (page: Page) => page.$eval('main', (main) => main.textContent);

const programA = ({ programs }: Plan) => programs.find(({ id }) => id === 'A')!;

/** What is believed to be in the timer. */
async function inTimer(id: string): Promise<Held> {
  const copies = await stage.ask<CopyListing[]>('GET', `/timers/${id}/copies`);
  return stage.ask<Held>('GET', `/copies/${copies.find(({ isInTimer: is }) => is)!.id}`);
}

/** A visit to a timer of which a start and a run time are to be otherwise: neither is keyed in yet. */
async function visitWith(start: string) {
  const { id, propertyId } = await stage.timerOf('Carport');
  const on = new Date().toISOString().slice(0, 10);
  const settings = await stage.ask<Settings>('GET', `/timers/${id}/settings?on=${on}`);
  const [a, ...rest] = settings.document.programs;
  const starts = [start, ...a!.starts.slice(1)];
  const runs = a!.runs.map((run, at) => (at === 0 ? { ...run, seconds: FEW_SECONDS } : run));
  await stage.ask('PUT', `/timers/${id}/settings?on=${on}`, {
    version: settings.version,
    document: { ...settings.document, programs: [{ ...a!, starts, runs }, ...rest] },
  });
  const found = await inTimer(id);
  expect(programA(found.document).starts).not.toContain(start);
  expect(programA(found.document).runs[0]!.seconds).not.toBe(FEW_SECONDS);
  const visitId = crypto.randomUUID();
  await stage.ask('POST', `/timers/${id}/visits`, {
    ...{ id: visitId, startedAt: new Date().toISOString() },
  });
  return { id, propertyId, visitId, found };
}

const at = (id: string, place: string) => `${stage.url()}/timers/${id}${place}`;

/** Opens a place of the timer, with signal or without. */
async function open(page: Page, id: string, place: string, shows: string): Promise<void> {
  await page.goto(at(id, place), { waitUntil: 'domcontentloaded' });
  await pictured(page, `see ${shows} at ${place}`, () => page.waitForSelector(shows));
}

/** Keys in the clock and the start, and nothing else. */
async function keyInStart(page: Page, id: string, start: string): Promise<void> {
  await open(page, id, '/visit/key-in', '[data-key="clock"]');
  await press(page, 'Keyed in');
  await page.waitForSelector('[data-key="A start 1"]');
  expect(await textOf(page)).toContain(start);
  await press(page, 'Keyed in');
  await page.waitForFunction(() => !document.querySelector('[data-key="A start 1"]'));
  // The card goes on at once; the count when the device has both.
  await waitForWords(page, '2 of ');
}

/** Leaves the sheet and ends the visit, whatever is open; the sheet says what was ticked. */
async function leave(page: Page, id: string, propertyId: string): Promise<string> {
  await open(page, id, '/visit/leave', 'article[data-paper]');
  const sheet = await page.$eval('article[data-paper]', (paper) => paper.textContent);
  await press(page, 'Leave this sheet');
  await page.waitForFunction(() =>
    /The sheet is (kept as it is left|on this device, waiting to be sent)\./.test(
      document.body.textContent,
    ),
  );
  await press(page, 'End the visit');
  await press(page, 'End the visit all the same');
  await page.waitForFunction((path) => location.pathname === path, {}, `/properties/${propertyId}`);
  return sheet;
}

const allSent = (page: Page) =>
  pictured(page, 'see that all was sent', () =>
    page.waitForFunction(() => !document.body.textContent.includes('waiting to be sent')),
  );

/** What somebody without an account reads who has the link to the sheet that was left last. */
async function sharedSheet(page: Page, id: string): Promise<string> {
  await goTo(page, at(id, '/sheet'));
  await press(page, 'Make a link');
  const link = await page.waitForSelector('[data-testid="share-link"]');
  const address = await link!.evaluate((a) => (a as HTMLAnchorElement).href);
  const householder = await stage.pageOf(null);
  await householder.goto(address);
  const paper = await householder.waitForSelector('article[data-paper]');
  const words = await paper!.evaluate((article) => article.textContent);
  await householder.browserContext().close();
  return words;
}

/** Only the start was keyed in, and nobody read it back: so says whoever is asked. */
async function tellsTheStart(
  page: Page,
  visit: Awaited<ReturnType<typeof visitWith>>,
  start: string,
) {
  const { id, propertyId, found } = visit;
  const left = await inTimer(id);
  expect([left.id === found.id, left.reason]).toEqual([false, 'left']);
  expect(programA(left.document).starts).toContain(start);
  expect(programA(left.document).runs[0]).toEqual(programA(found.document).runs[0]);
  // One more than nobody had read back before.
  const keyedIn = found.confirmed.keyedIn + 1;
  expect(left.confirmed).toEqual({ ...left.confirmed, keyedIn, unknown: 0 });
  await goTo(page, `${stage.url()}/properties/${propertyId}`);
  await waitForWords(page, `${keyedIn} of ${left.confirmed.of} values`);
  await goTo(page, at(id, ''));
  await waitForWords(page, `${keyedIn} of ${left.confirmed.of} values`);
  await goTo(page, at(id, '/sheet'));
  // What the device kept of the visit before is renewed a moment after it is shown.
  await waitForWords(page, start);
  const sheet = await textOf(page);
  expect(sheet).not.toContain(FEW_WORDS);
  expect(sheet).toContain('not read off the timer again');
}

it('done without the read-back: what was ticked is what is left, value by value', async () => {
  const visit = await visitWith('08:10');
  const { id, propertyId } = visit;
  const page = await stage.newPage();
  await keyInStart(page, id, '08:10');
  await press(page, 'Key in done');
  await press(page, 'Leave the rest out…');
  await page.waitForSelector('#skip-reason');
  await page.type('#skip-reason', 'The run times are for spring');
  await press(page, 'Skip it');
  await page.waitForFunction(() => location.pathname.endsWith('/visit/walk'));
  const sheet = await leave(page, id, propertyId);
  expect(sheet).toContain('08:10');
  expect(sheet).not.toContain(FEW_WORDS);
  await allSent(page);
  await tellsTheStart(page, visit, '08:10');
  const shared = await sharedSheet(page, id);
  expect(shared).toContain('08:10');
  expect(shared).not.toContain(FEW_WORDS);
  await page.close();
});

it('every step skipped: what was found is what is left', async () => {
  const visit = await visitWith('08:20');
  const { id, propertyId, found } = visit;
  const page = await stage.newPage();
  await goTo(page, at(id, '/as-found'));
  for (const step of VISIT_STEPS.slice(1, -1)) {
    await press(page, 'Skip…');
    await page.waitForSelector('#skip-reason');
    await page.type('#skip-reason', 'Nobody at home');
    await press(page, 'Skip it');
    await page.waitForFunction(
      (name, dialog) =>
        !document.querySelector(dialog) &&
        [...document.querySelectorAll('nav[aria-label="Visit"] li[data-state="skipped"]')].some(
          ({ textContent }) => textContent.includes(name),
        ),
      {},
      STEP_NAMES[step],
      '#skip-reason',
    );
  }
  await page.waitForFunction(() => location.pathname.endsWith('/visit/leave'));
  const sheet = await leave(page, id, propertyId);
  expect(sheet).not.toContain('08:20');
  await allSent(page);
  expect((await inTimer(id)).id).toBe(found.id);
  await goTo(page, at(id, '/sheet'));
  expect(await textOf(page)).not.toContain('08:20');
  const shared = await sharedSheet(page, id);
  expect(shared).toContain(programA(found.document).starts[0]);
  expect(shared).not.toContain('08:20');
  await page.close();
});

it('without signal from the first tick to the end: the same, there and then, and afterwards everywhere', async () => {
  const visit = await visitWith('08:30');
  const { id, propertyId } = visit;
  const page = await stage.newPage();
  for (const place of ['/visit/leave', '/sheet', '/visit/key-in']) await goTo(page, at(id, place));
  // What it has of before it shows first.
  await waitForWords(page, '08:30');
  await goTo(page, `${stage.url()}/properties/${propertyId}`);
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  // What is to be keyed in, and that a visit goes on, as they are by now.
  // In quotes it is a start: without them it may be a moment at which something was saved.
  for (const words of ['"08:30"', visit.visitId]) await waitForKept(page, words);
  await page.setOfflineMode(true);
  await keyInStart(page, id, '08:30');
  expect(await leave(page, id, propertyId)).toContain('08:30');
  await open(page, id, '/sheet', 'article[data-paper]');
  const sheet = await textOf(page);
  expect(sheet).toContain('08:30');
  expect(sheet).not.toContain(FEW_WORDS);
  await page.setOfflineMode(false);
  await allSent(page);
  await tellsTheStart(page, visit, '08:30');
  const shared = await sharedSheet(page, id);
  expect(shared).toContain('08:30');
  expect(shared).not.toContain(FEW_WORDS);
  await page.close();
});

it('left open, and ended by somebody else: what was ticked counts all the same', async () => {
  const visit = await visitWith('08:40');
  const { id, visitId } = visit;
  const page = await stage.newPage();
  await keyInStart(page, id, '08:40');
  await allSent(page);
  await goTo(page, at(id, '/sheet'));
  expect(await textOf(page)).toContain('08:40');
  await stage.ask('PATCH', `/visits/${visitId}`, { isEnded: true });
  await tellsTheStart(page, visit, '08:40');
  await page.close();
});
