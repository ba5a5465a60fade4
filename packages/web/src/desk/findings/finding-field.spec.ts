import { parseDate } from '@water-clock/core/civil-time';
import { check } from '@water-clock/core/findings';
import { testPlan } from '../../testing/plans';
import { fieldsOf } from './finding-field';

const FROM = parseDate('2026-06-01')!;

/** The first field of each finding of a plan, by code. */
function firstFields(fields: Record<string, unknown> = {}): Record<string, string | undefined> {
  const plan = testPlan(fields);
  return Object.fromEntries(
    check(plan, FROM).map((finding) => [finding.code, fieldsOf(finding, plan)[0]]),
  );
}

it('leads from a collision to the start that comes second', () => {
  expect(firstFields()['collision']).toBe('start 1 of B');
});

it('leads to the field that is wrong, wherever on the desk it is', () => {
  const found = firstFields({
    timer: { stations: 3 },
    stations: [{ number: 1 }, { number: 2 }, { number: 9 }],
    controller: {
      rainSensor: 'bypass',
      off: true,
      season: { mode: 'whole', percent: 130 },
      clock: { timerReads: '2026-06-01T20:00:00', trueTime: '2026-06-01T08:00:00' },
    },
    programs: [
      { id: 'A', starts: ['03:35', '03:40'], runs: [{ station: 1, seconds: 630 }] },
      {
        id: 'B',
        starts: ['22:00', '22:05'],
        days: { mode: 'odd' },
        runs: [
          { station: 1, seconds: 600 },
          { station: 9, seconds: 600 },
        ],
      },
    ],
  });
  expect(found).toMatchObject({
    'missing-days': 'days of A',
    'run-off-step': 'minutes of 1 in A',
    'start-per-station': 'start 2 of B',
    'station-beyond-timer': 'name of 9',
    'station-idle': 'minutes of 2 in A',
    'season-scaled': 'season',
    'sensor-bypassed': 'sensor',
    'controller-off': 'power',
    'clock-off': 'clock',
  });
});
