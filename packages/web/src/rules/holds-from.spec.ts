import { RulePeriod, RULES_FORMAT, type RuleSet } from '@water-clock/core/local-rules';
import { holdsFrom } from './holds-from';

const rules = (...from: string[]): RuleSet => ({
  ...{ format: RULES_FORMAT, district: 'Quillhaven', towns: [] },
  periods: from.map((date) => ({ ...new RulePeriod(), from: date })),
});

it.each([
  ['a period that comes', rules('2026-01-01', '2026-07-01'), '2026-07-01'],
  ['the first of two that come', rules('2026-01-01', '2026-08-01', '2026-07-01'), '2026-07-01'],
  ['a period that holds already', rules('2026-01-01', '2026-05-01'), '2026-06-09'],
  ['a period that is gone', rules(), '2026-06-09'],
])('%s holds from its own date on, and not before today', (_, after, from) => {
  expect(holdsFrom(rules('2026-01-01'), after, '2026-06-09')).toBe(from);
});
