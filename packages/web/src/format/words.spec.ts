import fc from 'fast-check';
import { parseDate, parseDateTime } from '@water-clock/core/civil-time';
import {
  clockTime,
  dateAndTime,
  daysLong,
  daysShort,
  lengthInWords,
} from '@water-clock/core/words';
import { hoursText, minutesText, parseClock, parseExactClock, parseLength } from './lengths';
import { todayHere } from './today';

it('reads lengths as people type them, and nothing else', () => {
  const good: [string, number][] = [
    ['15', 900],
    [' 15 min ', 900],
    ['2m30', 150],
    ['12 min 30 s', 750],
    ['2m5', 125],
    ['90s', 90],
    ['1h', 3600],
    ['1 h 20 min', 4800],
    ['1 h 05', 3900],
    ['1:05', 3900],
    ['1:00', 3600],
    ['1 h 05 min 10 s', 3910],
    ['65', 3900],
    ['0', 0],
  ];
  for (const [text, seconds] of good) expect([text, parseLength(text)]).toEqual([text, seconds]);
  for (const text of ['', ' ', '-', '·']) expect([text, parseLength(text)]).toEqual([text, null]);
  for (const text of [
    'x',
    '2:60',
    '-5',
    '1.5',
    '7.5',
    '2530:00',
    '1h0510',
    '2m60',
    '15 apples',
    '99999',
  ])
    expect([text, parseLength(text)]).toEqual([text, undefined]);
});

it('writes a length so that it is read back as it was', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 604_800 }), (seconds) => {
      expect(parseLength(minutesText(seconds))).toBe(seconds);
      expect(parseLength(lengthInWords(seconds))).toBe(seconds);
    }),
  );
  // A total is written as hours and minutes, and is read as such.
  for (const seconds of [0, 2100, 11_100]) expect(parseLength(hoursText(seconds))).toBe(seconds);
});

it('reads times of day with and without am and pm', () => {
  const good: [string, string][] = [
    ['0330', '03:30'],
    ['3:30', '03:30'],
    ['330p', '15:30'],
    ['3:30 PM', '15:30'],
    ['12 am', '00:00'],
    ['12pm', '12:00'],
    ['23:59', '23:59'],
    ['7', '07:00'],
  ];
  for (const [text, time] of good) expect([text, parseClock(text)]).toEqual([text, time]);
  expect(parseClock('noon')).toBe('12:00');
  expect(parseClock('12:00 midnight')).toBe('00:00');
  expect(parseClock('off')).toBeNull();
  for (const text of ['24:00', '13pm', '0am', '4:75', 'noonish'])
    expect([text, parseClock(text)]).toEqual([text, undefined]);
});

it('says lengths and totals', () => {
  expect([0, 40, 1080, 3900, 3910].map(lengthInWords)).toEqual([
    '0 min',
    '40 s',
    '18 min',
    '1 h 05 min',
    '1 h 05 min 10 s',
  ]);
  expect(hoursText(11_100)).toBe('3:05');
});

it('says dates and times', () => {
  const moment = parseDateTime('2026-06-09T04:30:25')!;
  expect(dateAndTime(moment)).toBe('Tue 9 June, 04:30:25');
  expect(clockTime(parseDateTime('2026-06-09T00:00:00')!)).toBe('00:00');
  expect(todayHere(new Date(2026, 0, 5, 23, 59))).toBe('2026-01-05');
  expect(parseDate(todayHere(new Date(2026, 0, 5)))!).toBe(20_458);
});

it('says water days, short and in full', () => {
  expect(daysShort({ mode: 'weekdays', weekdays: [7, 2] })).toBe('Tu Su');
  expect(daysShort({ mode: 'weekdays', weekdays: [1, 2, 3, 4, 5, 6, 7] })).toBe('daily');
  expect(daysShort({ mode: 'weekdays', weekdays: [] })).toBe('none');
  const rule = { mode: 'interval' as const, everyDays: 3, anchor: '2026-06-02' };
  expect(daysLong(rule, [6])).toBe('every 3 days, counted from Tue 2 Jun, not on Sat');
  expect(daysLong({ mode: 'odd' }, [])).toBe('on odd days of the month');
});

it('reads times to the second where they are asked for, and refuses seconds where they are not', () => {
  const good: [string, string][] = [
    ['9:14:05 PM', '21:14:05'],
    ['9:14', '09:14:00'],
    ['12:00:00 noon', '12:00:00'],
  ];
  for (const [text, time] of good) expect([text, parseExactClock(text)]).toEqual([text, time]);
  for (const text of ['9:14:60', '9:5:05', '21:14:05 pm', '033015', '12300', 'soon'])
    expect([text, parseExactClock(text)]).toEqual([text, undefined]);
  for (const text of ['9:14:05', '12300', '123000']) expect(parseClock(text)).toBeUndefined();
  expect(parseClock('9:14:00')).toBe('09:14');
});
