import type { Page } from 'puppeteer-core';
import { clickButton, goTo, waitForWords } from '../support/desk.js';
import { faultsOf, unfitFor } from '../support/faultless.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: true });

const ENGLISH = /\b(the|waters|every|station|this week|phone|by hand|turn)\b/i;

/** The address of a link to the sheet that was left last. */
async function linkTo(timerId: string): Promise<string> {
  const [sheet] = await stage.ask<{ id: string }[]>('GET', `/timers/${timerId}/sheets`);
  const { token } = await stage.ask<{ token: string }>('POST', `/sheets/${sheet!.id}/links`, {
    days: 30,
  });
  return `${stage.url()}/s/${token}`;
}

const files = (page: Page) => {
  const asked: string[] = [];
  page.on('request', (request) => asked.push(new URL(request.url()).pathname));
  return asked;
};

async function leaveSheet(page: Page, timerId: string): Promise<void> {
  await goTo(page, `${stage.url()}/timers/${timerId}/sheet`);
  await page.waitForSelector('article[data-paper]');
  await clickButton(page, 'Leave this sheet');
  await waitForWords(page, 'The sheet is kept as it is left.');
}

it('a household that reads Spanish has its sheet, its link and its messages in Spanish, and loads no other', async () => {
  const { id, propertyId } = await stage.timerOf('Carport');
  const page = await stage.newPage();
  await goTo(page, `${stage.url()}/properties/${propertyId}/edit`);
  await page.waitForSelector('#language');
  await page.focus('#language');
  await page.keyboard.press('ArrowDown');
  await page.waitForSelector('.ant-select-dropdown:not(.ant-select-dropdown-hidden)');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await clickButton(page, 'Save the property');
  await page.waitForFunction(() => !location.pathname.endsWith('/edit'));

  await goTo(page, `${stage.url()}/properties/${propertyId}/week`);
  await waitForWords(page, 'Apague el programador mientras llueve');
  await leaveSheet(page, id);
  const sheet = await page.$eval('article[data-paper]', (article) => ({
    lang: article.getAttribute('lang'),
    text: article.textContent,
  }));
  expect(sheet.lang).toBe('es-US');
  expect(sheet.text).toContain('Cuándo riega cada estación');
  await page.close();

  const household = await stage.pageOf(null);
  const asked = files(household);
  await goTo(household, await linkTo(id));
  await waitForWords(household, 'Cuándo riega cada estación');
  const text = await household.$eval('main', (main) => main.textContent);
  // But for the names of the home, its timer and its stations, which are whatever they are.
  expect(text.replace(/Wren corner|Carport|Front|Side|Back|Beds/g, '')).not.toMatch(ENGLISH);
  expect(await household.$eval('html', (html) => html.lang)).toBe('es-US');
  expect(asked.filter((path) => /\/assets\/es-/.test(path))).toHaveLength(1);
  expect(asked.filter((path) => /\/assets\/en-/.test(path))).toEqual([]);
  expect(await faultsOf(household)).toEqual([]);
  expect(await unfitFor(household)).toEqual([]);
  await household.close();
});

it('one that reads English loads no Spanish', async () => {
  const { id } = await stage.timerOf('Boat shed');
  const page = await stage.newPage();
  await leaveSheet(page, id);
  await page.close();
  const household = await stage.pageOf(null);
  const asked = files(household);
  await goTo(household, await linkTo(id));
  await waitForWords(household, 'When each station waters');
  expect(asked.filter((path) => /\/assets\/es-/.test(path))).toEqual([]);
  expect(await faultsOf(household)).toEqual([]);
  expect(await unfitFor(household)).toEqual([]);
  await household.close();
});
