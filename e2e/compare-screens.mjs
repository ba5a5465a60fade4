// Every screen of two running applications, side by side: which look otherwise, and where.
//   node e2e/compare-screens.mjs BEFORE-URL AFTER-URL [--was NEW-PATH=OLD-PATH]…
// Writes .reports/screens/<screen>-<width>.png of each that differs: before, after, and the difference.
import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { openBrowser } from './support/browser.js';
import { pathsOfScreens, SCREENS } from './support/screens.js';
import { asker, signIn } from './support/sign-in.js';

const FOLDER = '.reports/screens';
const WINDOWS = [
  { width: 1280, height: 800 },
  { width: 390, height: 844 },
];
/** A letter drawn half a pixel on is no difference. */
const SAME = 24;

const { values, positionals } = parseArgs({
  allowPositionals: true,
  options: { was: { type: 'string', multiple: true, default: [] } },
});
const former = values.was.map((pair) => pair.split('='));
const formerPath = (path) =>
  former.reduce(
    (was, [now, then]) => (was.startsWith(now) ? then + was.slice(now.length) : was),
    path,
  );

rmSync(FOLDER, { recursive: true, force: true });
mkdirSync(FOLDER, { recursive: true });
const { browser, close } = await openBrowser();
try {
  const sides = [];
  for (const [index, url] of positionals.entries()) {
    const context = await browser.createBrowserContext();
    const person = await signIn(url);
    await person.letIn(context);
    sides.push({
      url,
      page: await context.newPage(),
      pathOf: await pathsOfScreens(asker(url, person.cookie)),
      isBefore: index === 0,
    });
  }
  const desk = await browser.newPage();

  const picture = async ({ url, page, pathOf, isBefore }, screen, size) => {
    const { path, ready } = screen;
    const place = pathOf(screen);
    // A tab behind another draws nothing, and measures nothing anew.
    await page.bringToFront();
    await page.setViewport(size);
    await page.goto(url + (isBefore ? formerPath(place) : place), { waitUntil: 'networkidle0' });
    // The earlier one may call it otherwise; the later one must be whole.
    const whole = page.waitForSelector(ready, { timeout: 20_000 });
    await (isBefore
      ? whole.catch(() => process.stdout.write(`         not whole before: ${path}\n`))
      : whole);
    await page.evaluate(() =>
      Promise.all(document.getAnimations().map(({ finished }) => finished)),
    );
    return page.screenshot({ encoding: 'base64', fullPage: true });
  };

  for (const screen of SCREENS)
    for (const size of WINDOWS) {
      const both = [];
      for (const side of sides) both.push(await picture(side, screen, size));
      const { share, drawn } = await desk.evaluate(compare, both, SAME);
      const name = `${screen.name.replaceAll(' ', '-')}-${size.width}`;
      process.stdout.write(`${(share * 100).toFixed(2).padStart(6)} %  ${name}\n`);
      if (share > 0) writeFileSync(`${FOLDER}/${name}.png`, Buffer.from(drawn, 'base64'));
    }
} finally {
  await close();
}

/** In the page: draws both pictures and what differs, and counts it. */
async function compare(both, same) {
  const load = (data) =>
    new Promise((resolve) => {
      const image = new Image();
      image.onload = () => resolve(image);
      image.src = `data:image/png;base64,${data}`;
    });
  const [before, after] = await Promise.all(both.map(load));
  const [width, height] = [
    Math.max(before.width, after.width),
    Math.max(before.height, after.height),
  ];
  const canvas = new OffscreenCanvas(width * 3, height);
  const pen = canvas.getContext('2d', { willReadFrequently: true });
  pen.fillStyle = '#fff';
  pen.fillRect(0, 0, width * 3, height);
  pen.drawImage(before, 0, 0);
  pen.drawImage(after, width, 0);
  const [a, b] = [0, width].map((x) => pen.getImageData(x, 0, width, height).data);
  const marks = pen.createImageData(width, height);
  let differing = 0;
  for (let at = 0; at < a.length; at += 4) {
    const isOther = [0, 1, 2].some((part) => Math.abs(a[at + part] - b[at + part]) > same);
    if (isOther) differing += 1;
    marks.data.set(isOther ? [200, 0, 0, 255] : [b[at], b[at + 1], b[at + 2], 60], at);
  }
  pen.putImageData(marks, width * 2, 0);
  const bytes = new Uint8Array(await (await canvas.convertToBlob()).arrayBuffer());
  let text = '';
  for (const byte of bytes) text += String.fromCharCode(byte);
  return { share: differing / (width * height), drawn: btoa(text) };
}
