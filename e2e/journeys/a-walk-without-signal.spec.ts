import type { Page } from 'puppeteer-core';
import {
  clickButton,
  clickOn,
  givePicture,
  goTo,
  pictured,
  turnTo,
  waitForKept,
  waitForWords,
} from '../support/desk.js';
import { setStage } from '../support/stage.js';
import { visitedTimer } from '../support/visited-timer.js';

const stage = setStage({ demo: true });

const STATIONS = 12;
/** What is seen at some of them; the others are fine. */
const FAULTS: Readonly<Record<number, string>> = { 4: 'Leak', 9: 'Head broken' };
const FLOWS: Readonly<Record<number, string>> = { 2: '14.5', 4: '22', 7: '9.5', 12: '31' };
const PHOTOS = [4, 9, 10];

interface Made {
  readonly id: string;
}
interface StoredVisit extends Made {
  readonly entries: readonly {
    readonly entry: { readonly kind: string; readonly station: number; readonly flowLpm?: number };
  }[];
}
interface StoredPhoto extends Made {
  readonly visitId: string;
  readonly document: { readonly station: number };
}
interface Job extends Made {
  readonly station: number;
  readonly fault: string;
}

/** Sees one station, and keeps what is seen. */
async function see(page: Page, station: number): Promise<void> {
  await waitForWords(page, `Station ${station} Bed ${station}`);
  await page.waitForSelector(`[data-station="${station}"]`);
  const [fault, flow] = [FAULTS[station], FLOWS[station]];
  if (PHOTOS.includes(station)) {
    await givePicture(page, 'head');
    await page.waitForSelector(`[aria-label="The head, station ${station}"]`);
  }
  if (fault ?? flow) await clickButton(page, 'Fault or reading…');
  if (flow) {
    await page.waitForSelector('[aria-label="Flow"]');
    await page.focus('[aria-label="Flow"]');
    await page.keyboard.type(flow);
    await waitForWords(page, `${flow} L/min.`);
  }
  if (fault) {
    await clickOn(page, `xpath/.//label[normalize-space()="${fault}"]`);
    await clickButton(page, 'Keep the fault');
  } else await clickButton(page, 'Fine');
}

it('a walk of twelve stations without signal is on the server once, when there is one again', async () => {
  const { propertyId, timerId, visitId } = await visitedTimer(
    stage,
    { name: 'Medlar rise' },
    STATIONS,
  );
  const page = await stage.newPage();
  await page.setViewport({ width: 390, height: 844, isMobile: true, hasTouch: true });
  await goTo(page, `${stage.url()}/timers/${timerId}/visit/walk`);
  await waitForKept(page, visitId);
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  // What the form draws is loaded with its first look.
  await goTo(page, `${stage.url()}/timers/${timerId}/visit/walk?station=1`);
  await page.setOfflineMode(true);
  for (let station = 1; station <= STATIONS; station++) await see(page, station);
  await waitForWords(page, 'All stations are seen: leave');
  const stored = () => stage.ask<StoredVisit>('GET', `/visits/${visitId}`);
  expect((await stored()).entries).toEqual([]);

  await page.setOfflineMode(false);
  await pictured(page, 'have all of it on the server', async () => {
    for (;;) {
      const photos = await stage.ask<StoredPhoto[]>('GET', `/properties/${propertyId}/photos`);
      if ((await stored()).entries.length >= STATIONS && photos.length >= PHOTOS.length) break;
      await page.waitForFunction(() => true, { polling: 500 });
    }
  });
  const { entries } = await stored();
  expect(entries.map(({ entry }) => entry.station).sort((a, b) => a - b)).toEqual(
    Array.from({ length: STATIONS }, (_, at) => at + 1),
  );
  const flows = entries.filter(({ entry }) => entry.flowLpm !== undefined);
  expect(Object.fromEntries(flows.map(({ entry }) => [entry.station, `${entry.flowLpm}`]))).toEqual(
    FLOWS,
  );
  const photos = await stage.ask<StoredPhoto[]>('GET', `/properties/${propertyId}/photos`);
  expect(photos.map(({ document }) => document.station).sort((a, b) => a - b)).toEqual(PHOTOS);
  expect(photos.every((photo) => photo.visitId === visitId)).toBe(true);
  const jobs = await stage.ask<Job[]>('GET', `/properties/${propertyId}/jobs`);
  expect(jobs.map(({ station, fault }) => [station, fault]).sort()).toEqual([
    [4, 'leak'],
    [9, 'head-broken'],
  ]);

  // It is in the history of the home, as it was, and on the list of jobs.
  await turnTo(page, `/properties/${propertyId}/history`);
  await waitForWords(page, 'Station 4: Leak, found');
  expect(await page.$$eval('[data-kind="photo"]', (all) => all.length)).toBe(PHOTOS.length);
  await clickOn(page, '[data-kind="visit"] a');
  await waitForWords(page, '31 L/min');
  await page.waitForSelector('[aria-label="Photos of this visit"] img');
  await turnTo(page, '/round/jobs');
  await pictured(page, 'see both jobs', () =>
    page.waitForFunction(
      (count) =>
        [...document.querySelectorAll('main [data-job]')].filter(({ textContent }) =>
          textContent.includes('Medlar rise'),
        ).length === count,
      { polling: 200 },
      jobs.length,
    ),
  );
});
