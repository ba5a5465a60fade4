import type { Page } from 'puppeteer-core';
import { axeFindings, goTo, waitForVerdict, waitForWords } from './desk.js';
import { SCREENS } from './screens.js';
import { setStage } from './stage.js';

/** What moves into place has moved: axe would read colours in between. */
const atRest = (page: Page) =>
  page.evaluate(() => Promise.all(document.getAnimations().map(({ finished }) => finished)));

/** Tests that axe finds no fault on any screen, in light or in dark colours. */
export function testsOfEveryScreen(scheme: 'light' | 'dark'): void {
  const stage = setStage({ demo: true });
  let page: Page;
  beforeAll(async () => {
    page = await stage.newPage();
    await page.emulateMediaFeatures([
      { name: 'prefers-color-scheme', value: scheme },
      { name: 'prefers-reduced-motion', value: 'reduce' },
    ]);
  });

  it.each(SCREENS.map(({ name, path, ready }) => [name, path, ready]))(
    '%s has no faults that axe finds',
    async (_, path, ready) => {
      const { id, propertyId } = await stage.timerOf('Carport');
      await goTo(page, stage.url() + path!.replace('HOME', propertyId).replace('TIMER', id));
      await page.waitForSelector(ready!);
      await atRest(page);
      expect(await axeFindings(page)).toEqual([]);
    },
  );

  it('the door has no faults that axe finds', async () => {
    const door = await stage.pageOf(null);
    await door.emulateMediaFeatures([{ name: 'prefers-color-scheme', value: scheme }]);
    await goTo(door, stage.url());
    await waitForWords(door, 'Look around as');
    expect(await axeFindings(door)).toEqual([]);
    await door.close();
  });

  it('the desk has no faults that axe finds', async () => {
    await goTo(page, await stage.deskOf('Garage timer'));
    await waitForVerdict(page, 'collide');
    await page.$eval('.run[data-program="B"]', (run) => (run as SVGElement).focus());
    await page.keyboard.press('Enter');
    await page.waitForSelector('.run-details');
    expect(await axeFindings(page)).toEqual([]);
  });
}
