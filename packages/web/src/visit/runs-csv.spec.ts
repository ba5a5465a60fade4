import { parseDate } from '@water-clock/core/civil-time';
import Papa from 'papaparse';
import { testPlan } from '../testing/plans';
import { runsCsv } from './runs-csv';

it('has a line for each piece, by its time, with names that hold commas', () => {
  const plan = testPlan({
    timer: { cycleSoak: {} },
    stations: [
      { number: 1, name: 'Lawn, "front"', cycleSeconds: 300, soakSeconds: 600 },
      { number: 2, name: '=1+1' },
    ],
    programs: [
      {
        id: 'A',
        starts: ['23:55'],
        days: { mode: 'weekdays', weekdays: [1] },
        runs: [
          { station: 1, seconds: 420 },
          { station: 2, seconds: 60 },
        ],
      },
    ],
  });
  const text = runsCsv(plan, { from: parseDate('2026-06-01')!, days: 7 });
  const { data } = Papa.parse<Record<string, string>>(text, { header: true });
  expect(
    data.map(({ from, to, station, name, piece }) => [from, to, station, name, piece]),
  ).toEqual([
    ['2026-06-01 23:55:00', '2026-06-02 00:00:00', '1', 'Lawn, "front"', '1'],
    ['2026-06-02 00:00:00', '2026-06-02 00:01:00', '2', "'=1+1", '1'],
    ['2026-06-02 00:10:00', '2026-06-02 00:12:00', '1', 'Lawn, "front"', '2'],
  ]);
});
