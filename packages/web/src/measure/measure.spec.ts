import { quantityIn } from '../format/quantities';
import { dryPlace } from './dry-place';
import { amountOf, faultOf, readAmount } from './read-amount';

describe('the dry place', () => {
  it('is the corner that gets clearly less, seen from the house', () => {
    // Two rows of three; the far row comes second.
    expect(dryPlace([50, 50, 50, 50, 50, 10], 3)).toBe('far right corner');
    expect(dryPlace([10, 50, 50, 50, 50, 50], 3)).toBe('near left corner');
    expect(dryPlace([50, 50, 12, 50, 50, 50], 3)).toBe('near right corner');
    expect(dryPlace([50, 50, 50, 50, 50, 50, 10, 50, 50], 3)).toBe('far left corner');
  });

  it('is a side where both of its corners do', () => {
    expect(dryPlace([52, 60, 31, 55, 58, 29], 3)).toBe('right side');
    expect(dryPlace([20, 22, 25, 55, 58, 59], 3)).toBe('near side');
    expect(dryPlace([58, 61, 55, 38, 63, 66, 52, 31, 57, 60, 49, 28], 4)).toBe('right side');
  });

  it('is none where all get alike, or where there are no corners', () => {
    expect(dryPlace([50, 48, 52, 50, 49, 51], 3)).toBeNull();
    expect(dryPlace([50, 5], 4)).toBeNull();
    expect(dryPlace([50, 5, 60], 1)).toBeNull();
    expect(dryPlace([0, 0, 0, 0], 2)).toBeNull();
    // Dry in the middle, or at three corners, is no corner's fault.
    expect(dryPlace([50, 50, 50, 50, 5, 50, 50, 50, 50], 3)).toBeNull();
    expect(dryPlace([10, 90, 10, 90, 90, 90, 10, 90, 60], 3)).toBeNull();
  });

  it('counts a row that is not full by the cups it has', () => {
    expect(dryPlace([50, 50, 50, 9], 3)).toBe('far left corner');
  });
});

describe('an amount', () => {
  const area = quantityIn('us', 'area');
  const limits = { least: 0, isAbove: true, most: 1_000_000 };

  it('is read in the firm’s unit, with comma or point', () => {
    expect(readAmount('1076,4', limits, area)).toBeCloseTo(100, 2);
    expect(readAmount(' 12.5 ', { least: 0, most: 100 })).toBe(12.5);
    expect(readAmount('', limits, area)).toBeNull();
  });

  it('that is nonsense gets a sentence in the same unit', () => {
    expect(readAmount('0', limits, area)).toBe('It must be more than 0 sq ft.');
    expect(readAmount('-4', { least: 0, most: 9 })).toBe('It must be 0 or more.');
    expect(readAmount('−4', { least: 0, most: 9 })).toBe('It must be 0 or more.');
    expect(readAmount('99', { least: 0, most: 9 })).toBe('More than 9 cannot be: look again.');
    expect(readAmount('ten', limits)).toBe('This is not a number.');
    expect([faultOf('no'), faultOf(3), faultOf(null)]).toEqual(['no', null, null]);
    expect([amountOf('no'), amountOf(3), amountOf(null)]).toEqual([null, 3, null]);
  });
});
