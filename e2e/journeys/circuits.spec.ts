import { clickButton, clickOn, goTo, turnTo, waitForKept, waitForWords } from '../support/desk.js';
import { setStage } from '../support/stage.js';
import { visitedTimer } from '../support/visited-timer.js';

const stage = setStage({ demo: true });

const STATIONS = 6;
const ROWS = 'ol[aria-label="Circuits of the stations"]';

interface Job {
  readonly station: number | null;
  readonly stations: readonly number[];
  readonly fault: string;
  readonly note: string;
}

it('circuits are checked in one pass by keys, without signal; what fits is tried in order, and is a job of the timer', async () => {
  const { propertyId, timerId, visitId } = await visitedTimer(
    stage,
    { name: 'Sloe bank' },
    STATIONS,
  );
  const page = await stage.newPage();
  await goTo(page, `${stage.url()}/timers/${timerId}/visit/circuits`);
  await page.waitForSelector(ROWS);
  await waitForWords(page, 'Nothing that was checked points to a wire');
  await waitForKept(page, visitId);
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  await page.setOfflineMode(true);

  await page.focus(`${ROWS} li input`);
  for (const key of 'fofoff') await page.keyboard.press(key === 'f' ? 'f' : 'o');
  await waitForWords(page, 'A broken common wire, stations 2 and 4');
  const suspects = await page.$$eval('section[aria-labelledby="suspects"] [data-fault]', (all) =>
    all.map((one) => one.getAttribute('data-fault')),
  );
  expect(suspects).toEqual(['common-open', 'wire-open', 'coil-open']);
  expect(await page.$$eval('[data-fault="common-open"] ol li', (all) => all.length)).toBe(4);
  await page.focus('[data-fault="common-open"] input');
  await page.keyboard.type('loose at the screw');
  await clickOn(
    page,
    'xpath/.//details[@data-fault="common-open"]//button[normalize-space()="It is this: a job"]',
  );
  await waitForWords(page, 'found: a job');
  // What is noted later is kept as well, and lasts over a step aside until it is.
  await page.focus('[data-fault="common-open"] input');
  await page.keyboard.type(', tightened');
  await turnTo(page, `/timers/${timerId}/visit/walk`);
  await turnTo(page, `/timers/${timerId}/visit/circuits`);
  await waitForWords(page, 'Keep the note');
  await clickButton(page, 'Keep the note');
  await clickButton(page, 'Keep the check');
  await waitForWords(page, 'The check is kept');
  await page.setOfflineMode(false);

  const jobs = () => stage.ask<Job[]>('GET', `/properties/${propertyId}/jobs`);
  await page.waitForFunction(
    async (path) =>
      ((await (await fetch(path)).json()) as { note: string }[])[0]?.note.includes('tightened'),
    { polling: 300 },
    `/api/properties/${propertyId}/jobs`,
  );
  expect(await jobs()).toMatchObject([
    {
      fault: 'common-open',
      station: null,
      stations: [2, 4],
      note: 'loose at the screw, tightened',
    },
  ]);

  // The visit, the jobs, the history and the visit as it was say the same.
  const said = 'Timer: A broken common wire, stations 2 and 4';
  for (const path of [
    `/timers/${timerId}/visit`,
    '/round/jobs',
    `/properties/${propertyId}/history`,
    `/visits/${visitId}`,
  ]) {
    await turnTo(page, path);
    await waitForWords(page, said);
  }
  await waitForWords(page, 'Circuits: open at stations 2 and 4; fine at stations 1, 3, 5 and 6');

  // It was not that: nothing is to be done any more.
  await turnTo(page, `/timers/${timerId}/visit/circuits`);
  await waitForWords(page, 'found: a job');
  await clickOn(
    page,
    'xpath/.//details[@data-fault="common-open"]//button[normalize-space()="It was not that"]',
  );
  await page.waitForFunction(
    async (path) => ((await (await fetch(path)).json()) as unknown[]).length === 0,
    { polling: 300 },
    `/api/properties/${propertyId}/jobs`,
  );
  expect(await jobs()).toEqual([]);
});
