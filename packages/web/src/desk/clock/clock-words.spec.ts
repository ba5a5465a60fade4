import { parseDate } from '@water-clock/core/civil-time';
import { clockErrorWords } from './clock-error-words';
import { changesAhead, changeWords } from './clock-words';

it('says by how much a clock is off, and which way', () => {
  expect(clockErrorWords(0)).toBe('right');
  expect(clockErrorWords(12 * 3600)).toBe('12 h ahead');
  expect(clockErrorWords(-(7 * 24 + 1) * 3600)).toBe('7 days and 1 h behind');
});

it('names the changes of summer time in the year ahead with their dates', () => {
  const from = parseDate('2026-06-01')!;
  expect(changesAhead('America/Denver', from).map(changeWords)).toEqual([
    'Sun 1 Nov, 02:00: clocks go back 1 h',
    'Sun 14 Mar, 02:00: clocks go forward 1 h',
  ]);
  expect(changesAhead('America/Phoenix', from)).toEqual([]);
});
