import { keysOf } from '@water-clock/core/kernel';
import type { Change } from '../api/changes';

const DID: Record<Change['way'], string> = {
  add: 'added',
  change: 'changed',
  remove: 'removed',
};

const KINDS: Record<Change['kind'], string> = {
  firm: 'the firm',
  person: 'a person',
  property: 'the property',
  timer: 'a timer',
  settings: 'settings',
  yard: 'the yard',
  copy: 'a saved copy',
  visit: 'a visit',
  job: 'a job',
  sheet: 'a sheet for the door',
  link: 'a link to a sheet',
  rules: 'rules',
  weather: 'weather',
  'timer type': 'a timer type',
  'planned visit': 'a planned visit',
  due: 'a due',
  'calendar link': 'a calendar link',
  rollout: 'a change for many homes',
  photo: 'a photo',
  telling: 'what a household told',
};

/** To choose one of. */
export const KIND_OPTIONS = keysOf(KINDS).map((value) => ({
  value,
  label: KINDS[value].replace(/^(the|a) /, ''),
}));

/** What was done, to what: "changed settings, Garage timer". */
export const changeInWords = ({ way, kind, name }: Change): string =>
  [`${DID[way]} ${KINDS[kind]}`, name].filter(Boolean).join(': ');

/** What a field is called on its screen, where its name in the database is another. */
const FIELD_WORDS: Readonly<Record<string, string>> = {
  contact_name: 'contact',
  contact_phone: 'telephone',
  contact_email: 'e-mail',
  gate_notes: 'notes for the gate',
  supply_source: 'water comes from',
  supply_lpm: 'flow of the supply, L/min',
  supply_kpa: 'pressure of the supply, kPa',
  water_price: 'price of water',
  mowing_weekdays: 'mowing days, Monday = 1',
  is_dry_before_mowing: 'the day before mowing kept dry',
  language: 'language of the household',
  rule_set_id: 'local rules',
  weather_id: 'weather',
  archived_at: 'archived',
  closed_at: 'closed',
  in_force_at: 'in force',
  kind_id: 'timer type',
  has_own_backup: 'memory of its own',
  done_at: 'done',
  ended_at: 'ended',
  withdrawn_at: 'withdrawn',
  removed_at: 'removed',
  disabled_at: 'disabled',
  wants_second_factor: 'second factor asked for',
  keep_archived_months: 'months that archived homes are kept',
  keep_changes_months: 'months that changes are kept',
  keep_removed_days: 'days that what was removed is kept',
  keep_visits_months: 'months that visits are kept',
};

const VALUES: Readonly<Record<string, string>> = { true: 'yes', false: 'no' };

const shown = (value: string | null): string =>
  value === null || value === '' ? 'nothing' : (VALUES[value] ?? value);

/** What became of a field; of another row nobody knows the number by heart, of a moment only that it came. */
function changeOfField(field: string, before: string | null, after: string | null): string {
  const words = FIELD_WORDS[field] ?? field.replace(/_(id|at)$/, '').replaceAll('_', ' ');
  if (field.endsWith('_id'))
    return after === null ? `${words}: none any more` : `${words}: another`;
  if (field.endsWith('_at')) return `${words}: ${after === null ? 'no more' : 'now'}`;
  return `${words}: ${shown(before)} → ${shown(after)}`;
}

/** Fields that hold whole documents: told by which of their parts changed. */
const DOCUMENTS: ReadonlySet<string> = new Set([
  'document',
  'change',
  'capability',
  'handling',
  'customary',
]);

/** Of each field what became of it: "notes for the gate: Ring twice → Ring three times". */
export const fieldsInWords = ({ fields }: Change): string[] =>
  Object.entries(fields ?? {}).map(([field, [before = null, after = null]]) =>
    DOCUMENTS.has(field) ? `its ${after ?? 'parts'}` : changeOfField(field, before, after),
  );
