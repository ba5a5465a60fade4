import type { Page } from 'puppeteer-core';
import {
  boardContents,
  cellValue,
  chooseRadio,
  clickButton,
  clickMenuItem,
  goTo,
  labelled,
  paste,
  typeInCell,
  verdict,
  waitForVerdict,
  waitForWords,
} from '../support/desk.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: true });
let deskUrl: string;

beforeAll(async () => {
  deskUrl = await stage.deskOf('Garage timer');
});

async function openDesk(): Promise<Page> {
  const page = await stage.newPage();
  await goTo(page, deskUrl);
  await waitForVerdict(page, 'collide');
  return page;
}

const START_B = 'Program B, start 1';

async function control(page: Page, key: string, shift = false): Promise<void> {
  await page.keyboard.down('Control');
  if (shift) await page.keyboard.down('Shift');
  await page.keyboard.press(key as 'z');
  if (shift) await page.keyboard.up('Shift');
  await page.keyboard.up('Control');
}

const waitForValue = (page: Page, label: string, value: string) =>
  page.waitForFunction(
    (name, wanted) =>
      document.querySelector<HTMLInputElement>(`[aria-label="${name}"]`)?.value === wanted,
    {},
    label,
    value,
  );

it('moves a start by keyboard in the steps of the timer, keeps the focus, and undoes it', async () => {
  const page = await openDesk();
  const before = await boardContents(page);
  await page.$eval('[data-run][data-program="B"]', (run) => (run as SVGElement).focus());
  await page.keyboard.press(']');
  await waitForValue(page, START_B, '04:00');
  await page.keyboard.press(']');
  await waitForValue(page, START_B, '04:15');
  await waitForVerdict(page, 'No two runs overlap');
  const focused = await page.evaluate(() => document.activeElement?.getAttribute('aria-label'));
  expect(focused).toMatch(/^Program B, start 1: .*, 04:15 to/);

  await control(page, 'z');
  await waitForValue(page, START_B, '03:45');
  await waitForVerdict(page, 'collide');
  expect(await boardContents(page)).toEqual(before);
  await control(page, 'z', true);
  await waitForValue(page, START_B, '04:15');
  await page.close();
});

it('takes what can be read as it is typed, names what cannot, and Escape brings the old back', async () => {
  const page = await openDesk();
  const cell = 'Station 4, program A, minutes';
  await (await labelled(page, cell)).click();
  await page.keyboard.type('1x');
  const error = await page.waitForSelector('td [role="alert"]', { visible: true });
  expect(await error!.evaluate((element) => element.textContent)).toContain('Minutes such as 15');
  await page.keyboard.press('Escape');
  expect(await cellValue(page, cell)).toBe('25');
  expect(await page.$('td [role="alert"]')).toBeNull();
  // Nothing is left that could be saved.
  const isSaved = await page.$$eval('button', (all) =>
    all.some((one) => one.textContent === 'Saved'),
  );
  expect(isSaved).toBe(true);
  await page.close();
});

it('pastes a block from a spreadsheet as one step, or nothing of it', async () => {
  const page = await openDesk();
  const pasteAt = async (label: string, text: string) => {
    await (await labelled(page, label)).click();
    await paste(page, text);
  };
  await pasteAt('Station 4, name', 'North lawn\t\t\t30\nSouth lawn\t6\t40\t18\n');
  await waitForValue(page, 'Station 5, name', 'South lawn');
  expect(await cellValue(page, 'Station 4, program A, minutes')).toBe('30');
  expect(await cellValue(page, 'Station 5, soak')).toBe('40');
  await control(page, 'z');
  await waitForValue(page, 'Station 5, name', 'Fence side');

  await pasteAt('Station 4, name', 'North lawn\t\t\tlots\nSouth lawn\tlong\t40\t18\n');
  await waitForWords(page, 'Not all of it can be read');
  const said = await page.$eval('.ant-modal', (element) => element.textContent);
  expect(said).toContain('Row 1, column 4: "lots"');
  expect(said).toContain('Row 2, column 2: "long"');
  expect(await cellValue(page, 'Station 4, name')).toBe('Back lawn');
  await clickButton(page, 'Take the other 6 cells');
  await waitForValue(page, 'Station 4, name', 'North lawn');
  expect(await cellValue(page, 'Station 5, soak')).toBe('40');
  await control(page, 'z');
  await waitForValue(page, 'Station 4, name', 'Back lawn');
  await page.close();
});

it('asks before unsaved changes are left, and a reload shows what was saved', async () => {
  const page = await openDesk();
  await typeInCell(page, START_B, '05:30');
  await page.click('header nav a');
  await page.waitForFunction(() => document.body.textContent.includes('Leave without saving?'));
  await clickButton(page, 'Stay here');
  expect(page.url()).toBe(deskUrl);
  expect(await cellValue(page, START_B)).toBe('05:30');

  let asked = false;
  page.on('dialog', (dialog) => {
    asked = dialog.type() === 'beforeunload';
    void dialog.accept();
  });
  await page.reload({ waitUntil: 'networkidle0' });
  expect(asked).toBe(true);
  await waitForVerdict(page, 'collide');
  expect(await cellValue(page, START_B)).toBe('03:45');
  await page.close();
});

it('lets the second of two people who save choose, and loses nothing', async () => {
  const [mine, theirs] = [await openDesk(), await openDesk()];
  // What is edited here is not changed by what is saved there.
  await mine.bringToFront();
  await typeInCell(mine, START_B, '04:15');
  await theirs.bringToFront();
  await typeInCell(theirs, 'Station 7, program B, minutes', '50');
  await clickButton(theirs, 'Save settings');
  await theirs.waitForFunction(() => document.body.textContent.includes('Saved.'));

  await mine.bringToFront();
  await clickButton(mine, 'Save settings');
  await mine.waitForFunction(() => document.body.textContent.includes('Somebody else saved'));
  await clickButton(mine, 'Look at theirs');
  await waitForValue(mine, 'Station 7, program B, minutes', '50');
  expect(await cellValue(mine, START_B)).toBe('03:45');
  await control(mine, 'z');
  await waitForValue(mine, START_B, '04:15');
  expect(await cellValue(mine, 'Station 7, program B, minutes')).toBe('45');
  await clickButton(mine, 'Save settings');
  await mine.waitForFunction(() => document.body.textContent.includes('Saved.'));
  await mine.reload({ waitUntil: 'networkidle0' });
  await waitForVerdict(mine, 'No two runs');
  expect(await cellValue(mine, START_B)).toBe('04:15');
  expect(await verdict(mine)).toContain('No two runs overlap');
  await Promise.all([mine.close(), theirs.close()]);
}, 90_000);

it('keeps the verdict true as the season percentage changes, and says how far it may rise', async () => {
  const page = await stage.newPage();
  await goTo(page, deskUrl);
  await typeInCell(page, START_B, '04:30');
  await typeInCell(page, START_B, '04:15');
  await waitForVerdict(page, 'Clear up to 110 %.');
  const percent = await labelled(page, 'Season percentage');
  await percent.click({ count: 3 });
  await page.keyboard.type('150');
  await page.keyboard.press('Tab');
  await waitForVerdict(page, 'Two runs collide');
  await control(page, 'z');
  await waitForVerdict(page, 'No two runs overlap, on any date.');
  await page.close();
});

it('changes what the timer can do, and what it does about a collision with it', async () => {
  const page = await stage.newPage();
  await goTo(page, await stage.deskOf('Carport'));
  await waitForVerdict(page, 'collide');
  const waitForFinding = (words: string) =>
    page.waitForFunction(
      (part) => document.querySelector('[aria-label="Findings"]')?.textContent.includes(part),
      {},
      words,
    );
  await waitForFinding('this timer makes start 2 of program A wait until 05:00 or later');
  // That it has no cycle-and-soak is said once, over the column, and not in each of its cells.
  const amber = await page.$$eval('table[aria-label="Settings"] [data-warning="true"]', (all) =>
    all.map(({ tagName, textContent }) => `${tagName} ${textContent.split(':')[0]}`),
  );
  expect(amber).toEqual(['TH cycle']);
  await clickButton(page, 'This timer');
  await clickMenuItem(page, 'What this timer can do');
  await chooseRadio(page, 'it is left out');
  await waitForFinding('this timer leaves out a start that comes while another run is going');
  await control(page, 'z');
  await waitForFinding('this timer makes start 2 of program A wait');
  await page.close();
});

it('finds properties by their names and their timers, keeps the search, and says when there is none', async () => {
  const page = await stage.newPage();
  await goTo(page, `${stage.url()}/properties`);
  const box = await labelled(page, 'Find a property');
  await box.type('plum tap');
  const names = () => page.$$eval('td strong', (all) => all.map((one) => one.textContent));
  await page.waitForFunction(() => document.querySelectorAll('td strong').length === 1);
  expect(await names()).toEqual(['Plum cottage']);
  await page.reload({ waitUntil: 'networkidle0' });
  expect(await names()).toEqual(['Plum cottage']);
  const again = await labelled(page, 'Find a property');
  await again.press('End');
  await again.type(' nowhere');
  await page.waitForFunction(() =>
    document.body.textContent.includes('No property has all the words of "plum tap nowhere"'),
  );
  await page.close();
});

it('the first setting is a few Tabs away, a range of cells goes to a spreadsheet and back, and ? is answered in a cell', async () => {
  const page = await stage.newPage();
  await goTo(page, deskUrl);
  await labelled(page, 'Station 1, name');
  const focused = () => page.evaluate(() => document.activeElement?.getAttribute('aria-label'));

  let tabs = 0;
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  do {
    await page.keyboard.press('Tab');
    tabs += 1;
  } while (
    tabs < 5 &&
    (await page.evaluate(() => document.activeElement?.textContent)) !== 'Skip to the page'
  );
  await page.keyboard.press('Enter');
  expect(await focused()).toMatch(/^Program A/);
  expect(tabs).toBeLessThan(5);

  // Two stations, names to soak: marked, copied as a block, pasted two rows below.
  const cells = ['name', 'cycle', 'soak'];
  const rows = (station: number) =>
    Promise.all(cells.map((cell) => cellValue(page, `Station ${station}, ${cell}`)));
  const before = [await rows(1), await rows(2)];
  const [third = ''] = await rows(3);
  await page.focus('[aria-label="Station 1, name"]');
  await page.keyboard.down('Shift');
  for (const key of ['ArrowDown', 'ArrowRight', 'ArrowRight'] as const)
    await page.keyboard.press(key);
  await page.keyboard.up('Shift');
  expect(await page.$$eval('td[data-in-range]', (all) => all.length)).toBe(6);
  expect(await focused()).toBe('Station 1, name');
  expect(await page.$eval('[role="log"]', (said) => said.textContent)).toBe(
    '2 rows, 3 columns selected',
  );
  const copied = await page.evaluate(() => {
    const data = new DataTransfer();
    document.activeElement!.dispatchEvent(
      new ClipboardEvent('copy', { clipboardData: data, bubbles: true, cancelable: true }),
    );
    return data.getData('text/plain');
  });
  expect(copied).toBe(before.map((row) => row.join('\t')).join('\n'));
  await page.focus('[aria-label="Station 3, name"]');
  expect(await page.$$('td[data-in-range]')).toEqual([]);
  await paste(page, copied);
  await waitForValue(page, 'Station 3, name', before[0]![0]!);
  expect([await rows(3), await rows(4)]).toEqual(before);

  // In a cell of figures the sign asks for the keys; the focus comes back to the cell.
  await page.focus('[aria-label="Station 3, cycle"]');
  await page.keyboard.type('?');
  await waitForWords(page, 'select a range of cells');
  await page.keyboard.press('Escape');
  await page.waitForFunction(
    () => document.activeElement?.getAttribute('aria-label') === 'Station 3, cycle',
    { polling: 200 },
  );
  expect(await cellValue(page, 'Station 3, cycle')).toBe(before[0]![1]);
  await control(page, 'z');
  await waitForValue(page, 'Station 3, name', third);
  await page.close();
});
