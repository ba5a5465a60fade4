import { parseDate } from '@water-clock/core/civil-time';
import { readYard } from '@water-clock/core/yards';
import { simulatedStation, WEATHER_FORMAT } from '@water-clock/core/weather';
import { seasonOfCopies } from '@water-clock/core/water-use';
import { testPlan } from '../testing/plans';
import { costOf, monthTotals, stationTotals, withoutLitres } from './season-totals';

const yard = readYard({
  format: 'waterclock.yard/1',
  stations: [{ number: 1, head: 'spray', flowLpm: 20 }, { number: 2, head: 'drip' }, { number: 3 }],
});
if (!yard.ok) throw new Error('The yard has faults.');

const asked = {
  yard: yard.value,
  weather: {
    format: WEATHER_FORMAT as typeof WEATHER_FORMAT,
    name: 'Airfield',
    towns: [],
    latitude: 40,
    record: simulatedStation(5),
  },
  season: { from: parseDate('2026-06-20')!, days: 20 },
  sensor: { tripMm: 5, dryDays: 1 },
};

it('a season is summed by station and by month, over copies that are looked at together', () => {
  const dry = testPlan({ programs: [] });
  const [wet, none] = seasonOfCopies({ ...asked, plans: [testPlan(), dry] });
  expect(wet!.withoutRate).toEqual([3]);
  const [first, second] = stationTotals(wet!);
  expect(first!.litres).toBeGreaterThan(0);
  // What the spray heads put down in mm is their seconds at 38 mm/h.
  expect(first!.appliedMm).toBeCloseTo((first!.litres! / 20 / 60) * 38, 6);
  expect(second!.litres).toBeNull();
  expect(withoutLitres(wet!)).toEqual([2]);
  const months = monthTotals(wet!);
  expect(months.map(({ month }) => month)).toEqual([6, 7]);
  expect(months[0]!.litres + months[1]!.litres).toBeCloseTo(first!.litres!, 6);
  expect(stationTotals(none!)[0]).toMatchObject({ appliedMm: 0, drainageMm: 0, litres: 0 });
  // Both copies need the same: need knows no settings.
  expect(stationTotals(none!)[0]!.neededMm).toBe(first!.neededMm);
  expect(stationTotals(none!)[0]!.stressDays).toBeGreaterThan(first!.stressDays);
});

it('litres cost what a thousand of them do', () => {
  expect(costOf(2500, 1.6)).toBeCloseTo(4, 12);
});
