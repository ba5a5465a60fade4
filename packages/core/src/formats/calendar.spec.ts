import ICAL from 'ical.js';
import { asDayNumber, parseDate } from '../civil-time/index.js';
import { simulate, simulationReport } from '../engine/index.js';
import { homeOf } from '../testing/homes.js';
import { calendarText } from './index.js';

const FROM = parseDate('2026-10-27')!;
const WEEK = { from: FROM, days: 7 };
const OPTIONS = { madeAt: '2026-05-01T08:00:00Z', identity: 'plum cottage' };
const SITE = { timeZone: 'America/Denver' };

const home = homeOf({
  site: SITE,
  one: {
    name: 'Lawn, front; by the "kerb"\nand the drive, which is a name so long that it must be folded',
  },
  a: { days: { mode: 'interval', everyDays: 1, anchor: '2026-01-01' } },
});

function readBack(text: string) {
  const calendar = new ICAL.Component(ICAL.parse(text) as unknown[]);
  const zone = calendar.getFirstSubcomponent('vtimezone');
  if (zone) ICAL.TimezoneService.register(zone);
  return calendar.getAllSubcomponents('vevent').map((event) => new ICAL.Event(event));
}

it('has one event for each program run, which a parser reads back as it is', () => {
  const events = readBack(calendarText(home, WEEK, OPTIONS));
  const runs = simulate(home, WEEK).runs;
  expect(runs).toHaveLength(7);
  expect(
    events.map(({ startDate, endDate }) => `${startDate.toString()} ${endDate.toString()}`),
  ).toEqual(
    simulationReport(simulate(home, WEEK)).pieces.flatMap(({ station, nominal }) =>
      station === 1 ? [`${nominal} ${nominal.replace('04:00', '04:20')}`] : [],
    ),
  );
  expect(events[0]!.summary).toBe('program A waters');
  expect(events[0]!.description).toContain('1 Lawn, front; by the "kerb"\nand the drive');
  expect(events[0]!.description).toMatch(
    /be folded: 10 min, from 04:00\n2 Fig tree: 10 min, from 04:10$/,
  );
});

it('is in the zone of the home, over a change of its clocks', () => {
  const events = readBack(calendarText(home, WEEK, OPTIONS));
  const utc = (index: number) => events[index]!.startDate.toJSDate().toISOString();
  // Clocks go back on Sunday 1 November: 04:00 is 10:00 UTC before, 11:00 UTC after.
  expect(
    calendarText(home, WEEK, OPTIONS).match(/BEGIN:(DAYLIGHT|STANDARD)\r\nDTSTART:.*/g),
  ).toEqual([
    'BEGIN:DAYLIGHT\r\nDTSTART:20260308T020000',
    'BEGIN:STANDARD\r\nDTSTART:20261101T020000',
  ]);
  expect([utc(4), utc(5)]).toEqual(['2026-10-31T10:00:00.000Z', '2026-11-01T11:00:00.000Z']);
});

it('has local times where the zone is not known, and true time where the clock is wrong', () => {
  const clock = { timerReads: '2026-06-01T20:52:00', trueTime: '2026-06-01T08:52:00' };
  const text = calendarText(homeOf({ controller: { clock } }), WEEK, {
    ...OPTIONS,
    moveBackSeconds: 43_200,
  });
  expect(text).not.toContain('TZID');
  expect(readBack(text)[0]!.startDate.toString()).toBe('2026-10-26T16:00:00');
});

it('names an event the same each time, and never like another one', () => {
  const uids = (text: string) => readBack(text).map(({ uid }) => uid);
  const first = uids(calendarText(home, WEEK, OPTIONS));
  const later = uids(
    calendarText(
      home,
      { from: asDayNumber(FROM + 3), days: 7 },
      { ...OPTIONS, madeAt: '2026-06-01T00:00:00Z' },
    ),
  );
  expect(new Set(first).size).toBe(7);
  expect(later.slice(0, 4)).toEqual(first.slice(3));
  const moved = homeOf({ a: { starts: ['05:00'] } });
  expect(first).toContain(uids(calendarText(moved, WEEK, OPTIONS))[0]);
});

it('leaves out runs from which all water was taken, and is whole with none', () => {
  const dry = homeOf({
    site: SITE,
    timer: { noWaterWindows: true },
    controller: { noWater: [{ from: '00:00', to: '00:00' }] },
  });
  const text = calendarText(dry, WEEK, OPTIONS);
  expect(readBack(text)).toEqual([]);
  expect(text).toMatch(/^BEGIN:VCALENDAR\r\n(.+\r\n)+END:VCALENDAR\r\n$/);
});

it('keeps lines to 75 bytes, ended as the standard asks', () => {
  const lines = calendarText(home, WEEK, OPTIONS).split('\r\n');
  expect(lines.at(-1)).toBe('');
  for (const line of lines) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
});
