import type { Page } from 'puppeteer-core';
import type { Plan } from '@water-clock/core/settings';
import { goTo, waitForVerdict, waitForWords } from '../support/desk.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: true });

/** What has the focus, in words, and whether that is to be seen. */
const focused = (page: Page) =>
  page.evaluate(async () => {
    const { activeElement: at } = document;
    if (!at || at === document.body) return { words: '', isSeen: true };
    const label = at instanceof HTMLInputElement ? at.labels?.[0]?.textContent : undefined;
    const words = (at.getAttribute('aria-label') ?? label ?? at.textContent).trim();
    // Some stand in a frame that is drawn for them.
    const FRAMES =
      '.ant-input-affix-wrapper, .ant-select, .ant-segmented-item, .ant-radio-wrapper, .ant-checkbox, .ant-switch';
    const looks = () =>
      [at, at.closest(FRAMES), at.nextElementSibling].map((element) => {
        if (!element) return '';
        const { outline, boxShadow, borderColor, clipPath } = getComputedStyle(element);
        return [outline, boxShadow, borderColor, clipPath].join();
      });
    const [has, own] = [looks(), at as HTMLElement];
    // Some are drawn anew for it.
    const drawn = () => new Promise(requestAnimationFrame);
    own.blur();
    await drawn();
    const hasNot = looks();
    own.focus({ preventScroll: true });
    await drawn();
    return { words, isSeen: has.some((look, index) => look !== hasNot[index]) };
  });

const MOST_STOPS = 60;

/** Goes on by Tab until what has the focus begins with these words; every stop on the way is to be seen. */
async function tabTo(page: Page, beginning: string): Promise<void> {
  const passed: string[] = [];
  const unseen: string[] = [];
  for (let stop = 0; stop < MOST_STOPS; stop++) {
    await page.keyboard.press('Tab');
    const { words, isSeen } = await focused(page);
    passed.push(words);
    if (!isSeen) unseen.push(words);
    if (!words.startsWith(beginning)) continue;
    expect(unseen).toEqual([]);
    return;
  }
  throw new Error(`${beginning} is not reached; passed: ${passed.join(' | ')}`);
}

it('from the door to a saved plan without a mouse, and the focus is to be seen all the way', async () => {
  const { id } = await stage.timerOf('Carport');
  const page = await stage.pageOf(null);
  await goTo(page, stage.url());
  await waitForWords(page, 'Look around as');
  await tabTo(page, 'Ines Marlow');
  await page.keyboard.press('Enter');
  await waitForWords(page, 'Wren corner');

  await page.keyboard.down('Control');
  await page.keyboard.press('k');
  await page.keyboard.up('Control');
  await page.waitForFunction(
    () => document.activeElement?.getAttribute('aria-label') === 'What to find',
  );
  await page.keyboard.type('carport');
  await page.waitForFunction(() =>
    document
      .querySelector('[role="option"][aria-selected="true"]')
      ?.textContent.includes('Carport'),
  );
  await page.keyboard.press('Enter');
  await waitForVerdict(page, 'collide');

  // The three ways of the desk are one stop; the arrows choose.
  await tabTo(page, 'Settings');
  await page.keyboard.press('ArrowRight');
  await page.waitForSelector('[aria-label="Plans side by side"]');
  await page.waitForFunction(() => !document.querySelector('[data-planning="busy"]'));
  await tabTo(page, 'Take this plan');
  await page.keyboard.press('Enter');
  await waitForVerdict(page, 'No two runs overlap');
  await page.keyboard.down('Control');
  await page.keyboard.press('s');
  await page.keyboard.up('Control');
  await page.waitForFunction(() =>
    [...document.querySelectorAll('button')].some(
      ({ disabled, textContent }) => disabled && textContent === 'Saved',
    ),
  );
  const { document: saved } = await stage.ask<{ document: Plan }>(
    'GET',
    `/timers/${id}/settings?on=2026-06-01`,
  );
  expect(saved.programs.every(({ starts }) => starts.length <= 2)).toBe(true);
});
