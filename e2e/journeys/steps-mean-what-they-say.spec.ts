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

/** What the bar says of a step. */
const stateOf = (page: Page, step: string) =>
  page.$$eval(
    'nav[aria-label="Visit"] li',
    (all, name) => all.map(({ textContent }) => textContent).find((words) => words.includes(name)),
    step,
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
  expect(await stateOf(page, 'As found')).toBe('2As found(0 of 1), open');

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
  await press(page, 'Leave the rest out…');
  await waitForWords(page, 'Skip Walk?');
  await press(page, 'Cancel');
  await noDialog(page);
  await press(page, 'Walk done');
  await dialog(page);
  await press(page, 'Done all the same');
  await page.waitForFunction(() => location.pathname.endsWith('/visit/leave'));
  // Called done, and not ticked: its work is open still.
  // The address is there a moment before the page.
  await page.waitForFunction(() =>
    [...window.document.querySelectorAll('nav[aria-label="Visit"] li')].some(
      ({ textContent }) => textContent === 'Walk, done',
    ),
  );
  await page.waitForSelector('nav[aria-label="Visit"] li:nth-child(8) .anticon-exclamation-circle');
  await goTo(page, `${stage.url()}/timers/${id}/visit`);
  await waitForWords(page, `done, 0 of ${counted![1]}`);

  // The last look is named, and to look once more comes first.
  await goTo(page, `${stage.url()}/timers/${id}/visit/leave`);
  await press(page, 'End the visit');
  const leaving = await dialog(page);
  expect(leaving.words).toContain('Not ticked: the switch');
  expect(leaving.focused).toBe('Look once more');
  await page.close();
});

it('a reading in which nothing was entered is none: no step of it is done, and it is not saved unasked', async () => {
  const { id } = await stage.timerOf('Carport');
  const page = await stage.newPage();
  const copies = await stage.ask<unknown[]>('GET', `/timers/${id}/copies`);
  const done = () => page.$$eval('.ant-steps-item-finish', (steps) => steps.length);
  await goTo(page, `${stage.url()}/timers/${id}/as-found?step=4`);
  await waitForWords(page, 'Nothing is entered yet. Go back and read the timer');
  expect(await done()).toBe(0);
  await press(page, 'It is empty…');
  await waitForWords(page, 'Is nothing set in it, as it left the factory?');
  await press(page, 'Cancel');
  expect(await stage.ask('GET', `/timers/${id}/copies`)).toEqual(copies);
  await press(page, 'Begin from copy № 2');
  await waitForWords(page, 'The timer holds just what that copy says.');
  expect(await done()).toBe(2);
  await page.close();
});
