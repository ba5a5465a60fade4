import type { Page } from 'puppeteer-core';
import type { Plan } from '@water-clock/core/settings';
import {
  boardContents,
  cellValue,
  clickButton,
  goTo,
  labelled,
  typeInCell,
  verdict,
  waitForVerdict,
} from '../support/desk.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: true });
let page: Page;

beforeEach(async () => {
  page = await stage.newPage();
});
afterEach(() => page.close());

const finding = (code: string) =>
  page.$$eval(`[aria-label="Findings"] [data-code="${code}"]`, (all) =>
    all.map((one) => one.textContent),
  );

const clickIn = async (row: string, words: string) => {
  const button = await page.waitForSelector(
    `xpath/.//li[@data-code="${row}"]//button[normalize-space()="${words}"]`,
    { visible: true },
  );
  await button!.click();
};

async function typeMoment(label: string, date: string, time: string): Promise<void> {
  await typeInCell(page, `${label}, date`, date);
  await typeInCell(page, `${label}, time`, time);
}

it('finds a clock twelve hours off as it is read, and shows on the board what it does', async () => {
  await goTo(page, await stage.deskOf('Carport'));
  await waitForVerdict(page, 'collide');
  expect(await finding('clock-off')).toEqual([]);
  await (await labelled(page, 'Clock: not read yet')).click();
  await typeMoment('The timer shows', '1 Jun 2026', '9:14 pm');
  await clickButton(page, 'It shows this now');
  await typeMoment('True time then', '2026-06-01', '9:14');
  await labelled(page, 'Clock: 12 h ahead');
  await page.keyboard.press('Escape');
  await waitForVerdict(page, 'The clock is wrong');
  // What is found comes from the worker, a moment after the field.
  await page.waitForFunction(() =>
    document.querySelector('[data-code="clock-off"]')?.textContent.includes('AM and PM'),
  );

  const runsOfB = async () =>
    (await boardContents(page)).filter((run) => run.startsWith('Program B'));
  expect((await runsOfB())[0]).toContain('Wed 3 June, 20:30 to 21:10');
  const choice = await page.waitForSelector(
    'xpath/.//label[contains(@class,"ant-segmented-item")][contains(., "As it will happen")]',
    { visible: true },
  );
  await choice!.click();
  await page.waitForFunction(() =>
    [...document.querySelectorAll('[data-run][data-program="B"]')].some((run) =>
      run.getAttribute('aria-label')?.includes('Wed 3 June, 08:30 to 09:10'),
    ),
  );
  expect(page.url()).toContain('time=true');
});

it('fixes one start a station by its fix, after showing it as a change', async () => {
  await goTo(page, await stage.deskOf('Carport'));
  await waitForVerdict(page, 'collide');
  expect((await finding('start-per-station'))[0]).toContain('3 times');
  await clickIn('start-per-station', 'Show');
  await page.waitForFunction(
    () => document.activeElement?.getAttribute('aria-label') === 'Program A, start 2',
  );

  await clickIn('start-per-station', 'Fix…');
  const change = await page.waitForSelector('[aria-label="What the change sets"] tbody', {
    visible: true,
  });
  expect(await change!.evaluate((table) => table.textContent)).toBe(
    'Program A, start 204:20noneProgram A, start 304:40none',
  );
  expect(await cellValue(page, 'Program A, start 2')).toBe('04:20');
  await clickButton(page, 'Keep the start at 04:00, drop 2 others');
  await waitForVerdict(page, 'No two runs overlap');
  expect(await finding('start-per-station')).toEqual([]);
  expect(await finding('collision')).toEqual([]);
  expect(await cellValue(page, 'Program A, start 1')).toBe('04:00');

  await clickButton(page, 'Save settings');
  await page.waitForFunction(() => document.body.textContent.includes('Saved.'));
  await page.reload({ waitUntil: 'networkidle0' });
  await waitForVerdict(page, 'No two runs overlap');
});

const CLEARED = ['Clear start 2 of program A, 04:20.', 'Clear start 3 of program A, 04:40.'];

const changes = async () => {
  const list = await page.waitForSelector('[aria-label="Changes"]', { visible: true });
  return list!.$$eval('li', (all) => all.map(({ textContent }) => textContent));
};

const waitForWords = (words: string) =>
  page.waitForFunction((part) => document.body.innerText.includes(part), {}, words);

it('puts all of it right at once by the fewest changes, of which each can be left out', async () => {
  const { id } = await stage.timerOf('Carport');
  const place = `/timers/${id}/settings?on=2026-06-01`;
  const stored = await stage.ask<{ document: Plan; version: number }>('GET', place);
  const [a, b] = stored.document.programs;
  const collides = {
    ...stored.document,
    programs: [{ ...a!, starts: ['04:00', '04:20', '04:40'] }, b!],
  };
  await stage.ask('PUT', place, { document: collides, version: stored.version });
  await goTo(page, await stage.deskOf('Carport'));
  await waitForVerdict(page, 'collide');
  await clickButton(page, 'Fix all…');
  await waitForWords('2 changes put everything right, and no fewer do.');
  expect(await changes()).toEqual(CLEARED);
  await waitForWords('2 values to key in; the whole timer anew would be 25.');
  await waitForWords('Then: No two runs overlap');

  // Left out, what it would have mended is said to stay.
  const second = await page.waitForSelector(`xpath/.//label[contains(., "${CLEARED[1]}")]`);
  await second!.click();
  await waitForWords('What stays');
  await waitForWords('they overlap by 20 min');
  await waitForWords('Take 1 of 2 changes');
  await clickButton(page, 'Take 1 of 2 changes');
  await waitForVerdict(page, 'collide');
  expect(await cellValue(page, 'Program A, start 2')).toBe('04:40');
  expect(page.url()).not.toContain('mode=');

  // The address alone leads there too, to what is on the desk by then.
  await clickButton(page, 'Undo');
  await clickButton(page, 'Fix all…');
  await clickButton(page, 'Take these changes');
  await waitForVerdict(page, 'No two runs overlap');
  expect(await cellValue(page, 'Program A, start 1')).toBe('04:00');
  expect(await cellValue(page, 'Program A, start 2')).toBe('');
  await page.waitForFunction(() => document.body.innerText.includes('Nothing to fix'));
  expect(await page.$$eval('button', (all) => all.map((one) => one.textContent))).not.toContain(
    'Fix all…',
  );
  await clickButton(page, 'Undo');
  await waitForVerdict(page, 'collide');
});

it('as found, the fewest changes stand beside what is wrong, and lead to the desk with what was read', async () => {
  const { id } = await stage.timerOf('Carport');
  const place = `/timers/${id}/settings?on=2026-06-01`;
  const { document: settings } = await stage.ask<{ document: Plan }>('GET', place);
  const { site: _site, ...found } = settings;
  await stage.ask('POST', `/timers/${id}/copies`, {
    ...{ reason: 'as-found', name: '', document: found },
  });
  await goTo(page, `${stage.url()}/timers/${id}/as-found?step=4`);
  await waitForWords('Begin from copy');
  expect(await page.$('[aria-label="Fix all"]')).toBeNull();
  const begin = await page.waitForSelector('xpath/.//button[contains(., "Begin from copy")]');
  await begin!.click();
  await page.waitForSelector('[aria-label="Fix all"] li');
  const words = await page.$$eval('[aria-label="Fix all"] li', (all) =>
    all.map(({ textContent }) => textContent),
  );
  expect(words).toEqual(CLEARED);
  await clickButton(page, 'Fix all…');
  await page.waitForFunction(() => location.search.includes('mode=repair'), { polling: 200 });
  expect(await changes()).toEqual(CLEARED);
  await clickButton(page, 'Take these changes');
  await waitForVerdict(page, 'No two runs overlap');
  await clickButton(page, 'Save settings');
  await page.waitForFunction(() => document.body.textContent.includes('Saved.'));
  const { document: saved } = await stage.ask<{ document: Plan }>('GET', place);
  expect(saved.programs[0]!.starts).toEqual(['04:00']);
});

it('finds in January the percentage that collides in July only, and leads there', async () => {
  const january = (await stage.deskOf('Boat shed')).replace('2026-06-01', '2026-01-05');
  await goTo(page, january);
  await waitForVerdict(page, 'collide');
  expect(await verdict(page)).toContain(
    'Clear for 14 days, but two runs collide on Thu 2 July, 04:30',
  );
  await clickIn('collision', 'Show');
  await page.waitForFunction(
    () => document.activeElement?.getAttribute('aria-label') === 'Program B, start 1',
  );
  expect(page.url()).toContain('night=2026-07-01');

  const year = await page.waitForSelector(
    'xpath/.//label[contains(@class,"ant-segmented-item")][normalize-space()="Year"]',
  );
  await year!.click();
  await page.waitForSelector('[data-night]');
  const colliding = await page.$$eval('[data-night][data-collides="true"]', (nights) =>
    nights.map((night) => night.getAttribute('aria-label') ?? ''),
  );
  expect(colliding).toHaveLength(5);
  // Each Thursday of July, and no other night of the year.
  for (const words of colliding) expect(words).toMatch(/^Night of Wed \d+ July: .*; 1 collision$/);
  await page.click('[data-night][data-first="true"]');
  await page.waitForSelector('[data-run]');
  expect((await boardContents(page))[0]).toContain('Thu 2 July');
});

it('what is too much to work out is said on desk and card, and stops nothing else', async () => {
  const { id, propertyId } = await stage.timerOf('Garage timer');
  const place = `/timers/${id}/settings?on=2026-06-01`;
  const { document, version } = await stage.ask<{ document: Plan; version: number }>('GET', place);
  const starts = Array.from({ length: 24 }, (_, hour) => `${String(hour).padStart(2, '0')}:00`);
  const programs = document.programs.map((program) => ({
    ...program,
    starts,
    days: { mode: 'weekdays', weekdays: [1, 2, 3, 4, 5, 6, 7] },
    runs: program.runs.map((run) => ({ ...run, seconds: 604_800 })),
  }));
  const stations = document.stations.map(({ cycleSeconds: _cut, ...station }) => station);
  await stage.ask('PUT', place, { document: { ...document, stations, programs }, version });

  await goTo(page, `${stage.url()}/properties/${propertyId}`);
  const says = (name: string, words: string) =>
    page.waitForFunction(
      (card, part) => window.document.querySelector(card)?.textContent.includes(part),
      {},
      `section[aria-label="${name}"] [data-kind]`,
      words,
    );
  await says('Garage timer', 'too much to work out');
  await says('Greenhouse tap', 'none collide');

  await goTo(page, await stage.deskOf('Garage timer'));
  await waitForVerdict(page, 'too much to work out');
  expect(await verdict(page)).not.toContain('older');
  await stage.ask('PUT', place, { document, version: version + 1 });
  await goTo(page, await stage.deskOf('Garage timer'));
  await waitForVerdict(page, 'Two runs collide');
});
