import type { Page } from 'puppeteer-core';
import type { Plan } from '@water-clock/core/settings';
import { clickOn, goTo, waitForWords } from '../support/desk.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: true });

interface Settings {
  readonly version: number;
  readonly document: Plan;
}
interface CopyListing {
  readonly id: string;
  readonly reason: string;
  readonly isInTimer: boolean;
}

const textOf = (page: Page) => page.$eval('main', (main) => main.textContent);

it('what was ticked is what is left, value by value, though nobody read it back', async () => {
  const { ask } = stage;
  const { id, propertyId } = await stage.timerOf('Carport');
  const on = new Date().toISOString().slice(0, 10);
  const copies = () => ask<CopyListing[]>('GET', `/timers/${id}/copies`);
  const inTimer = (await copies()).find(({ isInTimer }) => isInTimer)!;
  const { document: found } = await ask<{ document: Plan }>('GET', `/copies/${inTimer.id}`);

  // Two values are to be otherwise, and one of them is keyed in.
  const settings = await ask<Settings>('GET', `/timers/${id}/settings?on=${on}`);
  const [a, ...rest] = settings.document.programs;
  const starts = ['08:10', ...a!.starts.slice(1)];
  const runs = a!.runs.map((run, index) => (index === 0 ? { ...run, seconds: 1500 } : run));
  const wanted = { ...settings.document, programs: [{ ...a!, starts, runs }, ...rest] };
  await ask('PUT', `/timers/${id}/settings?on=${on}`, {
    version: settings.version,
    document: wanted,
  });
  const visitId = crypto.randomUUID();
  await ask('POST', `/timers/${id}/visits`, { id: visitId, startedAt: new Date().toISOString() });
  await ask('POST', `/visits/${visitId}/entries`, {
    id: crypto.randomUUID(),
    seen: 0,
    observedAt: new Date().toISOString(),
    document: { kind: 'key-in', key: 'A start 1', value: 'time 08:10', isTicked: true },
  });

  const page = await stage.newPage();
  await goTo(page, `${stage.url()}/timers/${id}/visit/leave`);
  await waitForWords(page, '1 value keyed in and not read back');
  const sheet = await textOf(page);
  expect(sheet).toContain('08:10');
  expect(sheet).not.toContain('25 min');
  await clickOn(page, 'xpath/.//button[normalize-space()="Leave this sheet"]');
  await waitForWords(page, 'The sheet is kept as it is left.');
  await clickOn(page, 'xpath/.//button[normalize-space()="End the visit"]');
  await clickOn(page, 'xpath/.//button[normalize-space()="End the visit all the same"]');
  await page.waitForFunction((path) => location.pathname === path, {}, `/properties/${propertyId}`);
  await page.waitForFunction(() => !document.body.textContent.includes('waiting to be sent'));
  // Whoever looks at the home, or takes the sheet again, reads that it is not certain.
  await waitForWords(page, 'values was not confirmed');
  expect(await textOf(page)).toMatch(/1 of \d\d values was not confirmed: read them off/);
  await goTo(page, `${stage.url()}/timers/${id}`);
  await waitForWords(page, 'values was not confirmed');
  await goTo(page, `${stage.url()}/timers/${id}/sheet`);
  expect(await textOf(page)).toContain('08:10');
  expect(await textOf(page)).toMatch(/One value of \d\d was not read off the timer again/);

  // The copy that is in the timer has the one value and not the other.
  const left = (await copies()).find(({ isInTimer: is }) => is)!;
  expect([left.id === inTimer.id, left.reason]).toEqual([false, 'left']);
  const { document: kept } = await ask<{ document: Plan }>('GET', `/copies/${left.id}`);
  const programA = ({ programs }: Plan) => programs.find((program) => program.id === 'A')!;
  expect(programA(kept).starts).toContain('08:10');
  expect(programA(kept).runs[0]).toEqual(programA(found).runs[0]);
  expect(programA(kept).runs[0]!.seconds).not.toBe(1500);
  await page.close();
});
