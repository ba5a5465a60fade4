import type { MadeEntry } from '@water-clock/core/visits';
import type { StoredEntry } from '../schema/visit.entity.js';
import type { EntryAnswer } from './visit.dto.js';

/** A stored entry as it is told, and as a visit is made of it. */
export const madeEntry = (row: StoredEntry): EntryAnswer & MadeEntry => ({
  id: row.id,
  number: row.number,
  seen: row.seen,
  person: row.personName,
  observedAt: row.observedAt.toISOString(),
  entry: row.document,
});
