import type { Yard } from '@water-clock/core/yards';
import type { Page } from 'puppeteer-core';
import { Actions } from '../support/actions.js';
import { axeFindings, clickOn, goTo, waitForWords } from '../support/desk.js';
import { DISTRICT_RULES } from '../support/district.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: false });
const NAMES = ['Kerb strip', 'Front lawn', 'Side lawn', 'Back lawn', 'Hedge', 'Rose bed'];

const guide = 'nav[aria-label="Setting up this home"]';
const nextLink = `xpath/.//nav[@aria-label="Setting up this home"]//a[starts-with(normalize-space(), "Next:")]`;
const inGuide = (words: string) =>
  `xpath/.//nav[@aria-label="Setting up this home"]//button[normalize-space()="${words}"]`;
const inModal = (words: string) =>
  `xpath/.//*[contains(@class, "ant-modal")]//button[normalize-space()="${words}"]`;

/** Each step's name with its state, as they are told. */
const stepsOf = (page: Page) =>
  page.$$eval(`${guide} ol li`, (items) =>
    items.map((item) => item.textContent.replace(/^\d/, '')),
  );
const nextIs = (page: Page, words: string) =>
  page.waitForFunction(
    (selector, part) => document.querySelector(selector)?.textContent.includes(part) ?? false,
    { polling: 200 },
    guide,
    words,
  );

it('a new home comes from the first call to a plan and a sheet in under sixty actions', async () => {
  await stage.ask('POST', '/rule-sets', { document: DISTRICT_RULES });
  const page = await stage.newPage();
  await goTo(page, `${stage.url()}/properties`);
  const actions = new Actions(page);

  await actions.clickButton('Add a property');
  await page.waitForFunction(() => document.activeElement?.id === 'name', { polling: 200 });
  await actions.fill('Plum cottage');
  await actions.fillIn('#address', '3 Alder Row');
  await actions.fillIn('#town', 'Quillhaven');
  await actions.clickButton('Add the property');
  await nextIs(page, 'Next: Add the timer');

  await actions.click(nextLink);
  await page.waitForFunction(
    () => document.activeElement?.closest('.ant-modal') && document.activeElement.id === 'name',
    { polling: 200 },
  );
  await actions.fill('Garage');
  await actions.clickButton('Add the timer');

  // It is new and empty.
  await nextIs(page, 'Here: Read the timer');
  await page.waitForFunction(() => !document.querySelector('.ant-modal-wrap'), { polling: 200 });
  expect(await axeFindings(page)).toEqual([]);
  await actions.click(inGuide('Leave out…'));
  await waitForWords(page, 'nobody can tell later what was in it before');
  await actions.click(inModal('Leave it out'));

  // One station typed, the others like it.
  await nextIs(page, 'Here: Say what each station waters');
  for (const [column, text] of [
    ['head', 'spray'],
    ['plant', 'turf'],
    ['soil', 'loam'],
  ] as const)
    await actions.fillIn(`[aria-label="Station 1, ${column}"]`, text);
  await actions.press('Enter');
  await actions.click('[aria-label^="Station 1: what to do"]');
  await actions.click('xpath/.//*[@role="menuitem"][contains(., "Copy its facts")]');
  await actions.click('xpath/.//label[normalize-space()="All the others"]');
  await actions.click(inModal('Copy'));
  await page.waitForFunction(() => !document.querySelector('.ant-modal-wrap'), { polling: 200 });
  for (const [index, name] of NAMES.entries())
    await actions.fillIn(`[aria-label="Station ${index + 1}, name"]`, name);
  await actions.shortcut('Control', 's');

  // The rules were found by the town.
  await nextIs(page, 'Next: Measure the water supply');
  await actions.click(nextLink);
  await page.waitForFunction(() => document.activeElement?.id === 'supplyLpm', { polling: 200 });
  await actions.fill('60');
  await actions.clickButton('Save the property');
  await nextIs(page, 'Next: Choose the weather');
  await actions.click(inGuide('By the minute…'));
  await waitForWords(page, 'Run times go by the customary minutes');
  await actions.click(inModal('Go by the minute'));
  // What fades would take the click.
  await page.waitForFunction(() => !document.querySelector('.ant-modal-wrap'), { polling: 200 });

  await nextIs(page, 'Next: Plan its watering');
  await actions.click(nextLink);
  await actions.clickButton('Take this plan');
  await actions.shortcut('Control', 's');
  await nextIs(page, 'Next: Leave the sheet');
  await actions.click(nextLink);
  await actions.clickButton('Leave this sheet');
  await nextIs(page, 'All is set up');
  expect(await stepsOf(page)).toEqual([
    'Home, done',
    'Timer, done',
    'As found, left out',
    'Stations, done',
    'Supply, done',
    'Rules, done',
    'Weather, done',
    'Plan, done',
    'Sheet, done',
  ]);
  expect(actions.count).toBeLessThan(60);

  // What stands on the sheet is the plan, within the rules, for the stations as they were named.
  const sheet = await page.$eval('main', (main) => main.textContent);
  for (const name of NAMES) expect(sheet).toContain(name);
  const [, timerId] = /timers\/([^/]+)/.exec(page.url())!;
  const settings = await stage.ask<{ document: { programs: { days: object }[] } }>(
    'GET',
    `/timers/${timerId}/settings?on=2026-06-01`,
  );
  expect(settings.document.programs.length).toBeGreaterThan(0);

  await actions.click(inGuide('All is set up: put the steps away'));
  await page.waitForFunction(
    (selector) => !document.querySelector(selector),
    { polling: 200 },
    guide,
  );
  await page.close();
});

it('the steps are left and taken up again, put away and brought back, and a timer is had like another one', async () => {
  const home = await stage.ask<{ id: string }>('POST', '/properties', {
    ...{ name: 'Wren corner', town: 'Far Hill', isLed: true },
  });
  const page = await stage.newPage();
  await goTo(page, `${stage.url()}/properties`);
  await goTo(page, `${stage.url()}/properties/${home.id}`);
  await nextIs(page, 'Next: Add the timer');
  await page.reload();
  await nextIs(page, 'Next: Add the timer');
  await clickOn(page, nextLink);
  await clickOn(page, '#like');
  await page.keyboard.type('plum');
  await clickOn(
    page,
    'xpath/.//*[contains(@class, "ant-select-item-option")][contains(., "Plum cottage · Garage")]',
  );
  await waitForWords(page, 'Like Plum cottage · Garage');
  await page.focus('.ant-modal #name');
  await page.keyboard.type('Shed');
  await clickOn(page, inModal('Add the timer'));
  await nextIs(page, 'Here: Read the timer');
  const [, timerId] = /timers\/([^/]+)/.exec(page.url())!;
  const wanted = await stage.ask<{ document: { stations: unknown[]; timer: { name: string } } }>(
    'GET',
    `/timers/${timerId}/settings?on=2026-06-01`,
  );
  expect(wanted.document.stations).toHaveLength(NAMES.length);

  await clickOn(page, `${guide} [aria-label="Set up without the steps…"]`);
  await clickOn(page, inModal('Put them away'));
  await page.waitForFunction(
    (selector) => !document.querySelector(selector),
    { polling: 200 },
    guide,
  );
  await goTo(page, `${stage.url()}/properties/${home.id}`);
  await clickOn(page, 'xpath/.//button[starts-with(normalize-space(), "Go through setting up")]');
  await nextIs(page, 'Next: Read the timer');
  await page.close();
});

it('going by the minute overwrites nothing that somebody saved meanwhile, says so, and does it when asked again', async () => {
  const home = await stage.ask<{ id: string }>('POST', '/properties', {
    ...{ name: 'Fern lodge', town: 'Far Hill', isLed: true },
  });
  const plan = { format: 'waterclock.plan/2', timer: {}, stations: [{ number: 1 }], programs: [] };
  const timer = await stage.ask<{ id: string }>('POST', `/properties/${home.id}/timers`, {
    ...{ name: 'Shed', document: plan },
  });
  const skipped = ['as-found', 'stations', 'supply', 'rules'];
  await stage.ask('PUT', `/properties/${home.id}/set-up`, { isLed: true, skipped });
  const page = await stage.newPage();
  await goTo(page, `${stage.url()}/properties/${home.id}`);
  await nextIs(page, 'Next: Choose the weather');
  const yardOf = () =>
    stage.ask<{ version: number; document: Yard }>('GET', `/timers/${timer.id}/yard`);
  const before = await yardOf();
  const stations = before.document.stations.map((station) => ({ ...station, name: 'Pear wall' }));
  await stage.ask('PUT', `/timers/${timer.id}/yard`, {
    ...{ version: before.version, document: { ...before.document, stations } },
  });

  const byTheMinute = async () => {
    await clickOn(page, inGuide('By the minute…'));
    await clickOn(page, inModal('Go by the minute'));
  };
  await byTheMinute();
  await waitForWords(page, 'Somebody else saved the yard meanwhile');
  expect((await yardOf()).document.school).toBeUndefined();
  await page.waitForFunction(() => !document.querySelector('.ant-modal-wrap'), { polling: 200 });
  await byTheMinute();
  await nextIs(page, 'Next: Plan its watering');
  const { document: saved } = await yardOf();
  expect(saved).toMatchObject({ school: 'minute', stations: [{ name: 'Pear wall' }] });
  await page.close();
});
