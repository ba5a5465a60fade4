import { homeOf } from '../testing/homes.js';
import { changeSentences } from './index.js';

const B = {
  id: 'B',
  starts: ['20:00'],
  days: { mode: 'odd' },
  runs: [{ station: 1, seconds: 60 }],
};
const withB = (fields: object = {}) => homeOf({ others: [{ ...B, ...fields }] });

it.each([
  [['20:00', '21:45'], 'Program B now also starts at 21:45.'],
  [['21:45'], 'Program B now starts at 21:45 instead of 20:00.'],
  [[], 'Program B has no start any more; it started at 20:00.'],
])('starts that were 20:00 and are %j', (starts, sentence) => {
  expect(changeSentences(withB(), withB({ starts }))).toEqual([sentence]);
});

it('starts that go, and starts where there were none', () => {
  const two = withB({ starts: ['20:00', '21:45'] });
  expect(changeSentences(two, withB())).toEqual(['Program B no longer starts at 21:45.']);
  expect(changeSentences(withB({ starts: [] }), withB())).toEqual([
    'Program B now starts at 20:00; it had no start.',
  ]);
  expect(changeSentences(two, withB({ starts: ['21:45', '20:00'] }))).toEqual([
    'Program B has the same starts in another order.',
  ]);
});

it('says of everything else what it is now and what it was', () => {
  const longer = withB({ runs: [{ station: 1, seconds: 120 }], days: { mode: 'even' } });
  expect(changeSentences(withB(), longer)).toEqual([
    'Program B, water days: now on even days of the month; it was on odd days of the month.',
    expect.stringMatching(/^Program B, station 1.*: now 2 min; it was 1 min\.$/),
  ]);
  expect(changeSentences(withB(), withB())).toEqual([]);
});
