import type { Browser, BrowserContext, Dialog, Page } from 'puppeteer-core';
import { startApplication } from './application.js';
import { startSimulator } from '../../tools/simulator.js';
import { openBrowser } from './browser.js';
import { patient } from './desk.js';
import { asker, signIn, timersOf } from './sign-in.js';

/** What the tests of one file act on: an application with its own database, and a browser. */
export interface Stage {
  readonly url: () => string;
  /** A page of 1280 × 800, of somebody who is signed in; closed, it is empty again and lent to who asks next. */
  readonly newPage: () => Promise<Page>;
  /** The same in a browser of its own, as somebody else; nobody: not signed in. */
  readonly pageOf: (person: string | null) => Promise<Page>;
  /** The same in the browser that this person had the last time, with what it has kept of the application. */
  readonly againPageOf: (person: string) => Promise<Page>;
  /** Asks the API as the person who is signed in; throws where it refuses. */
  readonly ask: <Answer>(method: string, path: string, body?: unknown) => Promise<Answer>;
  /** A demo timer, by its name. */
  readonly timerOf: (timer: string) => Promise<{ id: string; propertyId: string }>;
  /** The address of a demo timer's desk, by the timer's name, from 1 June 2026 on. */
  readonly deskOf: (timer: string) => Promise<string>;
}

interface StageOptions {
  readonly demo: boolean;
  /** False: there is nobody yet, and the test signs in, or sets up, by itself. */
  readonly isSignedIn?: boolean;
  /** Who is signed in; absent: a technician. */
  readonly person?: string;
  /** With a simulated timer that can be hung in place of one on the wall. */
  readonly hasSimulator?: boolean;
}

/** Sets the stage before the tests of a file, and clears it after them. */
export function setStage(options: StageOptions): Stage {
  const { demo, isSignedIn = true, person: name, hasSimulator = false } = options;
  let application: Awaited<ReturnType<typeof startApplication>>;
  let opened: { browser: Browser; close: () => Promise<void> };
  let simulator: Awaited<ReturnType<typeof startSimulator>> | undefined;
  // What was opened is ended, also where the next thing did not open.
  const ends: (() => unknown)[] = [];
  let cookie = '';
  beforeAll(async () => {
    if (hasSimulator) {
      simulator = await startSimulator();
      ends.push(simulator.stop);
    }
    application = await startApplication({
      demo,
      ...(simulator && { simulatorUrl: simulator.url }),
    });
    ends.push(application.stop);
    opened = await openBrowser();
    ends.push(opened.close);
    if (!isSignedIn) return;
    const person = await signIn(application.url, name);
    cookie = person.cookie;
    await person.letIn(opened.browser.defaultBrowserContext());
  });
  afterAll(async () => {
    for (const end of ends.reverse()) await end();
  });
  const sized = async (page: Page) => {
    await page.bringToFront();
    await page.setViewport({ width: 1280, height: 800 });
    patient(page);
    return page;
  };
  const contexts = new Map<string, BrowserContext>();
  // A new page has to read and compile the whole application again; one that was used before has it at hand.
  const spare: Page[] = [];
  const sparesOf = new Map<string, Page[]>();
  const lend = (page: Page, spares = spare): Page => {
    page.close = async () => {
      for (const event of ['dialog', 'request', 'response'] as const)
        page.removeAllListeners(event);
      const leave = (dialog: Dialog) => void dialog.accept();
      page.on('dialog', leave);
      await page.emulateNetworkConditions(null);
      // Of the same site, or the browser would begin a new process for it.
      await page.goto(`${application.url}/icon.svg`);
      page.off('dialog', leave);
      spares.push(page);
    };
    return page;
  };
  const timerOf: Stage['timerOf'] = async (timer) => {
    const timers = await timersOf(application.url, cookie);
    return timers.find(({ name }) => name === timer)!;
  };
  const ask: Stage['ask'] = (...asked) => asker(application.url, cookie)(...asked);
  return {
    ask,
    url: () => application.url,
    newPage: async () => sized(spare.pop() ?? lend(await opened.browser.newPage())),
    pageOf: async (person) => {
      const context = await opened.browser.createBrowserContext();
      if (person !== null) await (await signIn(application.url, person)).letIn(context);
      return sized(await context.newPage());
    },
    againPageOf: async (person) => {
      const context = contexts.get(person) ?? (await opened.browser.createBrowserContext());
      contexts.set(person, context);
      await (await signIn(application.url, person)).letIn(context);
      const spares = sparesOf.get(person) ?? [];
      sparesOf.set(person, spares);
      return sized(spares.pop() ?? lend(await context.newPage(), spares));
    },
    timerOf,
    deskOf: async (timer) =>
      `${application.url}/timers/${(await timerOf(timer)).id}?from=2026-06-01`,
  };
}
