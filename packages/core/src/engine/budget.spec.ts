import { parseDate } from '../civil-time/index.js';
import { planOf } from '../testing/plans.js';
import { allDates } from './all-dates/index.js';
import { isTooMuch, TooMuchToWorkOut } from './budget.js';
import { simulate } from './simulate.js';

const FROM = parseDate('2026-06-01')!;
const WEEK_SECONDS = 604_800;

const times = (count: number) =>
  Array.from({ length: count }, (_, index) => {
    const minutes = Math.floor((index * 1440) / count);
    return `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
  });

interface Size {
  readonly programs: number;
  readonly starts: number;
  readonly stations: number;
  readonly seconds: number;
  readonly station?: object;
  readonly program?: object;
  readonly timer?: object;
}

const LABELS = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'];

const sized = ({ programs, starts, stations, seconds, station, program, timer }: Size) =>
  planOf({
    timer: { programs: LABELS.slice(0, programs), stations, ...timer },
    stations: Array.from({ length: stations }, (_, index) => ({ number: index + 1, ...station })),
    programs: LABELS.slice(0, programs).map((id) => ({
      id,
      starts: times(starts),
      days: { mode: 'interval', everyDays: 1, anchor: '2026-06-01' },
      runs: Array.from({ length: stations }, (_, index) => ({ station: index + 1, seconds })),
      ...program,
    })),
  });

const CUT = { cycleSoak: { policy: 'ready-first' } };

it.each<[string, Size, number]>([
  [
    'pieces on many dates',
    {
      ...{ programs: 1, starts: 1, stations: 200, seconds: 400 },
      ...{ station: { cycleSeconds: 4 }, timer: CUT },
    },
    400,
  ],
  [
    'runs that last for weeks, each within hundreds of others',
    { programs: 8, starts: 50, stations: 48, seconds: WEEK_SECONDS },
    60,
  ],
  [
    'stations that look for each other',
    {
      ...{ programs: 1, starts: 1, stations: 200, seconds: 200 },
      station: { cycleSeconds: 2, soakSeconds: 60 },
      program: { concurrent: 200 },
      timer: { ...CUT, maxConcurrentStations: 200 },
    },
    60,
  ],
  [
    'a queue that goes on for thousands of years',
    {
      ...{ programs: 8, starts: 60, stations: 40, seconds: WEEK_SECONDS },
      timer: { overlap: 'queue' },
    },
    60,
  ],
])('%s are too much, and it is said at once', (_, size, days) => {
  const asked = () => simulate(sized(size), { from: FROM, days });
  expect(asked).toThrow(TooMuchToWorkOut);
});

it('starts that may meet on any of hundreds of dates are too much for a proof', () => {
  const intervals = [31, 30, 29, 28, 27, 26, 25, 23, 19, 17];
  const plan = sized({ programs: 10, starts: 24, stations: 48, seconds: WEEK_SECONDS });
  const programs = plan.programs.map((program, index) => ({
    ...program,
    days: {
      mode: 'interval' as const,
      everyDays: intervals[index]!,
      anchor: `2026-06-0${(index % 9) + 1}`,
    },
    blockedWeekdays: [1, 3, 5],
  }));
  expect(() => allDates({ ...plan, programs }, FROM).collisions).toThrow(TooMuchToWorkOut);
});

it('the largest of timers, with all that it can be given, is not', () => {
  const plan = sized({
    ...{ programs: 8, starts: 8, stations: 48, seconds: 1800 },
    station: { cycleSeconds: 300, soakSeconds: 900 },
    timer: { ...CUT, season: {} },
  });
  const { pieces } = simulate(plan, { from: FROM, days: 62 });
  expect(pieces.length).toBeGreaterThan(1_000_000);
  expect(allDates(plan, FROM).collisions.length).toBeGreaterThan(0);
});

it('is known by its name where a worker hands it on without its class', () => {
  const { name, message } = new TooMuchToWorkOut('looks');
  expect(isTooMuch(Object.assign(new Error(message), { name }))).toBe(true);
  expect(isTooMuch(new Error(message))).toBe(false);
  expect(isTooMuch(name)).toBe(false);
});
