import { formatDate, parseDate } from '@water-clock/core/civil-time';
import { daysOf } from './days-of';

const texts = (span: 'week' | 'month', at: string) => daysOf(span, parseDate(at)!).map(formatDate);

it('a week begins on its Monday, a month has all weeks that it is in', () => {
  expect(texts('week', '2026-12-06')).toEqual([
    ...['2026-11-30', '2026-12-01', '2026-12-02', '2026-12-03', '2026-12-04'],
    ...['2026-12-05', '2026-12-06'],
  ]);
  const month = texts('month', '2026-12-06');
  expect([month[0], month.at(-1), month.length]).toEqual(['2026-11-30', '2027-01-03', 35]);
});
