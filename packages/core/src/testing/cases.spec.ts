import { casesIn, metCasesOfV2, ownCasesIn } from './cases.js';

it.each(['', 'plan'])(
  'the cases that are copied here, in "%s", are those of their master',
  (folder) => {
    const copies = ownCasesIn(folder);
    expect(copies.length).toBeGreaterThan(10);
    expect(copies).toEqual(casesIn(folder));
  },
);

it('the cases of the second version that are copied here are those of their master', () => {
  const copies = ownCasesIn('v2');
  expect(copies.length).toBeGreaterThan(0);
  expect(copies).toEqual(metCasesOfV2());
});
