import { MOST_PINS, readPhotoFacts } from './index.js';

const pin = { x: 0.5, y: 0.25, words: 'Broken here' };
const troubles = (fields: object): string[] => {
  const read = readPhotoFacts({ about: 'front', ...fields });
  return read.ok ? [] : read.trouble.map(({ path, message }) => `${path} ${message}`);
};

it('takes what is said of a photo, with its defaults', () => {
  expect(readPhotoFacts({ about: 'head', station: 3, pins: [pin] })).toEqual({
    ok: true,
    value: { about: 'head', station: 3, note: '', pins: [pin] },
  });
});

it('says of each field what is wrong, all at once', () => {
  const found = troubles({ about: 'cat', pins: [{ x: 2, y: 0, words: '' }] });
  expect(found.map((one) => one.split(' ')[0])).toEqual(['pins[0].x', 'pins[0].words', 'about']);
});

it('a head is of a station, the front of none, and pins can be counted', () => {
  expect(troubles({ about: 'head' })).toEqual(['station is required: of which station is it?']);
  expect(troubles({ station: 2 })).toEqual(['station is of no use: it is of the timer']);
  expect(troubles({ about: 'visit', station: 2 })).toEqual([]);
  expect(troubles({ pins: Array.from({ length: MOST_PINS + 1 }, () => pin) })).toEqual([
    'pins must be at most 12',
  ]);
});
