import { numberHint, readNumber } from './numbers';

const DAYS = { least: 1, most: 31, isWhole: true };

it('are read with comma or point, below nothing too', () => {
  expect(readNumber(' 12 ', DAYS)).toBe(12);
  expect(readNumber('2,5', {})).toBe(2.5);
  expect(readNumber('.5', {})).toBe(0.5);
  expect(readNumber('−37.25', { least: -90, most: 90 })).toBe(-37.25);
  expect(readNumber('', DAYS)).toBeNull();
  expect(readNumber('  ', {})).toBeNull();
});

it.each(['abc', '12h', '1e3', '0x1f', '--3', '3-', '1.2.3', 'Infinity', '0', '32', '7.5', '-1'])(
  'that "%s" is no count of days is said, with what is asked for',
  (text) => {
    expect(readNumber(text, DAYS)).toBe('A whole number, 1 to 31');
  },
);

it('hold their limits, which belong to them', () => {
  expect([readNumber('1', DAYS), readNumber('31', DAYS)]).toEqual([1, 31]);
  expect(readNumber('-0.1', { least: 0 })).toBe('A number, 0 or more');
});

it('ask for what they hold', () => {
  expect(
    [{}, { least: 0 }, { most: 9 }, { least: 0, most: 9, isWhole: true }].map(numberHint),
  ).toEqual(['A number', 'A number, 0 or more', 'A number, 9 or less', 'A whole number, 0 to 9']);
});
