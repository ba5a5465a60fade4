import { readPlan, type Plan } from '@water-clock/core/settings';

/** A two-program plan whose B meets A, with some fields changed. */
export function testPlan(fields: Record<string, unknown> = {}): Plan {
  const read = readPlan({
    format: 'waterclock.plan/2',
    timer: {},
    stations: [{ number: 1, name: 'Kerb strip' }, { number: 2 }, { number: 3 }],
    programs: [
      {
        id: 'A',
        starts: ['03:30'],
        days: { mode: 'weekdays', weekdays: [1, 4] },
        runs: [
          { station: 1, seconds: 1200 },
          { station: 2, seconds: 1800 },
        ],
      },
      {
        id: 'B',
        starts: ['04:00'],
        days: { mode: 'weekdays', weekdays: [4] },
        runs: [{ station: 3, seconds: 2400 }],
      },
    ],
    ...fields,
  });
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
}
