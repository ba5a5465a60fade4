import { parseDate } from '../civil-time/index.js';
import { homeOf } from '../testing/homes.js';
import { timerTypeBreaks } from './index.js';

const FROM = parseDate('2026-06-01')!;

it('a change that the settings fit breaks nothing', () => {
  const plan = homeOf();
  expect(timerTypeBreaks(plan, plan.timer, FROM)).toEqual({ findings: [], programsLost: [] });
});

it('tells the errors that were not there before, and only those', () => {
  const plan = homeOf({ a: { starts: ['04:07'] } });
  expect(plan.timer.startStepMinutes).toBe(15);
  const fewer = timerTypeBreaks(plan, { ...plan.timer, dayModes: ['odd'] }, FROM);
  expect(fewer.findings.map(({ code }) => code)).toEqual(['day-mode']);
});

it('tells which programs in use would go', () => {
  const plan = homeOf();
  expect(timerTypeBreaks(plan, { ...plan.timer, programs: ['1', '2'] }, FROM).programsLost).toEqual(
    ['A'],
  );
});
