import { caseOf, type HiddenElectrical } from '@water-clock/core/practice';
import { ELECTRICAL_FAULTS } from '@water-clock/core/faults';
import type { Page } from 'puppeteer-core';
import { axeFindings, goTo, pictured, waitForWords } from '../support/desk.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: true, hasSimulator: true });

const MOST_STOPS = 80;

/** On by Tab until what has the focus begins with these words. */
async function tabTo(page: Page, beginning: string): Promise<void> {
  for (let stop = 0; stop < MOST_STOPS; stop++) {
    await page.keyboard.press('Tab');
    const words = await page.evaluate(() => {
      const { activeElement: at } = document;
      return (at?.getAttribute('aria-label') ?? at?.textContent ?? '').trim();
    });
    if (words.startsWith(beginning)) return;
  }
  throw new Error(`${beginning} is not reached.`);
}

const display = (page: Page): Promise<string> =>
  page.$eval('[aria-label="Display and buttons"] > div', (shown) =>
    [...shown.querySelectorAll('span')].map(({ textContent }) => textContent).join(' | '),
  );

/** Presses a key until the display has these words. */
const pressUntil = (page: Page, key: 'ArrowDown' | 'ArrowUp' | 'n', words: string) =>
  pictured(page, `come to ${words}`, async () => {
    for (let press = 0; press < 60; press++) {
      const shown = await display(page);
      if (shown.includes(words)) return;
      await page.keyboard.press(key);
      while ((await display(page)) === shown)
        await page.waitForFunction(() => true, { polling: 50 });
    }
    throw new Error(`The display never shows ${words}.`);
  });

it('a lesson is played by the keyboard alone, and judged', async () => {
  const page = await stage.newPage();
  await goTo(page, `${stage.url()}/practice`);
  await waitForWords(page, 'Twelve lessons');
  expect(await page.$$eval('[aria-labelledby="lessons"] li', (all) => all.length)).toBe(12);
  await tabTo(page, 'The season percentage');
  await page.keyboard.press('Enter');
  await waitForWords(page, 'The telephone rings');
  await tabTo(page, 'Drive there');
  await page.keyboard.press('Enter');
  await page.waitForSelector('[aria-label="Front"]');
  expect(await axeFindings(page)).toEqual([]);
  await page.evaluate(() => {
    if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
  });
  await pressUntil(page, 'n', 'Season percentage');
  const found = Number(/\| (\d+) %/.exec(await display(page))![1]);
  await pressUntil(page, found > 100 ? 'ArrowDown' : 'ArrowUp', '| 100 %');
  await tabTo(page, 'It is put right');
  await page.keyboard.press('Enter');
  await waitForWords(page, 'It is put right.');
  await waitForWords(page, `The season percentage stood at ${found} %.`);
  expect(await page.$('[aria-label="What was done without need"]')).toBeNull();
  expect(await axeFindings(page)).toEqual([]);
  // It stands with the lessons, and with the crew's.
  await tabTo(page, 'All lessons');
  await page.keyboard.press('Enter');
  await pictured(page, 'see what came of the sixth lesson', () =>
    page.waitForFunction(() =>
      document
        .querySelector('[aria-labelledby="lessons"] li:nth-child(6)')
        ?.textContent.includes('Put right at best with'),
    ),
  );
});

it('a free case is played by touch: what is left wrong is told, then it is put right', async () => {
  let seed = 1;
  const hiddenIn = () => caseOf({ lesson: null, difficulty: 1, seed }).hidden[0];
  while (hiddenIn()?.code !== 'electrical') seed += 1;
  const { of, station } = hiddenIn() as HiddenElectrical;
  const page = await stage.newPage();
  await page.setViewport({ width: 390, height: 844, isMobile: true, hasTouch: true });
  const tap = (selector: string) =>
    pictured(page, `tap ${selector}`, async () => {
      const element = await page.waitForSelector(selector, { visible: true });
      await element!.tap();
    });
  const button = (words: string) => `::-p-xpath(.//button[normalize-space()="${words}"])`;
  await goTo(page, `${stage.url()}/practice/free?faults=1&case=${seed}`);
  await tap(button('Drive there'));
  // What is told can be put on a week, and causes are tried on the copy at the door.
  await tap(button('Put it on a week, and see what would explain it'));
  await page.waitForSelector('[aria-labelledby="seen"] svg');
  await waitForWords(page, 'Tried on the last copy');
  await tap(button('Put the week away'));
  await tap(button('It is put right'));
  await waitForWords(page, 'It is not right yet.');
  await waitForWords(page, `Station ${station}`);
  await tap(button('Play it again'));
  await page.waitForSelector('[aria-label="Front"]');

  const choose = async (label: string, option: string) => {
    await tap(
      `::-p-xpath(.//label[normalize-space()="${label}"]/following::*[@role="combobox"][1])`,
    );
    await tap(`::-p-xpath(.//*[contains(@class, "ant-select-item-option")][@title="${option}"])`);
  };
  const { stations } = caseOf({ lesson: null, difficulty: 1, seed }).copy;
  const name = stations.find(({ number }) => number === station)!.name!;
  await choose('At station', `${station} ${name}`);
  await tap(button('Measure at its terminal'));
  await waitForWords(page, `Station ${station}: `);
  await choose(
    'Put right, at that station',
    ELECTRICAL_FAULTS.find(({ code }) => code === of)!.name,
  );
  await tap(button('Do it'));
  // A reload finds the case that goes on.
  await page.reload();
  await page.waitForSelector('[aria-label="Front"]');
  await tap(button('It is put right'));
  await waitForWords(page, 'It is put right.');
  await waitForWords(page, 'It waters as it is to, and nothing collides.');
});
