import { clickButton, goTo, labelled, typeInCell, waitForWords } from '../support/desk.js';
import { DISTRICT_RULES } from '../support/district.js';
import { Hands } from '../support/hands.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: false });

const STATIONS = [
  'name\thead\tplant\tsoil\tarea\tflow',
  'Kerb strip\tspray\tturf\tloam\t24\t14',
  'Front lawn\trotor\tturf\tloam\t90\t20',
  'Side lawn\trotor\tturf\tloam\t60\t20',
  'Back lawn\trotor\tturf\tclay loam\t120\t24',
  'Slope\trotary\tturf\tclay\t45\t9',
  'Hedge\tdrip\tshrubs\tloam\t18\t4',
  'Rose bed\tdrip\tflowers\tloam\t12\t3',
  'Young trees\tbubbler\ttrees\tloam\t8\t5',
].join('\n');

const settled = () => new Promise((resolve) => setTimeout(resolve, 350));

it('a technician sets up a home from nothing in under 90 steps, and compares with a later copy', async () => {
  const page = await stage.newPage();
  await goTo(page, stage.url());
  // The firm knows its district's rules already; the home does not exist.
  await page.evaluate(async (document) => {
    const headers = { 'content-type': 'application/json' };
    await fetch('/api/rule-sets', { method: 'POST', headers, body: JSON.stringify({ document }) });
  }, DISTRICT_RULES);
  await page.reload({ waitUntil: 'networkidle0' });
  const hands = new Hands(page);

  // The property; the rules come with the town.
  await hands.clickButton('Add a property');
  await page.waitForFunction(() => document.activeElement?.id === 'name');
  await hands.type('Plum');
  await hands.press('Tab');
  await hands.type('3 Elm');
  await hands.press('Tab');
  await hands.type('Q');
  await page.waitForSelector('.ant-select-item-option', { visible: true });
  await hands.press('ArrowDown');
  await hands.press('Enter');
  await hands.clickButton('Add the property');
  await waitForWords(page, 'Odd houses on Mondays, Wednesdays and Fridays.');

  // Its timer type, by questions.
  await hands.clickButton('Add a timer');
  await hands.clickButton('Another type, by questions…');
  await page.waitForFunction(() => document.querySelector('fieldset legend'));
  await page.waitForFunction(() => document.activeElement?.tagName === 'INPUT');
  await hands.type('Shed 9');
  await hands.click('xpath/.//label[normalize-space()="even days"]');
  await hands.click('xpath/.//label[normalize-space()="it is left out"]');
  await hands.clickButton('Add the type');
  await waitForWords(page, 'Who and where');
  await hands.clickButton('Add a timer');
  await page.waitForSelector('.ant-modal #name', { visible: true });
  await page.waitForFunction(() => document.activeElement?.id === 'name');
  await hands.type('Shed');
  // As many as the type has, until one says how many are wired.
  await hands.press('Tab', 2);
  await hands.control('a');
  await hands.type('8');
  await hands.clickButton('Add the timer');
  await hands.click('xpath/.//nav[@aria-label="This timer"]//a[.="Yard"]');

  // Eight stations from a spreadsheet.
  await hands.click('[aria-label="Station 1, name"]');
  await hands.paste(STATIONS);
  await labelled(page, 'Station 8, name');
  await hands.control('s');
  await waitForWords(page, 'Saved.');

  // As found: clock, program A, the rest.
  await hands.click('xpath/.//h1//a[normalize-space()="Plum"]');
  await hands.clickButton('As found');
  await hands.clickButton('It is right');
  await hands.clickButton('Next: Program A');
  await hands.click('[aria-label="Program A, start 1"]');
  await hands.type('0400');
  await hands.press('Enter', 2);
  for (let station = 1; station <= 8; station++) {
    await hands.type('9');
    if (station < 8) await hands.press('Enter');
  }
  await hands.click('[aria-label^="Program A water days"]');
  await settled();
  for (const weekday of ['Mon', 'Wed'])
    await hands.click(`xpath/.//div[contains(@class,"ant-popover")]//label[.="${weekday}"]`);
  await hands.click('[aria-label="Steps"] .ant-btn-primary');
  await hands.clickButton('Next: Program C');
  await hands.clickButton('Next: The rest');
  await hands.clickButton('Next: Check and save');
  await waitForWords(page, 'this will be the first');
  await hands.clickButton('Save as found');
  await waitForWords(page, 'Saved as found');
  expect(hands.steps).toBeLessThan(90);

  // It is all there: rules, yard and reading.
  const yard = await page.evaluate(async () => {
    const [, timerId] = /timers\/([^/]+)/.exec(location.pathname)!;
    const get = async (path: string) => (await fetch(`/api/timers/${timerId}/${path}`)).json();
    const [copy] = await get('copies');
    return {
      timerId,
      yard: (await get('yard')).document.stations,
      settings: (await get('settings?on=2026-06-01')).document,
      copy: (await (await fetch(`/api/copies/${copy.id}`)).json()).document,
    };
  });
  expect(yard.yard).toHaveLength(8);
  expect(yard.yard[4]).toMatchObject({ name: 'Slope', head: 'rotary', soil: 'clay', flowLpm: 9 });
  expect(yard.settings).toMatchObject({
    timer: { name: 'Shed 9', overlap: 'drop', dayModes: ['weekdays', 'odd', 'interval'] },
    rules: { weekdays: [1, 3, 5] },
    programs: [],
  });
  expect(yard.copy.programs).toMatchObject([
    { id: 'A', starts: ['04:00'], days: { weekdays: [1, 3] } },
  ]);
  expect(yard.copy.programs[0].runs).toEqual(
    Array.from({ length: 8 }, (_, index) => ({ station: index + 1, seconds: 540 })),
  );

  // Later the homeowner has changed something.
  await goTo(page, `${stage.url()}/timers/${yard.timerId}/as-found?step=1`);
  await clickButton(page, 'Begin from copy № 1');
  await page.waitForFunction(
    () =>
      document.querySelector<HTMLInputElement>('[aria-label="Program A, start 1"]')?.value ===
      '04:00',
  );
  await typeInCell(page, 'Program A, start 2', '21:45');
  await waitForWords(page, 'Program A waters 2 times on each of its days');
  await goTo(page, `${stage.url()}/timers/${yard.timerId}/as-found?step=5`);
  await waitForWords(page, 'Program A now also starts at 21:45.');
  await clickButton(page, 'Save as found');
  await waitForWords(page, 'From № 1 to № 2');
  await waitForWords(page, 'Program A now also starts at 21:45.');
  await page.close();
});
