import { join } from 'node:path';
import { isTooMuch } from '@water-clock/core/engine';
import { ComputingService } from './computing.service.js';
import type { Task } from './task.js';

let computing: ComputingService;
beforeAll(() => {
  computing = new ComputingService(join(__dirname, '../testing/odd-work.mjs'));
});
afterAll(() => computing.onModuleDestroy());

const task = (name: string, limitMs = 60_000): Task<unknown, unknown> => ({
  name,
  limitMs,
  work: () => null,
});
const asker = (firmId: string) => ({ firmId, personId: 'ann' });
const echo = (firmId: string, input: unknown) => computing.run(asker(firmId), task('echo'), input);
const troubleOf = (work: Promise<unknown>): Promise<unknown> =>
  work.then(
    () => null,
    (error: unknown) => error,
  );

it('hands over what goes in and what comes out', async () => {
  expect(await echo('a', { seconds: [600] })).toEqual({ seconds: [600] });
});

it('hands on what went wrong, and goes on', async () => {
  const trouble = await troubleOf(computing.run(asker('a'), task('fail'), 'no such station'));
  expect(trouble).toMatchObject({ message: 'no such station' });
  expect(isTooMuch(trouble)).toBe(false);
  expect(await echo('a', 1)).toBe(1);
});

it.each([['endless', 500] as const, ['greedy', 60_000] as const])(
  'work that is %s is ended alone, and said to be too much',
  async (name, limitMs) => {
    const odd = troubleOf(computing.run(asker('a'), task(name, limitMs), null));
    const others = Promise.all([echo('a', 1), echo('b', 2)]);
    expect(isTooMuch(await odd)).toBe(true);
    expect(await others).toEqual([1, 2]);
  },
);

it('says that it is too busy where one person asks for more than can wait', async () => {
  const asked = Array.from({ length: 60 }, (_, index) => troubleOf(echo('a', index)));
  const troubles = await Promise.all(asked);
  const refused = troubles.filter((trouble) => trouble !== null);
  expect(refused.length).toBeGreaterThanOrEqual(19);
  expect(refused.length).toBeLessThan(60);
  for (const trouble of refused) expect(trouble).toMatchObject({ retryAfterSeconds: 5 });
});
