import { parseDate } from '@water-clock/core/civil-time';
import { readPlan } from '@water-clock/core/settings';
import { seasonBalance } from '@water-clock/core/water-use';
import { simulatedStation, weatherOn, WEATHER_FORMAT } from '@water-clock/core/weather';
import { yardFor } from '@water-clock/core/yards';
import { median, quantile, timed } from './statistics.mjs';

const STATIONS = 24;
const SEASON = { from: parseDate('2026-04-01'), days: 183 };

/** A home of 24 stations in four programs, watered most nights in cycles, its sensor in the rain. */
function largeHome() {
  const programs = ['A', 'B', 'C', 'D'];
  const read = readPlan({
    format: 'waterclock.plan/2',
    timer: {
      stations: STATIONS,
      programs,
      cycleSoak: { policy: 'in-order' },
      noWaterWindows: true,
    },
    controller: {
      season: { mode: 'monthly', percents: [20, 20, 40, 60, 80, 100, 120, 110, 90, 60, 30, 20] },
      noWater: [{ from: '09:00', to: '18:00' }],
    },
    stations: Array.from({ length: STATIONS }, (_, index) => ({
      number: index + 1,
      head: ['spray', 'rotor', 'drip'][index % 3],
      plant: ['turf', 'shrubs', 'flowers'][index % 3],
      flowLpm: 10 + index,
      cycleSeconds: 300,
      soakSeconds: 1200,
    })),
    programs: programs.map((id, order) => ({
      id,
      starts: [`0${order}:30`],
      days: order % 2 ? { mode: 'odd' } : { mode: 'weekdays', weekdays: [1, 3, 5, 7] },
      runs: Array.from({ length: 6 }, (_, index) => ({
        station: order * 6 + index + 1,
        seconds: 900,
      })),
    })),
  });
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
}

/** A season's water balance of a home of 24 stations, its weather worked out anew each time. */
export function seasonAtTheRoots() {
  const plan = largeHome();
  const yard = yardFor(plan, null);
  const weather = {
    format: WEATHER_FORMAT,
    name: 'Airfield',
    towns: [],
    latitude: 40,
    record: simulatedStation(1),
  };
  const times = timed(() => seasonBalance(plan, yard, weatherOn(weather), SEASON), {
    warmUp: 20,
    times: 100,
  });
  return {
    name: 'water balance of a season, 24 stations, 183 days',
    median: median(times),
    spread: [quantile(times, 0.05), quantile(times, 0.95)],
    unit: 'ms',
    goal: 150,
  };
}
