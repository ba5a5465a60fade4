import type { Plan } from '@water-clock/core/settings';
import { GENERIC_TYPES } from '@water-clock/core/timer-types';
import {
  clickButton,
  clickOn,
  goTo,
  labelled,
  typeInCell,
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

it('a tap timer waters every 8 hours: set on the desk, keyed in, and proven', async () => {
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
  await goTo(page, `${stage.url()}/timers/${ids[0]}?from=2026-06-01`);
  await clickOn(page, '[data-field="days of 1"]');
  await clickOn(page, 'xpath/.//label[normalize-space()="Every so many hours"]');
  await typeInCell(page, 'Hours of the interval', '8');
  await typeInCell(page, 'The day of its first start', '30 May 2026');
  await typeInCell(page, 'The time of its first start', '6:00');
  await page.keyboard.press('Escape');
  // Its own start means nothing now, and takes no cursor.
  const start = await labelled(page, 'Program 1, start 1');
  expect(
    await start.evaluate((input) => [
      (input as HTMLInputElement).disabled,
      (input as HTMLInputElement).placeholder,
    ]),
  ).toEqual([true, 'by hours']);
  await waitForVerdict(page, 'No two runs ever overlap');
  await clickButton(page, 'Save settings');
  // Of what is on the desk nothing is left to be saved.
  await page.waitForFunction(() =>
    [...document.querySelectorAll('button')].some(
      ({ disabled, textContent }) => disabled && textContent === 'Saved',
    ),
  );
  expect((await settingsOf(ids[0]!)).document.programs[0]!.days).toEqual({
    ...{ mode: 'hours', everyHours: 8, anchor: '2026-05-30T06:00:00' },
  });
  await goTo(page, `${stage.url()}/timers/${ids[0]}/visit/key-in`);
  await waitForWords(page, 'every 8 hours, counted from');
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
  await waitForWords(page, 'Together the timers take more than the supply gives');
  await waitForWords(page, 'take 45 l/min, and the supply gives 40 l/min');
  const { version, document } = await settingsOf(ids[1]!);
  const programs = document.programs.map((program) => ({ ...program, starts: ['04:40'] }));
  await stage.ask('PUT', `/timers/${ids[1]}/settings?on=2026-06-01`, {
    version,
    document: { ...document, programs },
  });
  await goTo(page, `${stage.url()}/properties/${homeId}`);
  await waitForWords(
    page,
    'never overlap, on any date, as long as their clocks agree to within 10 min',
  );
  await page.close();
});
