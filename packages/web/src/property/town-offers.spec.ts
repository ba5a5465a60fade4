import { readRuleSet } from '@water-clock/core/local-rules';
import type { StoredRuleSet } from '../api/rules';
import { ruleWords } from './town-offers';

function setOf(...houses: object[]): StoredRuleSet {
  const periods = [{ from: '2026-01-01', houses }];
  const read = readRuleSet({ format: 'waterclock.rules/1', district: 'Quillhaven', periods });
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return { id: 'rules', version: 1, document: read.value, properties: 0 };
}

const MAINS = { number: 8, supply: 'mains' } as const;
const NOBODY = { number: null, supply: null };

it('say by what of a home its days go, and what of it', () => {
  expect(ruleWords(setOf({ houses: 'odd' }), MAINS)).toBe('The days go by house number: 8.');
  expect(ruleWords(setOf({ supplies: ['pond'] }), MAINS)).toBe('The days go by water: mains.');
  expect(ruleWords(setOf({ houses: 'odd', supplies: ['pond'] }), MAINS)).toBe(
    'The days go by house number and water: 8, mains.',
  );
});

it('ask for what is not given yet', () => {
  expect(ruleWords(setOf({ houses: 'odd' }, { supplies: ['pond'] }), NOBODY)).toBe(
    'The days go by house number and water: give the number in the address, and say where the water comes from.',
  );
  expect(ruleWords(setOf({ houses: 'odd', supplies: ['pond'] }), { ...NOBODY, number: 3 })).toBe(
    'The days go by house number and water: say where the water comes from.',
  );
});

it('say nothing where all homes are alike, or no rules are chosen', () => {
  expect(ruleWords(setOf({ houses: 'all' }), NOBODY)).toBeUndefined();
  expect(ruleWords(undefined, NOBODY)).toBeUndefined();
});
