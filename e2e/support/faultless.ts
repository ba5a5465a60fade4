import type { Yard } from '@water-clock/core/yards';
import type { Page } from 'puppeteer-core';
import { clippedWords } from './clipped-words.js';
import { axeFindings, goTo, turnTo } from './desk.js';
import { SCREENS } from './screens.js';
import { setStage, type Stage } from './stage.js';

const WIDTHS = [360, 390, 768, 1024, 1280, 1920];
/** Sixty letters. */
const LONG_NAME = 'Longstreet-Featherstonehaugh by the old mill pond, west side';

/** What moves into place has moved: axe would read colours in between. */
const atRest = (page: Page) =>
  page.evaluate(() => Promise.all(document.getAnimations().map(({ finished }) => finished)));

const inColours = (page: Page, scheme: 'light' | 'dark') =>
  page.emulateMediaFeatures([
    { name: 'prefers-color-scheme', value: scheme },
    { name: 'prefers-reduced-motion', value: 'reduce' },
  ]);

/** What axe finds wrong with a page in light colours, and with its contrasts in dark ones. */
export async function faultsOf(page: Page): Promise<string[]> {
  await atRest(page);
  const light = await axeFindings(page);
  await inColours(page, 'dark');
  await page.waitForFunction(() => document.documentElement.dataset['theme'] === 'dark');
  await atRest(page);
  const dark = await axeFindings(page, ['color-contrast']);
  await inColours(page, 'light');
  return [...light, ...dark.map((finding) => `dark: ${finding}`)];
}

/**
 * The width of a page in each window that is narrower than it, tables that nobody sees there, and words that are not all
 * to be seen.
 */
export async function unfitFor(page: Page): Promise<string[]> {
  const wide: string[] = [];
  for (const width of WIDTHS) {
    await page.setViewport({ width, height: 800 });
    // What draws itself to its width has done so when two frames have passed.
    const has = await page.evaluate(
      () =>
        new Promise<number>((resolve) =>
          requestAnimationFrame(() =>
            // The page itself scrolls inside the window: what it hides sideways counts too.
            requestAnimationFrame(() =>
              resolve(
                Math.max(
                  ...['html', 'main'].map((part) => document.querySelector(part)?.scrollWidth ?? 0),
                ),
              ),
            ),
          ),
        ),
    );
    if (has > width) wide.push(`${has} px in a window of ${width} px`);
    wide.push(...(await squeezed(page)).map((label) => `${label}: nothing of it at ${width} px`));
    wide.push(...(await page.evaluate(clippedWords)).map((words) => `${words} (${width} px)`));
  }
  return wide;
}

/** Tables that are there, in a place that leaves none of their height to be seen. */
const squeezed = (page: Page): Promise<string[]> =>
  page.$$eval('main table', (tables) =>
    tables
      .filter(({ offsetHeight, parentElement }) => offsetHeight > 0 && !parentElement?.clientHeight)
      .map((table) => table.getAttribute('aria-label') ?? 'a table'),
  );

/** The desk of a timer with collisions, for somebody who reads twelve hours: its words are the longest. */
const DESK_SCREENS = [
  ['the desk', '?from=2026-06-01', '[data-run]'],
  ['plans side by side', '?mode=plan&from=2026-06-01', '[aria-label="Plans side by side"]'],
  ['a season in percentages', '?mode=season', '[aria-label="Percentage by month"]'],
] as const;

/** Tests every other screen of the list: axe finds no fault, light or dark, and it fits every window. */
export function testsOfScreens(half: 0 | 1): void {
  const stage = setStage({ demo: true });
  let page: Page;
  beforeAll(async () => {
    await withLongNames(stage);
    await stage.ask('PATCH', '/session', { clock: '12' });
    page = await stage.newPage();
    await goTo(page, `${stage.url()}/account`);
    await inColours(page, 'light');
  });

  it.each(
    SCREENS.filter((_, index) => index % 2 === half).map(({ name, path, ready }) => [
      name,
      path,
      ready,
    ]),
  )('%s has no faults that axe finds, and fits every window', async (_, path, ready) => {
    const { id, propertyId } = await stage.timerOf('Carport');
    // As its links do: loaded anew, each would have to read and compile the whole application.
    await turnTo(page, path.replace('HOME', propertyId).replace('TIMER', id));
    await page.waitForSelector(`${ready}:not([data-left])`);
    expect(await faultsOf(page)).toEqual([]);
    expect(await unfitFor(page)).toEqual([]);
  });

  if (half === 0)
    it.each(DESK_SCREENS)('%s, with collisions, fits every window', async (_, place, ready) => {
      const { id } = await stage.timerOf('Garage timer');
      await turnTo(page, `/timers/${id}${place}`);
      await page.waitForSelector(ready);
      expect(await unfitFor(page)).toEqual([]);
    });
}

/** Gives a home, its contact and three of its stations names of sixty letters. */
async function withLongNames(stage: Stage): Promise<void> {
  const { id, propertyId } = await stage.timerOf('Carport');
  const home = await stage.ask<Record<string, object | string | number | boolean | null>>(
    'GET',
    `/properties/${propertyId}`,
  );
  const { id: _id, archived: _archived, setUpSkipped: _setUpSkipped, ...fields } = home;
  const known = Object.entries<unknown>({ ...fields, name: LONG_NAME, contactName: LONG_NAME });
  await stage.ask(
    'PUT',
    `/properties/${propertyId}`,
    Object.fromEntries(known.filter(([, value]) => value !== null)),
  );
  const { version, document } = await stage.ask<{ version: number; document: Yard }>(
    'GET',
    `/timers/${id}/yard`,
  );
  const stations = document.stations.map((station, index) =>
    index < 3 ? { ...station, name: LONG_NAME } : station,
  );
  await stage.ask('PUT', `/timers/${id}/yard`, { version, document: { ...document, stations } });
}
