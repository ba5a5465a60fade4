import { casesIn, ownCasesIn } from './cases.js';

it.each(['', 'plan', 'v2', 'repair', 'seen'])(
  'the cases that are copied here, in "%s", are those of their master',
  (folder) => {
    const copies = ownCasesIn(folder);
    expect(copies.length).toBeGreaterThan(10);
    expect(copies).toEqual(casesIn(folder));
  },
);
