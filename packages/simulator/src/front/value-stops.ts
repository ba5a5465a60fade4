import {
  addDays,
  asMinuteOfDay,
  dayOf,
  formatDateTime,
  formatTimeOfDay,
  MINUTES_PER_DAY,
  parseDateTime,
  parseTimeOfDay,
  startOfDay,
} from '@water-clock/core/civil-time';
import { valueWords, type KeyInPlace, type KeyInValue } from '@water-clock/core/key-in';
import type { DailyHours, Plan } from '@water-clock/core/settings';
import { isOdd, lengthRing, numberRing, stepOn, toggled, turned } from './ring.js';
import type { Asks, Held, Stop } from './stop.js';

const DELAY_STEP_SECONDS = 1;
const A_MINUTE = 60;
/** No timer takes a longer cycle or soak than two hours, nor more precisely than to the minute. */
const LONGEST_CYCLE_SECONDS = 7200;
const LAST_MONTH_DAY = 31;
const MOST_WINDOWS = 2;
const ALL_WEEK = [1, 2, 3, 4, 5, 6, 7];

type ValueOf<Type extends KeyInValue['type']> = Extract<KeyInValue, { type: Type }>;

/** The value of a place, one step at a time; a list of stations or days one by one. */
export function stopsOf(plan: Plan, place: KeyInPlace, asks: Asks): Stop[] {
  const value = place.read(plan);
  switch (value.type) {
    case 'length':
      return [
        changing(
          place,
          ({ seconds }: ValueOf<'length'>, steps) => {
            const ring = ringOf(plan, place);
            return { type: 'length', seconds: stepOn(ring, seconds, steps) };
          },
          value,
        ),
      ];
    case 'percent':
      return [
        changing(
          place,
          ({ percent }: ValueOf<'percent'>, steps) => ({
            type: 'percent',
            percent: stepOn(percentRing(plan), percent, steps),
          }),
          value,
        ),
      ];
    case 'count':
      return [
        changing(
          place,
          ({ count }: ValueOf<'count'>, steps) => ({
            type: 'count',
            count: stepOn(numberRing(1, plan.timer.maxConcurrentStations), count, steps),
          }),
          value,
        ),
      ];
    case 'choice':
      return [
        changing(
          place,
          (now: ValueOf<'choice'>, steps) => ({
            ...now,
            isOn: now.isOn !== isOdd(steps),
          }),
          value,
        ),
      ];
    case 'stations':
      return plan.stations.map(({ number }) => stationStop(place, number));
    case 'month-days':
      return Array.from({ length: LAST_MONTH_DAY }, (_, index) => monthDayStop(place, index + 1));
    case 'hours':
      return Array.from({ length: Math.max(MOST_WINDOWS, value.hours.length) }, (_, index) =>
        windowStops(place, index, value.areDry),
      ).flat();
    case 'holds':
      return asks.longestHoldDays > 0 ? [holdStop(place, asks)] : [];
    // Starts and days are asked for in their own way.
    case 'time':
    case 'days':
    case 'weekdays':
      return [];
  }
}

const stopOf = ({ key, part, program, station, what }: KeyInPlace) => ({
  ...{ key, part, what },
  ...(program !== undefined && { program }),
  ...(station !== undefined && { station }),
});

const put = (held: Held, place: KeyInPlace, value: KeyInValue): Held => ({
  ...held,
  plan: place.write?.(held.plan, value) ?? held.plan,
});

/** `like` gives the type of the place's value, which stays the same. */
const changing = <Value extends KeyInValue>(
  place: KeyInPlace,
  change: (value: Value, steps: number) => KeyInValue,
  like: Value,
): Stop => ({
  ...stopOf(place),
  shows: ({ plan }) => valueWords(place.read(plan)),
  turn: (held, steps) => {
    const value = place.read(held.plan);
    return isLike(value, like) ? put(held, place, change(value, steps)) : held;
  },
});

const isLike = <Value extends KeyInValue>(value: KeyInValue, like: Value): value is Value =>
  value.type === like.type;

function ringOf({ timer }: Plan, { part, key }: KeyInPlace) {
  const { minSeconds, maxSeconds, stepSeconds } = timer.runTime;
  if (part === 'run-times') return lengthRing(minSeconds, maxSeconds, stepSeconds);
  return key === 'station delay'
    ? lengthRing(0, timer.maxStationDelaySeconds, DELAY_STEP_SECONDS)
    : lengthRing(A_MINUTE, LONGEST_CYCLE_SECONDS, A_MINUTE);
}

function percentRing({ timer: { season } }: Plan) {
  return season
    ? numberRing(season.minPercent, season.maxPercent, season.stepPercent)
    : numberRing(0, 0);
}

function stationStop(place: KeyInPlace, station: number): Stop {
  const isOne = (plan: Plan) => {
    const value = place.read(plan);
    return value.type === 'stations' && value.stations.includes(station);
  };
  return {
    ...{ ...stopOf(place), key: `${place.key} ${station}`, station },
    shows: ({ plan }) => (isOne(plan) ? 'yes' : 'no'),
    turn: (held, steps) => {
      const value = place.read(held.plan);
      if (value.type !== 'stations' || !isOdd(steps)) return held;
      return put(held, place, { ...value, stations: toggled(value.stations, station) });
    },
  };
}

const monthDayStop = (place: KeyInPlace, day: number): Stop => ({
  ...{ ...stopOf(place), key: `${place.key} ${day}`, what: `Never on the ${day}.` },
  shows: ({ plan }) => {
    const value = place.read(plan);
    return value.type === 'month-days' && value.monthDays.includes(day) ? 'never' : 'as the rest';
  },
  turn: (held, steps) => {
    const value = place.read(held.plan);
    if (value.type !== 'month-days' || !isOdd(steps)) return held;
    return put(held, place, { ...value, monthDays: toggled(value.monthDays, day) });
  },
});

/** A window of hours: when it begins, off in between, and when it ends. */
function windowStops(place: KeyInPlace, index: number, areDry: boolean): Stop[] {
  const hoursOf = (plan: Plan): readonly DailyHours[] => {
    const value = place.read(plan);
    return value.type === 'hours' ? value.hours : [];
  };
  const name = `${areDry ? 'No water' : 'Own hours'} ${index + 1}`;
  const withHours = (held: Held, hours: readonly DailyHours[]): Held =>
    put(held, place, { type: 'hours', hours, areDry });
  return [
    {
      ...{ ...stopOf(place), key: `${place.key} ${index} from`, what: `${name}, from` },
      shows: ({ plan }) => hoursOf(plan)[index]?.from ?? 'off',
      turn: (held, steps) => {
        const hours = hoursOf(held.plan);
        const minute = hours[index] ? parseTimeOfDay(hours[index].from)! + 1 : 0;
        const next = turned(minute, steps, MINUTES_PER_DAY + 1);
        if (next === 0)
          return withHours(
            held,
            hours.filter((_, at) => at !== index),
          );
        const from = formatTimeOfDay(asMinuteOfDay(next - 1));
        const changed = hours[index]
          ? { ...hours[index], from }
          : { from, to: from, weekdays: ALL_WEEK };
        return withHours(held, [...hours.slice(0, index), changed, ...hours.slice(index + 1)]);
      },
    },
    {
      ...{ ...stopOf(place), key: `${place.key} ${index} to`, what: `${name}, to` },
      shows: ({ plan }) => hoursOf(plan)[index]?.to ?? 'off',
      turn: (held, steps) => {
        const hours = hoursOf(held.plan);
        if (!hours[index]) return held;
        const minute = turned(parseTimeOfDay(hours[index].to)!, steps, MINUTES_PER_DAY);
        const changed = { ...hours[index], to: formatTimeOfDay(asMinuteOfDay(minute)) };
        return withHours(
          held,
          hours.map((old, at) => (at === index ? changed : old)),
        );
      },
    },
  ];
}

/** Days for which nothing begins, from now on. */
const holdStop = (place: KeyInPlace, { longestHoldDays }: Asks): Stop => {
  const daysOf = ({ plan, now }: Held): number => {
    const value = place.read(plan);
    const last =
      value.type === 'holds' ? value.holds.find(({ to }) => to > formatDateTime(now)) : undefined;
    return last ? Math.max(1, dayOf(parseDateTime(last.to)!) - dayOf(now)) : 0;
  };
  return {
    ...{ ...stopOf(place), what: 'Hold, days' },
    shows: (held) => (daysOf(held) === 0 ? 'off' : String(daysOf(held))),
    turn: (held, steps) => {
      const days = turned(Math.min(daysOf(held), longestHoldDays), steps, longestHoldDays + 1);
      const to = formatDateTime(startOfDay(addDays(dayOf(held.now), days)));
      const holds = days === 0 ? [] : [{ from: formatDateTime(held.now), to }];
      return put(held, place, { type: 'holds', holds });
    },
  };
};
