// Writes docs/screenshots from the demo data: npm run screenshots (after npm run build).
import { mkdirSync } from 'node:fs';
import { startApplication } from './support/application.js';
import { startSimulator } from '../tools/simulator.js';
import { openBrowser } from './support/browser.js';
import { signIn, timersOf } from './support/sign-in.js';

const FOLDER = 'docs/screenshots';
mkdirSync(FOLDER, { recursive: true });

const simulator = await startSimulator();
const application = await startApplication({ demo: true, simulatorUrl: simulator.url });
const { browser, close } = await openBrowser();
try {
  const person = await signIn(application.url);
  await person.letIn(browser.defaultBrowserContext());
  const timers = await timersOf(application.url, person.cookie);
  const timerOf = (name) => timers.find((timer) => timer.name === name);
  const deskOf = (name) => `/timers/${timerOf(name).id}?from=2026-06-01`;
  const page = await browser.newPage();
  await page.setViewport({ width: 1280, height: 800 });

  /** Opens a page, does what is to be seen, and takes its picture. */
  const picture = async (name, path, ready, act = async () => undefined) => {
    await page.goto(application.url + path, { waitUntil: 'networkidle0' });
    await page.waitForSelector(ready);
    await new Promise((resolve) => setTimeout(resolve, 500));
    await act();
    await page.waitForFunction(() => !document.body.textContent.includes('waiting to be sent'));
    await new Promise((resolve) => setTimeout(resolve, 300));
    await page.screenshot({ path: `${FOLDER}/${name}.png` });
  };

  const carport = timerOf('Carport');
  await picture('round', '/round', '[aria-labelledby="attention"] [data-kind]');
  await picture('properties', '/properties', 'main [data-kind]');
  const beans = timerOf('Bean house tap');
  await picture('property', `/properties/${beans.propertyId}`, 'main .ant-alert-error');
  await picture('yard', `/timers/${carport.id}/yard`, 'table[aria-label="Stations"]');
  await picture('as-found', `/timers/${carport.id}/as-found?step=1`, 'main table', async () => {
    const begin = await page.waitForSelector('xpath/.//button[contains(., "Begin from copy")]');
    await begin.click();
    await page.waitForSelector('[aria-label="Findings"] li');
  });
  await picture(
    'fix-all',
    `${deskOf('Carport')}&mode=repair`,
    '[aria-label="With the changes"] [data-run]',
  );
  await picture('rules', '/rules/new', '[aria-label="Which houses"]');
  const garage = timerOf('Garage timer');
  await picture(
    'need',
    `/timers/${garage.id}/need?station=2`,
    '[aria-label="Need of every station"]',
  );
  await picture(
    'water',
    `/timers/${garage.id}/water?from=2026-04-01&to=2026-09-30&station=2`,
    '[aria-label="Day of the season"] path',
  );
  await page.setViewport({ width: 390, height: 844 });
  await picture('measure-phone', `/timers/${garage.id}/measure?station=2`, '[data-cup]');
  await page.setViewport({ width: 1280, height: 800 });
  await picture('desk', deskOf('Garage timer'), '[data-run]', async () => {
    await page.$eval('[data-run][data-program="B"]', (run) => run.focus());
    await page.keyboard.press('Enter');
    await page.waitForSelector('[aria-label="Selected run"]');
  });
  await picture(
    'plan',
    `${deskOf('Garage timer')}&mode=plan`,
    '[aria-label="Plans side by side"]',
    () => page.waitForFunction(() => !document.querySelector('[data-planning="busy"]')),
  );
  await picture('photos', `/properties/${garage.propertyId}/photos`, 'main ul img');
  await picture('history', `/properties/${garage.propertyId}/history`, 'main ol li');
  const visit = `/timers/${garage.id}/visit`;
  const press = (words) =>
    page.locator(`::-p-xpath(.//button[starts-with(normalize-space(), "${words}")])`).click();
  await page.goto(application.url + visit, { waitUntil: 'networkidle0' });
  await press('Begin a visit');
  await page.waitForSelector('main ol li');
  await picture('visit', visit, 'main ol li', () => press('Arrive done'));
  await page.setViewport({ width: 390, height: 844 });
  await picture('key-in-phone', `${visit}/key-in?all=yes`, '[data-key]', async () => {
    await press('Keyed in');
    await page.waitForSelector('[data-key="percent first"], [data-key^="A"]');
  });
  await picture('walk-phone', `${visit}/walk`, '[data-station]', () => press('It is on'));
  await page.setViewport({ width: 1280, height: 800 });
  await picture('wrong', `/timers/${garage.id}/wrong`, '[aria-labelledby="seen"] svg', async () => {
    for (const line of [
      'yesterday 18:15 to 18:25',
      'yesterday 06:00 to 06:50, dry',
      'today 05:45 to 07:00, dry',
    ]) {
      await page.focus('input[placeholder^="Tue"]');
      await page.keyboard.type(line);
      await page.keyboard.press('Enter');
    }
    await page.waitForFunction(() => document.body.textContent.includes('explains 3 of 3'));
  });
  await page.goto(`${application.url}/timers/${garage.id}/simulated`, {
    waitUntil: 'networkidle0',
  });
  await press('Hang one up');
  await picture('simulated', `/timers/${garage.id}/simulated`, '[aria-label="Front"]', async () => {
    await press('A day on');
    await press('Next part');
    await press('All, one by one');
    await page.waitForSelector('[data-row="watered"] rect');
    await page.$eval('main', (main) => main.scrollTo(0, 0));
  });
} finally {
  await close();
  await application.stop();
  simulator.stop();
}
