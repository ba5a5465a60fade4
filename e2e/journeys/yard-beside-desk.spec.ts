import type { Page } from 'puppeteer-core';
import { cellValue, clickButton, goTo, typeInCell, waitForWords } from '../support/desk.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: true });

/** Changes the name of station 1 in the yard, and saves it. */
async function nameInYard(page: Page, timerId: string, name: string): Promise<void> {
  await goTo(page, `${stage.url()}/timers/${timerId}/yard`);
  await typeInCell(page, 'Station 1, name', name);
  await clickButton(page, 'Save the yard');
  await waitForWords(page, 'Saved.');
}

const waitForName = (page: Page, name: string) =>
  page.waitForFunction(
    (wanted) =>
      document.querySelector<HTMLInputElement>('[aria-label="Station 1, name"]')?.value === wanted,
    {},
    name,
  );

const isNobodyElse = (page: Page) =>
  page.evaluate(() => !document.body.textContent.includes('somebody else'));

it('a yard saved in another tab shows on the open desk without a reload, below what is edited there', async () => {
  const { id } = await stage.timerOf('Carport');
  const [desk, yard] = [await stage.newPage(), await stage.newPage()];
  await desk.bringToFront();
  await goTo(desk, await stage.deskOf('Carport'));
  await typeInCell(desk, 'Program A, start 1', '0215');
  await yard.bringToFront();
  await nameInYard(yard, id, 'Kerb by the tap');

  await desk.bringToFront();
  await waitForName(desk, 'Kerb by the tap');
  expect(await cellValue(desk, 'Program A, start 1')).toBe('02:15');
  await clickButton(desk, 'Save settings');
  await waitForWords(desk, 'Saved.');
  expect(await isNobodyElse(desk)).toBe(true);
  // And what was undone is undone above the yard, too.
  await desk.keyboard.down('Control');
  await desk.keyboard.press('z');
  await desk.keyboard.up('Control');
  await waitForName(desk, 'Kerb by the tap');
  await Promise.all([desk.close(), yard.close()]);
});

it('a yard saved on another device is met by the next save, which is nobody else’s', async () => {
  const { id } = await stage.timerOf('Carport');
  const desk = await stage.newPage();
  await goTo(desk, await stage.deskOf('Carport'));
  await typeInCell(desk, 'Program A, start 1', '0230');
  const phone = await stage.pageOf('Ines Marlow');
  await nameInYard(phone, id, 'Kerb by the gate');
  await phone.close();

  await desk.bringToFront();
  await clickButton(desk, 'Save settings');
  await waitForWords(desk, 'Saved.');
  await waitForName(desk, 'Kerb by the gate');
  expect(await isNobodyElse(desk)).toBe(true);
  await goTo(desk, await stage.deskOf('Carport'));
  expect([
    await cellValue(desk, 'Program A, start 1'),
    await cellValue(desk, 'Station 1, name'),
  ]).toEqual(['02:30', 'Kerb by the gate']);
  await desk.close();
});
