import { repairWords } from './repair-words';

const change = (says: string) => ({ keys: [], from: null, to: null, says });
const found = (count: number, fields: object = {}) => ({
  ...{ isSound: false, isRepaired: true, isProven: true },
  changes: Array.from({ length: count }, (_, at) => change(`Change ${at}.`)),
  ...fields,
});

it.each([
  [found(0, { isSound: true }), 'No setting needs to be changed.'],
  [found(1), 'One change puts everything right.'],
  [found(2), '2 changes put everything right, and no fewer do.'],
  [found(3, { isProven: false }), '3 changes put everything right. Whether fewer do is not known.'],
  [
    found(2, { isRepaired: false, isProven: false }),
    'No few changes put everything right. These come nearest.',
  ],
  [found(0, { isRepaired: false, isProven: false }), 'No change of settings was found that helps.'],
])('says that they are the fewest only where that is proven', (repair, words) => {
  expect(repairWords(repair)).toBe(words);
});
