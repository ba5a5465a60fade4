import type { Yard } from '@water-clock/core/yards';
import type { Page } from 'puppeteer-core';
import { clippedWords } from './clipped-words.js';
import { axeFindings, goTo, turnTo } from './desk.js';
import { pathsOfScreens, SCREENS, type Screen } from './screens.js';
import { setStage, type Stage } from './stage.js';
import { unseenStops } from './unseen-stops.js';

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

/**
 * What axe finds wrong with a page in light colours, and with its contrasts in dark ones; and what can be reached by Tab
 * without being seen to have the focus.
 */
export async function faultsOf(page: Page): Promise<string[]> {
  await atRest(page);
  const light = await axeFindings(page);
  await inColours(page, 'dark');
  await page.waitForFunction(() => document.documentElement.dataset['theme'] === 'dark');
  await atRest(page);
  const dark = await axeFindings(page, ['color-contrast']);
  await inColours(page, 'light');
  // What a mouse reaches is marked by nobody.
  await page.keyboard.press('Shift');
  const unseen = await page.evaluate(unseenStops);
  return [
    ...light,
    ...dark.map((finding) => `dark: ${finding}`),
    ...unseen.map((stop) => `no focus to be seen: ${stop}`),
  ];
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

/**
 * Tests every other screen of the list: axe finds no fault, light or dark, the focus is seen at every stop, and it fits
 * every window. They are those of somebody who reads twelve hours, whose words are the longest.
 */
export function testsOfScreens(half: 0 | 1): void {
  const stage = setStage({ demo: true, person: 'Greta Holloway' });
  let page: Page;
  let pathOf: (screen: Screen) => string;
  beforeAll(async () => {
    await withLongNames(stage);
    await stage.ask('PATCH', '/session', { clock: '12' });
    pathOf = await pathsOfScreens(stage.ask);
    page = await stage.newPage();
    await goTo(page, `${stage.url()}/account`);
    await inColours(page, 'light');
  });

  it.each(SCREENS.filter((_, index) => index % 2 === half))(
    '$name: nothing that axe finds, no stop unseen, one thing that is next, and it fits every window',
    async (screen) => {
      // As its links do: loaded anew, each would have to read and compile the whole application.
      await turnTo(page, pathOf(screen));
      await page.waitForSelector(`${screen.ready}:not([data-left])`);
      expect(await faultsOf(page)).toEqual([]);
      expect((await primaries(page)).slice(1)).toEqual([]);
      expect(await unfitFor(page)).toEqual([]);
    },
  );
}

/** The buttons that a page puts first; what comes next is one of them at most. */
const primaries = (page: Page): Promise<string[]> =>
  page.$$eval('.ant-btn-primary:not(:disabled)', (buttons) =>
    buttons.filter((button) => button.checkVisibility()).map(({ textContent }) => textContent),
  );

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
