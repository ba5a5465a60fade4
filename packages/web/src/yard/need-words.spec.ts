import { Customary, stationNeed } from '@water-clock/core/needs';
import { readYard } from '@water-clock/core/yards';
import { quantityIn } from '../format/quantities';
import {
  differenceShare,
  differenceWords,
  exactTime,
  minuteWhy,
  oftenWhy,
  oftenWords,
  piecesWhy,
  pieceWords,
  rateWhy,
  weekWhy,
  type NeedTelling,
} from './need-words';

const DRY = { et0Mm: 5, days: 30, rainsMm: [] };

function telling(fields: object, weather: NeedTelling['weather'] = DRY): NeedTelling {
  const read = readYard({ format: 'waterclock.yard/1', stations: [{ number: 1, ...fields }] });
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  const station = read.value.stations[0]!;
  const customary = new Customary();
  return {
    station,
    need: stationNeed(station, {}, { month: weather, percent: 100, customary }),
    month: 7,
    weather,
    percent: 100,
    customary,
    depth: quantityIn('metric', 'depth'),
    rate: quantityIn('metric', 'rate'),
    flow: quantityIn('metric', 'flow'),
    area: quantityIn('metric', 'area'),
  };
}

it('times are minutes and seconds', () => {
  expect([0, 59.6, 805, 3600].map(exactTime)).toEqual(['0 min', '1 min', '13 min 25 s', '1 h']);
});

it('says how often and in how many pieces', () => {
  const { minute, measurement } = telling({ head: 'spray', soil: 'clay' }).need;
  expect(oftenWords(minute!)).toBe('3 × a week');
  expect(pieceWords(minute!.pieces)).toBe('2 of 7 min 30 s');
  expect(pieceWords({ ...minute!.pieces, count: 1 })).toBe('all of it');
  expect(oftenWords({ ...measurement!, wateringsPerWeek: 7 / 25 })).toBe('every 25 days');
  expect(oftenWords({ ...measurement!, wateringsPerWeek: 28 })).toBe('4 × a day');
  expect(oftenWords({ ...measurement!, wateringsPerWeek: 7 })).toBe('7 × a week');
  expect(oftenWords({ ...measurement!, wateringsPerWeek: 0 })).toBe('not at all');
});

it('says how much more is measured, and what share of the customary that is', () => {
  // 28 mm at 38 mm/h are 2,653 s; customary 2,700 s.
  const { need } = telling({ head: 'spray' });
  expect([differenceWords(need), differenceShare(need)]).toEqual(['−1 min', '−2 %']);
  expect(differenceWords({ ...need, differenceSeconds: 10 })).toBe('the same');
  expect(differenceWords({ ...need, differenceSeconds: null })).toBe('');
});

it('says what each number came from, and what was taken until somebody looks', () => {
  const assumed = telling({ head: 'spray' });
  expect(rateWhy(assumed)).toBe('Customary for spray heads: 38 mm/h. Nothing was measured here.');
  expect(weekWhy(assumed)).toBe(
    '5 mm a day × 0.8 for cool turf, taken until somebody looks × 1 for full sun, taken until somebody looks = 4 mm a day. 7 days less 0 mm of rain: 28 mm a week. At 38 mm/h: 44 min 13 s.',
  );
  expect(oftenWhy(assumed)).toBe(
    'Roots of cool turf in loam, taken until somebody looks hold 25.5 mm; 12.8 mm may be used before they suffer. At 4 mm a day: at most 3 days between.',
  );
  expect(minuteWhy(assumed)).toMatch(/^Customary 15 minutes for spray heads in full sun/);
  const known = telling({
    head: 'rotor',
    plant: 'trees',
    sun: 'shade',
    soil: 'sand',
    slopePercent: 4,
    flowLpm: 20,
    areaSquareMetres: 40,
  });
  expect(rateWhy(known)).toBe('20 L/min on 40 m²: 30 mm/h.');
  expect(piecesWhy(known, 'measurement')).toBe(
    'sand at 4 % slope: 9 mm stand before they run off, and 15 mm/h go in of 30 mm/h. Time the run-off to know.',
  );
  expect(minuteWhy(known)).toMatch(/× 0.6 in shade, at 100 % in July; trees 1 × a week\.$/);
  expect([weekWhy(known), oftenWhy(known)].join()).not.toMatch(/taken until/);
});

it('tells a catch test by its cups, its driest quarter and its multiplier', () => {
  const cups = { millilitres: [40, 40, 60, 20], mouthSquareCentimetres: 50, minutes: 15 };
  expect(rateWhy(telling({ catchTest: { ...cups, on: '2026-05-18' } }))).toBe(
    'Catch test of 2026-05-18: 4 cups in 15 minutes, 32 mm/h on average. The driest quarter gets 50 % of it, so run times are multiplied by 1.43.',
  );
  expect(weekWhy(telling({ catchTest: cups }))).toContain('× 1.43 for the dry quarter: 40 mm');
});

it('says what is missing where there is no answer', () => {
  expect(rateWhy(telling({}))).toMatch(/^Nobody knows/);
  expect(minuteWhy(telling({ flowLpm: 5 }))).toBe('By the minute goes by the head: enter it.');
  expect(weekWhy(telling({ head: 'drip' }, null))).toMatch(/goes by the weather/);
  expect(piecesWhy(telling({ head: 'spray', runoffSeconds: 250 }), 'minute')).toBe(
    'Run-off was timed on site: 4 min 10 s before water stands or runs.',
  );
});
