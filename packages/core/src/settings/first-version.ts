import { fieldPath, type DocumentProblem } from '../documents/index.js';
import { fieldOf } from '../kernel/index.js';
import { PLAN_FORMATS } from './plan.js';

/** Fields that the first version of the format did not have, by the object that holds them. */
const LATER = { rules: ['periods'] };

/** A document of the first version as it was read then: what came later is unknown in it, and a problem each. */
export function withoutLaterFields(document: unknown, problems: DocumentProblem[]): unknown {
  if (fieldOf(document, 'format') !== PLAN_FORMATS[0]) return document;
  const known = new Map(fieldsOf(document));
  for (const [name, later] of Object.entries(LATER)) {
    const fields = fieldsOf(known.get(name));
    const unknown = fields.filter(([field]) => later.includes(field));
    if (unknown.length === 0) continue;
    for (const [field] of unknown)
      problems.push({ path: fieldPath(name, field), message: 'is not a known field' });
    known.set(name, Object.fromEntries(fields.filter(([field]) => !later.includes(field))));
  }
  return Object.fromEntries(known);
}

const fieldsOf = (thing: unknown): [string, unknown][] =>
  typeof thing === 'object' && thing !== null ? Object.entries(thing) : [];
