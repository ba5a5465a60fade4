import type { Page } from 'puppeteer-core';
import {
  cellValue,
  clickButton,
  clickOn,
  goTo,
  pictured,
  typeInCell,
  waitForKept,
  waitForWords,
} from '../support/desk.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: true });

/** Every step of a visit, and what shows that it is there and works. */
const STEPS: [place: string, shows: string][] = [
  ['visit', '[aria-labelledby="steps"]'],
  ['as-found', '[aria-label="Clock"]'],
  ['wrong', '[aria-labelledby="seen"] svg'],
  ['visit/clock', '[aria-label="True time"]'],
  ['yard', 'table[aria-label="Stations"]'],
  ['need', '[aria-label="Need of every station"]'],
  ['', 'table[aria-label="Settings"]'],
  ['?mode=plan', '[aria-label="Plans side by side"]'],
  ['visit/key-in', '[data-key]'],
  ['visit/walk', '[data-station]'],
  ['visit/leave', '[aria-labelledby="last-look"]'],
  ['sheet', 'article[data-paper]'],
];

async function everyStepOpens(page: Page, id: string): Promise<void> {
  await page.setOfflineMode(true);
  for (const [place, shows] of STEPS)
    await openThere(page, id, place.startsWith('?') ? place : `/${place}`, shows);
  await page.setOfflineMode(false);
}

it('opens without signal for a home that was taken along, though it was never looked at', async () => {
  const { id } = await stage.timerOf('Carport');
  const visitId = crypto.randomUUID();
  await stage.ask('POST', `/timers/${id}/visits`, {
    id: visitId,
    startedAt: new Date().toISOString(),
  });
  const page = await stage.newPage();
  await goTo(page, `${stage.url()}/properties`);
  await clickOn(page, 'xpath/.//button[normalize-space()="Save for offline"]');
  await waitForWords(page, 'on this device, for visits without signal');
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);

  await everyStepOpens(page, id);
  await page.close();
});

it('opens without signal for a timer of which one screen was looked at', async () => {
  const { id } = await stage.timerOf('Garage timer');
  const visitId = crypto.randomUUID();
  await stage.ask('POST', `/timers/${id}/visits`, {
    ...{ id: visitId, startedAt: new Date().toISOString() },
  });
  const page = await stage.newPage();
  await goTo(page, await stage.deskOf('Garage timer'));
  // The rest of it comes after what the screen shows.
  for (const words of [visitId, '"jobs"', '"weather"']) await waitForKept(page, words);
  await everyStepOpens(page, id);
  await page.close();
});

interface Held {
  version: number;
  document: {
    programs: { id: string; starts: string[] }[];
    stations: { number: number; name: string }[];
  };
}

const START = 'Program A, start 1';
const NAME = 'Station 1, name';
const SAVED_HERE = 'Saved on this device. It is sent when the connection is back.';

/** What the server holds. */
async function held(id: string) {
  const settings = await stage.ask<Held>('GET', `/timers/${id}/settings?on=2026-06-01`);
  const { document, version } = settings;
  const { starts } = document.programs.find((program) => program.id === 'A')!;
  return { version, document, start: starts[0], name: document.stations[0]!.name };
}

/** Opens a place of a timer without signal. */
async function openThere(page: Page, id: string, place: string, shows: string): Promise<void> {
  const address = `${stage.url()}/timers/${id}${place}`;
  await page.goto(address, { waitUntil: 'domcontentloaded' });
  await pictured(page, `see ${shows} at ${place}`, () => page.waitForSelector(shows));
}

/** A page without signal, on the desk of a timer that was opened before. */
async function deskWithoutSignal(id: string): Promise<Page> {
  const page = await stage.newPage();
  for (const place of ['/yard', '/visit/key-in', '?from=2026-06-01'])
    await goTo(page, `${stage.url()}/timers/${id}${place}`);
  await page.setOfflineMode(true);
  return page;
}

/** The signal is back, and nothing waits any more. */
async function sentFrom(page: Page): Promise<void> {
  await page.setOfflineMode(false);
  await pictured(page, 'see that all was sent', () =>
    page.waitForFunction(() => !document.body.textContent.includes('waiting to be sent')),
  );
}

it('what was seen is tried without signal, and what it was is in the visit once the signal is back', async () => {
  const { id } = await stage.timerOf('Carport');
  const page = await stage.newPage();
  await goTo(page, `${stage.url()}/timers/${id}/visit`);
  await page.setOfflineMode(true);
  await openThere(page, id, '/wrong', '[aria-labelledby="seen"] svg');
  await page.focus('input[placeholder^="Tue"]');
  await page.keyboard.type('yesterday nothing');
  await page.keyboard.press('Enter');
  await page.waitForSelector('[aria-label="Causes"] li');
  await clickButton(page, 'This is what was wrong');
  await waitForWords(page, 'It stands in the visit.');
  await sentFrom(page);
  const visits = await stage.ask<{ id: string; endedAt: string | null }[]>(
    'GET',
    `/timers/${id}/visits`,
  );
  const open = visits.find(({ endedAt }) => endedAt === null)!;
  const { entries } = await stage.ask<{ entries: { entry: { kind: string; seen: object } }[] }>(
    'GET',
    `/visits/${open.id}`,
  );
  const causes = entries.filter(({ entry }) => entry.kind === 'cause');
  expect(causes).toHaveLength(1);
  expect(causes[0]!.entry.seen).toMatchObject({ seen: [{ what: 'dry', station: null }] });
  await page.close();
});

it('what is saved without signal is what is read there, and on the server once the signal is back', async () => {
  const { id } = await stage.timerOf('Carport');
  const before = await held(id);
  const page = await deskWithoutSignal(id);
  await typeInCell(page, START, '0215');
  await clickButton(page, 'Save settings');
  await waitForWords(page, SAVED_HERE);
  // Read again from the device: by the desk, by what is keyed in, and above a yard that is saved there too.
  await openThere(page, id, '/yard', 'table[aria-label="Stations"]');
  await typeInCell(page, NAME, 'By the tap');
  await clickButton(page, 'Save the yard');
  await waitForWords(page, SAVED_HERE);
  await waitForWords(page, '2 waiting to be sent');
  await openThere(page, id, '/visit/key-in', '[data-key]');
  await waitForWords(page, '02:15');
  await openThere(page, id, '', 'table[aria-label="Settings"]');
  expect([await cellValue(page, START), await cellValue(page, NAME)]).toEqual([
    '02:15',
    'By the tap',
  ]);
  expect(await held(id)).toEqual(before);

  await sentFrom(page);
  expect(await held(id)).toMatchObject({ start: '02:15', name: 'By the tap' });
  // The next save is no conflict with oneself.
  await typeInCell(page, START, '0220');
  await clickButton(page, 'Save settings');
  await waitForWords(page, 'Saved.');
  expect((await held(id)).start).toBe('02:20');
  await page.close();
});

it('settings saved without signal never overwrite somebody else’s: both are there to be chosen', async () => {
  const { id } = await stage.timerOf('Carport');
  const page = await deskWithoutSignal(id);
  await typeInCell(page, START, '0235');
  await clickButton(page, 'Save settings');
  await waitForWords(page, SAVED_HERE);
  await page.goto(`${stage.url()}/properties`, { waitUntil: 'domcontentloaded' });
  await waitForWords(page, '1 waiting to be sent');
  const { version, document } = await held(id);
  const programs = document.programs.map((one) =>
    one.id === 'A' ? { ...one, starts: ['05:55'] } : one,
  );
  await stage.ask('PUT', `/timers/${id}/settings?on=2026-06-01`, {
    version,
    document: { ...document, programs },
  });
  await page.setOfflineMode(false);
  await waitForWords(page, '1 refused, 0 waiting');
  expect((await held(id)).start).toBe('05:55');

  await clickOn(page, 'xpath/.//button[contains(., "1 refused")]');
  await clickOn(page, 'xpath/.//a[contains(., "Open it")]');
  await waitForWords(page, 'Somebody else saved this timer meanwhile');
  expect(await cellValue(page, START)).toBe('02:35');
  await clickButton(page, 'Save mine over theirs');
  await waitForWords(page, 'Saved.');
  await sentFrom(page);
  expect((await held(id)).start).toBe('02:35');
  expect(await page.evaluate(() => globalThis.document.body.textContent.includes('refused'))).toBe(
    false,
  );
  await page.close();
});
