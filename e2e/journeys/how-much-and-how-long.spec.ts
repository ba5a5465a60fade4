import { Customary, stationNeed, type StationNeed } from '@water-clock/core/needs';
import { readPlan, type Plan } from '@water-clock/core/settings';
import { seasonBalance } from '@water-clock/core/water-use';
import { monthsOf, weatherOn, type WeatherFile } from '@water-clock/core/weather';
import { parseDate } from '@water-clock/core/civil-time';
import type { Yard } from '@water-clock/core/yards';
import type { Page } from 'puppeteer-core';
import {
  chooseRadio,
  clickButton,
  goTo,
  labelled,
  typeInCell,
  waitForWords,
} from '../support/desk.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: true });
const JULY = 7;

/** Asks the API as the page's person. */
const ask = <Answer>(page: Page, path: string): Promise<Answer> =>
  page.evaluate(async (address) => (await fetch(`/api${address}`)).json(), path) as Promise<Answer>;

const yardOf = async (page: Page, id: string): Promise<Yard> =>
  (await ask<{ document: Yard }>(page, `/timers/${id}/yard`)).document;

async function weatherOf(page: Page, timerId: string): Promise<WeatherFile> {
  const { property } = await ask<{ property: { weatherId: string } }>(page, `/timers/${timerId}`);
  return (await ask<{ document: WeatherFile }>(page, `/weather/${property.weatherId}`)).document;
}

type Month = ReturnType<typeof monthsOf>[number];

const julyOf = (weather: WeatherFile): Month => monthsOf(weather)[JULY - 1]!;

/** What the core says, by itself, of a station in such a month. */
function needIn(month: Month, yard: Yard, number: number): StationNeed {
  const station = yard.stations.find((one) => one.number === number)!;
  return stationNeed(station, yard, { month, percent: 100, customary: new Customary() });
}

const secondsOf = (text: string): number => {
  const part = (unit: string) => Number(new RegExp(`(\\d+) ${unit}\\b`).exec(text)?.[1] ?? 0);
  return part('h') * 3600 + part('min') * 60 + part('s');
};

/** The texts of a place's numbers, by their names. */
const numbersIn = (page: Page, place: string): Promise<Record<string, string>> =>
  page.$$eval(`${place} [data-number]`, (all) =>
    Object.fromEntries(
      all.map((one) => [one.getAttribute('data-number'), (one as HTMLElement).innerText]),
    ),
  );

async function type(page: Page, label: string, text: string): Promise<void> {
  const field = await page.waitForSelector(
    `xpath/.//input[@id=//label[normalize-space()="${label}"]/@for]`,
    { visible: true },
  );
  await field!.click();
  await page.keyboard.down('Control');
  await page.keyboard.press('a');
  await page.keyboard.up('Control');
  await page.keyboard.press('Backspace');
  await page.keyboard.type(text);
}

const faultsOn = (page: Page): Promise<string[]> =>
  page.$$eval('main [role="alert"]', (all) => all.map((one) => one.textContent));

it('on a phone with one hand: catch test, rate, minutes, pieces', async () => {
  const page = await stage.newPage();
  await page.setViewport({ width: 390, height: 844, hasTouch: true, isMobile: true });
  const { id } = await stage.timerOf('Garage timer');
  await goTo(page, `${stage.url()}/timers/${id}/measure?station=4`);
  const before = await numbersIn(page, '[aria-label^="What it makes"]');
  await type(page, 'Minutes on', '20');
  await type(page, 'or a round one, cm across', '10');
  await type(page, 'Cups in a row', '3');
  const cups = [52, 60, 31, 55, 58, 29];
  for (const [index, caught] of cups.entries()) {
    await type(page, `Cup ${index + 1}, mL`, String(caught));
    await clickButton(page, 'Next cup');
  }
  await waitForWords(page, 'The right side is dry');
  const dry = await page.$$eval('[data-dry="true"]', (all) =>
    all.map((one) => one.getAttribute('data-cup')),
  );
  expect(dry.sort()).toEqual(['3', '6']);

  // 2 of 6 cups are the driest quarter: 30 of 47.5 mL; a mouth of 78.5 cm², 20 minutes.
  const rate = ((10 * (285 / 6)) / 78.5) * 3;
  await waitForWords(page, `${rate.toFixed(1)} mm/h`);
  const after = await numbersIn(page, '[aria-label^="What it makes"]');
  expect(after['rate']).toContain(`${rate.toFixed(1)} mm/h`);
  expect(after['rate']).not.toBe(before['rate']);
  await clickButton(page, 'Save');
  await waitForWords(page, 'Saved.');
  const july = julyOf(await weatherOf(page, id));
  const need = needIn(july, await yardOf(page, id), 4).measurement!;
  expect(after['week']).toContain(`${Math.round(need.weeklySeconds / 60)} min`);
  expect(Math.abs(secondsOf(after['each']!) - need.eachSeconds)).toBeLessThanOrEqual(0.5);
  expect(need.parts.grossMm / need.parts.netMm).toBeCloseTo(1 / (0.4 + 0.6 * (30 / 47.5)), 6);

  // The stopwatch beats what soil and slope say.
  await clickSegment(page, 'Run-off');
  await clickButton(page, 'The station is on: start');
  await new Promise((resolve) => setTimeout(resolve, 2100));
  await page.reload({ waitUntil: 'networkidle0' });
  await clickButton(page, 'Water stands or runs');
  await clickButton(page, 'Save');
  await page.waitForFunction(() =>
    /Saved/.test(document.querySelector('[aria-label^="What it makes"] + button')!.textContent),
  );
  await waitForWords(page, 'Saved.');
  const timed = (await yardOf(page, id)).stations.find(({ number }) => number === 4)!;
  expect(timed.runoffSeconds).toBeGreaterThanOrEqual(2);
  const pieces = needIn(july, await yardOf(page, id), 4).measurement!.pieces;
  expect(pieces).toMatchObject({ from: 'timed', longestSeconds: timed.runoffSeconds });
  expect((await numbersIn(page, '[aria-label^="What it makes"]'))['pieces']).toContain(
    `${pieces.count} of ${timed.runoffSeconds} s`,
  );

  // Everything that is tapped is large enough for a thumb, and nothing is beside the screen.
  const small = await page.$$eval('main button, main input[inputmode="decimal"]', (all) =>
    all
      .filter((one) => one.getBoundingClientRect().height < 40)
      .map((one) => one.textContent || one.getAttribute('aria-label')),
  );
  expect(small).toEqual([]);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
  await page.close();
});

async function clickSegment(page: Page, words: string): Promise<void> {
  const segment = await page.waitForSelector(
    `xpath/.//label[contains(@class,"ant-segmented-item")][normalize-space()="${words}"]`,
    { visible: true },
  );
  await segment!.click();
}

/** Holds every number of the need table against the core's. */
async function expectNumbersOf(page: Page, yard: Yard, july: Month): Promise<number> {
  const shown = yard.stations.filter(({ enabled }) => enabled);
  for (const { number } of shown) {
    const need = needIn(july, yard, number);
    const numbers = await numbersIn(page, `tr[data-station="${number}"]`);
    const { rate } = need.facts;
    expect([number, parseFloat(numbers['rate']!)]).toEqual([
      number,
      Number(rate!.mmPerHour.toFixed(1)),
    ]);
    for (const school of ['minute', 'measurement'] as const) {
      const said = need[school]!;
      const at = (name: string) => numbers[`${school} ${name}`]!;
      expect([number, Number(at('week'))]).toEqual([number, Math.round(said.weeklySeconds / 60)]);
      expect(Math.abs(secondsOf(at('often')) - said.eachSeconds)).toBeLessThanOrEqual(0.5);
      const often =
        said.wateringsPerWeek >= 1
          ? `${said.wateringsPerWeek} × a week`
          : `every ${Math.round(7 / said.wateringsPerWeek)} days`;
      expect(at('often')).toContain(often);
      expect(at('pieces').startsWith('all of it')).toBe(said.pieces.count === 1);
      if (said.pieces.count > 1) {
        expect(parseInt(at('pieces'), 10)).toBe(said.pieces.count);
        expect(at('pieces')).toContain(`soak ${Math.round(said.pieces.soakSeconds! / 60)} min`);
      }
    }
  }
  return shown.length;
}

it('the need shows the core’s numbers, for every station and after every change', async () => {
  const page = await stage.newPage();
  const { id } = await stage.timerOf('Garage timer');
  await goTo(page, `${stage.url()}/timers/${id}/need?station=2&month=${JULY}`);
  await page.waitForSelector('[aria-label="Need of every station"]');
  const july = julyOf(await weatherOf(page, id));
  const yard = await yardOf(page, id);
  expect(await expectNumbersOf(page, yard, july)).toBe(11);

  // Point at a number: it says where it comes from, by the keyboard too.
  await page.$eval('tr[data-station="2"] [data-number="measurement week"] [role="note"]', (one) =>
    (one as HTMLElement).focus(),
  );
  await page.waitForFunction(() =>
    document.querySelector('[role="tooltip"]')?.textContent.includes('for the dry quarter'),
  );

  await typeInCell(page, 'Station 2, soil', 'sand');
  await typeInCell(page, 'Station 2, sun', 'shade');
  const changed: Yard = {
    ...yard,
    stations: yard.stations.map((station) =>
      station.number === 2 ? { ...station, soil: 'sand', sun: 'shade' } : station,
    ),
  };
  await expectNumbersOf(page, changed, july);

  await clickSegment(page, 'by the minute');
  const taken = () =>
    page.$$eval('td[data-number="minute week"][data-taken="true"]', (all) => all.length);
  expect(await taken()).toBe(11);
  const [first] = await page.$$('tr[data-station="1"] label');
  expect(await first!.evaluate((one) => one.textContent)).toBe('minute');
  await (await page.$$('tr[data-station="1"] label'))[1]!.click();
  expect(await taken()).toBe(10);
  await typeInCell(page, 'Percentage of January', '25');
  await clickButton(page, 'Save the yard');
  await waitForWords(page, 'Saved.');
  const saved = await yardOf(page, id);
  expect(saved.school).toBe('minute');
  expect(saved.monthPercents?.[0]).toBe(25);
  expect(saved.stations[0]!.school).toBe('measurement');
  expect(saved.stations[1]).toMatchObject({ soil: 'sand', sun: 'shade', plant: 'cool turf' });
  await page.close();
}, 90_000);

it('nonsense gets a sentence at its field and changes nothing', async () => {
  const page = await stage.newPage();
  const { id } = await stage.timerOf('Carport');
  await goTo(page, `${stage.url()}/timers/${id}/measure?station=1&way=meter`);
  const yard = JSON.stringify(await yardOf(page, id));
  const chain = await numbersIn(page, '[aria-label^="What it makes"]');
  await type(page, 'Flow, L/min', '-4');
  await type(page, 'Area watered, m²', '0');
  await type(page, 'First reading', '1204');
  await type(page, 'Second reading', '1100');
  await type(page, 'Time between, minutes', '0');
  expect(await faultsOn(page)).toEqual([
    'A meter does not go back: it must be the first reading or more.',
    'Minutes such as 15; 2m30 and 90s for seconds, 1:05 for an hour and five; more than 0.',
    'It must be 0 L/min or more.',
    'It must be more than 0 m².',
  ]);
  expect(await numbersIn(page, '[aria-label^="What it makes"]')).toEqual(chain);
  await clickSegment(page, 'Run-off');
  await type(page, 'or type it, minutes (6 or 4m30)', '6x');
  expect(await faultsOn(page)).toEqual([
    'Minutes such as 15; 2m30 and 90s for seconds, 1:05 for an hour and five; more than 0.',
  ]);
  expect(await numbersIn(page, '[aria-label^="What it makes"]')).toEqual(chain);
  await clickSegment(page, 'Catch test');
  await type(page, 'Minutes on', '0');
  await type(page, 'Cup 1, mL', '-3');
  expect(await faultsOn(page)).toEqual(['It must be more than 0.', 'It must be 0 or more.']);
  await page.waitForSelector('[aria-label^="What it makes"] + button:disabled');
  expect(JSON.stringify(await yardOf(page, id))).toBe(yard);

  await goTo(page, `${stage.url()}/weather/new`);
  const list = JSON.stringify(await ask(page, '/weather'));
  await type(page, 'Where it was read', 'Weir');
  await type(page, 'Latitude, degrees', '40');
  await chooseRadio(page, 'Simulated station');
  await typeInCell(page, 'July, mean high', '5');
  await typeInCell(page, 'March, mean low', '999');
  await clickButton(page, 'Save the weather');
  await waitForWords(page, '1 field to fix; nothing was saved.');
  const place = await page.$eval('[aria-label="July, mean high"]', (one) =>
    one.closest('td')!.textContent.trim(),
  );
  expect(place).toBe('Must not be below the low');
  // What cannot be read stays where it was typed, and says why.
  const march = await page.$eval('[aria-label="March, mean low"]', (one) => [
    (one as HTMLInputElement).value,
    one.closest('td')!.textContent.trim(),
  ]);
  expect(march).toEqual(['999', expect.stringMatching(/^Must be .* to /)]);
  expect(JSON.stringify(await ask(page, '/weather'))).toBe(list);
  page.on('dialog', (dialog) => void dialog.accept());
  await page.close();
}, 90_000);

it('weather from a spreadsheet: bad rows are listed, left out by choice, and homes go by it', async () => {
  const page = await stage.newPage();
  const { propertyId } = await stage.timerOf('Carport');
  await goTo(page, `${stage.url()}/weather/new?for=${propertyId}`);
  const rows = [
    'Rain (in),Date,Tmin F,Tmax F',
    '0.5,6/1/2026,50,77',
    '118,6/2/2026,50,77',
    '0,6/3/2026,60,41',
    '0,6/4/2026,50,86',
  ];
  await (await labelled(page, 'Rows from a spreadsheet')).click();
  await page.keyboard.type(rows.join('\n'));
  await clickButton(page, 'Read these rows');
  await waitForWords(page, '2 rows cannot be read');
  const bad = await page.$$eval('[role="alert"] li', (all) => all.map((one) => one.textContent));
  expect(bad).toEqual([
    'Row 3: rain 2997 mm is more than falls in a day anywhere: are the units right?',
    "Row 4: the day's high is below the low",
  ]);
  expect(
    await page.$('xpath/.//button[normalize-space()="Take 2 days"][not(@disabled)]'),
  ).toBeNull();
  await (await page.$('xpath/.//label[contains(., "Leave them out")]'))!.click();
  await clickButton(page, 'Take 2 days');
  await waitForWords(page, '2 days taken over; 2 rows left out');
  await clickButton(page, 'Save the weather');
  await page.waitForFunction((id) => location.pathname === `/properties/${id}`, {}, propertyId);
  await waitForWords(page, '2 days, 2026-06-01 to 2026-06-04');
  const { weatherId } = await ask<{ weatherId: string }>(page, `/properties/${propertyId}`);
  const { document } = await ask<{ document: WeatherFile }>(page, `/weather/${weatherId}`);
  expect(document.record).toEqual({
    kind: 'daily',
    days: [
      { date: '2026-06-01', lowCelsius: 10, highCelsius: 25, rainMm: 12.7 },
      { date: '2026-06-04', lowCelsius: 10, highCelsius: 30, rainMm: 0 },
    ],
  });
  await page.close();
});

it('a season at the roots shows the core’s balance, of two copies over each other', async () => {
  const page = await stage.newPage();
  const { id } = await stage.timerOf('Plant room');
  await goTo(page, `${stage.url()}/timers/${id}/water?from=2026-05-01&to=2026-08-31`);
  await page.waitForSelector('[aria-label="Stations through the season"]');
  const weather = await weatherOf(page, id);
  const yard = await yardOf(page, id);
  const settings = async (path: string): Promise<Plan> => {
    const read = readPlan((await ask<{ document: unknown }>(page, path)).document);
    if (!read.ok) throw new Error(JSON.stringify(read.trouble));
    return read.value;
  };
  const season = { from: parseDate('2026-05-01')!, days: 123 };
  const balance = seasonBalance(
    await settings(`/timers/${id}/settings?on=2026-06-01`),
    yard,
    weatherOn(weather),
    season,
  );
  const sum = (values: readonly number[]) => values.reduce((total, one) => total + one, 0);
  const shown = await page.$$eval('[aria-label="Stations through the season"] tbody tr', (all) =>
    all.map((row) => [
      Number(row.getAttribute('data-station')),
      ...[...row.querySelectorAll('[data-total]')]
        .slice(0, 3)
        .map((cell) => Number(cell.textContent)),
    ]),
  );
  expect(shown).toEqual(
    balance.stations.map(({ number, gross, drainage, stressed }) => [
      number,
      Math.round(sum(gross)),
      Math.round(sum(drainage)),
      stressed.filter(Boolean).length,
    ]),
  );
  expect(shown.length).toBeGreaterThanOrEqual(4);

  // Step to a day by the keyboard: it is told in words.
  await page.$eval('[aria-label="Day of the season"]', (chart) => (chart as SVGElement).focus());
  await page.keyboard.press('ArrowRight');
  await waitForWords(page, 'Fri 1 May');
  const day = await page.$$eval(
    '[aria-live="polite"]',
    (all) => all.find(({ textContent }) => textContent.includes('Fri 1 May'))!.textContent,
  );
  expect(day).toContain(`${Number(balance.stations[0]!.use[0]!.toFixed(1))} mm used`);

  const inTimer = (await ask<{ id: string }[]>(page, `/timers/${id}/copies`))[0]!;
  await goTo(
    page,
    `${stage.url()}/timers/${id}/water?from=2026-05-01&to=2026-08-31&copy=desk&over=${inTimer.id}`,
  );
  await page.waitForSelector('path[data-over]');
  expect(await page.$$('[aria-label="Water and money by the month"] tr[data-copy]')).toHaveLength(
    2,
  );
  await page.close();
});
