import fc from 'fast-check';
import {
  addDays,
  asDayNumber,
  asTimerSeconds,
  civilDateOf,
  dayNumberOf,
  dayOf,
  formatDate,
  formatDateTime,
  formatTimeOfDay,
  parseDate,
  parseDateTime,
  parseTimeOfDay,
  secondOfDay,
  weekdayOf,
} from './index.js';

const day = (text: string) => parseDate(text)!;

describe('dates', () => {
  it('agree with the calendar of the language, over 8,000 years', () => {
    fc.assert(
      fc.property(fc.integer({ min: -700_000, max: 2_900_000 }), (number) => {
        const theirs = new Date(number * 86_400_000);
        const ours = civilDateOf(asDayNumber(number));
        expect(ours).toEqual({
          year: theirs.getUTCFullYear(),
          month: theirs.getUTCMonth() + 1,
          day: theirs.getUTCDate(),
        });
        expect(dayNumberOf(ours)).toBe(number);
        expect(weekdayOf(asDayNumber(number)) % 7).toBe(theirs.getUTCDay());
      }),
    );
  });

  it('are read only when they are in the calendar and written in full', () => {
    expect(formatDate(day('2028-02-29'))).toBe('2028-02-29');
    const wrong = ['2027-02-29', '2100-02-29', '2026-04-31', '2026-13-01', '2026-00-10'];
    for (const text of [...wrong, '2026-6-1', '26-06-01', '2026-06-01 ', '']) {
      expect([text, parseDate(text)]).toEqual([text, null]);
    }
  });

  it('count over the ends of months and leap years', () => {
    expect(formatDate(addDays(day('2028-02-28'), 2))).toBe('2028-03-01');
    expect(formatDate(addDays(day('9999-12-31'), 1))).toBe('10000-01-01');
  });
});

describe('times', () => {
  it('of day are 24-hour, from 00:00 to 23:59', () => {
    expect(parseTimeOfDay('23:59')).toBe(1439);
    expect(formatTimeOfDay(parseTimeOfDay('04:05')!)).toBe('04:05');
    for (const text of ['24:00', '4:05', '04:60', '04:05:00', 'noon'])
      expect([text, parseTimeOfDay(text)]).toEqual([text, null]);
  });

  it('with their date come back as they were written', () => {
    fc.assert(
      fc.property(fc.integer({ min: -60_000_000_000, max: 250_000_000_000 }), (seconds) => {
        const moment = asTimerSeconds(seconds);
        expect(parseDateTime(formatDateTime(moment))).toBe(seconds);
        expect(dayOf(moment) * 86_400 + secondOfDay(moment)).toBe(seconds);
      }),
    );
    expect(parseDateTime('2026-06-01T24:00:00')).toBeNull();
    expect(parseDateTime('2026-06-01 04:00:00')).toBeNull();
  });
});
