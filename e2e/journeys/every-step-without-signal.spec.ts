import { clickOn, goTo, pictured, waitForWords } from '../support/desk.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: true });

/** Every step of a visit, and what shows that it is there and works. */
const STEPS: [place: string, shows: string][] = [
  ['visit', '[aria-labelledby="steps"]'],
  ['as-found', '[aria-label="Clock"]'],
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

  await page.setOfflineMode(true);
  for (const [place, shows] of STEPS) {
    const address = place.startsWith('?') ? place : `/${place}`;
    await page.goto(`${stage.url()}/timers/${id}${address}`, { waitUntil: 'domcontentloaded' });
    await pictured(page, `see ${shows} at ${address}`, () => page.waitForSelector(shows));
  }
  await page.setOfflineMode(false);
  await page.close();
});
