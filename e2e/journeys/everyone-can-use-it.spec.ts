import type { Page } from 'puppeteer-core';
import { axeFindings, goTo, labelled, waitForVerdict, waitForWords } from '../support/desk.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: true });
let page: Page;
let deskUrl: string;

beforeAll(async () => {
  page = await stage.newPage();
  deskUrl = await stage.deskOf('Garage timer');
});

for (const scheme of ['light', 'dark'] as const) {
  describe(`in ${scheme} colours`, () => {
    beforeAll(async () => {
      await page.emulateMediaFeatures([
        { name: 'prefers-color-scheme', value: scheme },
        { name: 'prefers-reduced-motion', value: 'reduce' },
      ]);
    });

    it.each([
      ['the list of properties', '/properties', '.outlook'],
      ['a property', '/properties/HOME', '.timer-ways'],
      ['a property that is changed', '/properties/HOME/edit', '#gateNotes'],
      ['a yard', '/timers/TIMER/yard', '.yard-table'],
      ['a reading', '/timers/TIMER/as-found?step=1', '.as-found-table'],
      ['the check of a reading', '/timers/TIMER/as-found?step=4', '.as-found-findings'],
      ['saved copies', '/timers/TIMER/copies', 'td a'],
      ['the kinds', '/kinds', '.kinds li'],
      ['a kind by questions', '/kinds/new?like=wall-12', '.kind-question'],
      ['the rules', '/rules', '.kinds li'],
      ['rules of a district', '/rules/new', '.rule-house'],
      ['the firm', '/firm', '.customary'],
      ['the weather', '/weather', '.kinds li'],
      ['weather by month', '/weather/new', '.weather-bring'],
      ['a catch test', '/timers/TIMER/measure', '.big-input'],
      ['the stopwatch', '/timers/TIMER/measure?way=run-off', '.measure-watch'],
      ['the meter', '/timers/TIMER/measure?way=meter', '.big-input'],
      ['the need', '/timers/TIMER/need', '.need-table'],
      ['a season at the roots', '/timers/TIMER/water?over=desk', '.roots-chart path'],
      ['a visit that is to begin', '/timers/TIMER/visit', '#here'],
      ['a plan made for a home', '/timers/TIMER?mode=plan', '.offers'],
      ['a season in percentages', '/timers/TIMER?mode=season', '.season-table'],
    ])('%s has no faults that axe finds', async (_, path, ready) => {
      const { id, propertyId } = await stage.timerOf('Carport');
      await goTo(page, stage.url() + path.replace('HOME', propertyId).replace('TIMER', id));
      await page.waitForSelector(ready);
      await new Promise((resolve) => setTimeout(resolve, 400));
      expect(await axeFindings(page)).toEqual([]);
    });

    it('the door has no faults that axe finds', async () => {
      const door = await stage.pageOf(null);
      await door.emulateMediaFeatures([{ name: 'prefers-color-scheme', value: scheme }]);
      await goTo(door, stage.url());
      await waitForWords(door, 'Look around as');
      expect(await axeFindings(door)).toEqual([]);
      await door.close();
    });

    it('the desk has no faults that axe finds', async () => {
      await goTo(page, deskUrl);
      await waitForVerdict(page, 'collide');
      await page.$eval('.run[data-program="B"]', (run) => (run as SVGElement).focus());
      await page.keyboard.press('Enter');
      await page.waitForSelector('.run-details');
      expect(await axeFindings(page)).toEqual([]);
    }, 60_000);
  });
}

it('all twelve stations and fourteen nights stand on one screen at 1280 × 800', async () => {
  await goTo(page, deskUrl);
  await waitForVerdict(page, 'collide');
  const bottom = (selector: string) =>
    page.$$eval(selector, (all) =>
      Math.max(...all.map((one) => one.getBoundingClientRect().bottom)),
    );
  expect(await bottom('.settings-grid tbody tr')).toBeLessThanOrEqual(800);
  expect(await bottom('.night-board .run')).toBeLessThanOrEqual(800);
  expect(await page.evaluate(() => document.documentElement.scrollHeight)).toBeLessThanOrEqual(800);
});

it('an address that leads nowhere says so, and where to go on', async () => {
  await goTo(page, `${stage.url()}/timers/00000000-0000-4000-8000-000000000000`);
  await page.waitForFunction(() => document.body.textContent?.includes('There is no such timer.'));
  await goTo(page, `${stage.url()}/nowhere/at/all`);
  await page.waitForFunction(() => document.body.textContent?.includes('There is no such page.'));
});

it('opens from the list by keyboard alone', async () => {
  await goTo(page, `${stage.url()}/properties`);
  await page.waitForSelector('.outlook');
  await page.$eval('.timers-of a', (link) => (link as HTMLElement).focus());
  await page.keyboard.press('Enter');
  await labelled(page, 'Program A, start 1');
});

it('on a phone no screen is wider than it', async () => {
  await page.setViewport({ width: 390, height: 844 });
  const { id, propertyId } = await stage.timerOf('Carport');
  for (const path of [
    '/properties',
    `/properties/${propertyId}`,
    `/timers/${id}/yard`,
    `/timers/${id}/as-found?step=1`,
    `/timers/${id}/copies`,
    `/timers/${id}/measure`,
    `/timers/${id}/measure?way=meter`,
    `/timers/${id}/need`,
    `/timers/${id}/water`,
    `/timers/${id}/visit`,
    `/timers/${id}?mode=plan`,
    `/timers/${id}?mode=season`,
    '/weather/new',
    '/firm',
    '/kinds/new',
    '/rules/new',
  ]) {
    await goTo(page, stage.url() + path);
    const width = await page.evaluate(() => document.documentElement.scrollWidth);
    expect([path, width]).toEqual([path, 390]);
  }
}, 60_000);

it('works on a phone: nothing is wider than the screen, and the grid scrolls in its own place', async () => {
  await page.setViewport({ width: 390, height: 844 });
  await goTo(page, deskUrl);
  await waitForVerdict(page, 'collide');
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  const name = await page.$eval('[aria-label="Station 1, name"]', (cell) => cell.clientWidth);
  expect(name).toBeGreaterThan(60);
});
