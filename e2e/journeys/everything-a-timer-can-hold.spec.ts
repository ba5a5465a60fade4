import type { Page } from 'puppeteer-core';
import type { Plan } from '@water-clock/core/settings';
import { GENERIC_TYPES } from '@water-clock/core/timer-types';
import {
  clickButton,
  clickOn,
  goTo,
  labelled,
  waitForVerdict,
  waitForWords,
} from '../support/desk.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: true });

const kind = (key: string) => GENERIC_TYPES.find((one) => one.key === key)!.timer;

interface NewTimer {
  readonly name: string;
  readonly document: object;
}

/** A home with timers, by their ids. */
async function homeWith(name: string, fields: object, timers: readonly NewTimer[]) {
  const home = await stage.ask<{ id: string }>('POST', '/properties', { name, ...fields });
  const ids: string[] = [];
  for (const timer of timers)
    ids.push((await stage.ask<{ id: string }>('POST', `/properties/${home.id}/timers`, timer)).id);
  return { homeId: home.id, ids };
}

const settingsOf = async (id: string) =>
  stage.ask<{ version: number; document: Plan }>('GET', `/timers/${id}/settings?on=2026-06-01`);

async function saveSettings(page: Page): Promise<void> {
  await clickButton(page, 'Save settings');
  await page.waitForFunction(() =>
    [...window.document.querySelectorAll('button')].some(
      ({ disabled, textContent }) => disabled && textContent === 'Saved',
    ),
  );
}

it('a tap timer waters every 8 hours: set on the desk, proven, and keyed in', async () => {
  const { ids } = await homeWith('Sloe end', {}, [
    {
      name: 'Tap by the shed',
      document: {
        format: 'waterclock.plan/2',
        timer: kind('tap-hours'),
        stations: [{ number: 1, name: 'Pots' }],
        programs: [{ id: '1', starts: ['06:00'], runs: [{ station: 1, seconds: 300 }] }],
      },
    },
  ]);
  const page = await stage.newPage();
  const typeOver = async (label: string, text: string) => {
    await page.focus(`[aria-label="${label}"]`);
    await page.keyboard.type(text);
  };
  await goTo(page, `${stage.url()}/timers/${ids[0]}?from=2026-06-01`);
  await clickOn(page, '[data-field="days of 1"]');
  await clickOn(page, 'xpath/.//label[normalize-space()="Every so many hours"]');
  await labelled(page, 'Hours of the interval');
  await typeOver('The day of its first start', '30 May 2026');
  await typeOver('The time of its first start', '6:00');
  // What cannot be read keeps its place: closed, it would hold up the save, and nobody would see why.
  await typeOver('Hours of the interval', 'often');
  await clickOn(page, 'main [aria-label="Findings"]');
  await labelled(page, 'Hours of the interval');
  expect(await page.evaluate(() => window.document.activeElement?.getAttribute('aria-label'))).toBe(
    'Hours of the interval',
  );
  await page.keyboard.press('Escape');
  await page.keyboard.press('Tab');
  await typeOver('Hours of the interval', '8');
  await clickOn(page, 'main [aria-label="Findings"]');
  await waitForVerdict(page, 'No two runs overlap');
  const start = await labelled(page, 'Program 1, start 1');
  expect(
    await start.evaluate((input) => [
      input.getAttribute('placeholder'),
      input.hasAttribute('disabled'),
    ]),
  ).toEqual(['by hours', true]);
  await saveSettings(page);
  expect((await settingsOf(ids[0]!)).document.programs[0]!.days).toEqual({
    ...{ mode: 'hours', everyHours: 8, anchor: '2026-05-30T06:00:00' },
  });
  await goTo(page, `${stage.url()}/timers/${ids[0]}/visit`);
  await clickButton(page, 'Begin a visit');
  await page.waitForFunction(() => !window.document.body.textContent.includes('Begin a visit'));
  await goTo(page, `${stage.url()}/timers/${ids[0]}/visit/key-in`);
  await waitForWords(page, 'every 8 hours, counted from Sat 30 May 2026, 06:00');
  await page.close();
});

it('two timers on one supply that overlap are told on the home, and no more once one of them is moved', async () => {
  const plan = (start: string, flowLpm: number) => ({
    format: 'waterclock.plan/2',
    timer: kind('wall-6'),
    stations: [{ number: 1, name: 'Lawn', flowLpm }],
    programs: [
      {
        id: 'A',
        starts: [start],
        days: { mode: 'weekdays', weekdays: [1, 2, 3, 4, 5, 6, 7] },
        runs: [{ station: 1, seconds: 1800 }],
      },
    ],
  });
  const { homeId, ids } = await homeWith('Medlar house', { supplyLpm: 40 }, [
    { name: 'Front timer', document: plan('04:00', 25) },
    { name: 'Back timer', document: plan('04:10', 20) },
  ]);
  const page = await stage.newPage();
  await goTo(page, `${stage.url()}/properties/${homeId}`);
  await waitForWords(page, 'The timers take more than the supply gives');
  await waitForWords(page, 'take 45 L/min, and the supply gives 40 L/min');
  // The same is said on the desk of either, and one of them is moved from there.
  await goTo(page, `${stage.url()}/timers/${ids[1]}?from=2026-06-01`);
  await waitForVerdict(page, 'With the other timers of this home it takes more than the supply');
  await clickOn(page, '[aria-label="Beside the other timers of this home"] button');
  await clickButton(page, 'Move program A later by 30 min, to 04:40');
  await waitForVerdict(page, 'No two runs overlap, on any date. Clear');
  await page.waitForFunction(
    () => !window.document.body.textContent.includes('With the other timers of this home'),
    { polling: 200 },
  );
  await saveSettings(page);
  expect((await settingsOf(ids[1]!)).document.programs[0]!.starts).toEqual(['04:40']);
  await goTo(page, `${stage.url()}/properties/${homeId}`);
  await waitForWords(
    page,
    'never overlap, on any date, as long as their clocks agree to within 10 min',
  );
  await page.close();
});
