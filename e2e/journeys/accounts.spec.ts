import { Secret, TOTP } from 'otpauth';
import type { Page } from 'puppeteer-core';
import { clickButton, clickOn, goTo, waitForWords } from '../support/desk.js';
import { faultsOf, unfitFor } from '../support/faultless.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: true });

const PASSWORD = 'seven quiet gutters';
const EMAIL = 'wendel@quillhaven.example';
const button = (words: string) => `::-p-xpath(.//button[normalize-space()="${words}"])`;
const inDialog = (words: string) =>
  `::-p-xpath(.//*[contains(@class, "ant-modal")]//button[normalize-space()="${words}"])`;
const ofWendel = (words: string) =>
  `::-p-xpath(.//li[@aria-label="Wendel Ash"]//button[normalize-space()="${words}"])`;

async function fill(page: Page, selector: string, text: string): Promise<void> {
  const field = await page.waitForSelector(selector, { visible: true });
  await field!.click({ count: 3 });
  await page.keyboard.type(text);
}

async function signIn(page: Page, code?: string): Promise<void> {
  await fill(page, '[name="email"]', EMAIL);
  await fill(page, '[name="password"]', PASSWORD);
  if (code !== undefined) await fill(page, '[name="code"]', code);
  await clickOn(page, button('Sign in'));
}

it('somebody is invited, joins, sets up an authenticator, signs in by it, and is locked out', async () => {
  const greta = await stage.pageOf('Greta Holloway');
  await goTo(greta, `${stage.url()}/firm`);
  await fill(greta, '#name', 'Wendel Ash');
  await fill(greta, '#email', EMAIL);
  await clickButton(greta, 'Invite');
  const shown = await greta.waitForSelector('[aria-label="The link"]');
  const link = await shown!.evaluate((field) => (field as HTMLInputElement).value);
  await waitForWords(greta, 'invited');
  expect(await faultsOf(greta)).toEqual([]);
  expect(await unfitFor(greta)).toEqual([]);
  await goTo(greta, `${stage.url()}/firm/outbox`);
  await waitForWords(greta, `To ${EMAIL}`);
  await waitForWords(greta, new URL(link).pathname);
  expect(await faultsOf(greta)).toEqual([]);

  const wendel = await stage.pageOf(null);
  await goTo(wendel, link);
  await waitForWords(wendel, 'Join Quillhaven Sprinkler Care');
  await fill(wendel, '[name="password"]', 'password1234');
  await waitForWords(wendel, 'among the first that are guessed');
  await clickOn(wendel, button('Join'));
  await waitForWords(wendel, 'is among those that are guessed first');
  await fill(wendel, '[name="password"]', PASSWORD);
  await waitForWords(wendel, 'Strength: strong');
  expect(await faultsOf(wendel)).toEqual([]);
  expect(await unfitFor(wendel)).toEqual([]);
  await clickOn(wendel, button('Join'));
  await wendel.waitForSelector('[aria-label="You: Wendel Ash"]');
  await waitForWords(wendel, 'Demo');

  await goTo(wendel, `${stage.url()}/account`);
  // Whoever found the device open does not know it.
  await clickButton(wendel, 'Set one up');
  await waitForWords(wendel, 'is not your password');
  await fill(wendel, '[aria-labelledby="second-factor"] [type="password"]', PASSWORD);
  await clickButton(wendel, 'Set one up');
  const secret = await wendel
    .waitForSelector('code')
    .then((code) => code!.evaluate((one) => one.textContent.replace(/\s/g, '')));
  const codes = new TOTP({ secret: Secret.fromBase32(secret) });
  await fill(wendel, 'input[autocomplete="one-time-code"]', codes.generate());
  await clickButton(wendel, 'Ask for it from now on');
  const recovery = await wendel
    .waitForSelector('[aria-label="Recovery codes"] code')
    .then((code) => code!.evaluate((one) => one.textContent));
  expect(await faultsOf(wendel)).toEqual([]);
  await clickButton(wendel, 'I have saved them');
  await (await wendel.waitForSelector('[aria-label="You: Wendel Ash"]'))!.click();
  await clickOn(
    wendel,
    '::-p-xpath(.//li[contains(@class, "ant-dropdown-menu-item")][normalize-space()="Sign out"])',
  );
  await wendel.waitForSelector('[name="email"]');

  await signIn(wendel);
  await wendel.waitForSelector('[name="code"]');
  await clickOn(wendel, button('Sign in'));
  await waitForWords(wendel, 'Code is needed');
  await fill(wendel, '[name="code"]', '000000');
  await clickOn(wendel, button('Sign in'));
  await waitForWords(wendel, 'is not right');
  await signIn(wendel, recovery);
  await wendel.waitForSelector('[aria-label="You: Wendel Ash"]');

  await goTo(greta, `${stage.url()}/firm`);
  await clickOn(greta, ofWendel('Lock out'));
  await waitForWords(greta, 'cannot sign in');
  await goTo(wendel, `${stage.url()}/rules`);
  await wendel.waitForSelector('[name="email"]');
  await signIn(wendel);
  await waitForWords(wendel, 'This e-mail and password do not match');
  await clickOn(greta, ofWendel('Let in again'));
  await greta.waitForSelector(ofWendel('Lock out'));

  await clickOn(greta, ofWendel('Remove…'));
  await clickOn(greta, inDialog('Remove Wendel Ash'));
  await greta.waitForFunction(() => !document.body.textContent.includes('Wendel Ash'));
  await goTo(greta, `${stage.url()}/firm/keeping`);
  await clickOn(greta, ofWendel('Erase the name…'));
  await waitForWords(greta, 'What was done stays');
  expect(await faultsOf(greta)).toEqual([]);
  expect(await unfitFor(greta)).toEqual([]);
  const isOff = (selector: string) =>
    greta.$eval(selector, (one) => (one as HTMLButtonElement).disabled);
  expect(await isOff(inDialog('Erase for good'))).toBe(true);
  await fill(greta, '.ant-modal input', 'Wendel Ash');
  await clickOn(greta, inDialog('Erase for good'));
  await waitForWords(greta, 'Nobody who was removed is still known by name.');
  await Promise.all([greta.close(), wendel.close()]);
});

it('a link that leads nowhere says so, and where to go on', async () => {
  const page = await stage.pageOf(null);
  await goTo(page, `${stage.url()}/join/made-up`);
  await waitForWords(page, 'This link does not work');
  expect(await faultsOf(page)).toEqual([]);
  await page.close();
});

it('whoever lacks the authenticator that the firm asks for is led to it, and nowhere else', async () => {
  const greta = await stage.pageOf('Greta Holloway');
  const piet = await stage.pageOf('Piet Lark');
  await goTo(greta, `${stage.url()}/firm`);
  const box = () =>
    greta.waitForSelector('::-p-xpath(.//label[contains(., "Everybody needs an authenticator")])');
  await (await box())!.click();
  await greta.waitForSelector('[aria-labelledby="second-factor"]');
  await goTo(piet, `${stage.url()}/properties`);
  await waitForWords(piet, 'asks for an authenticator');
  expect(new URL(piet.url()).pathname).toBe('/account');
  await Promise.all([greta.close(), piet.close()]);
});
