import type { Page } from 'puppeteer-core';
import {
  axeFindings,
  clickButton,
  clickOn,
  goTo,
  pictured,
  waitForWords,
} from '../support/desk.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: true, hasSimulator: true });
let page: Page;
let timerId: string;
/** Another one that is set alike, with a station more. */
let otherId: string;

const DAY_MS = 86_400_000;
const HALF_A_DAY_MS = DAY_MS / 2;
/** The home is in UTC: its dates are those of an instant. */
const dateIn = (days: number) => new Date(Date.now() + days * DAY_MS).toISOString().slice(0, 10);
const readAt = (ms: number) => new Date(ms).toISOString().slice(0, 19);
const WEEKDAYS = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat'];
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
/** As the week says it: "Tue 2 Jun". */
const dayWords = (days: number) => {
  const date = new Date(`${dateIn(days)}T12:00:00Z`);
  return `${WEEKDAYS[date.getUTCDay()]} ${date.getUTCDate()} ${MONTHS[date.getUTCMonth()]}`;
};

beforeAll(async () => {
  const made = async (path: string, body: object) =>
    (await stage.ask<{ id: string }>('POST', path, body)).id;
  const propertyId = await made('/properties', { name: 'Rill house', timeZone: 'UTC' });
  const document = {
    format: 'waterclock.plan/2',
    timer: { name: 'Wall timer', season: { modes: ['whole'] }, programs: ['A', 'B'] },
    stations: [
      { number: 1, name: 'Lawn' },
      { number: 2, name: 'Beds' },
    ],
    programs: [
      {
        ...{ id: 'A', starts: ['04:00'] },
        // Five and two days ago, and tomorrow.
        days: { mode: 'interval', everyDays: 3, anchor: dateIn(-5) },
        runs: [1, 2].map((station) => ({ station, seconds: 1200 })),
      },
    ],
  };
  timerId = await made(`/properties/${propertyId}/timers`, { name: 'Shed', document });
  await made(`/timers/${timerId}/copies`, { reason: 'left', name: '', document });
  const larger = {
    ...document,
    stations: [...document.stations, { number: 3, name: 'Hedge' }],
    programs: document.programs.map((program) => ({
      ...program,
      runs: [...program.runs, { station: 3, seconds: 1200 }],
    })),
  };
  otherId = await made(`/properties/${propertyId}/timers`, { name: 'Barn', document: larger });
  await made(`/timers/${otherId}/copies`, { reason: 'left', name: '', document: larger });
  // Its clock shows AM where it is PM.
  await stage.ask('PUT', `/timers/${timerId}/simulator`, {
    ...{ document, reads: readAt(Date.now() - HALF_A_DAY_MS) },
  });
  page = await stage.newPage();
});

/** A place on the week: so many days from today, at a time. */
async function placeOn(days: number, hour: number, minute: number) {
  const row = await page.waitForSelector(`rect[data-day="${dayWords(days)}"]`);
  const { x, y, width, height } = (await row!.boundingBox())!;
  return { x: x + ((hour * 60 + minute) / 1440) * width, y: y + height - 8 };
}

it('three things that were seen are put on a week: the clock is named first', async () => {
  await goTo(page, `${stage.url()}/timers/${timerId}/wrong`);
  await page.waitForSelector('[aria-labelledby="seen"] svg');
  await page.focus('input[placeholder^="Tue"]');
  await page.keyboard.type(`${dayWords(-5)} 16:00, lawn, about 20 min`);
  await page.keyboard.press('Enter');
  await waitForWords(page, '16:00 to 16:20: watered, station 1 (Lawn)');
  // Drawn along a day, then said where it was.
  const [from, to] = [await placeOn(-2, 16, 20), await placeOn(-2, 16, 40)];
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move(to.x, to.y, { steps: 4 });
  await page.mouse.up();
  await page.waitForSelector('[aria-label="What was seen then"]');
  await clickButton(page, 'Done');
  await waitForWords(page, '16:20 to 16:40: watered, nobody knows where');
  const tap = await placeOn(-2, 16, 0);
  await page.mouse.click(tap.x, tap.y);
  await clickButton(page, 'Done');
  await waitForWords(page, '16:00 to 16:15: watered, nobody knows where');
  await waitForWords(page, '1. The clock');
  await waitForWords(page, 'explains 3 of 3');
  await waitForWords(page, 'the clock is 12 h behind');
  expect(await axeFindings(page)).toEqual([]);
});

it('what is not understood of a line stays, and is told', async () => {
  await page.focus('input[placeholder^="Tue"]');
  await page.keyboard.type(`${dayWords(-1)} 14:00, side lawn`);
  await page.keyboard.press('Enter');
  await waitForWords(page, '“side” is not understood');
  await page.keyboard.down('Control');
  await page.keyboard.press('a');
  await page.keyboard.up('Control');
  await page.keyboard.press('Backspace');
});

it('the clock is read, and what was wrong stands in the visit', async () => {
  await clickButton(page, 'It shows that now');
  await waitForWords(page, 'found so');
  await clickButton(page, 'Begin a visit');
  await clickButton(page, 'This is what was wrong');
  await waitForWords(page, 'It stands in the visit.');
  await clickButton(page, 'Go to the visit');
  await waitForWords(page, 'What was wrong');
  await waitForWords(page, 'The clock. This would fit: the clock is 12 h behind');
});

it('where no one thing explains all, two do, and both stand in the visit', async () => {
  await goTo(page, `${stage.url()}/timers/${otherId}/wrong`);
  await page.waitForSelector('[aria-labelledby="seen"] svg');
  for (const said of [
    `${dayWords(-5)} 16:00, lawn, about 20 min`,
    `${dayWords(-2)} 16:40, hedge, about 20 min`,
    `${dayWords(-2)} 16:20–16:40 beds didn't run`,
  ]) {
    await page.focus('input[placeholder^="Tue"]');
    await page.keyboard.type(said);
    await page.keyboard.press('Enter');
    await page.waitForFunction(
      () => document.querySelector<HTMLInputElement>('input[placeholder^="Tue"]')?.value === '',
      { polling: 200 },
    );
  }
  await clickOn(page, 'xpath/.//button[contains(normalize-space(), "Perhaps two things")]');
  await waitForWords(page, 'And station 2 (Beds) never opens');
  await clickButton(page, 'Begin a visit');
  await clickButton(page, 'These two were wrong');
  await waitForWords(page, 'Both stand in the visit.');
  await clickButton(page, 'Go to the visit');
  await waitForWords(page, 'The clock. Perhaps two things');
  await waitForWords(page, 'A station that never opens. Perhaps two things');
});

interface State {
  readonly clock: string;
  readonly watered: readonly { station: number; from: string; to: string }[];
}
const state = () => stage.ask<State>('GET', `/timers/${timerId}/simulator`);
const display = () =>
  page.$eval('[aria-label="Display and buttons"] > div', ({ textContent }) => textContent);
const shows = (words: string) =>
  pictured(page, `see ${words} on the display`, () =>
    page.waitForFunction(
      (wanted) =>
        document
          .querySelector('[aria-label="Display and buttons"] > div')
          ?.textContent.includes(wanted),
      {},
      words,
    ),
  );

it('its clock is set by the keys of the front of the simulated timer', async () => {
  await goTo(page, `${stage.url()}/timers/${timerId}/simulated`);
  await page.waitForSelector('[aria-label="Display and buttons"]');
  await shows('Clock');
  expect(await display()).toContain('Time');
  const { clock } = await state();
  const wrong = Date.parse(`${clock}Z`);
  const right = wrong + HALF_A_DAY_MS;
  const minutes = (ms: number) => Math.floor((ms % DAY_MS) / 60_000);
  const by = minutes(right) - minutes(wrong);
  for (let press = 0; press < Math.abs(by); press++)
    await page.keyboard.press(by > 0 ? 'ArrowUp' : 'ArrowDown');
  await shows(readAt(right).slice(11, 16));
  await page.keyboard.press('ArrowRight');
  await shows('Date');
  const days = Math.floor(right / DAY_MS) - Math.floor(wrong / DAY_MS);
  for (let press = 0; press < days; press++) await page.keyboard.press('ArrowUp');
  await shows(`${new Date(right).getUTCDate()} `);
  const now = Date.parse(`${(await state()).clock}Z`);
  expect(Math.abs(now - Date.now())).toBeLessThan(300_000);
  expect(await axeFindings(page)).toEqual([]);
});

it('at 3,600 times its speed the next night waters as planned', async () => {
  await clickOn(page, '::-p-xpath(.//label[normalize-space()="3600×"])');
  const tomorrow = dateIn(1);
  await pictured(page, 'see the night go by', async () => {
    while ((await state()).clock < `${tomorrow}T04:50:00`)
      await page.waitForFunction(() => true, { polling: 500 });
  });
  await clickOn(page, '::-p-xpath(.//label[normalize-space()="Stopped"])');
  const { watered } = await state();
  expect(watered.filter(({ from }) => from.startsWith(tomorrow))).toEqual([
    { station: 1, from: `${tomorrow}T04:00:00`, to: `${tomorrow}T04:20:00` },
    { station: 2, from: `${tomorrow}T04:20:00`, to: `${tomorrow}T04:40:00` },
  ]);
  const rects = (row: string) =>
    page.$$eval(`[data-row="${row}"] rect`, (all) =>
      all.slice(-2).map((one) => Math.round(Number(one.getAttribute('x')))),
    );
  await pictured(page, 'see the night on the strip', async () => {
    while ((await rects('watered')).join() !== (await rects('asked for')).join())
      await page.waitForFunction(() => true, { polling: 500 });
  });
  expect(await rects('watered')).toHaveLength(2);
});
