import type { Page } from 'puppeteer-core';
import {
  boardContents,
  clickButton,
  goTo,
  typeInCell,
  verdict,
  waitForVerdict,
} from '../support/desk.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: false });
let page: Page;

beforeAll(async () => {
  page = await stage.newPage();
});

const NAMES = ['Kerb strip', 'Front lawn', 'Side lawn', 'Hedge', 'Rose bed', 'Pots'];

async function chooseWeekdays(program: string, weekdays: readonly string[]): Promise<void> {
  const cell = await page.waitForSelector(`[aria-label^="Program ${program} water days"]`);
  await cell!.click();
  for (const weekday of weekdays) {
    const box = await page.waitForSelector(
      `xpath/.//div[contains(@class,"ant-popover")][.//*[text()="Water days of program ${program}"]]//label[normalize-space()="${weekday}"]`,
      { visible: true },
    );
    await box!.click();
  }
  await page.click('[role="status"][data-kind]');
}

it('enters a timer by hand, sees a collision, drags it away, saves, and finds the same board', async () => {
  await goTo(page, `${stage.url()}/`);
  await page.waitForFunction(() => document.body.textContent.includes('No properties yet'));
  await clickButton(page, 'Add a property');
  await (await page.waitForSelector('#name', { visible: true }))!.type('Plum cottage');
  await clickButton(page, 'Add the property');
  await clickButton(page, 'Add a timer');
  await (await page.waitForSelector('.ant-modal #name', { visible: true }))!.type('Garage');
  await clickButton(page, 'Add the timer');
  await page.waitForFunction(() => location.pathname.endsWith('/as-found'), { polling: 200 });
  const deskUrl = `${page.url().replace('/as-found', '')}?from=2026-06-01`;
  await goTo(page, deskUrl);
  await waitForVerdict(page, 'Nothing waters');

  for (const [index, name] of NAMES.entries())
    await typeInCell(page, `Station ${index + 1}, name`, name);
  for (const [station, minutes] of [
    [1, '12'],
    [2, '20'],
    [3, '20'],
  ] as const)
    await typeInCell(page, `Station ${station}, program A, minutes`, minutes);
  for (const [station, minutes] of [
    [4, '30'],
    [5, '20'],
    [6, '2m30'],
  ] as const)
    await typeInCell(page, `Station ${station}, program B, minutes`, minutes);
  await typeInCell(page, 'Program A, start 1', '0330');
  await typeInCell(page, 'Program B, start 1', '4:00am');
  await chooseWeekdays('A', ['Mon', 'Thu']);
  await chooseWeekdays('B', ['Thu', 'Sat']);

  // A takes 52 minutes from 03:30, so B at 04:00 meets it for 22 minutes, on Thursdays only.
  await waitForVerdict(page, 'collide');
  // The other error: this timer takes whole minutes, not two and a half.
  expect(await verdict(page)).toBe(
    'Two runs collide: first Thu 4 June, 04:00, 22 min, and 1 more in 14 days. Clear up to 50 %. 1 other error below.',
  );
  const finding = await page.$eval(
    '[aria-label="Findings"] [data-code="collision"]',
    (one) => one.textContent,
  );
  expect(finding).toContain(
    'On Thu 4 June program B starts at 04:00 while program A is still on station 2: they overlap by 22 min, and this timer makes program B wait until 04:22 or later.',
  );

  await dragUntilClear();
  const start = await page.$eval(
    '[aria-label="Program B, start 1"]',
    (cell) => (cell as HTMLInputElement).value,
  );
  expect(start).toBe('04:30');
  const board = await boardContents(page);
  expect(board).toHaveLength(8);

  await clickButton(page, 'Save settings');
  await page.waitForFunction(() =>
    [...document.querySelectorAll('button')].some((button) => button.textContent === 'Saved'),
  );
  await page.reload({ waitUntil: 'networkidle0' });
  await waitForVerdict(page, 'No two runs overlap');
  expect(await boardContents(page)).toEqual(board);
});

/** Drags B's first run to the right, a little at a time, until the verdict says that all is clear. */
async function dragUntilClear(): Promise<void> {
  const run = await page.waitForSelector('[data-run][data-program="B"] rect');
  const box = (await run!.boundingBox())!;
  const y = box.y + box.height / 2;
  await page.mouse.move(box.x + 10, y);
  await page.mouse.down();
  for (let pixels = 5; pixels < 300; pixels += 5) {
    await page.mouse.move(box.x + 10 + pixels, y);
    await new Promise((resolve) => setTimeout(resolve, 60));
    if ((await verdict(page)).startsWith('No two runs')) break;
  }
  await page.mouse.up();
  await waitForVerdict(page, 'No two runs overlap');
}
