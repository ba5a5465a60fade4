import type { Page } from 'puppeteer-core';
import {
  clickButton,
  clickMenuItem,
  clickOn,
  giveFile,
  goTo,
  pictured,
  typeInCell,
  waitForVerdict,
  waitForWords,
} from '../support/desk.js';
import { setStage } from '../support/stage.js';

// The owner, who may change the firm too.
const stage = setStage({ demo: true, person: 'Greta Holloway' });

let id: string;
let propertyId: string;
let ruleSet: string;
let desk: Page;
/** Another tab, as wide as a phone: what is changed on the desk shows here without a reload. */
let phone: Page;

beforeAll(async () => {
  ({ id, propertyId } = await stage.timerOf('Carport'));
  await stage.ask('POST', `/timers/${id}/visits`, {
    id: crypto.randomUUID(),
    startedAt: new Date().toISOString(),
  });
  // A district of the home's own, whose rules say nothing yet.
  const { id: districtId } = await stage.ask<{ id: string }>('POST', '/rule-sets', {
    document: {
      format: 'waterclock.rules/1',
      district: 'Sparrow Steps',
      periods: [{ from: '2026-01-01', houses: [{ houses: 'all', digits: [] }] }],
    },
  });
  ruleSet = districtId;
  const home = await stage.ask<Record<string, unknown>>('GET', `/properties/${propertyId}`);
  const { id: _id, archived: _archived, ...known } = home;
  const fields = Object.entries(known).filter(([, value]) => value !== null);
  await stage.ask('PUT', `/properties/${propertyId}`, {
    ...Object.fromEntries(fields),
    ruleSetId: ruleSet,
  });
  desk = await stage.newPage();
  await goTo(desk, `${stage.url()}/timers/${id}?from=2026-06-01`);
  phone = await stage.newPage();
  await phone.setViewport({ width: 390, height: 844 });
  await goTo(phone, `${stage.url()}/timers/${id}/sheet`);
  // Whatever loads a page anew would be noticed: this is gone then.
  for (const page of [desk, phone])
    await page.evaluate(() => document.documentElement.setAttribute('data-same', 'yes'));
});
/** Goes to another screen as its links do: the page stays. */
async function turnTo(page: Page, path: string): Promise<void> {
  await page.bringToFront();
  await page.evaluate((to) => {
    // What is there now is not what the next page says.
    if (to !== location.pathname + location.search)
      for (const element of document.querySelectorAll('main *'))
        element.setAttribute('data-left', '');
    // The router counts its places: where one is held back, it goes back by the difference.
    const { idx = 0 } = (history.state ?? {}) as { idx?: number };
    const state = { idx: idx + 1 };
    history.pushState(state, '', to);
    window.dispatchEvent(new PopStateEvent('popstate', { state }));
  }, path);
}

/** What is read on a screen of the timer, on both pages. */
async function reads(place: string, words: string): Promise<void> {
  for (const page of [phone, desk]) await readsOn(page, `/timers/${id}${place}`, words);
}

async function readsOn(page: Page, path: string, words: string): Promise<void> {
  await turnTo(page, path);
  await pictured(page, `read "${words}" at ${path}`, () =>
    page.waitForFunction(
      (part) =>
        [...document.querySelectorAll('main :not([data-left])')].some(({ textContent }) =>
          textContent.includes(part),
        ),
      {},
      words,
    ),
  );
}

/** Each of both pages, in front, shows something on a screen of the timer. */
async function shows(place: string, selector: string): Promise<void> {
  for (const page of [phone, desk]) {
    await turnTo(page, `/timers/${id}${place}`);
    await pictured(page, `see ${selector} at ${place}`, () => page.waitForSelector(selector));
  }
}

/** Not by the message, which may be the one of the save before. */
const isSaved = (page: Page) => page.waitForSelector('xpath/.//button[normalize-space()="Saved"]');

async function saveDesk(): Promise<void> {
  await clickButton(desk, 'Save settings');
  await isSaved(desk);
}

/** Types into a field of the desk's page, over what it holds. */
async function typeOver(field: string, text: string): Promise<void> {
  await clickOn(desk, `::-p-aria([name="${field}"][role="textbox"])`);
  await desk.keyboard.down('Control');
  await desk.keyboard.press('a');
  await desk.keyboard.up('Control');
  await desk.keyboard.type(text);
}

const textOf = (page: Page) => page.$eval('main', (main) => main.textContent);

it('a start of the desk is keyed in, and on no sheet before it is', async () => {
  await desk.bringToFront();
  await typeInCell(desk, 'Program A, start 1', '0810');
  await saveDesk();
  await reads('/visit/key-in', '08:10');
  await readsOn(phone, `/timers/${id}/sheet`, 'When each station waters');
  expect(await textOf(phone)).not.toContain('08:10');
  await reads('/visit', '0 of ');
});

it('a percentage of the desk is in what is keyed in', async () => {
  await turnTo(desk, `/timers/${id}?from=2026-06-01`);
  await clickOn(desk, '[aria-label="Season percentage"]');
  await desk.keyboard.type('80');
  await desk.keyboard.press('Tab');
  await saveDesk();
  await reads('/visit/key-in', '80 %');
});

it('a reading of the clock is on the desk, and among what is as found', async () => {
  await shows('?from=2026-06-01', '[aria-label="Clock: not read yet"]');
  await clickOn(desk, '[aria-label="Clock: not read yet"]');
  await clickButton(desk, 'It is right');
  await desk.waitForSelector('[aria-label="Clock: right"]');
  await desk.keyboard.press('Escape');
  await saveDesk();
  await shows('?from=2026-06-01', '[aria-label="Clock: right"]');
});

it('a pause that comes with a plan file is in the verdict, on the board, and in the printed copy', async () => {
  const { document } = await stage.ask<{ document: { controller: object } }>(
    'GET',
    `/timers/${id}/settings?on=2026-06-01`,
  );
  const pauses = [{ from: '2026-06-02T00:00:00', to: '2026-06-05T00:00:00' }];
  const file = JSON.stringify({ ...document, controller: { ...document.controller, pauses } });
  await turnTo(desk, `/timers/${id}?from=2026-06-01`);
  await clickButton(desk, 'This timer');
  await clickMenuItem(desk, 'Plan file: save or open');
  await desk.waitForSelector('.ant-modal input[type="file"]');
  await giveFile(desk, file);
  await clickButton(desk, 'Put it on the desk');
  await saveDesk();
  await reads('?from=2026-06-01', 'Paused from Tue 2 June');
  await reads('?from=2026-06-01', 'held back: pause');
  const copies = await stage.ask<{ id: string }[]>('GET', `/timers/${id}/copies`);
  for (const page of [phone, desk]) await readsOn(page, `/copies/${copies[0]!.id}`, 'Tue 2 June');
});

it('what the timer can do is at the home and in what is asked of it', async () => {
  await turnTo(desk, `/timers/${id}?from=2026-06-01`);
  await clickButton(desk, 'This timer');
  await clickMenuItem(desk, 'What this timer can do');
  await typeOver('Timer type', 'Wall timer of the porch');
  await desk.keyboard.press('Escape');
  await saveDesk();
  for (const page of [desk, phone])
    await readsOn(page, `/properties/${propertyId}`, 'Wall timer of the porch');
});

it('a name of the yard is on the desk, in need, key in and walk, and on the sheet', async () => {
  await turnTo(desk, `/timers/${id}/yard`);
  await typeInCell(desk, 'Station 1, name', 'Plum hedge');
  await clickButton(desk, 'Save the yard');
  await isSaved(desk);
  for (const place of ['/need', '/visit/walk', '/sheet', '/visit/key-in?all=yes'])
    await reads(place, 'Plum hedge');
  await turnTo(phone, `/timers/${id}?from=2026-06-01`);
  await phone.waitForFunction(
    () =>
      document.querySelector<HTMLInputElement>('[aria-label="Station 1, name"]')?.value ===
      'Plum hedge',
  );
});

it('a fault of the walk is a job at the property and in the visit', async () => {
  await turnTo(phone, `/timers/${id}/visit/walk?station=2`);
  await clickButton(phone, 'Fault or reading…');
  await clickOn(phone, 'xpath/.//label[contains(., "Leak")]');
  await clickButton(phone, 'Keep the fault');
  for (const page of [desk, phone]) await readsOn(page, `/properties/${propertyId}`, 'Leak');
  await reads('/visit', '1 of 4');
});

it('a step that is skipped is so in the bar and in the list of both', async () => {
  await turnTo(phone, `/timers/${id}/visit/clock`);
  await clickButton(phone, 'Skip…');
  await phone.waitForSelector('#skip-reason');
  await phone.type('#skip-reason', 'no key to the case');
  await clickButton(phone, 'Skip it');
  await phone.waitForFunction(() => location.pathname.endsWith('/yard'));
  await reads('/visit', 'no key to the case');
  for (const page of [desk, phone])
    await page.waitForFunction(() =>
      [...document.querySelectorAll('nav[aria-label="Visit"] li')].some(({ textContent }) =>
        textContent.includes('Clock, skipped'),
      ),
    );
});

it('the name of the home is in the list, over its timer and on the sheet', async () => {
  await turnTo(desk, `/properties/${propertyId}/edit`);
  await typeOver('Name of the home', 'Plum and wren');
  await clickButton(desk, 'Save the property');
  for (const page of [desk, phone]) await readsOn(page, '/properties', 'Plum and wren');
  for (const place of ['/sheet', '/visit', '?from=2026-06-01']) await reads(place, 'Plum and wren');
});

it('a rule of the district is at the home, among the findings, and on the sheet', async () => {
  for (const page of [desk, phone])
    await readsOn(page, `/properties/${propertyId}`, 'Sparrow Steps');

  // On the other tab, which looks at the home: the words of the rule are there without a reload.
  await turnTo(desk, `/rules/${ruleSet}`);
  await clickOn(desk, '::-p-xpath(.//label[normalize-space()="Tue"])');
  await clickOn(desk, '::-p-xpath(.//label[starts-with(., "The rule as it is written")])');
  await desk.keyboard.type('Tuesdays, and no other day');
  await clickButton(desk, 'Save the rules');
  await desk.waitForFunction(() => location.pathname === '/rules');
  // It is not in front, and draws no frames: it is looked at by the clock.
  await phone.waitForFunction(
    (part) => document.body.textContent.includes(part),
    { polling: 200 },
    'Tuesdays, and no other day',
  );
  await reads('/sheet', 'Now: watering on');
  for (const page of [desk, phone]) {
    await turnTo(page, `/timers/${id}?from=2026-06-01`);
    await page.waitForSelector('[aria-label="Findings"] [data-code="rule-day"]');
  }
});

it('a sheet that is left is at both, with the link that leads to it', async () => {
  await turnTo(phone, `/timers/${id}/sheet`);
  await clickButton(phone, 'Leave this sheet');
  await waitForWords(phone, 'Make a link');
  await reads('/sheet', 'Greta Holloway: PDF');
  await clickButton(desk, 'Make a link');
  await desk.waitForSelector('[data-testid="share-link"]');
  await reads('/sheet', 'A link until');
  await reads('/visit/leave', 'A link until');
});

it('units and telephone of the firm are on every screen that has one', async () => {
  await reads('/yard', 'm²');
  await turnTo(desk, '/firm');
  await clickOn(desk, 'xpath/.//label[contains(., "US: gal/min")]');
  await typeOver('Telephone', '555 0177');
  await desk.keyboard.press('Tab');
  await reads('/yard', 'sq ft');
  await reads('/need', ' in');
  await reads('/sheet', '555 0177');
});

it('the weather of the home is spoken of by its name, wherever a need goes by it', async () => {
  const { weatherId } = await stage.ask<{ weatherId: string }>('GET', `/properties/${propertyId}`);
  await turnTo(desk, `/weather/${weatherId}`);
  await typeOver('Where it was read', 'Old airfield');
  await clickButton(desk, 'Save the weather');
  await isSaved(desk);
  for (const place of ['/need', '?from=2026-06-01&mode=season']) await reads(place, 'Old airfield');
  for (const page of [desk, phone])
    await readsOn(page, `/properties/${propertyId}`, 'Old airfield');
});

it('all of it is read without signal too', async () => {
  const home = `/properties/${propertyId}`;
  const timer = `/timers/${id}`;
  await phone.setOfflineMode(true);
  for (const [path, words] of [
    ['/properties', 'Plum and wren'],
    [home, 'Plum and wren'],
    [home, 'Leak'],
    [home, 'Tuesdays, and no other day'],
    [home, 'Old airfield'],
    [home, 'Wall timer of the porch'],
    [`${timer}/visit`, 'no key to the case'],
    [`${timer}/visit/key-in`, '08:10'],
    [`${timer}/visit/key-in`, '80 %'],
    [`${timer}/visit/walk`, 'Plum hedge'],
    [`${timer}/need`, 'Plum hedge'],
    [`${timer}/need`, 'Old airfield'],
    [`${timer}/yard`, 'sq ft'],
    [`${timer}/sheet`, 'Plum hedge'],
    [`${timer}/sheet`, '555 0177'],
    [`${timer}/sheet`, 'Now: watering on'],
    [`${timer}?from=2026-06-01`, 'Paused from Tue 2 June'],
  ] as const)
    await readsOn(phone, path, words);
  await phone.waitForSelector('[aria-label="Clock: right"]');
  await phone.waitForSelector('[aria-label="Findings"] [data-code="rule-day"]');
  await phone.setOfflineMode(false);
});

it('what is keyed in without signal is on the sheet at once, and everywhere when it comes in', async () => {
  await turnTo(phone, `/timers/${id}/visit/key-in`);
  await phone.waitForSelector('[data-key]');
  await phone.setOfflineMode(true);
  const keyOf = () => phone.$eval('[data-key]', (card) => card.getAttribute('data-key'));
  for (let key = await keyOf(); key !== 'end'; key = await keyOf()) {
    await clickButton(phone, 'Keyed in');
    await phone.waitForFunction(
      (before) => document.querySelector('[data-key]')?.getAttribute('data-key') !== before,
      {},
      key,
    );
  }
  await readsOn(phone, `/timers/${id}/sheet`, '08:10');
  await waitForWords(phone, 'not read off the timer again');
  await phone.setOfflineMode(false);
  await phone.waitForFunction(() => !document.body.textContent.includes('waiting to be sent'));
  await readsOn(desk, `/timers/${id}/sheet`, '08:10');
  expect(await textOf(desk)).toContain('Season percentage: 80 %.');
  await turnTo(desk, `/timers/${id}?from=2026-06-01`);
  await waitForVerdict(desk, '.');
  for (const page of [desk, phone])
    expect(await page.$eval('html', (html) => html.getAttribute('data-same'))).toBe('yes');
});
