import { readPlan, type Plan } from '../settings/index.js';
import { anyPlan } from './plans.js';

/** A plan in which every field of the format is set. */
export const wholePlan = anyPlan.map((plan) => {
  const read = readPlan({
    ...JSON.parse(JSON.stringify(plan)),
    site: { timeZone: 'America/Denver', latitude: 40, longitude: -105, supplyLpm: 60 },
    timer: { ...plan.timer, name: 'Wall timer', cycleSoak: { policy: 'in-order' } },
    controller: {
      ...plan.controller,
      pauses: [{ from: '2026-06-03T00:00:00', to: '2026-06-05T00:00:00' }],
      clock: { timerReads: '2026-06-01T20:52:00', trueTime: '2026-06-01T08:52:00' },
    },
    stations: plan.stations.map((station) => ({
      ...station,
      name: `Of ${station.number}`,
      flowLpm: 9.5,
      pump: true,
      head: 'spray',
      plant: 'turf',
      cycleSeconds: 300,
      soakSeconds: 600,
      runoffSeconds: 400,
      minSoakSeconds: 60,
    })),
    rules: {
      weekdays: [1, 4],
      dateParity: 'odd',
      noWater: [{ from: '10:00', to: '18:00' }],
      mowingWeekdays: [5],
      finishBy: '06:00',
      exempt: ['drip'],
      headroomPercent: 130,
      periods: [
        {
          from: '2026-05-01',
          to: '2026-09-30',
          weekdays: [2, 5],
          dateParity: 'even',
          noWater: [{ from: '09:00', to: '19:00' }],
          finishBy: '05:30',
          exempt: ['drip', 'bubbler'],
        },
        { from: '2026-10-01', to: '2026-10-31' },
      ],
    },
    weather: { rain: [{ from: '2026-06-03T00:00:00', to: '2026-06-04T00:00:00' }] },
  });
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
});

type Path = readonly (string | number)[];

/** The place of every value in a document that holds no others. */
export function leavesOf(value: unknown, at: Path = []): Path[] {
  if (typeof value !== 'object' || value === null) return [at];
  return Object.entries(value).flatMap(([key, inner]) =>
    leavesOf(inner, [...at, Array.isArray(value) ? Number(key) : key]),
  );
}

/** The same document with another value at one place. */
export function changedAt(value: unknown, [key, ...rest]: Path): unknown {
  if (key === undefined) return otherThan(value);
  if (Array.isArray(value))
    return value.map((entry, index) => (index === key ? changedAt(entry, rest) : entry));
  const fields = value as Record<string, unknown>;
  return { ...fields, [key]: changedAt(fields[key], rest) };
}

function otherThan(value: unknown): unknown {
  if (typeof value === 'boolean') return !value;
  if (typeof value === 'number') return value + 1;
  if (typeof value === 'string')
    return /^\d{4}-/.test(value) ? value.replace(/^\d{4}/, '2031') : `${value}~`;
  return { policy: 'ready-first' };
}

/** As it is written in a file. */
export const plain = (plan: Plan): unknown => JSON.parse(JSON.stringify(plan));
