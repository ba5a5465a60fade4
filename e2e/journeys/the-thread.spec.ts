import type { Page } from 'puppeteer-core';
import {
  clickButton,
  clickMenuItem,
  clickOn,
  giveFile,
  givePicture,
  goTo,
  pictured,
  turnTo,
  typeInCell,
  waitForWords,
} from '../support/desk.js';
import { factsShown, SCREENS_OF, type Sight } from '../support/facts-shown.js';
import { setStage } from '../support/stage.js';

// The owner, who may change the firm too.
const stage = setStage({ demo: true, person: 'Greta Holloway' });

let id: string;
let propertyId: string;
let ruleSet: string;
let weatherId: string;
/** A type of the firm's own. */
let typeId: string;
/** What the timer is said to hold at the beginning. */
let copy: string | undefined;
/** Where a sheet that was left is read by whoever has the link. */
let link: string | undefined;
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
  weatherId = String(home['weatherId']);
  const settings = await stage.ask<{ document: { timer: object } }>(
    'GET',
    `/timers/${id}/settings?on=2026-06-01`,
  );
  const type = await stage.ask<{ id: string }>('POST', '/timer-types', {
    name: 'Porch clock',
    capability: settings.document.timer,
  });
  typeId = type.id;
  desk = await stage.newPage();
  await goTo(desk, `${stage.url()}/timers/${id}?from=2026-06-01`);
  phone = await stage.newPage();
  await phone.setViewport({ width: 390, height: 844 });
  await goTo(phone, `${stage.url()}/timers/${id}/sheet`);
  // Whatever loads a page anew would be noticed: this is gone then.
  for (const page of [desk, phone])
    await page.evaluate(() => document.documentElement.setAttribute('data-same', 'yes'));
});
/** Reads a fact on a screen of a page, as it stands there once it has come. */
async function read(page: Page, { path, selector, words }: Sight): Promise<void> {
  await turnTo(page, path);
  await pictured(page, `read ${words.join(', ')} in ${selector} at ${path}`, () =>
    page.waitForFunction(
      (where, parts) =>
        [...document.querySelectorAll(where)].some((element) => {
          const { textContent, ariaLabel } = element;
          const value = element instanceof HTMLInputElement ? element.value : '';
          const said = `${textContent} ${ariaLabel ?? ''} ${value}`;
          return parts.every((part) => said.includes(part));
        }),
      {},
      selector,
      words,
    ),
  );
}

const shown = () => factsShown({ timer: id, home: propertyId, copy, link });
const shownHere = (place: string, ...words: string[]): Sight => ({
  ...{ path: `/timers/${id}${place}`, selector: 'main > *', words },
});
/** Facts as they were read by now, each on every screen that shows it. */
const readBy = new Set<string>();

/** The other page than the one that is changed on; in a long run both. */
const pagesRead = () => (process.env['TEST_LONG'] ? [phone, desk] : [phone]);

/** Reads a fact on every screen that shows it, with signal and then without. */
async function readEverywhere(fact: string): Promise<void> {
  const sights = Object.values(shown()[fact]!);
  for (const { path, selector, words } of sights.filter(({ isOfGuest }) => isOfGuest)) {
    const guest = await stage.pageOf(null);
    await goTo(guest, path);
    expect(await guest.$eval(selector, ({ textContent }) => textContent)).toContain(words[0]);
  }
  for (const isOffline of [false, true])
    for (const page of pagesRead()) {
      await page.setOfflineMode(isOffline);
      for (const sight of sights) if (!sight.isOfGuest) await read(page, sight);
    }
  for (const page of pagesRead()) await page.setOfflineMode(false);
  readBy.add(fact);
}

/** Not by the message, which may be the one of the save before. */
const isSaved = (page: Page) => page.waitForSelector('xpath/.//button[normalize-space()="Saved"]');

async function saveDesk(): Promise<void> {
  await clickButton(desk, 'Save settings');
  await isSaved(desk);
}

const toDesk = (page: Page) => turnTo(page, `/timers/${id}?from=2026-06-01`);

/** Types into a field of the desk's page, over what it holds. */
async function typeOver(field: string, text: string): Promise<void> {
  await clickOn(desk, `::-p-aria([name="${field}"][role="textbox"])`);
  await typeOverAll(text);
}

async function typeOverAll(text: string): Promise<void> {
  await desk.keyboard.down('Control');
  await desk.keyboard.press('a');
  await desk.keyboard.up('Control');
  await desk.keyboard.type(text);
}

const textOf = (page: Page) => page.$eval('main', (main) => main.textContent);

it('is about every fact, and every screen that shows one', () => {
  const screens = Object.entries(shown()).map(([fact, by]) => [fact, Object.keys(by)]);
  expect(Object.fromEntries(screens)).toEqual(Object.fromEntries(SCREENS_OF));
});

it('a pause that comes with a plan file, and is in the timer, is said wherever it holds', async () => {
  const { document } = await stage.ask<{ document: { controller: object } }>(
    'GET',
    `/timers/${id}/settings?on=2026-06-01`,
  );
  const soon = (days: number) =>
    new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 10);
  const pauses = [
    { from: '2026-06-03T00:00:00', to: '2026-06-05T00:00:00' },
    { from: `${soon(2)}T00:00:00`, to: `${soon(4)}T00:00:00` },
  ];
  const file = JSON.stringify({ ...document, controller: { ...document.controller, pauses } });
  await toDesk(desk);
  await clickButton(desk, 'This timer');
  await clickMenuItem(desk, 'Plan file: save or open');
  await desk.waitForSelector('.ant-modal input[type="file"]');
  await giveFile(desk, file);
  await clickButton(desk, 'Put it on the desk');
  await saveDesk();
  [copy] = (await stage.ask<{ id: string }[]>('GET', `/timers/${id}/copies`)).map((one) => one.id);
  await turnTo(desk, `/copies/${copy}`);
  await clickButton(desk, 'The timer holds this one');
  await waitForWords(desk, 'This is in the timer');
  await readEverywhere('Pauses');
});
it('a start of the desk is keyed in, and on no sheet before it is', async () => {
  await toDesk(desk);
  await typeInCell(desk, 'Program A, start 1', '0810');
  await saveDesk();
  await readEverywhere('Settings wanted');
  await turnTo(phone, `/timers/${id}/sheet`);
  await waitForWords(phone, 'When each station waters');
  expect(await textOf(phone)).not.toContain('08:10');
});

it('a percentage of the desk scales its nights, and is keyed in', async () => {
  await toDesk(desk);
  await clickOn(desk, '[aria-label="Season percentage"]');
  await desk.keyboard.type('80');
  await desk.keyboard.press('Tab');
  await saveDesk();
  await readEverywhere('Percentages');
});

it('a reading of the clock is among the findings, and moves the board to true time', async () => {
  await toDesk(desk);
  await clickOn(desk, '[aria-label="Clock: not read yet"]');
  await clickButton(desk, 'It is right');
  for (const [field, time] of [
    ['The timer shows, time', '9:00:00'],
    ['True time then, time', '8:20:00'],
  ] as const) {
    await clickOn(desk, `[aria-label="${field}"]`);
    await typeOverAll(time);
    await desk.keyboard.press('Enter');
  }
  await desk.waitForSelector('[aria-label="Clock: 40 min ahead"]');
  await desk.keyboard.press('Escape');
  await saveDesk();
  await readEverywhere('Clock error');
});

it('what the timer can do is asked for wherever it is set, and its type stands at the home', async () => {
  await toDesk(desk);
  await clickButton(desk, 'This timer');
  await clickMenuItem(desk, 'What this timer can do');
  await typeOver('Timer type', 'Wall timer of the porch');
  await clickOn(desk, '::-p-aria([name="Programs (A, B)"])');
  await typeOverAll('3');
  await desk.keyboard.press('Tab');
  await desk.keyboard.press('Escape');
  await saveDesk();
  await readEverywhere('Timer');
});

it('a name of the yard is on every screen of its station', async () => {
  await turnTo(desk, `/timers/${id}/yard`);
  await typeInCell(desk, 'Station 1, name', 'Plum hedge');
  await clickButton(desk, 'Save the yard');
  await isSaved(desk);
  await readEverywhere('Yard');
});

it('a fault of the walk is a job; it, a step that is skipped and a battery are told in the visit', async () => {
  await turnTo(phone, `/timers/${id}/visit/walk?station=2`);
  await clickButton(phone, 'Fault or reading…');
  await clickOn(phone, 'xpath/.//label[contains(., "Leak")]');
  await clickButton(phone, 'Keep the fault');
  await phone.waitForFunction(() => location.search === '?station=3');
  await readEverywhere('Jobs');

  await turnTo(phone, `/timers/${id}/visit/clock`);
  await clickButton(phone, 'Skip…');
  await phone.waitForSelector('#skip-reason');
  await phone.type('#skip-reason', 'no key to the case');
  await clickButton(phone, 'Skip it');
  await phone.waitForFunction(() => location.pathname.endsWith('/yard'));
  await turnTo(phone, `/timers/${id}/visit/leave`);
  await clickOn(phone, 'xpath/.//label[contains(., "The battery was changed")]');
  await readEverywhere('Visit steps');
});

it('a photo of the walk, and what is said of it, is wherever photos of its home are', async () => {
  await turnTo(phone, `/timers/${id}/visit/walk?station=2`);
  await givePicture(phone, 'head');
  await clickOn(phone, '[aria-label="The head, station 2"]');
  await phone.waitForSelector('.ant-modal textarea', { visible: true });
  await phone.focus('.ant-modal textarea');
  await phone.keyboard.type('Under the pear');
  await clickButton(phone, 'Save');
  await phone.waitForFunction(() => !document.querySelector('.ant-modal-wrap'), { polling: 200 });
  await readEverywhere('Photos');
});

it('a visit that is planned stands in the round and in its week', async () => {
  await turnTo(desk, '/round?whose=firm');
  await clickOn(desk, '[aria-label^="Plan a visit to"][aria-label$="Carport"]');
  await clickOn(desk, '::-p-aria([name="What for"][role="textbox"])');
  await typeOverAll('Fence posts');
  await clickOn(desk, '::-p-aria([name="On"][role="textbox"])');
  // It is proposed for tomorrow.
  await desk.keyboard.press('ArrowDown');
  await clickButton(desk, 'Plan it');
  await readEverywhere('Planned visits and dues');
});

it('a change that is tried on all homes is among those that go on, wherever they are looked at', async () => {
  await turnTo(desk, '/round/homes');
  await clickButton(desk, 'Try a change');
  await clickOn(desk, '::-p-xpath(.//label[normalize-space()="Season percentage"])');
  await clickButton(desk, 'Try it');
  await desk.waitForFunction(() => location.pathname.startsWith('/round/homes/'));
  await readEverywhere('Changes for many homes');
});

it('the name of the home is in the list, over its timer and on the sheet', async () => {
  await turnTo(desk, `/properties/${propertyId}/edit`);
  await typeOver('Name of the home', 'Plum and wren');
  await clickButton(desk, 'Save the property');
  await desk.waitForFunction(() => !location.pathname.endsWith('/edit'));
  await readEverywhere('Home');
});

it('a rule of the district is at the home, on the board, and whatever is set or planned is held against it', async () => {
  await turnTo(desk, `/rules/${ruleSet}`);
  for (const day of ['Tue', 'Sat'])
    await clickOn(desk, `::-p-xpath(.//label[normalize-space()="${day}"])`);
  await clickButton(desk, 'Add hours');
  await clickOn(desk, '[aria-label="Never from"]');
  for (const time of ['0500', '0700']) {
    await typeOverAll(time);
    await desk.keyboard.press('Tab');
  }
  await clickOn(desk, '::-p-xpath(.//label[starts-with(., "The rule as it is written")])');
  await desk.keyboard.type('Tuesdays and Saturdays, and no other day');
  await turnTo(phone, `/properties/${propertyId}`);
  await desk.bringToFront();
  await clickButton(desk, 'Save the rules');
  await desk.waitForFunction(() => location.pathname === '/rules');
  // On the other tab, which looks at the home, and draws no frames: it is looked at by the clock.
  await phone.waitForFunction(
    (part) => document.body.textContent.includes(part),
    { polling: 200 },
    'Tuesdays and Saturdays, and no other day',
  );
  await readEverywhere('Rules by date');
});

it('a sheet that is left is at both, with the link that leads to it', async () => {
  await turnTo(phone, `/timers/${id}/sheet`);
  await clickButton(phone, 'Leave this sheet');
  await waitForWords(phone, 'Make a link');
  await read(desk, shownHere('/sheet', 'Greta Holloway: PDF'));
  await clickButton(desk, 'Make a link');
  await desk.waitForSelector('[data-testid="share-link"]');
  link = await desk.$eval('[data-testid="share-link"]', (made) => (made as HTMLAnchorElement).href);
  await readEverywhere('Sheets');
});

it('what a household tells by that link is in the round, and where its causes are looked for', async () => {
  const token = new URL(link!).pathname.split('/').at(-1);
  await stage.ask('POST', `/shared/${token}/tellings`, {
    document: { words: 'A puddle by the gate' },
  });
  await readEverywhere('What households tell');
});

it('units and telephone of the firm are on every screen that has one', async () => {
  await turnTo(desk, '/firm');
  await clickOn(desk, 'xpath/.//label[contains(., "US: gal/min")]');
  await typeOver('Telephone', '555 0177');
  await desk.keyboard.press('Tab');
  await readEverywhere('Firm and people');
});

it('the weather of the home is spoken of by its name, wherever something goes by it', async () => {
  await turnTo(desk, `/weather/${weatherId}`);
  await typeOver('Where it was read', 'Old airfield');
  await clickButton(desk, 'Save the weather');
  await isSaved(desk);
  await readEverywhere('Weather');
});

it('what is keyed in without signal is in the timer at once, and everywhere when it comes in', async () => {
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
  await read(phone, shownHere('/sheet', '08:10', 'not read off the timer again'));
  await phone.setOfflineMode(false);
  await phone.waitForFunction(() => !document.body.textContent.includes('waiting to be sent'));
  await readEverywhere('In the timer');
});

it('what is taken out of a list is gone from it on both, and is back once that is undone', async () => {
  for (const [list, item, name, way] of [
    ['/rules', ruleSet, 'Sparrow Steps', ['Remove…', 'Remove them']],
    ['/weather', weatherId, 'Old airfield', ['Remove…', 'Remove it']],
    ['/timer-types', typeId, 'Porch clock', ['Remove…', 'Remove it']],
  ] as const) {
    await turnTo(phone, list);
    await waitForWords(phone, name);
    await turnTo(desk, `${list}/${item}`);
    for (const button of way) await clickButton(desk, button);
    await waitForWords(desk, 'Undo puts everything back as it was.');
    await phone.waitForFunction(
      (gone) => !document.querySelector('main')!.textContent.includes(gone),
      { polling: 200 },
      name,
    );
    await clickButton(desk, 'Undo');
    await waitForWords(desk, name);
    await desk.waitForFunction(
      () => !document.body.textContent.includes('Undo puts everything back'),
    );
  }
  await readEverywhere('Taken away');
});

it('has read every fact, and no page was loaded anew', async () => {
  expect([...readBy].sort()).toEqual([...SCREENS_OF.keys()].sort());
  for (const page of [desk, phone])
    expect(await page.$eval('html', (html) => html.getAttribute('data-same'))).toBe('yes');
});
