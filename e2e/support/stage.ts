import type { Browser, Page } from 'puppeteer-core';
import { startApplication } from './application.js';
import { openBrowser } from './browser.js';

/** What the tests of one file act on: an application with its own database, and a browser. */
export interface Stage {
  readonly url: () => string;
  /** A new page of 1280 × 800. */
  readonly newPage: () => Promise<Page>;
  /** The address of a demo timer's desk, by the timer's name, from 1 June 2026 on. */
  readonly deskOf: (timer: string) => Promise<string>;
}

/** Sets the stage before the tests of a file, and clears it after them. */
export function setStage({ demo }: { demo: boolean }): Stage {
  let application: Awaited<ReturnType<typeof startApplication>>;
  let opened: { browser: Browser; close: () => Promise<void> };
  beforeAll(async () => {
    application = await startApplication({ demo });
    opened = await openBrowser();
  }, 60_000);
  afterAll(async () => {
    await opened.close();
    await application.stop();
  });
  return {
    url: () => application.url,
    newPage: async () => {
      const page = await opened.browser.newPage();
      await page.setViewport({ width: 1280, height: 800 });
      return page;
    },
    deskOf: async (timer) => {
      const answer = await fetch(`${application.url}/api/timers?from=2026-06-01`);
      const timers = (await answer.json()) as { id: string; name: string }[];
      const { id } = timers.find(({ name }) => name === timer)!;
      return `${application.url}/timers/${id}?from=2026-06-01`;
    },
  };
}
