import type { Page } from 'puppeteer-core';
import { clickOn, goTo, waitForWords } from '../support/desk.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: true });

const press = (page: Page, words: string) =>
  clickOn(page, `xpath/.//button[normalize-space()="${words}"][not(@disabled)]`);

const dialog = (page: Page) =>
  page.waitForSelector('[role="dialog"]', { visible: true }).then((open) =>
    open!.evaluate((element) => ({
      words: element.textContent,
      focused: document.activeElement?.textContent,
    })),
  );

const noDialog = (page: Page) =>
  page.waitForFunction(() => !document.querySelector('[role="dialog"]'));

const stateOf = (page: Page, step: string) =>
  page.$eval(`nav[aria-label="Visit"] a[aria-label*=" ${step} "]`, (link) =>
    link.getAttribute('aria-label'),
  );

it('a step that is called done while its work is not says what is open, and the way back comes first', async () => {
  const { id } = await stage.timerOf('Garage timer');
  const visitId = crypto.randomUUID();
  await stage.ask('POST', `/timers/${id}/visits`, {
    id: visitId,
    startedAt: new Date().toISOString(),
  });
  const page = await stage.newPage();

  await goTo(page, `${stage.url()}/timers/${id}/as-found`);
  await press(page, 'As found done');
  const reading = await dialog(page);
  expect(reading.words).toContain('As found: 0 of 1');
  expect(reading.words).toContain('a reading that is saved');
  expect(reading.focused).toBe('Go on with it');
  await page.keyboard.press('Enter');
  await noDialog(page);
  expect(await stateOf(page, 'As found')).toBe('2 As found 0 of 1, open');

  await goTo(page, `${stage.url()}/timers/${id}/visit/walk`);
  await waitForWords(page, 'Walk done');
  const counted = /0 of (\d+)/.exec((await stateOf(page, 'Walk'))!);
  expect(Number(counted![1])).toBeGreaterThan(5);
  await press(page, 'Walk done');
  expect((await dialog(page)).words).toContain(`Walk: 0 of ${counted![1]}`);
  // Escape is not a way to be done.
  await page.keyboard.press('Escape');
  await noDialog(page);
  expect(await stateOf(page, 'Walk')).toContain('open');
  await press(page, 'Walk done');
  await dialog(page);
  await press(page, 'Done all the same');
  await page.waitForFunction(() => location.pathname.endsWith('/visit/leave'));
  await page.waitForSelector(
    'nav[aria-label="Visit"] a[aria-label^="8 Walk"][aria-label$=", done"]',
  );
  await page.close();
});
