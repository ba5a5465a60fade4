import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { ElementHandle, HTTPRequest, Page } from 'puppeteer-core';

/** A slow machine takes its time; what hangs is still ended. What the page asks of the server is remembered. */
export function patient(page: Page): void {
  page.setDefaultTimeout(PATIENCE_MS);
  page.setDefaultNavigationTimeout(PATIENCE_MS);
  const asked: string[] = [];
  const began = performance.now();
  const note = (request: HTTPRequest, what: string) => {
    const { pathname } = new URL(request.url());
    if (!pathname.startsWith('/api/')) return;
    const seconds = ((performance.now() - began) / 1000).toFixed(2);
    asked.push(`${seconds} s ${what} ${request.method()} ${pathname}`);
  };
  page.on('request', (request) => note(request, 'asked'));
  page.on('requestfinished', (request) => note(request, String(request.response()?.status())));
  page.on('requestfailed', (request) => note(request, request.failure()?.errorText ?? 'failed'));
  ASKED.set(page, asked);
}

const ASKED = new WeakMap<Page, string[]>();
const LAST_ASKED = 24;

const PATIENCE_MS = 120_000;

/** Opens a page, and waits until what it shows has been loaded. */
export async function goTo(page: Page, url: string): Promise<void> {
  await page.goto(url, { waitUntil: 'load' });
  await page.waitForFunction(
    () =>
      document.querySelector('#root')?.childElementCount &&
      !document.querySelector('.ant-skeleton, [role="status"][aria-label="Loading"]'),
  );
}

/** Does something to a page; what could not be done shows the page, and tells what it had asked of the server. */
export async function pictured<Done>(
  page: Page,
  what: string,
  act: () => Promise<Done>,
): Promise<Done> {
  try {
    return await act();
  } catch (error) {
    const path = join(process.cwd(), '.reports', `could-not-${Date.now()}.png`) as `${string}.png`;
    await page.screenshot({ path });
    const asked = ASKED.get(page)?.slice(-LAST_ASKED) ?? [];
    const words = [`Could not ${what}; the page is in ${path}`, ...asked].join('\n');
    throw new Error(words, { cause: error });
  }
}

/** Clicks what a selector finds, once it is there, can be seen, and has come to rest. */
export async function clickOn(page: Page, selector: string): Promise<void> {
  await pictured(page, `click ${selector}`, () =>
    page.locator(selector).setTimeout(PATIENCE_MS).click(),
  );
}

/** The element with this accessible label. */
export async function labelled(page: Page, label: string): Promise<ElementHandle<HTMLElement>> {
  const found = await page.waitForSelector(`[aria-label="${label}"]`, { visible: true });
  return found as ElementHandle<HTMLElement>;
}

export const clickButton = (page: Page, words: string): Promise<void> =>
  clickOn(page, `xpath/.//button[normalize-space()="${words}"]`);

export const clickMenuItem = (page: Page, words: string): Promise<void> =>
  clickOn(
    page,
    `xpath/.//li[contains(@class,"ant-dropdown-menu-item")][normalize-space()="${words}"]`,
  );

export const chooseRadio = (page: Page, words: string): Promise<void> =>
  clickOn(
    page,
    `xpath/.//label[contains(@class,"ant-radio-wrapper")][normalize-space()="${words}"]`,
  );

/** Waits until the page shows some words. */
export const waitForWords = (page: Page, words: string) =>
  pictured(page, `see "${words}"`, () =>
    page.waitForFunction((part) => document.body.textContent.includes(part), {}, words),
  );

/** Waits until this device keeps an answer of which the key, or what it says, has some words in it. */
export const waitForKept = (page: Page, words: string) =>
  pictured(page, `find "${words}" on the device`, () =>
    page.waitForFunction(
      (part) =>
        new Promise<boolean>((resolve) => {
          const open = indexedDB.open('water-clock-answers');
          open.onsuccess = () => {
            const store = open.result.transaction('answers').objectStore('answers');
            const [keys, values] = [store.getAllKeys(), store.getAll()];
            values.onsuccess = () => {
              open.result.close();
              resolve(
                [keys.result, values.result].flat().some((one) => String(one).includes(part)),
              );
            };
          };
        }),
      { polling: 200 },
      words,
    ),
  );

/** Puts a block of text into the cell that has the focus, as Ctrl V does. */
export const paste = (page: Page, block: string): Promise<void> =>
  page.evaluate((text) => {
    const data = new DataTransfer();
    data.setData('text/plain', text);
    document.activeElement!.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
    );
  }, block);

/** Gives the open dialog a file, as choosing one in the browser's own window does. */
export const giveFile = (page: Page, text: string): Promise<void> =>
  page.$eval(
    '.ant-modal input[type="file"]',
    (input, content) => {
      const data = new DataTransfer();
      data.items.add(new File([content], 'home.property.json'));
      input.files = data.files;
      input.dispatchEvent(new Event('change', { bubbles: true }));
    },
    text,
  );

/** Takes a photo where photos of something are taken: 2,400 × 1,800, as a phone's camera gives it. */
export const givePicture = (page: Page, about: string): Promise<void> =>
  pictured(page, `take a photo of ${about}`, async () => {
    const input = await page.waitForSelector(`input[data-photos="${about}"]`);
    await input!.evaluate(async (element) => {
      const canvas = document.createElement('canvas');
      [canvas.width, canvas.height] = [2400, 1800];
      const pen = canvas.getContext('2d')!;
      for (let at = 0; at < 400; at++) {
        pen.fillStyle = `hsl(${at * 37} 40% ${30 + (at % 50)}%)`;
        pen.fillRect((at * 331) % 2400, (at * 173) % 1800, 260, 190);
      }
      const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg'));
      const data = new DataTransfer();
      data.items.add(new File([blob!], 'camera.jpg', { type: 'image/jpeg' }));
      if (!(element instanceof HTMLInputElement)) throw new Error('It takes no files.');
      element.files = data.files;
      element.dispatchEvent(new Event('change', { bubbles: true }));
    });
  });

/** Types into a cell of the grid, over what it holds. */
export async function typeInCell(page: Page, label: string, text: string): Promise<void> {
  await clickOn(page, `[aria-label="${label}"]`);
  await page.keyboard.type(text);
  await page.keyboard.press('Tab');
}

export const cellValue = (page: Page, label: string): Promise<string> =>
  page.$eval(`[aria-label="${label}"]`, (input) => (input as HTMLInputElement).value);

/** The verdict's sentence. */
export const verdict = (page: Page): Promise<string> =>
  page.$eval('[role="status"][data-kind]', (element) => element.textContent.trim());

export const waitForVerdict = (page: Page, part: string) =>
  page.waitForFunction(
    (words) => document.querySelector('[role="status"][data-kind]')?.textContent.includes(words),
    {},
    part,
  );

/** Every run on the board, in words, and where each is drawn. */
export const boardContents = (page: Page): Promise<string[]> =>
  page.$$eval('[data-run]', (runs) =>
    runs.map(
      (run) =>
        `${run.getAttribute('aria-label')} | ${run.querySelector('path')?.getAttribute('d')}`,
    ),
  );

const AXE = readFileSync(join(process.cwd(), 'node_modules/axe-core/axe.min.js'), 'utf8');

/** What axe finds wrong with the page by WCAG 2.2 A and AA, or by some of its rules alone, one line each. */
export async function axeFindings(page: Page, rules?: string[]): Promise<string[]> {
  if (!(await page.evaluate(() => 'axe' in globalThis))) await page.evaluate(AXE);
  // A button that was just at work fades back: what counts is what it comes to. Spinners never come to an end.
  await page.evaluate(() => {
    const fading = document
      .getAnimations()
      .filter((animation) => animation instanceof CSSTransition)
      .map(({ finished }) => finished.catch(() => undefined));
    const patience = new Promise((resolve) => setTimeout(resolve, 2000));
    return Promise.race([Promise.all(fading), patience]).then(() => undefined);
  });
  return page.evaluate(async (only) => {
    const { axe } = globalThis as unknown as {
      axe: {
        run: (options: object) => Promise<{
          violations: { id: string; nodes: { html: string; failureSummary: string }[] }[];
        }>;
      };
    };
    const tags = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];
    const { violations } = await axe.run({
      runOnly: only ? { type: 'rule', values: only } : { type: 'tag', values: tags },
      resultTypes: ['violations'],
    });
    return violations.flatMap(({ id, nodes }) =>
      nodes.map(
        ({ html, failureSummary }) =>
          `${id}: ${html.slice(0, 160)} ${failureSummary.slice(0, 200)}`,
      ),
    );
  }, rules);
}

/** Goes to another screen as its links do: the page stays. What was on it is marked `data-left`. */
export async function turnTo(page: Page, path: string): Promise<void> {
  await page.bringToFront();
  await page.evaluate((to) => {
    // What is there now is not what the next page says; the ways of the desk are told apart by what is looked at.
    if (!to.startsWith(location.pathname + '?') && to !== location.pathname)
      for (const element of document.querySelectorAll('main *'))
        element.setAttribute('data-left', '');
    // The router counts its places: where one is held back, it goes back by the difference.
    const { idx = 0 } = (history.state ?? {}) as { idx?: number };
    const state = { idx: idx + 1 };
    history.pushState(state, '', to);
    window.dispatchEvent(new PopStateEvent('popstate', { state }));
  }, path);
}
