import type { Page } from 'puppeteer-core';
import { Actions } from '../support/actions.js';
import { clickOn, goTo, waitForWords } from '../support/desk.js';
import { signIn } from '../support/sign-in.js';
import { faultsOf } from '../support/faultless.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: true, person: 'Piet Lark' });
let page: Page;
beforeAll(async () => (page = await stage.newPage()));

const chosen = '[role="option"][aria-selected="true"]';
const finder = '[role="combobox"][aria-label="What to find"]';
const isChosen = (words: string) =>
  page.waitForFunction(
    (selector, part) => document.querySelector(selector)?.textContent.includes(part),
    {},
    chosen,
    words,
  );

interface Stored {
  readonly version: number;
  readonly document: { controller: { pauses: { from: string; to: string }[] } };
}
const settingsOf = (id: string) =>
  stage.ask<Stored>('GET', `/timers/${id}/settings?on=${new Date().toISOString().slice(0, 10)}`);

it('somebody calls about their front lawn: when it waters is told in under five actions', async () => {
  await goTo(page, `${stage.url()}/rules`);
  await waitForWords(page, 'Quillhaven');
  const actions = new Actions(page);
  await actions.shortcut('Control', 'k');
  await page.waitForSelector(finder, { visible: true });
  await actions.fill('front lawn brandt');
  await isChosen('Front lawn');
  await actions.press('Enter');
  await page.waitForSelector('main [role="status"] h3');
  // It may be watering as somebody calls.
  const said = await page.$eval('main [role="status"]', (told) => told.textContent);
  expect(said).toMatch(/Waters (next|now:) /);
  expect(actions.count).toBeLessThan(5);
  const answer = await page.$eval('main [role="status"] h3', (head) => head.textContent);
  expect(answer).toBe('2 Front lawn');
  const { propertyId } = await stage.timerOf('Garage timer');
  expect(new URL(page.url()).pathname).toBe(`/properties/${propertyId}/week`);
  // Whom to call, and the station among the others.
  expect(await page.$eval('a[href="tel:5550142"]', (link) => link.textContent)).toContain('Call');
  expect(await page.$$eval('[data-asked]', (rows) => rows.map((row) => row.textContent))).toEqual([
    expect.stringContaining('Front lawn'),
  ]);
});

it('the office holds the timer for three days, says when it waters again, and ends the hold', async () => {
  const { id } = await stage.timerOf('Garage timer');
  const before = await settingsOf(id);
  await clickOn(
    page,
    'xpath/.//section[@aria-label="Garage timer"]//button[normalize-space()="Hold"]',
  );
  await waitForWords(page, 'It waters again by itself:');
  const held = await settingsOf(id);
  expect(held.document.controller.pauses).toHaveLength(1);
  expect({ ...held.document, controller: null }).toEqual({ ...before.document, controller: null });
  // The text that is sent has the same words.
  const text = await page.$eval('a[href^="sms:5550142?body="]', (link) =>
    decodeURIComponent(link.getAttribute('href')!),
  );
  expect(text).toContain('It waters again by itself:');
  const { from, to } = held.document.controller.pauses[0]!;
  expect(Date.parse(to) - Date.parse(from)).toBe(3 * 86_400_000);
  await clickOn(
    page,
    'xpath/.//section[@aria-label="Garage timer"]//button[normalize-space()="End it"][not(@disabled)]',
  );
  await page.waitForFunction(
    () => !document.body.textContent.includes('It waters again by itself'),
  );
  expect((await settingsOf(id)).document.controller.pauses).toEqual([]);
});

it('what was looked at last comes first the next time, the arrows choose, and Escape gives the focus back', async () => {
  await page.focus('[aria-label="Find anything Ctrl K"]');
  await page.keyboard.press('Enter');
  await page.waitForSelector(finder, { visible: true });
  await isChosen('Plum cottage');
  const lines = () => page.$$eval('[role="option"]', (all) => all.map((one) => one.id));
  const [first, second] = await lines();
  await page.keyboard.press('ArrowDown');
  await page.waitForSelector(`${chosen}[id="${second!}"]`);
  await page.keyboard.press('ArrowUp');
  await page.waitForSelector(`${chosen}[id="${first!}"]`);
  await page.keyboard.press('Escape');
  await page.waitForFunction(
    () => document.activeElement?.getAttribute('aria-label') === 'Find anything Ctrl K',
  );
});

it('pages and actions are found by their words, in a cell of the desk too, and on a phone', async () => {
  await goTo(page, await stage.deskOf('Carport'));
  await page.waitForSelector('[aria-label="Program A, start 1"]');
  await page.focus('[aria-label="Program A, start 1"]');
  const actions = new Actions(page);
  await actions.shortcut('Control', 'k');
  await page.waitForSelector(finder, { visible: true });
  await actions.fill('saved copies');
  await isChosen('Saved copies');
  await actions.press('Enter');
  await page.waitForFunction(() => location.pathname.endsWith('/copies'));
  await page.setViewport({ width: 390, height: 844, isMobile: true, hasTouch: true });
  await actions.click('[aria-label="Find anything Ctrl K"]');
  await page.waitForSelector(finder, { visible: true });
  await actions.fill('dark');
  await isChosen('Switch to dark colours');
  await actions.click(chosen);
  await page.waitForSelector('html[data-theme="dark"]');
});

it('the office sends the sheet that was left, as a link that opens for whoever has it', async () => {
  const { id, propertyId } = await stage.timerOf('Garage timer');
  await goTo(page, `${stage.url()}/properties/${propertyId}/week`);
  await waitForWords(page, 'No sheet was left here yet');
  // A technician leaves one.
  const { cookie } = await signIn(stage.url(), 'Tobias Fenn');
  const document = {
    ...{ format: 'waterclock.sheet/1', madeOn: '2026-06-01', property: 'Plum cottage' },
    ...{ timer: 'Garage timer', firm: 'Quillhaven Sprinkler Care', stations: [] },
  };
  const left = await fetch(`${stage.url()}/api/timers/${id}/sheets`, {
    method: 'POST',
    headers: { cookie, 'content-type': 'application/json' },
    body: JSON.stringify({ document }),
  });
  expect(left.status).toBe(201);
  await page.reload();
  await clickOn(page, 'xpath/.//button[normalize-space()="Send the sheet…"]');
  const link = await page.waitForSelector('[aria-label="The sheet"] a[href*="/s/"]');
  const address = (await link!.evaluate((made) => made.getAttribute('href')))!;
  const text = await page.$eval('[aria-label="The sheet"] a[href^="sms:"]', (way) =>
    way.getAttribute('href'),
  );
  expect(text).toBe(`sms:5550142?body=${encodeURIComponent(address)}`);
  expect((await fetch(address.replace('/s/', '/api/shared/'))).status).toBe(200);
});

it('on the desk the office looks: nothing can be typed, pressed or moved, and what is only shown still is', async () => {
  await page.setViewport({ width: 1280, height: 800 });
  await goTo(page, await stage.deskOf('Garage timer'));
  await page.waitForSelector('[data-run]', { visible: true });
  const open = await page.$$eval(
    'table[aria-label="Settings"] :is(input, button, select), [data-field] :is(input, button, select)',
    (fields) => fields.filter((field) => !field.matches(':disabled')).length,
  );
  expect(open).toBe(0);
  expect(await page.$$('table[aria-label="Settings"] input')).not.toEqual([]);
  const buttons = await page.$$eval('main button:not(:disabled)', (all) =>
    all.map((button) => button.textContent.trim()),
  );
  expect(buttons).toContain('Show');
  expect(buttons).toContain('Run times and ends…');
  expect(buttons).not.toContain('Fix…');
  // A run is chosen by a click, and no key moves it: there is nothing to undo.
  await clickOn(page, '[data-run]');
  const chosenRun = await page.evaluate(() => document.activeElement?.getAttribute('data-run'));
  expect(chosenRun).toBeTruthy();
  await page.keyboard.press(']');
  expect(
    await page.$eval('xpath/.//main//button[normalize-space()="Undo"]', (undo) =>
      undo.matches(':disabled'),
    ),
  ).toBe(true);
  expect(await faultsOf(page)).toEqual([]);
});
