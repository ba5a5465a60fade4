import type { Page } from 'puppeteer-core';
import {
  axeFindings,
  clickButton,
  clickOn,
  givePicture,
  goTo,
  pictured,
  turnTo,
  waitForWords,
} from '../support/desk.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: true });

interface StoredPhoto {
  readonly id: string;
  readonly timerId: string;
  readonly width: number;
  readonly height: number;
  readonly media: string;
  readonly document: { about: string; station: number | null; note: string; pins: object[] };
}

const photosOf = (propertyId: string) =>
  stage.ask<StoredPhoto[]>('GET', `/properties/${propertyId}/photos`);
const isDialogGone = (page: Page) =>
  page.waitForFunction(() => !document.querySelector('.ant-modal-wrap'), { polling: 200 });

it('a photo is made small, pinned and noted, and stands where photos of the home are', async () => {
  const { id, propertyId } = await stage.timerOf('Carport');
  const page = await stage.newPage();
  await page.setViewport({ width: 390, height: 844, isMobile: true, hasTouch: true });
  await stage.ask('POST', `/timers/${id}/visits`, { startedAt: new Date().toISOString() });
  await goTo(page, `${stage.url()}/timers/${id}/visit/walk?station=3`);
  await givePicture(page, 'head');
  await clickOn(page, '[aria-label="The head, station 3"]');
  await page.waitForSelector('.ant-modal img');
  // A tap on the picture pins something there.
  const picture = await page.waitForSelector('.ant-modal img', { visible: true });
  await pictured(page, 'pin something on the photo', async () => {
    await page.waitForFunction(
      () => document.querySelector<HTMLImageElement>('.ant-modal img')?.complete,
      { polling: 200 },
    );
    const { x, y, width, height } = (await picture!.boundingBox())!;
    await page.touchscreen.tap(x + width * 0.25, y + height * 0.75);
    await page.waitForSelector('[aria-label="What is at pin 1"]');
  });
  await page.focus('[aria-label="What is at pin 1"]');
  await page.keyboard.type('Cracked here');
  await page.focus('.ant-modal textarea');
  await page.keyboard.type('Leans to the street');
  expect(await axeFindings(page)).toEqual([]);
  await clickButton(page, 'Save');
  await isDialogGone(page);
  await pictured(page, 'find the photo on the server', async () => {
    for (;;) {
      const [photo] = await photosOf(propertyId);
      if (photo?.document.note === 'Leans to the street') break;
      await page.waitForFunction(() => true, { polling: 500 });
    }
  });
  const [photo, ...others] = await photosOf(propertyId);
  expect(others).toEqual([]);
  expect(photo).toMatchObject({
    ...{ timerId: id, media: 'image/webp', width: 1600, height: 1200 },
    document: { about: 'head', station: 3, pins: [{ words: 'Cracked here' }] },
  });
  const [pin] = photo!.document.pins as { x: number; y: number }[];
  expect(pin!.x).toBeCloseTo(0.25, 1);
  expect(pin!.y).toBeCloseTo(0.75, 1);
  await turnTo(page, `/properties/${propertyId}/photos`);
  await page.waitForSelector('[aria-label="The head, station 3: Leans to the street"]');
  expect(await axeFindings(page)).toEqual([]);
});

it('what is no picture is refused in words, and nothing is kept of it', async () => {
  const { propertyId } = await stage.timerOf('Carport');
  const before = await photosOf(propertyId);
  const page = await stage.newPage();
  await goTo(page, `${stage.url()}/properties/${propertyId}/photos`);
  const input = await page.waitForSelector('input[data-photos="front"]');
  await input!.evaluate((element) => {
    const data = new DataTransfer();
    data.items.add(new File(['<script>alert(1)</script>'], 'cat.jpg', { type: 'image/jpeg' }));
    if (!(element instanceof HTMLInputElement)) throw new Error('It takes no files.');
    element.files = data.files;
    element.dispatchEvent(new Event('change', { bubbles: true }));
  });
  await waitForWords(page, 'cat.jpg is not kept: it cannot be read as a picture.');
  expect(await photosOf(propertyId)).toEqual(before);
});

it('a link shows the photos that were chosen, with their pins, until it is withdrawn', async () => {
  const { id } = await stage.timerOf('Garage timer');
  const page = await stage.newPage();
  await goTo(page, `${stage.url()}/timers/${id}/sheet`);
  await clickButton(page, 'Leave this sheet');
  await waitForWords(page, 'Make a link');
  await clickOn(page, '[aria-label^="The valve box, station 2"]');
  await waitForWords(page, 'The link shows 1 photo');
  await clickButton(page, 'Make a link');
  await page.waitForSelector('[data-testid="share-link"]');
  await waitForWords(page, 'with 1 photo');
  const link = await page.$eval(
    '[data-testid="share-link"]',
    (made) => (made as HTMLAnchorElement).href,
  );
  const guest = await stage.pageOf(null);
  await goTo(guest, link);
  await waitForWords(guest, 'Wet splice');
  await guest.waitForFunction(() => {
    const image = document.querySelector<HTMLImageElement>('figure img');
    image?.scrollIntoView();
    return image?.complete && image.naturalWidth > 0;
  });
  expect(await guest.$$eval('figure', (all) => all.length)).toBe(1);
  expect(await axeFindings(guest)).toEqual([]);
});
