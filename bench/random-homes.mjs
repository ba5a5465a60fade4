import { readPlan } from '@water-clock/core/settings';

/** Numbers from 0 up to a limit, the same ones for the same seed (Park and Miller's generator). */
function numbersFrom(seed) {
  let state = seed;
  return (limit) => {
    state = (state * 48_271) % 2_147_483_647;
    return state % limit;
  };
}

function randomHome(seed, isOfSecondVersion) {
  const upTo = numbersFrom(seed);
  const stations = 2 + upTo(15);
  const dayRules = [
    () => ({ mode: 'weekdays', weekdays: [1 + upTo(7), 1 + upTo(7), 1 + upTo(7)] }),
    () => ({ mode: 'odd' }),
    () => ({ mode: 'even' }),
    () => ({ mode: 'interval', everyDays: 1 + upTo(31), anchor: `2026-06-${10 + upTo(20)}` }),
  ];
  const plants = ['turf', 'turf', 'shrubs', 'trees', 'flowers', 'vegetables', 'seed'];
  const heads = ['spray', 'rotary', 'rotor', 'drip'];
  const clock = (minutes) => new Date(minutes * 60_000).toISOString().slice(11, 16);
  const ofSecond = (fields) => (isOfSecondVersion && upTo(2) ? fields() : {});
  const hours = () => ({
    ...{ mode: 'hours', everyHours: 1 + upTo(48) },
    anchor: `2026-06-${10 + upTo(20)}T${clock(upTo(96) * 15)}:00`,
  });
  const read = readPlan({
    format: 'waterclock.plan/2',
    timer: {
      stations,
      cycleSoak: [null, { policy: 'in-order' }, { policy: 'ready-first' }][upTo(3)],
      blockedDay: ['skip', 'defer'][upTo(2)],
    },
    ...ofSecond(() => {
      const leastPercent = 10 * upTo(8);
      const mostPercent = 100 + 10 * upTo(8);
      return { controller: { season: { mode: 'weather', leastPercent, mostPercent } } };
    }),
    site: { supplyLpm: 12 + upTo(20) },
    rules: {
      ...(upTo(2) ? { weekdays: [1, 3, 5, 7] } : { dateParity: 'odd' }),
      noWater: [{ from: '09:30', to: '17:00' }],
      mowingWeekdays: [6],
      finishBy: '05:40',
      exempt: ['drip'],
    },
    stations: Array.from({ length: stations }, (_, index) => ({
      number: index + 1,
      name: `Bed ${index + 1}`,
      head: heads[upTo(heads.length)],
      plant: plants[upTo(plants.length)],
      flowLpm: 4 + upTo(30) / 2,
      runoffSeconds: 300 + 60 * upTo(10),
      minSoakSeconds: 600 + 60 * upTo(40),
      ...(upTo(2) && { cycleSeconds: 240 + 60 * upTo(6), soakSeconds: 600 + 60 * upTo(30) }),
    })),
    programs: ['A', 'B', 'C'].map((id) => ({
      id,
      starts: Array.from({ length: 1 + upTo(2) }, () => clock(upTo(96) * 15)),
      days: dayRules[upTo(4)](),
      ...ofSecond(() => ({ waterWindows: [{ from: clock(upTo(96) * 15), to: '07:00' }] })),
      ...ofSecond(() => ({ days: hours() })),
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

/** A thousand homes, the same ones each time; with what the second version of the format brought, or without. */
export const randomHomes = ({ isOfSecondVersion = false } = {}) =>
  Array.from({ length: 1000 }, (_, index) => randomHome(index + 1, isOfSecondVersion));
