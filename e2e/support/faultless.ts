import type { Page } from 'puppeteer-core';
import { axeFindings, goTo, turnTo } from './desk.js';
import { SCREENS } from './screens.js';
import { setStage } from './stage.js';

const WIDTHS = [360, 768, 1280];

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

/** The width of a page in each window that is narrower than it, and tables that nobody sees there. */
export async function widerThanItsWindow(page: Page): Promise<string[]> {
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

/** Tests every other screen of the list: axe finds no fault, light or dark, and it fits every window. */
export function testsOfScreens(half: 0 | 1): void {
  const stage = setStage({ demo: true });
  let page: Page;
  beforeAll(async () => {
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
    expect(await widerThanItsWindow(page)).toEqual([]);
  });
}
