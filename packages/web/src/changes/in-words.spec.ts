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
    'notes for the gate: Ring twice → nothing',
    'local rules: another',
    'its programs, stations',
  ]);
  expect(fieldsInWords(change({}))).toEqual([]);
  const more = {
    archived_at: ['2026-06-01 08:00:00+00', null] as [string, null],
    weather_id: ['b', null] as [string, null],
    is_dry_before_mowing: ['false', 'true'] as [string, string],
    town: [null, 'Quillhaven'] as [null, string],
  };
  expect(fieldsInWords(change({ fields: more }))).toEqual([
    'archived: no more',
    'weather: none any more',
    'the day before mowing kept dry: no → yes',
    'town: nothing → Quillhaven',
  ]);
});
