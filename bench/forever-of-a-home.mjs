import { parseDate } from '@water-clock/core/civil-time';
import { firstCollision, headroomPercent } from '@water-clock/core/engine';
import { readPlan } from '@water-clock/core/settings';
import { median, quantile } from './statistics.mjs';

const HOMES = 1000;

/** Numbers from 0 up to a limit, the same ones for the same seed (Park and Miller's generator). */
function numbersFrom(seed) {
  let state = seed;
  return (limit) => {
    state = (state * 48_271) % 2_147_483_647;
    return state % limit;
  };
}

function randomHome(seed) {
  const upTo = numbersFrom(seed);
  const stations = 2 + upTo(15);
  const dayRules = [
    () => ({ mode: 'weekdays', weekdays: [1 + upTo(7), 1 + upTo(7), 1 + upTo(7)] }),
    () => ({ mode: 'odd' }),
    () => ({ mode: 'even' }),
    () => ({ mode: 'interval', everyDays: 1 + upTo(31), anchor: `2026-06-${10 + upTo(20)}` }),
  ];
  const clock = (minutes) => new Date(minutes * 60_000).toISOString().slice(11, 16);
  const read = readPlan({
    format: 'waterclock.plan/1',
    timer: {
      stations,
      cycleSoak: [null, { policy: 'in-order' }, { policy: 'ready-first' }][upTo(3)],
      blockedDay: ['skip', 'defer'][upTo(2)],
    },
    stations: Array.from({ length: stations }, (_, index) => ({
      number: index + 1,
      ...(upTo(2) && { cycleSeconds: 240 + 60 * upTo(6), soakSeconds: 600 + 60 * upTo(30) }),
    })),
    programs: ['A', 'B', 'C'].map((id) => ({
      id,
      starts: Array.from({ length: 1 + upTo(2) }, () => clock(upTo(96) * 15)),
      days: dayRules[upTo(4)](),
      blockedWeekdays: upTo(3) ? [] : [1 + upTo(7)],
      runs: Array.from({ length: stations }, (_, index) => ({
        station: index + 1,
        seconds: upTo(3) ? 0 : 60 * (3 + upTo(25)),
      })),
    })),
  });
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
}

/** The first collision on any date and the headroom, of a thousand random homes. */
export function foreverOfAHome() {
  const from = parseDate('2026-06-01');
  const homes = Array.from({ length: HOMES }, (_, index) => randomHome(index + 1));
  const ask = (home) => [firstCollision(home, from), headroomPercent(home, from)];
  homes.slice(0, 200).forEach(ask);
  const times = homes.map((home) => {
    const begin = performance.now();
    ask(home);
    return performance.now() - begin;
  });
  const spread = [quantile(times, 0.05), Math.max(...times)];
  const about = 'first collision ever and headroom, 1,000 random homes';
  return [
    { name: `${about}, median`, median: median(times), spread, unit: 'ms', goal: 0.5 },
    { name: `${about}, worst`, median: Math.max(...times), spread, unit: 'ms', goal: 60 },
  ];
}
