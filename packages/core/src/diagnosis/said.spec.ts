import { addDays, parseDate } from '../civil-time/index.js';
import { readSaid, type SaidOf } from './said.js';

const MONDAY = parseDate('2026-06-01')!;
const OF: SaidOf = {
  first: MONDAY,
  last: addDays(MONDAY, 6),
  today: addDays(MONDAY, 6),
  stations: [
    { number: 1, name: 'Lawn' },
    { number: 3, name: 'Back lawn' },
    { number: 4, name: '' },
  ],
};

it.each([
  ['Tue 14:10, back lawn, about 15 min', 'watered 2026-06-02T14:10 2026-06-02T14:25 3'],
  [
    'the lawn ran on Tuesday at 2:10 pm for half an hour',
    'watered 2026-06-02T14:10 2026-06-02T14:40 1',
  ],
  ['wed 5 am, station 4', 'watered 2026-06-03T05:00 null 4'],
  ['3 June, 22:50 to 00:20', 'watered 2026-06-03T22:50 2026-06-04T00:20 null'],
  ['June 3 noon - 1 pm', 'watered 2026-06-03T12:00 2026-06-03T13:00 null'],
  ['Thursday nothing', 'dry 2026-06-04T00:00 2026-06-05T00:00 null'],
  ['back lawn never came on, all week', 'dry 2026-06-01T00:00 2026-06-08T00:00 3'],
  ["Sat 5:00–6:00 lawn didn't run", 'dry 2026-06-06T05:00 2026-06-06T06:00 1'],
  ['rain yesterday 3pm until 6pm', 'rain 2026-06-06T15:00 2026-06-06T18:00 null'],
  ['today 12:00 midnight? 1 h 30', null],
  ['Tue 2 June all day, rain', 'rain 2026-06-02T00:00 2026-06-03T00:00 null'],
  ['mon 1 h 30 from midnight', 'watered 2026-06-01T00:00 2026-06-01T01:30 null'],
] as const)('%s', (line, expected) => {
  const read = readSaid(line, OF);
  const short = (time: string | null) => (time === null ? 'null' : time.slice(0, 16));
  const told = read.ok
    ? `${read.value.what} ${short(read.value.from)} ${short(read.value.to)} ${read.value.station}`
    : null;
  expect(told).toBe(expected);
});

it.each([
  ['', 'Say what was seen'],
  ['14:10, lawn', 'On which day?'],
  ['Tue, lawn', 'At what time?'],
  ['Tue 25:10, lawn', 'That is no time of day.'],
  ['Tue 14:10, side lawn', '“side” is not understood'],
  ['Tue 14:10, station 9', '“station 9” is not understood'],
  ['31 June 14:10', 'There is no such date.'],
  ['30 May 14:10', 'Sat 30 May is not among the days that were watched, Mon 1 Jun to Sun 7 Jun.'],
  ['Wed 05:00 dry', 'Until when?'],
  ['last night 2 am, lawn', '“last night” is not understood'],
  ['Mon 2 June 14:10', '2 june is a Tue'],
  ['Tue 14:10 to 14:25, 40 min, lawn', 'Say either until when or how long'],
  ['Tue, lawn dry, 40 min', 'From when on?'],
  ['Tue all week 14:10', 'Say either one day or all week'],
  ['Tue all day 14:10', 'Say either all day or a time'],
])('what is not understood is said, and nothing is dropped: “%s”', (line, trouble) => {
  const read = readSaid(line, OF);
  expect(read.ok ? read.value : read.trouble).toContain(trouble);
});
