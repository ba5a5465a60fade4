import { inClock } from '@water-clock/core/words';
import { hourLabel } from './clock-style';
import { parseClock } from './lengths';
import { momentWords } from './moment-words';

it('turns the times of a sentence into twelve hours, noon and midnight by name', () => {
  const say = (text: string) => inClock(text, '12');
  expect(say('Tue 9 June, 03:45, 25 min')).toBe('Tue 9 June, 3:45 AM, 25 min');
  expect(say('waits until 16:04:30')).toBe('waits until 4:04:30 PM');
  expect(say('from 00:00 to 12:00')).toBe('from 12:00 midnight to 12:00 noon');
  expect(say('00:30 and 12:30')).toBe('12:30 AM and 12:30 PM');
  expect(say('1 h 05 min, 110 %, station 24')).toBe('1 h 05 min, 110 %, station 24');
  expect(inClock('at 16:04', '24')).toBe('at 16:04');
  const halves = { beforeNoon: 'a.', afterNoon: 'b.', noon: 'c.', midnight: 'd.' };
  expect(inClock('00:00, 04:00, 12:00, 16:00', '12', halves)).toBe(
    '12:00 d., 4:00 a., 12:00 c., 4:00 b.',
  );
});

it('what it shows can be typed again', () => {
  for (const time of ['00:00', '00:15', '11:59', '12:00', '12:01', '23:45'])
    expect(parseClock(inClock(time, '12'))).toBe(time);
});

it('labels the hours of an axis', () => {
  expect([0, 4, 12, 20, 24].map((hour) => hourLabel(hour, '24'))).toEqual([
    '00',
    '04',
    '12',
    '20',
    '00',
  ]);
  expect([0, 4, 12, 20].map((hour) => hourLabel(hour, '12'))).toEqual([
    'midnight',
    '4 AM',
    'noon',
    '8 PM',
  ]);
});

it('a moment that was saved reads on the clock of its reader as every other time does', () => {
  const saved = '2026-06-09T14:05:30Z';
  expect(momentWords(saved, '24')).toBe('Tue 9 June 2026, 14:05');
  expect(momentWords(saved, '12')).toBe('Tue 9 June 2026, 2:05 PM');
  expect(momentWords('2026-06-09T12:00:00Z', '12')).toBe('Tue 9 June 2026, 12:00 noon');
});
