// Lighthouse on the four pages, as on a phone with a slow signal and a slow processor, by its own simulation.
import lighthouse from 'lighthouse';
import { startApplication } from '../e2e/support/application.js';
import { openBrowser } from '../e2e/support/browser.js';
import { signIn } from '../e2e/support/sign-in.js';
import { fourPages } from '../e2e/support/four-pages.js';
import { median } from './statistics.mjs';

const ROUNDS = 5;
/** Now and then the browser begins a trace too late; Lighthouse says itself to try again. */
const NOT_RECORDED = 'NO_NAVSTART';
const MOST_VISITS = 2 * ROUNDS;
const FLAGS = {
  onlyCategories: ['performance', 'accessibility', 'best-practices'],
  logLevel: 'error',
};

/** The least score of 100, and the seconds within which the largest thing is painted. */
const GOALS = {
  'sign-in': { score: 80, paintSeconds: 3.5 },
  properties: { score: 65, paintSeconds: 4 },
  desk: { score: 55, paintSeconds: 5 },
  'share page': { score: 90, paintSeconds: 2.5 },
};

const MEASURES = [
  {
    what: 'speed',
    unit: 'of 100',
    isMore: true,
    of: ({ categories }) => categories.performance.score * 100,
    goal: ({ score }) => score,
  },
  {
    what: 'largest paint',
    unit: 's',
    of: ({ audits }) => audits['largest-contentful-paint'].numericValue / 1000,
    goal: ({ paintSeconds }) => paintSeconds,
  },
  {
    what: 'layout shift',
    unit: '',
    of: ({ audits }) => audits['cumulative-layout-shift'].numericValue,
    goal: () => 0.1,
  },
  {
    what: 'accessibility',
    unit: 'of 100',
    isMore: true,
    of: ({ categories }) => categories.accessibility.score * 100,
    goal: () => 100,
  },
  {
    what: 'best practices',
    unit: 'of 100',
    isMore: true,
    of: ({ categories }) => categories['best-practices'].score * 100,
    goal: () => 100,
  },
];

/** The median of five visits to each page, each in a browser that has nothing of it yet. */
export async function inTheHand() {
  const application = await startApplication({ demo: true });
  const { browser, close } = await openBrowser();
  const rows = [];
  try {
    const person = await signIn(application.url);
    for (const { name, path, isSignedIn } of await fourPages(application.url, person.cookie)) {
      const results = [];
      for (let visit = 0; results.length < ROUNDS; visit++) {
        const context = await browser.createBrowserContext();
        if (isSignedIn) await person.letIn(context);
        const page = await context.newPage();
        // The window is Lighthouse's: two who set it would move the page.
        await page.setViewport(null);
        const { lhr } = await lighthouse(application.url + path, FLAGS, undefined, page);
        await context.close();
        const trouble = lhr.runtimeError;
        if (!trouble) results.push(lhr);
        else if (trouble.code === NOT_RECORDED && visit < MOST_VISITS)
          console.error(`${name}: once more, ${trouble.message}`);
        else throw new Error(`${name}: ${trouble.message}`);
      }
      for (const { what, unit, isMore = false, of, goal } of MEASURES) {
        const values = results.map(of);
        rows.push({
          name: `Lighthouse, mobile: ${name}, ${what}`,
          median: median(values),
          spread: [Math.min(...values), Math.max(...values)],
          unit,
          isMore,
          goal: goal(GOALS[name]),
        });
      }
    }
  } finally {
    await close();
    await application.stop();
  }
  return rows;
}
