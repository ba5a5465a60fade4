import type { Change } from '../api/changes';
import { changeInWords, fieldsInWords } from './in-words';

const change = (fields: Partial<Change>): Change => ({
  ...{ id: 1, madeAt: '2026-06-01T08:00:00Z', person: 'Ines Marlow', propertyId: null },
  ...{ way: 'change', kind: 'settings', name: 'Garage timer', fields: null },
  ...fields,
});

it('says what was done, to what', () => {
  expect(changeInWords(change({}))).toBe('changed settings: Garage timer');
  expect(changeInWords(change({ way: 'remove', kind: 'timer type', name: null }))).toBe(
    'removed a timer type',
  );
});

it('says of each field what became of it, and of a document which of its parts', () => {
  const fields = {
    gate_notes: ['Ring twice', ''] as [string, string],
    rule_set_id: [null, 'a'] as [null, string],
    document: [null, 'programs, stations'] as [null, string],
  };
  expect(fieldsInWords(change({ fields }))).toEqual([
    'gate notes: Ring twice → nothing',
    'rule set: nothing → a',
    'its programs, stations',
  ]);
  expect(fieldsInWords(change({}))).toEqual([]);
});
