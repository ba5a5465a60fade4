import { formatDateTime, parseDateTime } from '@water-clock/core/civil-time';
import { readPlan, type Plan } from '@water-clock/core/settings';
import { KEY_IN_PARTS } from '@water-clock/core/timer-types';
import fc from 'fast-check';
import { planDocument } from '../../../core/src/testing/plans.js';
import { SimulatedTimer } from '../device/simulated-timer.js';
import { Front, FRONT_BUTTONS, type FrontButton } from './front.js';
import { programsAmiss } from './lamps.js';
import type { Asks } from './stop.js';

const NOW = parseDateTime('2026-06-01T08:00:00')!;
const ASKS: Asks = {
  ...{ keyInOrder: [...KEY_IN_PARTS], intervalAskedAs: 'days-left', longestHoldDays: 7 },
};

function planOf(fields: object = {}): Plan {
  const read = readPlan({
    format: 'waterclock.plan/2',
    timer: { programs: ['A', 'B'], startsPerProgram: 2, runTime: { maxSeconds: 5400 } },
    stations: [{ number: 1 }, { number: 2 }],
    programs: [
      {
        ...{ id: 'A', starts: ['05:00'], days: { mode: 'weekdays', weekdays: [1, 3] } },
        runs: [{ station: 1, seconds: 600 }],
      },
    ],
    ...fields,
  });
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
}

function frontOf(plan = planOf(), asks = ASKS) {
  const device = new SimulatedTimer(plan, NOW);
  const front = new Front(device, asks);
  const seen = () => {
    const { what, value, station, program } = front.display;
    return [program, ...(station === null ? [] : [station]), what, value].join(' ');
  };
  /** On until the display asks for it. */
  const goTo = (what: string, station: number | null = null) => {
    for (let press = 0; press < 500; press++) {
      if (front.display.what === what && front.display.station === station) return;
      front.press('forth');
    }
    throw new Error(`It never asks for ${what}.`);
  };
  return { device, front, seen, goTo };
}

it('asks for one value at a time, in the order of its kind, and round', () => {
  const order = ['run-times', 'starts', 'days', 'percent', 'clock', 'extras'] as const;
  const { front } = frontOf(planOf(), { ...ASKS, keyInOrder: [...order] });
  const parts: string[] = [];
  const { of } = front.display;
  for (let press = 0; press < of; press++) {
    if (parts.at(-1) !== front.display.part) parts.push(front.display.part);
    front.press('forth');
  }
  expect(parts).toEqual(order);
  expect(front.display.place).toBe(1);
  front.press('back');
  expect(front.display.place).toBe(of);
  front.press('part');
  expect(front.display).toMatchObject({ place: 1, part: 'run-times' });
});

it('off stands between the last and the first start of a day, and a start that is off leaves the others', () => {
  const { device, front, seen, goTo } = frontOf(
    planOf({
      programs: [{ id: 'A', starts: ['00:15', '23:45'], days: { mode: 'odd' }, runs: [] }],
    }),
  );
  goTo('Start 1');
  front.press('minus', 2);
  expect(seen()).toBe('A Start 1 off');
  expect(device.settings.programs[0]!.starts).toEqual(['23:45']);
  front.press('forth');
  expect(seen()).toBe('A Start 2 23:45');
  front.press('plus');
  expect(seen()).toBe('A Start 2 off');
  front.press('plus');
  expect(seen()).toBe('A Start 2 00:00');
  front.press('back');
  expect(seen()).toBe('A Start 1 off');
});

it('run times go from off to the least, and round behind the most', () => {
  const { device, front, seen, goTo } = frontOf();
  goTo('Run time', 2);
  expect(seen()).toBe('A 2 Run time off');
  front.press('plus');
  expect(seen()).toBe('A 2 Run time 1 min');
  front.press('minus', 2);
  expect(seen()).toBe('A 2 Run time 1 h 30 min');
  expect(device.settings.programs[0]!.runs).toContainEqual({ station: 2, seconds: 5400 });
});

it('the letter goes on at the same part, and a program that was never set has nothing set', () => {
  const { device, front, seen, goTo } = frontOf();
  goTo('Mon');
  expect(seen()).toBe('A Mon on');
  front.press('program');
  expect(seen()).toBe('B Water days days of the week');
  front.press('forth');
  front.press('plus');
  expect(seen()).toBe('B Mon on');
  expect(device.settings.programs.map(({ id }) => id)).toEqual(['A', 'B']);
});

it.each([
  ['first-day', 'First day', 'Tue 2 June'],
  ['next-day', 'Next day', 'Tue 2 June'],
  ['days-left', 'Days left', '1'],
] as const)('counts from what its kind asks: %s', (intervalAskedAs, what, after) => {
  const { device, front, goTo } = frontOf(planOf(), { ...ASKS, intervalAskedAs });
  goTo('Water days');
  front.press('plus', 3);
  expect(front.display.value).toBe('every so many days');
  goTo('Every so many days');
  front.press('plus');
  goTo(what);
  front.press('plus');
  expect(front.display.value).toBe(after);
  expect(device.settings.programs[0]!.days).toEqual({
    ...{ mode: 'interval', everyDays: 3, anchor: '2026-06-02' },
  });
});

it('sets the clock minute by minute within its day, and its date, and waters by it', () => {
  const { device, front, goTo } = frontOf();
  goTo('Time');
  front.press('minus', 181);
  expect(formatDateTime(device.clock)).toBe('2026-06-01T04:59:00');
  device.advance(120);
  expect(device.state.lit).toEqual([1]);
  goTo('Date');
  front.press('plus', 2);
  expect(front.display.value).toBe('Wed 3 June 2026');
  expect(device.state.lit).toEqual([]);
});

it('keying in does not end what waters', () => {
  const { device, front, goTo } = frontOf();
  device.runProgram('A');
  goTo('Run time', 1);
  front.press('plus', 5);
  expect(device.state.open).toMatchObject([{ station: 1, secondsLeft: 600 }]);
});

it('its own memory brings back what was kept, whatever was keyed in and after a reset', () => {
  const { device, front, goTo } = frontOf();
  device.backUp();
  goTo('Start 1');
  front.press('plus', 7);
  device.reset();
  expect(front.display).toMatchObject({ what: 'Start 1', value: 'off' });
  expect(device.settings.programs).toEqual([]);
  device.restore();
  expect(front.display.value).toBe('05:00');
  expect(device.settings).toEqual(planOf());
});

it('a program that is set only in part has its lamp', () => {
  expect(programsAmiss(planOf())).toEqual([]);
  const runs = [{ station: 1, seconds: 60 }];
  const amiss = planOf({
    programs: [
      { id: 'A', starts: ['05:00'], days: { mode: 'odd' }, runs: [] },
      { id: 'B', starts: [], days: { mode: 'odd' }, runs },
    ],
  });
  expect(programsAmiss(amiss)).toEqual(['A', 'B']);
});

const PRESSES = process.env['TEST_LONG'] ? 10_000 : 2000;

it(`${PRESSES} random presses never lead to what the plan format cannot say, and are kept and brought back whole`, () => {
  const anyFront = fc.record({
    keyInOrder: fc.shuffledSubarray([...KEY_IN_PARTS], { minLength: KEY_IN_PARTS.length }),
    intervalAskedAs: fc.constantFrom(
      'first-day' as const,
      'next-day' as const,
      'days-left' as const,
    ),
    longestHoldDays: fc.constantFrom(0, 14),
  });
  const press = fc.tuple(
    fc.constantFrom<FrontButton>(...FRONT_BUTTONS, 'plus', 'minus', 'forth'),
    fc.constantFrom(1, 1, 1, 2, 5, 60, 700),
  );
  const RUNS = 20;
  const changed = new Set<string>();
  fc.assert(
    fc.property(
      planDocument,
      anyFront,
      fc.array(press, { minLength: PRESSES / RUNS, maxLength: PRESSES / RUNS }),
      (document, asks, presses) => {
        const read = readPlan(document);
        if (!read.ok) throw new Error(JSON.stringify(read.trouble));
        const device = new SimulatedTimer(read.value, NOW);
        const front = new Front(device, asks);
        for (const [button, times] of presses) {
          const before = device.settings;
          front.press(button, times);
          const { place, of, what, value } = front.display;
          expect(place >= 1 && place <= of && what !== '' && value !== '').toBe(true);
          if (device.settings === before) continue;
          changed.add(front.display.part);
          expect(readPlan(JSON.parse(JSON.stringify(device.settings))).ok).toBe(true);
          device.advance(1000);
        }
        const kept: unknown = JSON.parse(JSON.stringify(device.settings));
        device.backUp();
        device.reset();
        device.restore();
        expect(JSON.parse(JSON.stringify(device.settings))).toEqual(kept);
      },
    ),
    { numRuns: RUNS },
  );
  expect([...changed].sort()).toEqual(KEY_IN_PARTS.filter((part) => part !== 'clock').sort());
});
