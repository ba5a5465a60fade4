import type { Page } from 'puppeteer-core';
import {
  axeFindings,
  clickButton,
  clickOn,
  goTo,
  labelled,
  waitForWords,
} from '../support/desk.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: true });
let page: Page;
beforeAll(async () => (page = await stage.newPage()));

const homes = (): Promise<string[]> =>
  page.$$eval('[aria-labelledby="today"] > ol > li strong', (all) =>
    all.map(({ textContent }) => textContent),
  );
const areHomes = (wanted: readonly string[]) =>
  page.waitForFunction(
    (names) =>
      [...document.querySelectorAll('[aria-labelledby="today"] > ol > li strong')]
        .map(({ textContent }) => textContent)
        .join() === names,
    {},
    wanted.join(),
  );
/** The date of tomorrow, where the browser is. */
function tomorrow(): string {
  const day = new Date(Date.now() + 86_400_000);
  return [day.getFullYear(), day.getMonth() + 1, day.getDate()]
    .map((part) => String(part).padStart(2, '0'))
    .join('-');
}

/** What stands at a timer in a part of the round. */
const atTimer = (part: string, timer: string) =>
  `::-p-xpath(.//*[@aria-labelledby="${part}"]/ul/li[.//a[normalize-space()="${timer}"]])`;
const textAt = (part: string, timer: string): Promise<string> =>
  page.waitForSelector(atTimer(part, timer)).then((row) => row!.evaluate((li) => li.textContent));

it('is the first page: the visits of today as they are driven, those not held before first', async () => {
  await goTo(page, stage.url());
  await page.waitForFunction(() => location.pathname === '/round');
  await areHomes(['Wren corner', 'Plum cottage', 'Heron gate']);
  await waitForWords(page, 'carried over from');
  await waitForWords(page, 'Gate: Side gate, code');
  const ways = await page.$$eval('[aria-labelledby="today"] a', (all) =>
    all.map((link) => link.getAttribute('href') ?? ''),
  );
  expect(ways.filter((way) => way.startsWith('geo:'))[0]).toMatch(/^geo:-?\d+\.\d+,-?\d+\.\d+$/);
  expect(ways).toContain('tel:5550119');
  expect(await axeFindings(page)).toEqual([]);
});

it('another order is driven by keys or by drag, and is the same after a reload', async () => {
  await (await labelled(page, 'Drive to Wren corner later')).press('Enter');
  await areHomes(['Plum cottage', 'Wren corner', 'Heron gate']);
  const boxes = await page.$$eval('[aria-labelledby="today"] > ol > li', (rows) =>
    rows.map((row) => row.getBoundingClientRect()).map(({ x, y }) => ({ x: x + 14, y: y + 18 })),
  );
  await page.mouse.move(boxes[2]!.x, boxes[2]!.y);
  await page.mouse.down();
  await page.mouse.move(boxes[1]!.x, boxes[1]!.y, { steps: 8 });
  await page.mouse.move(boxes[0]!.x, boxes[0]!.y, { steps: 8 });
  // The browser tells what lies under a drag a moment later: let go at once it drops where it was before.
  await page.evaluate(() => new Promise((done) => setTimeout(done, 300)));
  await page.mouse.move(boxes[0]!.x, boxes[0]!.y + 3);
  await page.evaluate(() => new Promise((done) => setTimeout(done, 300)));
  await page.mouse.up();
  await areHomes(['Heron gate', 'Plum cottage', 'Wren corner']);
  await page.reload();
  await areHomes(['Heron gate', 'Plum cottage', 'Wren corner']);
});

it('a timer says why it needs somebody as its desk and its home do, and where it is mended', async () => {
  expect(await textAt('attention', 'Carport')).toContain('Two runs collide, first on');
  await clickOn(page, '[aria-label="Fix: Wren corner, Carport"]');
  await page.waitForFunction(() => location.search.includes('mode=repair'));
  await page.waitForSelector('[aria-label="With the changes"] [data-run]');
  await page.goBack();
  await areHomes(['Heron gate', 'Plum cottage', 'Wren corner']);
});

it('what is due is put off with a reason, and that is taken back', async () => {
  const due = 'Change the backup battery';
  const before = await textAt('due', 'Pump house');
  expect(before).toContain(due);
  await clickOn(page, `[aria-label^="Done, put off, message: ${due}, Finch lodge"]`);
  await clickOn(page, '::-p-xpath(.//label[normalize-space()="Put it off"])');
  await clickButton(page, 'Put it off');
  // Without a reason nothing is put off.
  await waitForWords(page, 'Say why');
  await page.focus('::-p-aria([name="Why it is put off"][role="textbox"])');
  await page.keyboard.type('with the spring start-up');
  await clickButton(page, 'Put it off');
  await waitForWords(page, 'put off: with the spring start-up');
  await clickButton(page, 'Undo');
  await page.waitForFunction(() => !document.body.textContent.includes('with the spring'));
});

it('the household is asked in its language, and nothing says that it was sent', async () => {
  await goTo(page, `${stage.url()}/round?whose=firm`);
  await clickOn(page, '[aria-label*="batter"][aria-label*="Copper beech"]');
  await clickOn(page, '::-p-xpath(.//label[normalize-space()="Ask the household"])');
  const text = await page.waitForSelector('textarea[aria-label="What the household is asked"]');
  expect(await text!.evaluate((area) => area.value)).toContain('Cambiar la pila');
  expect(await page.$eval('.ant-modal', (dialog) => dialog.textContent)).toContain('It stays due');
  await clickButton(page, 'Close');
});

it('a visit is planned from what needs attention, moved in its week, and held when it begins', async () => {
  await goTo(page, `${stage.url()}/round?whose=firm`);
  await clickOn(page, '[aria-label="Plan a visit to Finch lodge, Pump house"]');
  await clickButton(page, 'Plan it');
  await page.waitForSelector(
    '::-p-xpath(.//*[@aria-labelledby="attention"]/ul/li[contains(., "Pump house")][contains(., "visit tomorrow")])',
  );
  await goTo(page, `${stage.url()}/round/plan?span=month&at=${tomorrow()}`);
  const visit = '::-p-xpath(.//ol[@aria-label="Days"]//button[contains(., "Finch lodge")])';
  await clickOn(page, visit);
  await page.focus('::-p-aria([name="On"][role="textbox"])');
  await page.keyboard.press('ArrowDown');
  await clickButton(page, 'Save the visit');
  await page.waitForFunction(() => !document.querySelector('.ant-modal-wrap'), { polling: 200 });
  await goTo(page, `${stage.url()}/round/plan`);
  await page.waitForSelector('li[data-today] ::-p-xpath(.//button[contains(., "Finch lodge")])');
  const { id } = await stage.timerOf('Pump house');
  const onDate = await page.evaluate(() => new Intl.DateTimeFormat('en-CA').format(new Date()));
  await stage.ask('POST', `/timers/${id}/visits`, { onDate });
  await goTo(page, `${stage.url()}/round`);
  await page.waitForFunction(() =>
    [...document.querySelectorAll('[aria-labelledby="today"] li')].some(
      ({ textContent }) => textContent.includes('Finch lodge') && textContent.includes('begun'),
    ),
  );
  expect(await homes()).toContain('Finch lodge');
});

it('a job is planned for a visit, with its parts and price, and done', async () => {
  await goTo(page, `${stage.url()}/round/jobs`);
  const [first] = await page.$$('[aria-label="Open"] [data-job] button');
  await first!.click();
  await page.focus('::-p-aria([name="Parts"][role="textbox"])');
  await page.keyboard.type('one nozzle');
  await page.focus('::-p-aria([name="Price, USD"][role="textbox"])');
  await page.keyboard.type('4.5');
  await clickButton(page, 'Save the job');
  await waitForWords(page, 'one nozzle, 4.50 USD');
  await clickOn(page, '::-p-xpath(.//li[@data-job][contains(., "one nozzle")]//button)');
  await clickOn(page, '::-p-xpath(.//label[normalize-space()="It is done"])');
  await clickButton(page, 'Save the job');
  await page.waitForSelector('[aria-label="Done"] ::-p-xpath(.//li[contains(., "one nozzle")])');
});

it('homes are found by what they need, with the filter in the address, and visits planned to all chosen', async () => {
  await goTo(page, `${stage.url()}/properties?reason=job`);
  await page.waitForSelector('table tbody tr strong');
  const rows = () =>
    page.$$eval('table tbody tr strong', (all) => all.map(({ textContent }) => textContent));
  const found = await rows();
  expect(found.length).toBeGreaterThan(0);
  expect(found.length).toBeLessThan(12);
  for (const name of found) await clickOn(page, `[aria-label="Choose ${name}"]`);
  await clickButton(page, 'Plan visits to all…');
  await page.focus('::-p-aria([name="What for"][role="textbox"])');
  await page.keyboard.type('The jobs');
  await clickButton(page, 'Plan them all');
  await page.waitForFunction(() => !document.body.textContent.includes('chosen'));
  const on = tomorrow();
  const planned = await stage.ask<{ home: { name: string }; reason: string }[]>(
    'GET',
    `/planned-visits?from=${on}&to=${on}`,
  );
  expect(
    planned
      .filter(({ reason }) => reason === 'The jobs')
      .map(({ home }) => home.name)
      .sort(),
  ).toEqual([...found].sort());
  await clickButton(page, 'No filter');
  await page.waitForFunction(() => !location.search.includes('reason'));
  await page.waitForFunction(() => document.querySelectorAll('table tbody tr').length >= 12);
});
