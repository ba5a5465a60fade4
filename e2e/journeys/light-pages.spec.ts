import { transferred } from '../support/transferred.js';

it('no page brings more than its budget, fonts and answers included', async () => {
  const pages = await transferred();
  expect(pages.map(({ name }) => name)).toEqual([
    'transferred: sign-in',
    'transferred: properties',
    'transferred: desk',
    'transferred: share page',
  ]);
  const tooHeavy = pages.filter(({ median, goal }) => !(median > 0 && median <= goal));
  expect(tooHeavy.map(({ name, median, goal }) => `${name}: ${median} KB of ${goal}`)).toEqual([]);
});
