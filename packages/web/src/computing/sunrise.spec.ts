import { addDays, dayNumberOf, type DayNumber } from '@water-clock/core/civil-time';
import { earliestSunrise, sunriseSecondOfDay } from './sunrise';

const HOUR = 3600;
const day = (month: number, date: number): DayNumber =>
  dayNumberOf({ year: 2026, month, day: date });

/** How far a sunrise is from a time of day, in minutes. */
const minutesFrom = (hours: number, second: number | null) => Math.abs(second! / 60 - hours * 60);

it('is about six by the sun everywhere when day and night are alike, shown by the clock of the zone', () => {
  const equinox = day(3, 20);
  expect(minutesFrom(6, sunriseSecondOfDay(equinox, 0, 0, 'UTC'))).toBeLessThan(12);
  expect(minutesFrom(6, sunriseSecondOfDay(equinox, 45, -90, 'Etc/GMT+6'))).toBeLessThan(12);
  expect(minutesFrom(6, sunriseSecondOfDay(equinox, -45, 90, 'Etc/GMT-6'))).toBeLessThan(12);
  // The same moment on a clock that is two hours ahead.
  expect(minutesFrom(8, sunriseSecondOfDay(equinox, 0, 0, 'Etc/GMT-2'))).toBeLessThan(12);
});

it('is of the date asked for, also where the zone is half a day away from UTC', () => {
  // Midsummer in the south: early, and an hour later by summer time.
  const second = sunriseSecondOfDay(day(1, 1), -37, 175, 'Pacific/Auckland');
  expect(second! / HOUR).toBeGreaterThan(5.5);
  expect(second! / HOUR).toBeLessThan(6.5);
});

it('is early in summer, late in winter, the other way round in the south', () => {
  const [june, december] = [day(6, 21), day(12, 21)];
  const north = (date: DayNumber) => sunriseSecondOfDay(date, 40, 0, 'UTC')!;
  const south = (date: DayNumber) => sunriseSecondOfDay(date, -40, 0, 'UTC')!;
  expect(north(june)).toBeLessThan(north(december) - 2 * HOUR);
  expect(south(december)).toBeLessThan(south(june) - 2 * HOUR);
});

it('is none where the sun stays up, or down', () => {
  expect(sunriseSecondOfDay(day(6, 21), 80, 0, 'UTC')).toBeNull();
  expect(sunriseSecondOfDay(day(12, 21), 80, 0, 'UTC')).toBeNull();
});

describe('the earliest of a year', () => {
  const site = { latitude: 40, longitude: 0, timeZone: 'UTC' };

  it('is on five minutes, and no sunrise of any week is before it', () => {
    const time = earliestSunrise(day(1, 5), site)!;
    const [hours, minutes] = time.split(':').map(Number);
    const earliest = (hours! * 60 + minutes!) * 60;
    expect(minutes! % 5).toBe(0);
    const weeks = Array.from({ length: 52 }, (_, week) =>
      sunriseSecondOfDay(addDays(day(1, 5), week * 7), 40, 0, 'UTC')!,
    );
    expect(Math.min(...weeks)).toBeGreaterThanOrEqual(earliest);
    expect(Math.min(...weeks)).toBeLessThan(earliest + 300);
  });

  it('is not known without a place, and leaves out the dates that have no sunrise', () => {
    expect(earliestSunrise(day(1, 5), undefined)).toBeNull();
    expect(earliestSunrise(day(1, 5), { latitude: 40, longitude: 0 })).toBeNull();
    expect(earliestSunrise(day(1, 5), { timeZone: 'UTC', latitude: 40 })).toBeNull();
    expect(earliestSunrise(day(1, 5), { ...site, latitude: 80 })).toMatch(/^\d\d:\d[05]$/);
    expect(earliestSunrise(day(1, 5), { ...site, latitude: 90 })).toBeNull();
  });
});
