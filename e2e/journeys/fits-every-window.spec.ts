import type { Page } from 'puppeteer-core';
import { goTo, waitForVerdict } from '../support/desk.js';
import { SCREENS } from '../support/screens.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: true });
let page: Page;
beforeAll(async () => {
  page = await stage.newPage();
});

const WIDTHS = [360, 768, 1280];

/** The width of the page in each window that is narrower than it. */
async function widerThanItsWindow(): Promise<string[]> {
  const wide: string[] = [];
  for (const width of WIDTHS) {
    await page.setViewport({ width, height: 844 });
    // What draws itself to its width has done so when two frames have passed.
    const has = await page.evaluate(
      () =>
        new Promise<number>((resolve) =>
          requestAnimationFrame(() =>
            requestAnimationFrame(() => resolve(document.documentElement.scrollWidth)),
          ),
        ),
    );
    if (has > width) wide.push(`${has} px in a window of ${width} px`);
  }
  return wide;
}

it.each(SCREENS.map(({ name, path, ready }) => [name, path, ready]))(
  '%s is never wider than its window',
  async (_, path, ready) => {
    const { id, propertyId } = await stage.timerOf('Carport');
    await goTo(page, stage.url() + path!.replace('HOME', propertyId).replace('TIMER', id));
    await page.waitForSelector(ready!);
    expect(await widerThanItsWindow()).toEqual([]);
  },
);

it.each(['clock', 'key-in', 'walk', 'leave'])('the step %s of a visit fits too', async (step) => {
  const { id } = await stage.timerOf('Carport');
  await goTo(page, `${stage.url()}/timers/${id}/visit/${step}`);
  expect(await widerThanItsWindow()).toEqual([]);
});

it('the desk fits, and its grid scrolls in its own place', async () => {
  await goTo(page, await stage.deskOf('Garage timer'));
  await waitForVerdict(page, 'collide');
  expect(await widerThanItsWindow()).toEqual([]);
});

it('the door fits', async () => {
  const door = await stage.pageOf(null);
  page = door;
  await goTo(door, `${stage.url()}/sign-in`);
  expect(await widerThanItsWindow()).toEqual([]);
});
