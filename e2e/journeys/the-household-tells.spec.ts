import { addDays, formatDate, parseDate, weekdayOf } from '@water-clock/core/civil-time';
import {
  axeFindings,
  clickButton,
  clickOn,
  goTo,
  pictured,
  waitForWords,
} from '../support/desk.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: true });

const TUESDAY = 2;
/** The Tuesday before today, as the page offers it. */
function lastTuesday(): string {
  const now = new Date();
  const two = (value: number) => String(value).padStart(2, '0');
  let day = addDays(
    parseDate(`${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`)!,
    -1,
  );
  while (weekdayOf(day) !== TUESDAY) day = addDays(day, -1);
  return formatDate(day);
}

interface Made {
  readonly id: string;
}

/** A home of which the timer waters at ten past two at night, and the link to its sheet. */
async function aLink(): Promise<string> {
  const home = await stage.ask<Made>('POST', '/properties', { name: 'Quince corner' });
  const document = {
    ...{ format: 'waterclock.plan/2', timer: {} },
    stations: [
      { number: 1, name: 'Front lawn' },
      { number: 2, name: 'Beds' },
    ],
    programs: [
      {
        ...{
          id: 'A',
          starts: ['02:10'],
          days: { mode: 'interval', everyDays: 1, anchor: '2026-01-01' },
        },
        runs: [{ station: 1, seconds: 900 }],
      },
    ],
  };
  const timer = await stage.ask<Made>('POST', `/properties/${home.id}/timers`, {
    ...{ name: 'Porch', document },
  });
  const sheet = await stage.ask<Made>('POST', `/timers/${timer.id}/sheets`, {
    document: {
      ...{ format: 'waterclock.sheet/1', madeOn: '2026-06-01', property: 'Quince corner' },
      ...{ timer: 'Porch', firm: 'Quillhaven Sprinkler Care' },
      stations: document.stations,
    },
  });
  const { token } = await stage.ask<{ token: string }>('POST', `/sheets/${sheet.id}/links`, {
    days: 30,
  });
  return `${stage.url()}/s/${token}`;
}

it('a householder tells of Tuesday 14:10, and the round shows it with its likely cause', async () => {
  const link = await aLink();
  const guest = await stage.pageOf(null);
  await guest.setViewport({ width: 390, height: 844, isMobile: true, hasTouch: true });
  await goTo(guest, link);
  await waitForWords(guest, 'Tell us what you saw');
  // Nothing is sent as nothing.
  await clickButton(guest, 'Send it');
  await waitForWords(guest, 'Say at which time water came, or write what you saw.');
  const choices = await guest.$$('fieldset select');
  await choices[1]!.select(lastTuesday());
  await choices[2]!.select('1');
  // What was begun without a time is not dropped, whatever is written beside it.
  await guest.type('textarea', 'In broad ');
  await clickButton(guest, 'Send it');
  await waitForWords(guest, 'Say at which time water came, or write what you saw.');
  const [from, to] = await guest.$$('input[type="time"]');
  await from!.type('0210PM');
  await to!.type('0225PM');
  await guest.type('textarea', 'daylight!');
  expect(await axeFindings(guest)).toEqual([]);
  await clickButton(guest, 'Send it');
  await waitForWords(guest, 'Thank you: it has reached us.');

  const page = await stage.newPage();
  await goTo(page, `${stage.url()}/round?whose=firm`);
  await waitForWords(page, 'In broad daylight!');
  await waitForWords(page, '14:10 to 14:25: watered, station 1');
  await waitForWords(page, 'Likely: The clock.');
  expect(await axeFindings(page)).toEqual([]);

  // Looked into, what was seen is on the week with one press.
  await clickOn(page, '[data-telling] a[href$="/wrong"]');
  await waitForWords(page, 'The household told on');
  await clickButton(page, 'Put it on the week');
  await waitForWords(page, '14:10 to 14:25: watered, station 1 (Front lawn)');
  await waitForWords(page, '1. The clock');
  await goTo(page, `${stage.url()}/round?whose=firm`);
  await clickButton(page, 'It is seen to');
  await pictured(page, 'see it gone', () =>
    page.waitForFunction(() => !document.querySelector('[data-telling]'), { polling: 200 }),
  );
});
