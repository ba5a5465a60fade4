import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Of each table: what a row of it is called where changes are told, where its name is, and how its property is found. */
const NOTED = [
  ['firms', 'firm', 'name', 'none'],
  ['people', 'person', 'name', 'none'],
  ['properties', 'property', 'name', 'self'],
  ['timers', 'timer', 'name', 'property'],
  ['timer_settings', 'settings', '', 'timer'],
  ['timer_yards', 'yard', '', 'timer'],
  ['copies', 'copy', 'name', 'timer'],
  ['visits', 'visit', '', 'timer'],
  ['jobs', 'job', 'fault', 'timer'],
  ['sheets', 'sheet', '', 'timer'],
  ['share_links', 'link', '', 'sheet'],
  ['rule_sets', 'rules', 'document.district', 'none'],
  ['weather', 'weather', 'document.name', 'none'],
  ['timer_kinds', 'timer type', 'name', 'none'],
] as const;

/** Fields that say nothing of what somebody changed. */
export const UNNOTED = [
  ...['version', 'saved_at', 'saved_by', 'search_text', 'clock', 'opened', 'last_opened_at'],
];

interface NoteChange {
  /** Fields whose change alone is none. */
  readonly unnoted: readonly string[];
  /** A statement that leaves a row's change out. */
  readonly isLeftOut: string;
}

/** The function that notes a change of a row. */
export const noteChange = ({
  unnoted,
  isLeftOut,
}: NoteChange): string => `CREATE OR REPLACE FUNCTION note_change() RETURNS trigger LANGUAGE plpgsql AS $$
      DECLARE
        before jsonb := CASE WHEN TG_OP <> 'INSERT' THEN to_jsonb(OLD) END;
        after jsonb := CASE WHEN TG_OP <> 'DELETE' THEN to_jsonb(NEW) END;
        one jsonb := coalesce(after, before);
        changed jsonb;
        home uuid;
      BEGIN
        IF TG_OP = 'UPDATE' THEN
          SELECT jsonb_object_agg(field, CASE
            WHEN jsonb_typeof(after -> field) = 'object' OR jsonb_typeof(before -> field) = 'object'
              THEN jsonb_build_array(NULL, document_parts(
                CASE WHEN jsonb_typeof(before -> field) = 'object' THEN before -> field END,
                CASE WHEN jsonb_typeof(after -> field) = 'object' THEN after -> field END))
            ELSE jsonb_build_array(left(before ->> field, 200), left(after ->> field, 200)) END)
          INTO changed
          FROM jsonb_object_keys(after) AS field
          WHERE before -> field IS DISTINCT FROM after -> field
            AND field NOT IN (${unnoted.map((field) => `'${field}'`).join(', ')});
          IF changed IS NULL THEN RETURN NULL; END IF;
        END IF;
        home := CASE TG_ARGV[2]
          WHEN 'self' THEN (one ->> 'id')::uuid
          WHEN 'property' THEN (one ->> 'property_id')::uuid
          WHEN 'home' THEN (SELECT p.id FROM properties p WHERE p.id = (one ->> 'property_id')::uuid)
          WHEN 'timer' THEN (SELECT t.property_id FROM timers t WHERE t.id = (one ->> 'timer_id')::uuid)
          WHEN 'sheet' THEN (SELECT t.property_id FROM sheets s JOIN timers t ON t.id = s.timer_id
                             WHERE s.id = (one ->> 'sheet_id')::uuid)
        END;${isLeftOut}
        INSERT INTO changes (firm_id, person_id, person_name, way, kind, row_id, property_id, name, fields)
        VALUES (
          coalesce(one ->> 'firm_id', one ->> 'id')::uuid,
          nullif(current_setting('water_clock.person_id', true), '')::uuid,
          nullif(current_setting('water_clock.person_name', true), ''),
          CASE TG_OP WHEN 'INSERT' THEN 'add' WHEN 'UPDATE' THEN 'change' ELSE 'remove' END,
          TG_ARGV[0],
          coalesce(one ->> 'id', one ->> 'timer_id')::uuid,
          home,
          nullif(left(coalesce(
            nullif(one #>> string_to_array(nullif(TG_ARGV[1], ''), '.'), ''),
            (SELECT t.name FROM timers t WHERE t.id = (one ->> 'timer_id')::uuid)), 200), ''),
          changed);
        RETURN NULL;
      END $$`;

/** Who changed what, noted by the database in the transaction of the change; and of links who made and used them. */
export class Changes1880000000000 implements MigrationInterface {
  name = 'Changes1880000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE changes (
      id bigint GENERATED ALWAYS AS IDENTITY CONSTRAINT changes_pkey PRIMARY KEY,
      firm_id uuid NOT NULL CONSTRAINT changes_firm REFERENCES firms (id) ON DELETE CASCADE,
      made_at timestamptz NOT NULL DEFAULT clock_timestamp(),
      person_id uuid,
      person_name text,
      way text NOT NULL CONSTRAINT changes_way CHECK (way IN ('add', 'change', 'remove')),
      kind text NOT NULL,
      row_id uuid NOT NULL,
      property_id uuid,
      name text,
      fields jsonb)`);
    await runner.query('CREATE INDEX changes_of_firm ON changes (firm_id, id)');
    await runner.query('CREATE INDEX changes_of_property ON changes (firm_id, property_id, id)');
    // Nobody rewrites what was done: personal values may be emptied, and a firm takes its changes along.
    await runner.query(`CREATE FUNCTION keep_changes() RETURNS trigger LANGUAGE plpgsql AS $$
      BEGIN
        IF TG_OP = 'DELETE' THEN
          IF pg_trigger_depth() > 1 THEN RETURN OLD; END IF;
          RAISE EXCEPTION 'changes are kept';
        END IF;
        IF (to_jsonb(NEW) - ARRAY['person_name', 'name', 'fields'])
             IS DISTINCT FROM (to_jsonb(OLD) - ARRAY['person_name', 'name', 'fields'])
           OR (NEW.person_name IS NOT NULL AND NEW.person_name IS DISTINCT FROM OLD.person_name)
           OR (NEW.name IS NOT NULL AND NEW.name IS DISTINCT FROM OLD.name)
           OR (NEW.fields IS NOT NULL AND NEW.fields IS DISTINCT FROM OLD.fields) THEN
          RAISE EXCEPTION 'changes are kept as they are';
        END IF;
        RETURN NEW;
      END $$`);
    await runner.query(`CREATE TRIGGER keep_changes BEFORE UPDATE OR DELETE ON changes
      FOR EACH ROW EXECUTE FUNCTION keep_changes()`);
    await runner.query(`CREATE FUNCTION document_parts(before jsonb, after jsonb) RETURNS text
      LANGUAGE sql IMMUTABLE AS $$
        SELECT string_agg(part, ', ' ORDER BY part)
        FROM jsonb_object_keys(coalesce(before, '{}') || coalesce(after, '{}')) AS part
        WHERE before -> part IS DISTINCT FROM after -> part
      $$`);
    await runner.query(noteChange({ unnoted: UNNOTED, isLeftOut: '' }));
    for (const [table, kind, name, home] of NOTED)
      await runner.query(`CREATE TRIGGER note_change
        AFTER INSERT OR UPDATE ${table === 'firms' ? '' : 'OR DELETE'} ON ${table}
        FOR EACH ROW EXECUTE FUNCTION note_change('${kind}', '${name}', '${home}')`);
    await runner.query(`ALTER TABLE share_links
      ADD made_by text NOT NULL DEFAULT '',
      ADD opened integer NOT NULL DEFAULT 0,
      ADD last_opened_at timestamptz,
      ADD withdrawn_at timestamptz,
      ADD withdrawn_by text NOT NULL DEFAULT ''`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DELETE FROM share_links WHERE withdrawn_at IS NOT NULL');
    await runner.query(`ALTER TABLE share_links
      DROP COLUMN made_by, DROP COLUMN opened, DROP COLUMN last_opened_at,
      DROP COLUMN withdrawn_at, DROP COLUMN withdrawn_by`);
    for (const [table] of NOTED) await runner.query(`DROP TRIGGER note_change ON ${table}`);
    await runner.query('DROP FUNCTION note_change, document_parts');
    await runner.query('DROP TABLE changes');
    await runner.query('DROP FUNCTION keep_changes');
  }
}
