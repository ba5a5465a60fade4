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
};

/** To choose one of. */
export const KIND_OPTIONS = keysOf(KINDS).map((value) => ({
  value,
  label: KINDS[value].replace(/^(the|a) /, ''),
}));

/** What was done, to what: "changed settings, Garage timer". */
export const changeInWords = ({ way, kind, name }: Change): string =>
  [`${DID[way]} ${KINDS[kind]}`, name].filter(Boolean).join(': ');

const shown = (value: string | null): string =>
  value === null || value === '' ? 'nothing' : value;

/** Fields that hold whole documents: told by which of their parts changed. */
const DOCUMENTS: ReadonlySet<string> = new Set(['document', 'capability', 'handling', 'customary']);

/** Of each field what became of it: "gate notes: Ring twice → Ring three times". */
export const fieldsInWords = ({ fields }: Change): string[] =>
  Object.entries(fields ?? {}).map(([field, [before = null, after = null]]) =>
    DOCUMENTS.has(field)
      ? `its ${after ?? 'parts'}`
      : `${field.replace(/_id$/, '').replaceAll('_', ' ')}: ${shown(before)} → ${shown(after)}`,
  );
