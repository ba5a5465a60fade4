import { parseDate, parseDateTime } from '../civil-time/index.js';
import { speakerOf } from '../household-words/index.js';
import { readPlan, type Plan } from '../settings/index.js';
import { householdNow, type HouseholdAsked, type VisitDone } from './index.js';

const planOf = (more: object = {}): Plan => {
  const read = readPlan({
    ...{ format: 'waterclock.plan/2', timer: { stations: 4 } },
    stations: [
      { number: 1, name: 'Lawn' },
      { number: 2, name: 'Hedge' },
    ],
    programs: [
      {
        ...{ id: 'A', days: { mode: 'weekdays', weekdays: [2, 4] }, starts: ['23:50'] },
        runs: [
          { station: 1, seconds: 600 },
          { station: 2, seconds: 1200 },
        ],
      },
    ],
    ...more,
  });
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
};
const VISIT: VisitDone = {
  ...{ on: parseDate('2026-06-01')!, seen: 2, isKeyedIn: true, repairedStations: [2] },
  ...{ isTimerRepaired: true, care: new Set(['filter', 'battery'] as const) },
};
// A Tuesday.
const NOW = parseDateTime('2026-06-02T08:00:00')!;
const now = (more: Partial<HouseholdAsked> = {}) =>
  householdNow({
    ...{ speaker: speakerOf('en'), clock: '24', now: NOW, plan: planOf(), visit: VISIT },
    ...{ openStations: [], ...more },
  });

it('tells today and six days by station, one that goes into the next day on the day of its start', () => {
  const { days } = now();
  expect(days.map(({ date }) => date)).toEqual(
    [2, 3, 4, 5, 6, 7, 8].map((day) => `2026-06-0${day}`),
  );
  expect(days[0]!.waterings).toEqual([
    { station: 1, name: 'Lawn', when: '23:50 to 00:00 the next day' },
  ]);
  expect(days[1]!.waterings).toEqual([{ station: 2, name: 'Hedge', when: '00:00 to 00:20' }]);
  expect(now({ clock: '12' }).days[1]!.waterings[0]!.when).toBe('12:00 midnight to 12:20 AM');
});

it('tells what holds it back, and that nothing waters meanwhile', () => {
  const pauses = [
    { from: '2026-05-01T00:00:00', to: '2026-05-09T00:00:00' },
    { from: '2026-06-01T00:00:00', to: '2026-06-20T06:00:00' },
  ];
  const held = now({ plan: planOf({ controller: { pauses } }) });
  expect(held.holds).toHaveLength(1);
  expect(held.holds[0]).toContain('20 June');
  expect(held.days.flatMap(({ waterings }) => waterings)).toEqual([]);
  expect(now({ plan: planOf({ controller: { off: true } }) }).holds).toEqual([
    'The timer is switched off: nothing waters.',
  ]);
});

it('tells what was done last, a sentence each, and what is still to be done', () => {
  expect(now().visit).toEqual([
    'We were here on Mon 1 June.',
    'The timer was set.',
    '2 stations were seen running.',
    'Station 2 was repaired.',
    'The timer or its wiring was repaired.',
    'The battery was changed.',
    'The filter and the screen were cleaned.',
  ]);
  expect(now({ openStations: [1, 2] }).lookOutFor[0]).toBe(
    'We know that stations 1 and 2 are still to be repaired.',
  );
  expect(now({ visit: null }).visit).toEqual([]);
});

it('where nobody has read the timer no water is told, and the rest is', () => {
  const unread = now({ plan: null });
  expect([unread.days, unread.holds]).toEqual([[], []]);
  expect(unread.lookOutFor).toHaveLength(2);
  const battery = now({ plan: planOf({ timer: { stations: 4, power: 'battery' } }) });
  expect(battery.lookOutFor.join(' ')).toContain('its battery may be empty');
  expect(battery.lookOutFor.join(' ')).not.toContain('power cut');
});

it('is in the language of the household', () => {
  const spanish = now({ speaker: speakerOf('es'), openStations: [3] });
  expect(spanish.visit[0]).toContain('Estuvimos aquí');
  expect(spanish.lookOutFor[0]).toBe('Sabemos que falta reparar la estación 3.');
});
