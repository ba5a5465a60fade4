import { parseDate } from '@water-clock/core/civil-time';
import { simulate } from '@water-clock/core/engine';
import { readPlan } from '@water-clock/core/settings';
import rrule from 'rrule';
import { median, quantile, timed } from './statistics.mjs';

const minutes = (count) => count * 60;

/** A 12-station, 3-program home with cycle-and-soak. */
const read = readPlan({
  format: 'waterclock.plan/2',
  timer: { cycleSoak: { policy: 'in-order' } },
  controller: { stationDelaySeconds: 5 },
  stations: Array.from({ length: 12 }, (_, index) => ({
    number: index + 1,
    ...(index < 6 && { cycleSeconds: minutes(6), soakSeconds: minutes(30) }),
  })),
  programs: [
    {
      id: 'A',
      starts: ['01:30'],
      days: { mode: 'weekdays', weekdays: [1, 3, 5, 7] },
      runs: [1, 2, 3, 4, 5, 6].map((station) => ({ station, seconds: minutes(15) })),
    },
    {
      id: 'B',
      starts: ['04:30'],
      days: { mode: 'interval', everyDays: 3, anchor: '2026-01-02' },
      runs: [7, 8, 9].map((station) => ({ station, seconds: minutes(30) })),
    },
    {
      id: 'C',
      starts: ['06:30', '20:00'],
      days: { mode: 'odd' },
      runs: [10, 11, 12].map((station) => ({ station, seconds: minutes(10) })),
    },
  ],
});

const year = { from: parseDate('2026-01-01'), days: 365 };

const { RRule } = rrule;
const until = new Date(Date.UTC(2026, 11, 31, 23, 59, 59));
const at = (day, hour, minute) => new Date(Date.UTC(2026, 0, day, hour, minute));
const bymonthday = Array.from({ length: 16 }, (_, index) => 2 * index + 1);

/** The same start times as recurrence rules, new each time: a rule keeps what it has expanded. */
const rules = () =>
  [
    {
      freq: RRule.WEEKLY,
      byweekday: [RRule.MO, RRule.WE, RRule.FR, RRule.SU],
      dtstart: at(1, 1, 30),
    },
    { freq: RRule.DAILY, interval: 3, dtstart: at(2, 4, 30) },
    { freq: RRule.MONTHLY, bymonthday, dtstart: at(1, 6, 30) },
    { freq: RRule.MONTHLY, bymonthday, dtstart: at(1, 20, 0) },
  ].map((fields) => new RRule({ ...fields, until }));

const expand = () => rules().flatMap((rule) => rule.all());

/** Throws where both do not speak of the same start times: then the comparison would be void. */
function assertSameStarts(simulation) {
  const ours = simulation.nominal.map(({ nominal }) => nominal).sort((a, b) => a - b);
  const theirs = expand().map((date) => date.getTime() / 1000);
  theirs.sort((a, b) => a - b);
  if (ours.join() !== theirs.join()) throw new Error('the rules are not those of the programs');
}

/** A year of a home: simulated whole, and beside it its start times expanded by a package. */
export function yearOfAHome() {
  assertSameStarts(simulate(read.value, year));
  const times = [];
  const expanding = [];
  // By turns, so that both meet the same noise of the machine.
  for (let round = 0; round < 5; round++) {
    times.push(...timed(() => simulate(read.value, year), { times: 60 }));
    expanding.push(...timed(expand, { times: 60 }));
  }
  const ratios = times.map((time, index) => time / expanding[index]);
  const spreadOf = (values) => [quantile(values, 0.05), quantile(values, 0.95)];
  return [
    {
      name: 'simulate a year, 12 stations, 3 programs, cycle-and-soak',
      median: median(times),
      spread: spreadOf(times),
      unit: 'ms',
      goal: 5,
    },
    {
      name: 'the same, against rrule that merely expands the start times',
      median: median(times) / median(expanding),
      spread: spreadOf(ratios),
      unit: 'times its time',
      goal: 1,
    },
  ];
}
