import { formatDate, addDays, parseDate } from '../civil-time/index.js';
import { seasonAhead } from './season-ahead.js';

const ahead = (latitude: number, today: string): string => {
  const { from, days } = seasonAhead(latitude, parseDate(today)!);
  return `${formatDate(from)} to ${formatDate(addDays(from, days - 1))}`;
};

it.each([
  [40, '2026-01-10', '2026-04-01 to 2026-09-30'],
  [40, '2026-06-15', '2026-06-15 to 2026-09-30'],
  [40, '2026-09-01', '2026-09-01 to 2026-09-30'],
  [40, '2026-09-02', '2027-04-01 to 2027-09-30'],
  [40, '2026-11-28', '2027-04-01 to 2027-09-30'],
  [-35, '2026-02-10', '2026-02-10 to 2026-03-31'],
  [-35, '2026-06-15', '2026-10-01 to 2027-03-31'],
  [-35, '2026-11-28', '2026-11-28 to 2027-03-31'],
  [-35, '2028-03-20', '2028-10-01 to 2029-03-31'],
])('at latitude %d on %s it is from %s', (latitude, today, expected) => {
  expect(ahead(latitude, today)).toBe(expected);
});
