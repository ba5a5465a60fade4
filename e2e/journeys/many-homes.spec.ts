import type { Page } from 'puppeteer-core';
import {
  axeFindings,
  clickButton,
  clickOn,
  goTo,
  labelled,
  waitForWords,
} from '../support/desk.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: true });
/** Of whoever tries the change, and of whoever keys it in on a phone. */
let owner: Page;
let phone: Page;

const HOMES = ['2 Tarn Lane', '4 Tarn Lane', '6 Tarn Lane', '8 Tarn Lane'] as const;
const timers = new Map<string, string>();

/** Two days in any week, which the new rules do not allow. */
const DOCUMENT = {
  format: 'waterclock.plan/2',
  timer: { name: 'Wall timer', season: { modes: ['whole'] } },
  stations: [{ number: 1, name: 'Lawn' }],
  programs: [
    {
      ...{ id: 'A', starts: ['04:00'], days: { mode: 'weekdays', weekdays: [1, 4] } },
      runs: [{ station: 1, seconds: 900 }],
    },
  ],
};
const inDays = (days: number): string =>
  new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 10);

/** The row of a home on the page of a change. */
const rowOf = (home: string) =>
  `::-p-xpath(.//*[@aria-labelledby="timers"]/ul/li[.//a[normalize-space()="${home}"]])`;
const inRow = (home: string, part: string) =>
  owner.waitForSelector(
    `::-p-xpath(.//*[@aria-labelledby="timers"]/ul/li[.//a[normalize-space()="${home}"]][contains(., "${part}")])`,
  );
const closed = () =>
  owner.waitForFunction(() => !document.querySelector('.ant-modal-wrap'), { polling: 200 });

beforeAll(async () => {
  const made = async (path: string, body: object) =>
    (await stage.ask<{ id: string }>('POST', path, body)).id;
  const ruleSetId = await made('/rule-sets', {
    document: {
      ...{ format: 'waterclock.rules/1', district: 'Tarn Lane', towns: [] },
      periods: [
        {
          ...{ from: '2026-01-01', houses: [{ houses: 'all', digits: [] }] },
          ...{ words: 'Any day.', source: 'Notice 1' },
        },
      ],
    },
  });
  for (const name of HOMES) {
    const fields = { name, address: name, ruleSetId, contactName: 'Orla Venn' };
    const id = await made('/properties', fields);
    const timerId = await made(`/properties/${id}/timers`, { name: 'Porch', document: DOCUMENT });
    await made(`/timers/${timerId}/copies`, { reason: 'left', name: '', document: DOCUMENT });
    timers.set(name, timerId);
  }
  owner = await stage.againPageOf('Greta Holloway');
  phone = await stage.newPage();
});

it('rules are tried before they are saved, from the page where they are changed', async () => {
  const sets = await stage.ask<{ id: string; document: { district: string } }[]>(
    'GET',
    '/rule-sets',
  );
  const { id } = sets.find(({ document }) => document.district === 'Tarn Lane')!;
  await goTo(owner, `${stage.url()}/rules/${id}`);
  await clickButton(owner, 'Add a period');
  // Of the new period: Tuesday and Friday for even houses.
  await owner.waitForFunction(
    () => document.querySelectorAll('[aria-label="Which houses"]').length === 2,
  );
  const newest = '(.//section[starts-with(@aria-label, "Period from")])[last()]';
  for (const day of ['Tue', 'Fri'])
    await clickOn(owner, `::-p-xpath(${newest}//label[normalize-space()="${day}"])`);
  await clickButton(owner, 'Try them on 4 homes first');
  await waitForWords(owner, 'It breaks something at 4 of 4 timers');
  await waitForWords(owner, 'tried and not saved yet');
  await inRow(HOMES[0], 'Station 1 (Lawn) waters in program A on');
  await inRow(HOMES[0], '1 value to key in');
  expect(await axeFindings(owner)).toEqual([]);
});

it('all but one are accepted, and the rules are saved', async () => {
  for (const home of HOMES.slice(0, 3)) {
    await (await labelled(owner, `Accept: ${home}, Porch`)).click();
    await inRow(home, 'to do');
  }
  await clickButton(owner, 'Save the rules');
  await waitForWords(owner, ', saved');
  const { document } = await stage.ask<{ document: { programs: { days: object }[] } }>(
    'GET',
    `/timers/${timers.get(HOMES[0])}/settings?on=${inDays(0)}`,
  );
  expect(document.programs[0]!.days).toEqual({ mode: 'weekdays', weekdays: [2, 5] });
});

it('two visits are planned, and the household of the third is asked', async () => {
  for (const home of HOMES.slice(0, 2)) {
    await (await labelled(owner, `Plan a visit to ${home}, Porch`)).click();
    await clickButton(owner, 'Plan it');
    await closed();
    await inRow(home, 'visit planned');
  }
  await (await labelled(owner, `Done, put off, message: ${HOMES[2]}, Porch`)).click();
  await clickOn(owner, '::-p-xpath(.//label[normalize-space()="Ask the household"])');
  const text = await owner.waitForSelector('textarea[aria-label="What the household is asked"]');
  expect(await text!.evaluate((area) => area.value)).toContain(
    'Program A, water days: On Tue and Fri',
  );
  await clickOn(
    owner,
    '::-p-xpath(.//*[contains(@class, "ant-modal")]//a[normalize-space()="Mail"])',
  );
  await clickButton(owner, 'Close');
  await closed();
  await inRow(HOMES[2], 'message opened');
});

it('what is keyed in at a home is on the page, and what is left is put off with a reason', async () => {
  const timerId = timers.get(HOMES[0])!;
  await stage.ask('POST', `/timers/${timerId}/visits`, {});
  await phone.setViewport({ width: 390, height: 844, isMobile: true, hasTouch: true });
  await goTo(phone, `${stage.url()}/timers/${timerId}/visit/key-in`);
  const keyNow = () =>
    phone.$eval('.ant-progress ~ [data-key]', (card) => card.getAttribute('data-key'));
  await phone.waitForSelector('.ant-progress ~ [data-key]');
  for (let key = await keyNow(); key !== 'end'; key = await keyNow()) {
    await clickOn(phone, '::-p-xpath(.//button[normalize-space()="Keyed in"][not(@disabled)])');
    await phone.waitForFunction(
      (before) =>
        document.querySelector('.ant-progress ~ [data-key]')?.getAttribute('data-key') !== before,
      {},
      key,
    );
  }
  await inRow(HOMES[0], 'keyed in, not read back');
  await (await labelled(owner, `Done, put off, message: ${HOMES[3]}, Porch`)).click();
  await owner.focus('::-p-aria([name="Why it is put off"][role="textbox"])');
  await owner.keyboard.type('away until spring');
  await clickButton(owner, 'Put it off');
  await closed();
  await inRow(HOMES[3], 'away until spring');
  // It can be taken back, and said again.
  await clickButton(owner, 'Undo');
  await owner.waitForFunction(() => !document.body.textContent.includes('away until spring'));
  await (await labelled(owner, `Done, put off, message: ${HOMES[3]}, Porch`)).click();
  await owner.focus('::-p-aria([name="Why it is put off"][role="textbox"])');
  await owner.keyboard.type('away until summer');
  await clickButton(owner, 'Put it off');
  await closed();
  await inRow(HOMES[3], 'away until summer');
});

it('a change is tried on the homes that were found and chosen, and on no other', async () => {
  await goTo(owner, `${stage.url()}/properties?q=tarn`);
  await (await labelled(owner, `Choose ${HOMES[1]}`)).click();
  await waitForWords(owner, '1 home chosen');
  await clickButton(owner, 'Choose all 4');
  await waitForWords(owner, '4 homes chosen');
  await (await labelled(owner, `Choose ${HOMES[2]}`)).click();
  await waitForWords(owner, '3 homes chosen');
  await clickButton(owner, 'Try a change on them…');
  await waitForWords(owner, 'Try a change on 3 homes');
  await clickOn(owner, '::-p-xpath(.//label[normalize-space()="Season percentage"])');
  const percent = await owner.waitForSelector('::-p-aria([name="Percent"][role="textbox"])');
  await percent!.click({ count: 3 });
  await owner.keyboard.type('70');
  await clickButton(owner, 'Try it');
  await waitForWords(owner, 'It breaks nothing at 3 timers.');
  await clickButton(owner, 'All 3');
  for (const home of [HOMES[0], HOMES[1], HOMES[3]]) await owner.waitForSelector(rowOf(home));
  const tried = await owner.$$eval('[aria-labelledby="timers"] > ul > li', (rows) =>
    rows.map((row) => row.querySelector('a')?.textContent),
  );
  // What is broken stands first.
  expect(tried.sort()).toEqual([HOMES[0], HOMES[1], HOMES[3]]);
});
