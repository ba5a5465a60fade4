import fc from 'fast-check';
import {
  addDays,
  addSeconds,
  civilDateOf,
  dayOf,
  formatDate,
  parseDate,
  parseTimeOfDay,
  secondOfDay,
  weekdayOf,
  type DayNumber,
  type TimerSeconds,
} from '../civil-time/index.js';
import { simulate } from '../engine/index.js';
import { HEADS, type Plan } from '../settings/index.js';
import { homeOf } from '../testing/homes.js';
import { runs } from '../testing/runs.js';
import { check, type FindingCode } from './index.js';

/** A Monday. */
const FROM = parseDate('2026-06-01')!;

const ofCode = (plan: Plan, code: FindingCode) =>
  check(plan, FROM).filter((finding) => finding.code === code);

describe('a rule that comes', () => {
  const july = (rules: object) => ({ from: '2026-07-01', to: '2026-09-30', ...rules });

  it('is told with the date from which it holds', () => {
    const [day] = ofCode(homeOf({ rules: { periods: [july({ weekdays: [2] })] } }), 'rule-day');
    expect(day!.message).toBe(
      'From Wed 1 July other rules hold: station 1 (Front lawn) waters in program A on Sat 4 July from 04:00 to 04:10: a day on which the local rules allow no watering.',
    );
    expect(day!.fix).toContain('Water only on Tue;');
    const noWater = [{ from: '03:00', to: '04:05' }];
    const [hours] = ofCode(homeOf({ rules: { periods: [july({ noWater })] } }), 'rule-hours');
    expect(hours).toMatchObject({ station: 1, first: '2026-07-04T04:00:00' });
    expect(hours!.message).toMatch(/^From Wed 1 July other rules hold: station 1 /);
    const [late] = ofCode(
      homeOf({ rules: { periods: [july({ finishBy: '04:10' })] } }),
      'late-finish',
    );
    expect(late).toMatchObject({ program: 'A', first: '2026-07-04T04:00:00' });
    expect(late!.message).toMatch(/^From Wed 1 July other rules hold: program A, begun at 04:00 /);
  });

  it('is no news where it holds already, nor where the outer rules come back', () => {
    const since = homeOf({
      rules: { periods: [{ from: '2026-05-01', to: '2026-09-30', weekdays: [2] }] },
    });
    expect(ofCode(since, 'rule-day')[0]!.message).toMatch(/^Station 1 /);
    const back = homeOf({
      rules: { weekdays: [2], periods: [{ from: '2026-05-01', to: '2026-06-10' }] },
    });
    expect(ofCode(back, 'rule-day')[0]).toMatchObject({ first: '2026-06-13T04:00:00' });
    expect(ofCode(back, 'rule-day')[0]!.message).toMatch(/^From Thu 11 June other rules hold: /);
  });

  it('does not ask on its dates what is asked on the others', () => {
    const free = [{ from: '2026-01-01', to: '2026-12-31' }];
    const strict = { weekdays: [1], noWater: [{ from: '03:00', to: '05:00' }], finishBy: '03:00' };
    for (const code of ['rule-day', 'rule-hours', 'late-finish'] as const) {
      expect(ofCode(homeOf({ rules: strict }), code)).not.toEqual([]);
      expect(ofCode(homeOf({ rules: { ...strict, periods: free } }), code)).toEqual([]);
    }
  });
});

it('a night goes by the rules of the date on which it ends', () => {
  const night = (periods: object[]) =>
    ofCode(homeOf({ a: { starts: ['23:50'] }, rules: { periods } }), 'late-finish').map(
      ({ first }) => first,
    );
  const day = (date: string) => [{ from: date, to: date, finishBy: '00:05' }];
  expect(night(day('2026-06-03'))).toEqual(['2026-06-02T23:50:00']);
  expect(night(day('2026-06-02'))).toEqual([]);
});

const time = fc
  .integer({ min: 0, max: 95 })
  .map(
    (quarter) =>
      `${String(quarter >> 2).padStart(2, '0')}:${String((quarter % 4) * 15).padStart(2, '0')}`,
  );
const weekdays = fc.uniqueArray(fc.integer({ min: 1, max: 7 }), { minLength: 3 });
const rulesOfDates = {
  weekdays: fc.option(weekdays, { nil: undefined }),
  dateParity: fc.constantFrom(undefined, undefined, 'odd', 'even'),
  noWater: fc.array(fc.record({ from: time, to: time, weekdays }), { maxLength: 1 }),
  exempt: fc.subarray(['drip', 'rotor']),
};
const period = fc
  .record({
    begin: fc.integer({ min: -10, max: 70 }),
    length: fc.integer({ min: 0, max: 30 }),
    rules: fc.record(rulesOfDates),
  })
  .map(({ begin, length, rules }) => ({
    from: formatDate(addDays(FROM, begin)),
    to: formatDate(addDays(FROM, begin + length)),
    ...rules,
  }));

const home = fc
  .record({
    outer: fc.record(rulesOfDates),
    periods: fc.array(period, { maxLength: 3 }),
    heads: fc.tuple(fc.constantFrom(...HEADS), fc.constantFrom(...HEADS)),
    start: time,
    days: fc.record({ mode: fc.constant('weekdays'), weekdays }),
  })
  .map(({ outer, periods, heads, start, days }) =>
    homeOf({
      rules: { ...outer, periods },
      one: { head: heads[0] },
      two: { head: heads[1] },
      a: {
        starts: [start],
        days,
        runs: [
          { station: 1, seconds: 900 },
          { station: 2, seconds: 2700 },
        ],
      },
    }),
  );

/** What the contract says, asked of every minute of water by itself. */
class MinuteByMinute {
  constructor(private readonly plan: Plan) {}

  private rulesOf(day: DayNumber) {
    const rules = this.plan.rules!;
    const holding = rules.periods!.filter(
      ({ from, to }) => parseDate(from)! <= day && day <= parseDate(to)!,
    );
    return holding.at(-1) ?? rules;
  }

  private isSpared(station: number, day: DayNumber): boolean {
    const { head } = this.plan.stations.find(({ number }) => number === station)!;
    return this.rulesOf(day).exempt.includes(head!);
  }

  isOnForbiddenDay(station: number, moment: TimerSeconds): boolean {
    const day = dayOf(moment);
    const { weekdays: allowed, dateParity } = this.rulesOf(day);
    const isOdd = civilDateOf(day).day % 2 === 1;
    const isBad =
      allowed?.includes(weekdayOf(day)) === false ||
      (dateParity !== undefined && (dateParity === 'odd') !== isOdd);
    return isBad && !this.isSpared(station, day);
  }

  isInForbiddenHours(station: number, moment: TimerSeconds): boolean {
    return [0, -1].some((offset) => {
      const day = addDays(dayOf(moment), offset);
      const second = secondOfDay(moment) - offset * 86_400;
      return (
        !this.isSpared(station, day) &&
        this.rulesOf(day).noWater.some(({ from, to, weekdays: on }) => {
          const begin = parseTimeOfDay(from)! * 60;
          const end = parseTimeOfDay(to)! * 60;
          const last = end > begin ? end : end + 86_400;
          return on.includes(weekdayOf(day)) && begin <= second && second < last;
        })
      );
    });
  }
}

it('says of random rules what every minute of water says by itself', () => {
  let found = 0;
  fc.assert(
    fc.property(home, (plan) => {
      const truth = new MinuteByMinute(plan);
      const { pieces } = simulate(plan, { from: FROM, days: 60 });
      const stationsWhere = (isBad: (station: number, moment: TimerSeconds) => boolean) =>
        [1, 2].filter((station) =>
          pieces.some((piece) => {
            if (piece.station !== station) return false;
            for (let moment = piece.from; moment < piece.to; moment = addSeconds(moment, 60))
              if (isBad(station, moment)) return true;
            return false;
          }),
        );
      const told = (code: FindingCode) => ofCode(plan, code).map(({ station }) => station);
      const days = stationsWhere((station, moment) => truth.isOnForbiddenDay(station, moment));
      const hours = stationsWhere((station, moment) => truth.isInForbiddenHours(station, moment));
      expect(told('rule-day')).toEqual(days);
      expect(told('rule-hours')).toEqual(hours);
      found += days.length + hours.length;
    }),
    runs(60, 1000),
  );
  expect(found).toBeGreaterThan(10);
});
