import { startApplication } from '../e2e/support/application.js';
import { openBrowser } from '../e2e/support/browser.js';
import { signIn, timersOf } from '../e2e/support/sign-in.js';
import { median, quantile } from './statistics.mjs';

const ROUNDS = 3;
const EDITS = 40;

/** From the key that moves a start to the end of the paint that shows the new nights, by the browser's own trace. */
export async function editToPaint() {
  const application = await startApplication({ demo: true });
  const { browser, close } = await openBrowser();
  try {
    const person = await signIn(application.url);
    await person.letIn(browser.defaultBrowserContext());
    const timers = await timersOf(application.url, person.cookie);
    const { id } = timers.find(({ name }) => name === 'Garage timer');
    const page = await browser.newPage();
    await page.setViewport({ width: 1280, height: 800 });
    await page.goto(`${application.url}/timers/${id}?from=2026-06-01`, {
      waitUntil: 'networkidle0',
    });
    await page.waitForSelector('[data-run][data-program="B"]');
    await markBoardChanges(page);
    const rounds = [];
    for (let round = 0; round < ROUNDS; round++) rounds.push(await oneRound(page));
    const worst = rounds.map((times) => quantile(times, 0.95));
    return {
      name: `an edit painted on the board, 95th percentile of ${EDITS} edits`,
      median: median(worst),
      spread: [Math.min(...worst), Math.max(...worst)],
      unit: 'ms',
      goal: 50,
    };
  } finally {
    await close();
    await application.stop();
  }
}

/** Leaves a mark in the trace whenever a run of program B is drawn at another place. */
const markBoardChanges = (page) =>
  page.evaluate(() => {
    globalThis.boardChanges = 0;
    new MutationObserver(() => {
      performance.mark('board-changed');
      globalThis.boardChanges += 1;
    }).observe(document.querySelector('[aria-label^="Night board"]'), {
      subtree: true,
      attributes: true,
      attributeFilter: ['d'],
    });
  });

async function oneRound(page) {
  await page.$eval('[data-run][data-program="B"]', (run) => run.focus());
  await page.tracing.start({ categories: ['devtools.timeline', 'blink.user_timing'] });
  for (let edit = 0; edit < EDITS; edit++) {
    const before = await page.evaluate(() => globalThis.boardChanges);
    await page.keyboard.press(edit % 2 === 0 ? ']' : '[');
    // The next key waits for this one's board, however long it takes: none is lost for being slow.
    await page.waitForFunction((count) => globalThis.boardChanges > count, {}, before);
    await new Promise((resolve) => setTimeout(resolve, 60));
  }
  const { traceEvents } = JSON.parse(new TextDecoder().decode(await page.tracing.stop()));
  const at = (matches) => traceEvents.filter(matches).sort((a, b) => a.ts - b.ts);
  const keys = at(({ name, args }) => name === 'EventDispatch' && args.data?.type === 'keydown');
  const changes = at(({ name }) => name === 'board-changed');
  const paints = at(({ name, ph }) => name === 'Paint' && ph === 'X');
  const times = keys.map((key, index) => {
    const next = keys[index + 1]?.ts ?? Infinity;
    const change = changes.find(({ ts }) => ts > key.ts && ts < next);
    const paint = change && paints.find(({ ts }) => ts >= change.ts);
    if (!paint) throw new Error(`Edit ${index + 1} left no paint of the board in the trace.`);
    return (paint.ts + paint.dur - key.ts) / 1000;
  });
  if (times.length !== EDITS)
    throw new Error(`${times.length} of ${EDITS} edits are in the trace.`);
  return times;
}
