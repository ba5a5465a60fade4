import type { EntityManager } from 'typeorm';

/** What stands where a name stood. */
export const NAMELESS = 'Somebody who left';

/** The columns in which a contact stands, and nobody else. */
export const CONTACT_COLUMNS = ['contact_name', 'contact_phone', 'contact_email', 'gate_notes'];

/** Where the name of whoever did something stands beside what they did. */
export const NAME_COLUMNS = [
  ['timer_settings', 'saved_by'],
  ['timer_yards', 'saved_by'],
  ['copies', 'person_name'],
  ['visits', 'started_by'],
  ['visits', 'ended_by'],
  ['visit_entries', 'person_name'],
  ['jobs', 'found_by'],
  ['jobs', 'done_by'],
  ['sheets', 'person_name'],
  ['planned_visits', 'made_by'],
  ['due_answers', 'person_name'],
  ['rollouts', 'made_by'],
  ['photos', 'person_name'],
  ['tellings', 'closed_by'],
  ['share_links', 'made_by'],
  ['share_links', 'withdrawn_by'],
] as const;

/** Deletes a property with all that is of it, and empties what was noted of its changes. */
export async function eraseProperty(
  manager: EntityManager,
  firmId: string,
  id: string,
): Promise<void> {
  // Timers first: of each its going is noted while its property is known.
  await manager.query('DELETE FROM timers WHERE firm_id = $1 AND property_id = $2', [firmId, id]);
  await manager.query('DELETE FROM properties WHERE firm_id = $1 AND id = $2', [firmId, id]);
  await manager.query(
    `UPDATE changes SET name = NULL, fields = NULL
     WHERE firm_id = $1 AND property_id = $2 AND (name IS NOT NULL OR fields IS NOT NULL)`,
    [firmId, id],
  );
}

/** Empties who the household is and how one gets in, there and in what was noted of changes. */
export async function eraseContact(
  manager: EntityManager,
  firmId: string,
  id: string,
): Promise<void> {
  await manager.query(
    `UPDATE properties SET ${CONTACT_COLUMNS.map((column) => `${column} = ''`).join(', ')},
       version = version + 1
     WHERE firm_id = $1 AND id = $2`,
    [firmId, id],
  );
  // In their own words they may have said who they are.
  await manager.query(
    `UPDATE tellings SET document = jsonb_set(document, '{words}', '""')
     WHERE firm_id = $1 AND timer_id IN (SELECT id FROM timers WHERE property_id = $2)`,
    [firmId, id],
  );
  await manager.query(
    `UPDATE changes SET fields = NULL
     WHERE firm_id = $1 AND property_id = $2 AND kind = 'property' AND fields ?| $3`,
    [firmId, id, CONTACT_COLUMNS],
  );
}

/** Takes the name of somebody who was removed out of everything that they did. */
export async function erasePerson(
  manager: EntityManager,
  firmId: string,
  { id, name }: { readonly id: string; readonly name: string },
): Promise<void> {
  await manager.query('UPDATE people SET name = $3 WHERE firm_id = $1 AND id = $2', [
    ...[firmId, id, NAMELESS],
  ]);
  for (const [table, column] of NAME_COLUMNS)
    await manager.query(
      `UPDATE ${table} SET ${column} = '' WHERE firm_id = $1 AND ${column} = $2`,
      [firmId, name],
    );
  await manager.query('DELETE FROM practice_runs WHERE firm_id = $1 AND person_id = $2', [
    ...[firmId, id],
  ]);
  await manager.query(
    `UPDATE timer_yards SET document = jsonb_set(document, '{ownMemory,storedBy}', '""')
     WHERE firm_id = $1 AND document #>> '{ownMemory,storedBy}' = $2`,
    [firmId, name],
  );
  await manager.query(
    `UPDATE changes SET person_name = NULL
     WHERE firm_id = $1 AND person_id = $2 AND person_name IS NOT NULL`,
    [firmId, id],
  );
  // Of them as a person, and what earlier versions noted of who did what.
  await manager.query(
    `UPDATE changes SET name = CASE WHEN row_id = $2 THEN NULL ELSE name END, fields = NULL
     WHERE firm_id = $1 AND (
       (kind = 'person' AND row_id = $2 AND (name IS NOT NULL OR fields IS NOT NULL))
       OR (fields ?| $3 AND EXISTS (
         SELECT 1 FROM jsonb_each(fields) AS field
         WHERE field.key = ANY ($3) AND field.value ? $4)))`,
    [firmId, id, [...new Set(NAME_COLUMNS.map(([, column]) => column))], name],
  );
}
