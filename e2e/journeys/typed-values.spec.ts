import type { Page } from 'puppeteer-core';
import { clickButton, clickOn, goTo, waitForWords } from '../support/desk.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: true });

/** Types over what stands in a field, and leaves it. */
async function typeOver(page: Page, label: string, text: string): Promise<void> {
  await clickOn(page, `[aria-label="${label}"]`);
  await page.keyboard.down('Control');
  await page.keyboard.press('KeyA');
  await page.keyboard.up('Control');
  await page.keyboard.type(text);
  await page.keyboard.press('Tab');
}

/** What stands in a field, and the sentence that is announced of it. */
const stateOf = (page: Page, label: string) =>
  page.$eval(`[aria-label="${label}"]`, (field) => {
    const said = (field.getAttribute('aria-describedby') ?? '')
      .split(' ')
      .map((id) => document.getElementById(id))
      .find((element) => element?.getAttribute('role') === 'alert');
    return {
      text: (field as HTMLInputElement).value,
      isInvalid: field.getAttribute('aria-invalid'),
      sentence: said?.textContent ?? null,
    };
  });

/** Addresses that something was sent to. */
function writesOf(page: Page): string[] {
  const sent: string[] = [];
  page.on('request', (request) => {
    if (request.method() !== 'GET') sent.push(new URL(request.url()).pathname);
  });
  return sent;
}

const ASKED_FOR = {
  time: /^A time of day, such as/,
  length: /^Minutes such as 15; 2m30 and 90s for seconds, 1:05 for an hour and five/,
  percent: 'A whole number, 0 to 1000',
  seconds: 'A whole number, 0 to 604800',
};

it('on the desk, what cannot be read stays, is announced, and holds the save up until it is mended', async () => {
  const page = await stage.newPage();
  await goTo(page, await stage.deskOf('Carport'));
  for (const [label, text, sentence] of [
    ['Program A, start 1', '2530', ASKED_FOR.time],
    ['Station 1, program A, minutes', '7.5', ASKED_FOR.length],
    ['Season percentage', 'abc', ASKED_FOR.percent],
    ['Delay between stations', '12h', ASKED_FOR.seconds],
  ] as const) {
    await typeOver(page, label, text);
    const { sentence: said, ...state } = await stateOf(page, label);
    expect([label, state]).toEqual([label, { text, isInvalid: 'true' }]);
    if (typeof sentence === 'string') expect(said).toBe(sentence);
    else expect(said).toMatch(sentence);
  }
  // Something that can be read is changed beside it, and cannot be saved yet.
  await typeOver(page, 'Program A, start 2', '05:15');
  const sent = writesOf(page);
  await clickButton(page, 'Save settings');
  await waitForWords(page, 'One field cannot be read yet');
  expect(await page.evaluate(() => document.activeElement?.getAttribute('aria-label'))).toBe(
    'Program A, start 1',
  );
  expect(sent).toEqual([]);
  for (const label of [
    'Program A, start 1',
    'Station 1, program A, minutes',
    'Season percentage',
    'Delay between stations',
  ]) {
    await clickOn(page, `[aria-label="${label}"]`);
    await page.keyboard.press('Escape');
    expect((await stateOf(page, label)).isInvalid).toBe('false');
  }
  await clickButton(page, 'Save settings');
  await waitForWords(page, 'Saved.');
  expect(sent).toHaveLength(1);
  await page.close();
});

it('lengths are read in one notation, with seconds where they are written, hours before a colon', async () => {
  const page = await stage.newPage();
  await goTo(page, await stage.deskOf('Carport'));
  const cell = 'Station 1, program A, minutes';
  for (const [typed, shown] of [
    ['1:05', '65'],
    ['1 h 05', '65'],
    ['12 min 30 s', '12m30'],
    ['90s', '1m30'],
  ] as const) {
    await typeOver(page, cell, typed);
    expect((await stateOf(page, cell)).text).toBe(shown);
  }
  await page.close();
});

it('a reading of the timer does not go on to the next step without what was typed', async () => {
  const page = await stage.newPage();
  const { id } = await stage.timerOf('Carport');
  await goTo(page, `${stage.url()}/timers/${id}/as-found?step=1`);
  await typeOver(page, 'Program A, start 1', '4 o’clock');
  await clickOn(page, 'xpath/.//button[starts-with(normalize-space(), "Next:")]');
  await waitForWords(page, 'One field cannot be read yet');
  expect(new URL(page.url()).searchParams.get('step')).toBe('1');
  expect((await stateOf(page, 'Program A, start 1')).text).toBe('4 o’clock');
  await page.close();
});

it('a home is not saved without the number that was typed', async () => {
  const page = await stage.newPage();
  const { propertyId } = await stage.timerOf('Carport');
  await goTo(page, `${stage.url()}/properties/${propertyId}/edit`);
  await clickOn(page, '#latitude');
  await page.keyboard.type('north');
  await page.keyboard.press('Tab');
  const sent = writesOf(page);
  await clickOn(page, 'xpath/.//button[starts-with(normalize-space(), "Save")]');
  await waitForWords(page, 'One field cannot be read yet');
  expect(sent).toEqual([]);
  const text = await page.$eval('#latitude', (field) => (field as HTMLInputElement).value);
  expect(text).toContain('north');
  await page.close();
});
