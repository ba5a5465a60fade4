import type { Page } from 'puppeteer-core';
import type { Plan } from '@water-clock/core/settings';
import type { Yard } from '@water-clock/core/yards';
import {
  axeFindings,
  clickButton,
  clickMenuItem,
  clickOn,
  goTo,
  labelled,
  paste,
  pictured,
  typeInCell,
  waitForVerdict,
  waitForWords,
} from '../support/desk.js';
import { setStage } from '../support/stage.js';

// An empty firm: every home, type and timer is made by hand.
const stage = setStage({ demo: false, hasSimulator: true });

const settingsOf = async (timerId: string): Promise<Plan> =>
  (await stage.ask<{ document: Plan }>('GET', `/timers/${timerId}/settings?on=2026-06-01`))
    .document;
const yardOf = async (timerId: string): Promise<Yard> =>
  (await stage.ask<{ document: Yard }>('GET', `/timers/${timerId}/yard`)).document;

async function waitUntilSaved(page: Page): Promise<void> {
  await page.waitForFunction(() =>
    [...document.querySelectorAll('button')].some(
      ({ disabled, textContent }) => disabled && textContent === 'Saved',
    ),
  );
}

const timerIn = (page: Page): string => /timers\/([^/?]+)/.exec(page.url())![1]!;

/** A new home with a new timer, of a type that comes with the product; the page is on its yard then. */
async function newTimer(page: Page, home: string, type: string, stations: number): Promise<string> {
  await goTo(page, `${stage.url()}/properties/new`);
  await page.waitForFunction(() => document.activeElement?.id === 'name');
  await page.keyboard.type(home);
  await clickButton(page, 'Add the property');
  await waitForWords(page, 'Who and where');
  await clickButton(page, 'Add a timer');
  await page.waitForFunction(() => document.activeElement?.id === 'name');
  await page.keyboard.type('Shed timer');
  await page.focus('#timerType');
  await page.keyboard.type(type);
  await page.waitForSelector('.ant-select-item-option-active', { visible: true });
  await page.keyboard.press('Enter');
  await page.focus('#stations');
  await page.keyboard.down('Control');
  await page.keyboard.press('a');
  await page.keyboard.up('Control');
  await page.keyboard.type(String(stations));
  await clickButton(page, 'Add the timer');
  await page.waitForFunction(() => location.pathname.endsWith('/as-found'), { polling: 200 });
  return timerIn(page);
}

const toDesk = async (page: Page, timerId: string) => {
  await goTo(page, `${stage.url()}/timers/${timerId}?from=2026-06-01`);
  await labelled(page, 'Station 1, name');
};

const saveSettings = async (page: Page) => {
  await clickButton(page, 'Save settings');
  await waitUntilSaved(page);
};

const typeOver = async (page: Page, label: string, text: string) => {
  await pictured(page, `type in ${label}`, () => labelled(page, label));
  await page.focus(`[aria-label="${label}"]`);
  await page.keyboard.type(text);
};

/** Closes what is open over the desk. */
const closeEditor = (page: Page) => clickOn(page, 'main [aria-label="Findings"]');

it('opens on three ways to begin, one of them a practice home whose timer collides', async () => {
  const page = await stage.newPage();
  await goTo(page, `${stage.url()}/properties`);
  await waitForWords(page, 'No properties yet');
  const ways = await page.$$eval('main ol > li button', (all) =>
    all.map(({ textContent }) => textContent),
  );
  expect(ways).toEqual(['Add a property', 'Add the practice home', 'Import…']);
  expect(await axeFindings(page)).toEqual([]);
  await clickButton(page, 'Add the practice home');
  await waitForWords(page, 'Nobody lives here');
  await waitForWords(page, 'Two runs collide');
  await clickOn(page, 'main a[href*="/timers/"]');
  await waitForVerdict(page, 'collide');
  await page.waitForSelector('[aria-label="Findings"] li[data-severity="error"]');
  await page.close();
});

it('a tap timer of one valve waters every 8 hours, and is held for two days', async () => {
  const page = await stage.newPage();
  const timerId = await newTimer(page, 'Sloe end', 'Tap timer by the hour', 1);
  await toDesk(page, timerId);
  await typeInCell(page, 'Station 1, program 1, minutes', '5');
  await clickOn(page, '[data-field="days of 1"]');
  await clickOn(page, 'xpath/.//label[normalize-space()="Every so many hours"]');
  await typeOver(page, 'The day of its first start', '30 May 2026');
  await typeOver(page, 'The time of its first start', '6:00');
  await typeOver(page, 'Hours of the interval', '8');
  await closeEditor(page);
  await clickOn(page, '[data-field="hold"] button');
  await typeOver(page, 'Days of the hold', '2');
  await clickButton(page, 'Hold');
  await waitForWords(page, 'End it');
  await closeEditor(page);
  await saveSettings(page);

  const { programs, controller } = await settingsOf(timerId);
  expect(programs).toMatchObject([
    {
      days: { mode: 'hours', everyHours: 8, anchor: '2026-05-30T06:00:00' },
      runs: [{ station: 1, seconds: 300 }],
    },
  ]);
  expect(controller.pauses).toHaveLength(1);
  const [from, to] = [controller.pauses[0]!.from, controller.pauses[0]!.to].map((at) =>
    Date.parse(`${at}Z`),
  );
  expect(to! - from!).toBe(2 * 86_400_000);
  // The home says so too.
  await clickOn(page, 'xpath/.//h1//a[normalize-space()="Sloe end"]');
  await waitForWords(page, 'On hold');
  await waitForWords(page, ' left');
  await page.close();
});

it('a two-wire timer: units found and assigned, a linked station, hours of a program, three at once', async () => {
  const page = await stage.newPage();
  const timerId = await newTimer(page, 'Medlar house', 'Two-wire timer, 64', 4);
  await clickOn(page, 'nav[aria-label="This timer"] a[href$="/yard"]');
  await clickOn(page, '[aria-label="Station 1, name"]');
  await paste(page, 'Front beds\nRose bank\nBack lawn\nOrchard');
  await typeInCell(page, 'Station 2, follows', '1');
  await clickButton(page, 'Use a simulated one');
  await clickButton(page, 'Search the two wires');
  await waitForWords(page, '4 units answered; no station has');
  // The first is scanned: it goes to the first station without one. The others come in their order.
  const scan = await page.waitForSelector('input[placeholder="then Enter"]', { visible: true });
  await scan!.type('VU-63013');
  await page.keyboard.press('Enter');
  await waitForWords(page, '1 of 4 stations have one.');
  await clickButton(page, 'Assign in this order');
  await clickButton(page, 'Test them all');
  await page.waitForFunction(
    () =>
      [...document.querySelectorAll<HTMLInputElement>('[aria-label$=", last test"]')].every(
        ({ value }) => value === 'fine',
      ),
    { polling: 200 },
  );
  await clickButton(page, 'Save the yard');
  await waitUntilSaved(page);
  const { stations } = await yardOf(timerId);
  expect(stations.map(({ valveUnit }) => valveUnit!.serial)).toEqual([
    'VU-63013',
    'VU-39256',
    'VU-47175',
    'VU-55094',
  ]);
  expect(stations[1]).toMatchObject({
    follows: 1,
    valveUnit: { lastTest: { result: 'fine' } },
  });

  await toDesk(page, timerId);
  await typeInCell(page, 'Program A, start 1', '2100');
  await clickOn(page, '[data-field="days of A"]');
  await clickOn(page, 'xpath/.//label[normalize-space()="Odd days"]');
  await closeEditor(page);
  await typeInCell(page, 'Station 1, program A, minutes', '10');
  await typeInCell(page, 'Station 3, program A, minutes', '20');
  await clickOn(page, '[data-field="program A"]');
  await clickMenuItem(page, 'Up to 3 stations at once');
  await clickOn(page, '[data-field="A own hours"] button');
  await clickButton(page, 'Add hours');
  await labelled(page, 'Waters from');
  await closeEditor(page);
  await waitForVerdict(page, 'No two runs overlap');
  await saveSettings(page);
  expect((await settingsOf(timerId)).programs.find(({ id }) => id === 'A')).toMatchObject({
    starts: ['21:00'],
    days: { mode: 'odd' },
    concurrent: 3,
    waterWindows: [{ from: '20:00', to: '07:00', weekdays: [1, 2, 3, 4, 5, 6, 7] }],
    // The second goes by the first.
    runs: [
      { station: 1, seconds: 600 },
      { station: 2, seconds: 600 },
      { station: 3, seconds: 1200 },
    ],
  });
  // What the type says of its use came with it.
  await goTo(page, `${stage.url()}/timers/${timerId}/visit`);
  await clickButton(page, 'Begin a visit');
  await page.waitForFunction(() => !document.body.textContent.includes('Begin a visit'));
  // From an empty timer what is off is not asked for; the caution and the type's own words come first.
  await goTo(page, `${stage.url()}/timers/${timerId}/visit/key-in`);
  await waitForWords(page, 'Nobody knows what is in this timer: everything is keyed in.');
  const toKeyIn = () =>
    page.evaluate(() => Number(/0 of (\d+)/.exec(document.querySelector('main')!.innerText)![1]));
  const everything = await toKeyIn();
  await clickButton(page, 'Begin from an empty timer…');
  await waitForWords(page, 'A reset erases what is in it. Save an as-found copy first.');
  await waitForWords(page, 'choose memory, then empty');
  await clickButton(page, 'It is reset: begin from empty');
  await page.waitForFunction(
    () => !document.body.textContent.includes('Nobody knows what is in this timer'),
    { polling: 200 },
  );
  expect(everything).toBeGreaterThan(100);
  // Clock, one start, three run times, days, hours of its own, and how many at once.
  expect(await toKeyIn()).toBe(8);
  await goTo(page, `${stage.url()}/timers/${timerId}/visit/leave`);
  await waitForWords(page, 'To store: Open the menu, choose memory');
  await clickButton(page, 'I stored what is in it now');
  await waitForWords(page, 'It holds the timer as left on');
  await page.close();
});

it('a wall timer: percentages by month, the 4th off, a sensor that one station does not heed', async () => {
  const page = await stage.newPage();
  const timerId = await newTimer(page, 'Wren corner', 'Wall timer with a weather sensor', 3);
  await toDesk(page, timerId);
  await typeInCell(page, 'Program A, start 1', '0400');
  await clickOn(page, '[data-field="days of A"]');
  await clickOn(page, 'xpath/.//label[normalize-space()="Even days"]');
  await closeEditor(page);
  for (const station of [1, 2, 3])
    await typeInCell(page, `Station ${station}, program A, minutes`, '10');
  await page.select('[aria-label="Season percentage for"]', 'monthly');
  await clickOn(page, '[data-field="season"] button');
  const june = await page.waitForSelector('xpath/.//label[starts-with(., "Jun")]//input', {
    visible: true,
  });
  await (june as Awaited<ReturnType<typeof labelled>>).focus();
  await page.keyboard.type('120');
  await closeEditor(page);
  await clickOn(page, '[data-field="month days off"] button');
  await typeOver(page, 'Never on these days of a month', '4');
  await closeEditor(page);
  await clickOn(page, '[data-field="sensor not heeded"] button');
  await typeOver(page, 'Rain sensor not heeded by stations', '2');
  await closeEditor(page);
  await saveSettings(page);
  const { controller, stations } = await settingsOf(timerId);
  expect(controller.season).toEqual({
    mode: 'monthly',
    percents: [100, 100, 100, 100, 100, 120, 100, 100, 100, 100, 100, 100],
  });
  expect(controller.monthDaysOff).toEqual([4]);
  expect(stations.map(({ rainSensor }) => rainSensor)).toEqual([true, false, true]);
  // In June the display shows twelve minutes for the ten that are set.
  await clickButton(page, 'Run times and ends…');
  await page.waitForSelector('[aria-label="Run times in force"]');
  const shown = await page.$$eval('[aria-label="Run times in force"] tbody td', (cells) =>
    cells.map(({ textContent }) => textContent),
  );
  expect(shown).toEqual(['12', '12', '12']);
  await page.close();
});
