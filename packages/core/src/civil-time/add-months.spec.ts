import { addMonths, formatDate, parseDate } from './index.js';

it('goes by whole months, and stops at the end of a shorter one', () => {
  const months: [string, number, string][] = [
    ['2026-01-31', 1, '2026-02-28'],
    ['2028-01-31', 1, '2028-02-29'],
    ['2026-12-15', 1, '2027-01-15'],
    ['2026-01-15', -1, '2025-12-15'],
    ['2026-03-31', -13, '2025-02-28'],
  ];
  for (const [from, count, to] of months)
    expect([from, count, formatDate(addMonths(parseDate(from)!, count))]).toEqual([
      from,
      count,
      to,
    ]);
});
