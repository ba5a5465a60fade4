import { monthsOf, type WeatherFile } from '@water-clock/core/weather';
import { Customary } from '@water-clock/core/needs';
import { monthTargets, seasonTable } from '@water-clock/core/season-steps';
import { check } from '@water-clock/core/findings';
import { parseDate, type DayNumber } from '@water-clock/core/civil-time';
import type { Plan } from '@water-clock/core/settings';
import type { Yard } from '@water-clock/core/yards';
import type { Page } from 'puppeteer-core';
import {
  boardContents,
  clickButton,
  goTo,
  labelled,
  verdict,
  waitForVerdict,
  waitForWords,
} from '../support/desk.js';
import { setStage } from '../support/stage.js';

const TODAY = parseDate('2026-06-01') as DayNumber;

const stage = setStage({ demo: true });
let page: Page;

beforeEach(async () => {
  page = await stage.newPage();
});
afterEach(() => page.close());

/** Asks the API as the person in the page. */
const ask = <Answer>(path: string, body?: object): Promise<Answer> =>
  page.evaluate(
    async (to, sent) => {
      const init = sent && {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(sent),
      };
      return (await (await fetch(`/api${to}`, init)).json()) as Answer;
    },
    path,
    body,
  );

const choose = async (words: string) => {
  const item = await page.waitForSelector(
    `xpath/.//label[contains(@class,"ant-segmented-item")][contains(normalize-space(), "${words}")]`,
    { visible: true },
  );
  await item!.click();
};

/** Types into the field with a label, over what it holds. */
async function typeOver(label: string, text: string): Promise<void> {
  const field = await page.waitForSelector(
    `xpath/.//div[label[normalize-space()="${label}"]]//input`,
    { visible: true },
  );
  await field!.click({ count: 3 });
  await page.keyboard.type(text);
  await page.keyboard.press('Tab');
}

const findings = () =>
  page.$$eval('[aria-label="Findings"] li', (all) =>
    all.map((one) => (one as HTMLElement).dataset['severity']!),
  );

const runsOf = async (program: string) =>
  (await boardContents(page)).filter((run) => run.startsWith(`Program ${program}`));

it('plans a home that was found with collisions, around a program that stays', async () => {
  const { id } = await stage.timerOf('Garage timer');
  await goTo(page, await stage.deskOf('Garage timer'));
  const settings = await ask<{ document: Plan }>(`/timers/${id}/settings?on=2026-06-01`);
  const { site: _site, ...found } = settings.document;
  const copy = await ask<{ id: string }>(`/timers/${id}/copies`, {
    reason: 'as-found',
    name: 'Before planning',
    document: found,
  });
  // Both boards begin with the week of the first collision.
  const collision = check(settings.document, TODAY).find(({ code }) => code === 'collision');
  const from = collision!.first!.slice(0, 10);
  await goTo(page, `${stage.url()}/timers/${id}?from=${from}&bring=${copy.id}`);
  await waitForVerdict(page, 'collide');
  const before = await runsOf('C');
  expect(before.length).toBeGreaterThan(3);
  expect(await findings()).toContain('error');

  await choose('Plan for me');
  await (await labelled(page, 'Keep program C as it is')).click();
  await typeOver('Finish by', '6:00');
  await page.waitForSelector('tr[data-station="10"][data-kept="true"]');
  // The board beside it still shows what is set now.
  await page.waitForFunction(() => {
    const boards = [...document.querySelectorAll('[aria-label$="fourteen nights, noon to noon"]')];
    const collides = boards.map((one) => one.querySelector('[data-collision]') !== null);
    return (
      !document.querySelector('[data-planning="busy"]') &&
      [...document.querySelectorAll('[role="status"]')].some((said) =>
        said.textContent.startsWith('Then: No two runs'),
      ) &&
      String(collides) === 'true,false'
    );
  });
  await clickButton(page, 'Take this plan');

  await waitForVerdict(page, 'No two runs overlap, on any date');
  await page.waitForSelector('[data-run][data-program="C"]');
  expect((await findings()).filter((severity) => severity !== 'info')).toEqual([]);
  // At 110 % before, at 100 % now: it begins when it did, and is as it was set.
  const begins = (runs: readonly string[]) => runs.map((run) => /, (\d\d:\d\d) to/.exec(run)![1]);
  expect(begins(await runsOf('C'))).toEqual(begins(before));
  // Findings stay live: moved onto another run by hand it collides, and moved back it is clear again.
  await page.$eval('[data-run][data-program="A"]', (run) => (run as SVGElement).focus());
  let steps = 0;
  while (!(await verdict(page)).includes('collide') && steps++ < 200)
    await page.keyboard.press(']');
  await waitForVerdict(page, 'collide');
  for (; steps > 0; steps--) await page.keyboard.press('[');
  await waitForVerdict(page, 'No two runs overlap');
});

it('offers the nearest plan where there is none, other ways with their costs, and stops', async () => {
  await goTo(page, `${await stage.deskOf('Garage timer')}&mode=plan`);
  // What was wished last time is wished still, until it is given up.
  await page.waitForSelector('tr[data-station="10"][data-kept="true"]');
  await clickButton(page, 'Back to the usual');
  await page.waitForSelector('tr[data-station="10"][data-kept="false"]');
  await page.waitForFunction(
    () => document.querySelectorAll('[aria-label="Plans side by side"] thead th').length >= 3,
  );
  await page.waitForFunction(() => !document.querySelector('[data-planning="busy"]'));
  await choose('In words');
  const words = await page.$$eval('[aria-label="What would change"] li', (all) => all.length);
  expect(words).toBeGreaterThan(5);
  // By program: without one of them fewer things are set otherwise.
  const boxes = await page.$$('[aria-label="Programs to take"] input');
  await boxes[0]!.click();
  await page.waitForFunction(
    (most) => document.querySelectorAll('[aria-label="What would change"] li').length < most,
    {},
    words,
  );
  await typeOver('Finish by', '21:30');
  await waitForWords(page, 'There is no plan for all of this');
  await page.waitForFunction(() =>
    [...document.querySelectorAll('[aria-label="Plans side by side"] thead label')].some((one) =>
      /^(Finish by|From|Soaks)/.test(one.textContent),
    ),
  );
  await typeOver('Finish by', '20:15');
  await page.waitForSelector('[data-planning="busy"]');
  await clickButton(page, 'Stop');
  await waitForWords(page, 'Stopped before every way was tried');
  await clickButton(page, 'Plan again');
  await page.waitForFunction(
    () => !document.body.textContent.includes('Stopped before every way was tried'),
  );
});

it('has a percentage for each month, as the weather says, and a winter copy where it cannot do it', async () => {
  const { id } = await stage.timerOf('Garage timer');
  await goTo(page, `${await stage.deskOf('Garage timer')}&mode=season`);
  await page.waitForSelector('[aria-label="Percentage by month"]');
  const rows = await page.$$eval('[aria-label="Percentage by month"] tbody tr', (all) =>
    all.map((one) => [...one.querySelectorAll('td')].slice(0, 2).map((td) => td.textContent)),
  );
  const [settings, yard, timer] = [
    await ask<{ document: Plan }>(`/timers/${id}/settings?on=2026-06-01`),
    await ask<{ document: Yard }>(`/timers/${id}/yard`),
    await ask<{ property: { weatherId: string } }>(`/timers/${id}`),
  ];
  const weather = await ask<{ document: WeatherFile }>(`/weather/${timer.property.weatherId}`);
  const targets = monthTargets(
    settings.document,
    { yard: yard.document, months: monthsOf(weather.document), customary: new Customary() },
    7,
  );
  const table = seasonTable(settings.document, targets, 'whole', TODAY)!;
  expect(rows).toEqual(
    table.months.map(({ wanted, percents }) => [
      `${Math.round(wanted.percent)} %`,
      `${percents['A']} %`,
    ]),
  );
  expect(table.winter.length).toBeGreaterThan(0);
  const dates = await page.$$eval('[aria-label="What to set, and when"] li', (all) => all.length);
  expect(dates).toBe(table.steps.length);

  await clickButton(page, 'Plan the winter copy');
  await waitForWords(page, 'What winter needs');
  await page.waitForSelector('[aria-label="Plans side by side"]');
  await page.waitForFunction(() => !document.querySelector('[data-planning="busy"]'));
  await clickButton(page, 'Keep as the winter copy');
  await waitForWords(page, 'for winter');
  const copies = await ask<{ name: string; reason: string; isInTimer: boolean }[]>(
    `/timers/${id}/copies`,
  );
  expect(copies[0]).toMatchObject({ reason: 'planned', isInTimer: false });
  expect(copies[0]!.name).toMatch(/^Winter: /);
});

it('says of a season that nobody knows it, or that nothing is set, and wants no percentage then', async () => {
  const made = async (path: string, body: object) =>
    (await stage.ask<{ id: string }>('POST', path, body)).id;
  const [weather] = await stage.ask<{ id: string }[]>('GET', '/weather');
  for (const [fields, words] of [
    [{ name: 'No weather' }, 'Nobody knows yet what each month needs'],
    [{ name: 'Nothing set', weatherId: weather!.id }, 'Nothing is set yet'],
  ] as const) {
    const home = await made('/properties', fields);
    const timer = await made(`/properties/${home}/timers`, {
      name: 'Wall',
      document: {
        format: 'waterclock.plan/2',
        timer: {},
        stations: [{ number: 1 }],
        programs: [],
      },
    });
    await goTo(page, `${stage.url()}/timers/${timer}?mode=season`);
    await waitForWords(page, words);
    expect(await page.$('[aria-label="Percentage by month"]')).toBeNull();
  }
});
