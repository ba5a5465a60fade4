import type { Page } from 'puppeteer-core';
import { goTo, labelled, waitForVerdict, waitForWords } from '../support/desk.js';
import { faultsOf, unfitFor } from '../support/faultless.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: true });
let page: Page;
let deskUrl: string;

beforeAll(async () => {
  page = await stage.newPage();
  deskUrl = await stage.deskOf('Garage timer');
});

it('the desk has no faults that axe finds, with a run selected, and fits every window', async () => {
  await goTo(page, deskUrl);
  await waitForVerdict(page, 'collide');
  await page.$eval('[data-run][data-program="B"]', (run) => (run as SVGElement).focus());
  await page.keyboard.press('Enter');
  await page.waitForSelector('[aria-label="Selected run"]');
  expect(await faultsOf(page)).toEqual([]);
  expect(await unfitFor(page)).toEqual([]);
});

it('the door has no faults that axe finds, and fits every window', async () => {
  const door = await stage.pageOf(null);
  await goTo(door, stage.url());
  await waitForWords(door, 'Look around as');
  expect(await faultsOf(door)).toEqual([]);
  expect(await unfitFor(door)).toEqual([]);
  await door.close();
});

it('what shows no focus, and words that are cut, are told', async () => {
  const door = await stage.pageOf(null);
  await goTo(door, stage.url());
  await waitForWords(door, 'Look around as');
  await door.$eval('main', (main) => {
    const button = Object.assign(document.createElement('button'), { textContent: 'Unseen stop' });
    button.style.cssText = 'outline: none; overflow: hidden; width: 20px; white-space: nowrap';
    main.append(button);
  });
  expect(await faultsOf(door)).toContain('no focus to be seen: button "Unseen stop"');
  expect((await unfitFor(door)).filter((told) => told.includes('Unseen stop'))).toHaveLength(6);
  await door.close();
});

it('all twelve stations and fourteen nights stand on one screen at 1280 × 800', async () => {
  await goTo(page, deskUrl);
  await waitForVerdict(page, 'collide');
  const bottom = (selector: string) =>
    page.$$eval(selector, (all) =>
      Math.max(...all.map((one) => one.getBoundingClientRect().bottom)),
    );
  expect(await bottom('[aria-label="Settings of the timer"] tbody tr')).toBeLessThanOrEqual(800);
  expect(await bottom('[data-run]')).toBeLessThanOrEqual(800);
  expect(await page.evaluate(() => document.documentElement.scrollHeight)).toBeLessThanOrEqual(800);
});

it('an address that leads nowhere says so, and where to go on', async () => {
  await goTo(page, `${stage.url()}/timers/00000000-0000-4000-8000-000000000000`);
  await page.waitForFunction(() => document.body.textContent.includes('There is no such timer.'));
  await goTo(page, `${stage.url()}/nowhere/at/all`);
  await page.waitForFunction(() => document.body.textContent.includes('There is no such page.'));
});

it('opens from the list by keyboard alone', async () => {
  await goTo(page, `${stage.url()}/properties`);
  await page.waitForSelector('main [data-kind]');
  await page.$eval('td li a', (link) => (link as HTMLElement).focus());
  await page.keyboard.press('Enter');
  await labelled(page, 'Program A, start 1');
});

it('works on a phone: nothing is wider than the screen, and the grid scrolls in its own place', async () => {
  await page.setViewport({ width: 390, height: 844 });
  await goTo(page, deskUrl);
  await waitForVerdict(page, 'collide');
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  const name = await page.$eval('[aria-label="Station 1, name"]', (cell) => cell.clientWidth);
  expect(name).toBeGreaterThan(60);
  await goTo(page, `${deskUrl}&pane=nights`);
  await page.waitForSelector('[data-run]', { visible: true });
  for (const width of [320, 390]) {
    await page.setViewport({ width, height: 844 });
    await page.waitForFunction(
      (wide) => document.querySelector('[aria-label="Nights to come"]')!.clientWidth <= wide,
      {},
      width,
    );
    // The board has room for all of its legend, and is no taller than its fourteen rows want.
    const [board, legend] = await page.evaluate(async () => {
      for (let frame = 0; frame < 30; frame++)
        await new Promise((resolve) => requestAnimationFrame(resolve));
      const marks = document.querySelector('[aria-label="Marks on the board"]')!;
      return [marks.parentElement!, marks].map((part) => {
        const { bottom, height } = part.getBoundingClientRect();
        return { bottom, height };
      });
    });
    expect(legend!.bottom).toBeLessThanOrEqual(board!.bottom);
    expect(board!.height).toBeGreaterThan(14 * 10);
    expect(board!.height).toBeLessThan(14 * 44);
  }
});

it('at 200 % of 1280 × 800 all of the desk is reached by scrolling down: grid, nights and findings are whole', async () => {
  await page.setViewport({ width: 640, height: 400 });
  await goTo(page, deskUrl);
  await waitForVerdict(page, 'collide');
  const parts = await page.$$eval(
    [
      '[aria-label="Settings of the timer"]',
      '[aria-label="Nights to come"]',
      '[data-findings]',
    ].join(),
    (all) =>
      all.map((part) => {
        const { scrollHeight, clientHeight, scrollWidth, clientWidth } = part as HTMLElement;
        part.scrollIntoView({ block: 'end' });
        const { bottom } = part.getBoundingClientRect();
        return {
          isWhole: scrollHeight <= clientHeight + 1 && scrollWidth <= clientWidth + 1,
          isReached: bottom <= window.innerHeight + 1,
        };
      }),
  );
  expect(parts).toEqual(Array.from({ length: 3 }, () => ({ isWhole: true, isReached: true })));
});
