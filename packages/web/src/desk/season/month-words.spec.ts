import { readPlan } from '@water-clock/core/settings';
import { testPlan } from '../../testing/plans';
import type { Finding } from '@water-clock/core/findings';
import { nowWords, troubleWords } from './month-words';

const MONTHS = [10, 20, 30, 40, 50, 60, 70, 80, 90, 95, 5, 15];

it.each([
  [{ mode: 'whole', percent: 80 }, '80 %'],
  [{ mode: 'program' }, 'A 60 %, B 120 %'],
  [{ mode: 'monthly', percents: MONTHS }, '5 %'],
])('what %j sets for November is told', (season, words) => {
  const { programs, format, ...rest } = testPlan();
  const [a, b] = programs;
  const read = readPlan({
    ...rest,
    format,
    controller: { season },
    programs: [
      { ...a, percent: 60 },
      { ...b, percent: 120 },
    ],
  });
  expect(read.ok && nowWords(read.value, 11)).toBe(words);
});

it('of several findings of a kind the first is told, and how many there are besides', () => {
  const found = (code: Finding['code'], message: string): Finding => ({
    ...{ code, message, severity: 'error', fix: '' },
    ...{ program: null, station: null, startNumber: null },
  });
  const month = {
    month: 6,
    wanted: { percent: 90, byProgram: {} },
    percents: { A: 90, B: 90 },
    isDry: false,
    troubles: [],
    shortStations: [],
    findings: [
      found('collision', 'B meets A at four.'),
      found('collision', 'B meets A at five.'),
      found('rule-day', 'A waters on a Monday.'),
    ],
  };
  expect(troubleWords(month, testPlan())).toEqual([
    'B meets A at four.',
    'A waters on a Monday.',
    'And 1 other finding.',
  ]);
  expect(troubleWords({ ...month, findings: month.findings.slice(2) }, testPlan())).toEqual([
    'A waters on a Monday.',
  ]);
});
