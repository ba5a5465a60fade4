import { clickButton, clickOn, goTo, turnTo, waitForWords } from '../support/desk.js';
import { setStage } from '../support/stage.js';
import { visitedTimer } from '../support/visited-timer.js';

const stage = setStage({ demo: true });

it('a backflow test is kept with its tester and its next date: on the sheet, at the home, in the visit as it was', async () => {
  const { propertyId, timerId, visitId } = await visitedTimer(
    stage,
    { name: 'Damson row', supplySource: 'mains', frost: 'hard' },
    2,
  );
  const page = await stage.newPage();
  await goTo(page, `${stage.url()}/timers/${timerId}/visit/care?care=winter`);

  // The checklist goes by where the water comes from and how hard it freezes.
  await waitForWords(page, 'Blown out station by station');
  const { version } = await stage.ask<{ version: number }>('GET', `/properties/${propertyId}`);
  await stage.ask('PUT', `/properties/${propertyId}`, {
    ...{ name: 'Damson row', supplySource: 'bore', frost: 'light', version },
  });
  await goTo(page, `${stage.url()}/timers/${timerId}/visit/care?care=winter`);
  await waitForWords(page, 'above ground are wrapped');
  await waitForWords(page, 'The pump is off at its switch');
  expect(await page.$eval('main', (main) => main.textContent)).not.toContain('Blown out station');

  await clickOn(page, 'xpath/.//a[normalize-space()="The backflow preventer"]');
  await waitForWords(page, 'Licensed tester');
  const ticks = 'section[aria-labelledby="checklist"] li input[type="checkbox"]';
  const count = await page.$$eval(ticks, (all) => all.length);
  expect(count).toBe(4);
  for (const tick of await page.$$(ticks)) await tick.click();
  await waitForWords(page, 'Name who tested it.');
  const field = async (label: string, text: string) => {
    const box = await page.waitForSelector(
      `xpath/.//label[normalize-space()="${label}"]/following::input[1]`,
    );
    await box!.focus();
    await page.keyboard.type(text);
    await page.keyboard.press('Tab');
  };
  await field('Licensed tester', 'R. Lind');
  await field('Next test', '3 Jun 2031');
  await clickButton(page, 'Done');
  await waitForWords(page, 'The backflow preventer was tested: kept');

  await turnTo(page, `/timers/${timerId}/sheet`);
  await waitForWords(page, 'Have the backflow preventer tested by a licensed tester');
  await waitForWords(page, '2031');
  await turnTo(page, `/visits/${visitId}`);
  await waitForWords(
    page,
    'The backflow preventer was tested, by R. Lind, again on Tue 3 June 2031',
  );
  await turnTo(page, `/properties/${propertyId}`);
  await waitForWords(page, 'on some nights');
});
