import type { MigrationInterface, QueryRunner } from 'typeorm';

const STATEMENTS = [
  // The first tables came with a firm of their own; it goes where nothing was made of it.
  `DELETE FROM firms f WHERE NOT EXISTS (SELECT 1 FROM properties p WHERE p.firm_id = f.id)`,
  `ALTER TABLE firms
     ADD units text NOT NULL DEFAULT 'metric'
       CONSTRAINT firms_units CHECK (units IN ('metric', 'us')),
     ADD is_demo boolean NOT NULL DEFAULT false`,

  `CREATE TABLE people (
     id uuid NOT NULL DEFAULT gen_random_uuid(),
     firm_id uuid NOT NULL,
     email text NOT NULL CONSTRAINT people_email CHECK (email = lower(email) AND email LIKE '%_@_%'),
     name text NOT NULL CONSTRAINT people_name CHECK (name <> ''),
     role text NOT NULL CONSTRAINT people_role CHECK (role IN ('owner', 'technician', 'office')),
     password_hash text NOT NULL,
     clock text NOT NULL DEFAULT '24' CONSTRAINT people_clock CHECK (clock IN ('24', '12')),
     created_at timestamptz NOT NULL DEFAULT now(),
     CONSTRAINT people_pkey PRIMARY KEY (id),
     CONSTRAINT people_by_email UNIQUE (email),
     CONSTRAINT people_of_firm UNIQUE (id, firm_id),
     CONSTRAINT people_firm FOREIGN KEY (firm_id) REFERENCES firms (id)
   )`,
  `CREATE TABLE sessions (
     token_hash text NOT NULL,
     firm_id uuid NOT NULL,
     person_id uuid NOT NULL,
     expires_at timestamptz NOT NULL,
     CONSTRAINT sessions_pkey PRIMARY KEY (token_hash),
     CONSTRAINT sessions_person FOREIGN KEY (person_id, firm_id)
       REFERENCES people (id, firm_id) ON DELETE CASCADE
   )`,
  `CREATE TABLE sign_in_failures (
     id bigint GENERATED ALWAYS AS IDENTITY,
     email text NOT NULL,
     failed_at timestamptz NOT NULL DEFAULT now(),
     CONSTRAINT sign_in_failures_pkey PRIMARY KEY (id)
   )`,

  `CREATE TABLE rule_sets (
     id uuid NOT NULL DEFAULT gen_random_uuid(),
     firm_id uuid NOT NULL,
     document jsonb NOT NULL
       CONSTRAINT rule_sets_format CHECK (document ->> 'format' = 'waterclock.rules/1'),
     version integer NOT NULL DEFAULT 1 CONSTRAINT rule_sets_version CHECK (version > 0),
     CONSTRAINT rule_sets_pkey PRIMARY KEY (id),
     CONSTRAINT rule_sets_of_firm UNIQUE (id, firm_id),
     CONSTRAINT rule_sets_firm FOREIGN KEY (firm_id) REFERENCES firms (id)
   )`,
  `CREATE TABLE timer_kinds (
     id uuid NOT NULL DEFAULT gen_random_uuid(),
     firm_id uuid NOT NULL,
     name text NOT NULL CONSTRAINT timer_kinds_name CHECK (name <> ''),
     summary text NOT NULL DEFAULT '',
     capability jsonb NOT NULL,
     version integer NOT NULL DEFAULT 1 CONSTRAINT timer_kinds_version CHECK (version > 0),
     CONSTRAINT timer_kinds_pkey PRIMARY KEY (id),
     CONSTRAINT timer_kinds_of_firm UNIQUE (id, firm_id),
     CONSTRAINT timer_kinds_by_name UNIQUE (firm_id, name),
     CONSTRAINT timer_kinds_firm FOREIGN KEY (firm_id) REFERENCES firms (id)
   )`,

  `ALTER TABLE properties
     ADD contact_name text NOT NULL DEFAULT '',
     ADD contact_phone text NOT NULL DEFAULT '',
     ADD contact_email text NOT NULL DEFAULT '',
     ADD gate_notes text NOT NULL DEFAULT '',
     ADD supply_source text CONSTRAINT properties_supply
       CHECK (supply_source IN ('mains', 'bore', 'tank', 'pond', 'reclaimed')),
     ADD supply_lpm double precision CONSTRAINT properties_supply_lpm CHECK (supply_lpm >= 0),
     ADD supply_kpa double precision CONSTRAINT properties_supply_kpa CHECK (supply_kpa >= 0),
     ADD mowing_weekdays smallint[] NOT NULL DEFAULT '{}' CONSTRAINT properties_mowing
       CHECK (mowing_weekdays <@ ARRAY[1, 2, 3, 4, 5, 6, 7]::smallint[]),
     ADD rule_set_id uuid,
     ADD archived_at timestamptz,
     ADD search_text text NOT NULL DEFAULT '',
     ADD CONSTRAINT properties_rule_set FOREIGN KEY (rule_set_id, firm_id)
       REFERENCES rule_sets (id, firm_id)`,
  `CREATE INDEX properties_by_rule_set ON properties (rule_set_id)`,
  `ALTER TABLE timers
     ADD kind_id uuid,
     ADD has_own_backup boolean,
     ADD CONSTRAINT timers_kind FOREIGN KEY (kind_id, firm_id) REFERENCES timer_kinds (id, firm_id)`,
  `CREATE INDEX timers_by_kind ON timers (kind_id)`,

  // Properties are found by their own words and by the names of their timers.
  `CREATE EXTENSION IF NOT EXISTS pg_trgm`,
  `CREATE INDEX properties_by_words ON properties USING gin (search_text gin_trgm_ops)`,
  `CREATE INDEX properties_in_order ON properties (firm_id, lower(name), id)`,
  `CREATE FUNCTION keep_property_words() RETURNS trigger LANGUAGE plpgsql AS $$
   BEGIN
     NEW.search_text := lower(concat_ws(' ', NEW.name, NEW.address, NEW.town, NEW.contact_name,
       NEW.contact_phone, (SELECT string_agg(name, ' ') FROM timers
         WHERE firm_id = NEW.firm_id AND property_id = NEW.id)));
     RETURN NEW;
   END $$`,
  `CREATE TRIGGER properties_words BEFORE INSERT OR UPDATE ON properties
   FOR EACH ROW EXECUTE FUNCTION keep_property_words()`,
  `CREATE FUNCTION renew_property_words() RETURNS trigger LANGUAGE plpgsql AS $$
   BEGIN
     UPDATE properties SET search_text = '' WHERE id = COALESCE(NEW.property_id, OLD.property_id);
     RETURN NULL;
   END $$`,
  `CREATE TRIGGER timers_words AFTER INSERT OR DELETE OR UPDATE OF name, property_id ON timers
   FOR EACH ROW EXECUTE FUNCTION renew_property_words()`,
  `UPDATE properties SET search_text = ''`,

  `ALTER TABLE timer_settings ADD saved_by text NOT NULL DEFAULT ''`,
  `CREATE TABLE timer_yards (
     timer_id uuid NOT NULL,
     firm_id uuid NOT NULL,
     document jsonb NOT NULL
       CONSTRAINT yards_format CHECK (document ->> 'format' = 'waterclock.yard/1'),
     version integer NOT NULL DEFAULT 1 CONSTRAINT yards_version CHECK (version > 0),
     saved_at timestamptz NOT NULL DEFAULT now(),
     saved_by text NOT NULL DEFAULT '',
     CONSTRAINT timer_yards_pkey PRIMARY KEY (timer_id),
     CONSTRAINT "REL_dc8e74b14e44525b5acf63f3e3" UNIQUE (timer_id, firm_id),
     CONSTRAINT yards_timer FOREIGN KEY (timer_id, firm_id)
       REFERENCES timers (id, firm_id) ON DELETE CASCADE
   )`,
  `INSERT INTO timer_yards (timer_id, firm_id, document)
   SELECT timer_id, firm_id, jsonb_build_object('format', 'waterclock.yard/1', 'stations',
     COALESCE((SELECT jsonb_agg(s - 'cycleSeconds' - 'soakSeconds')
       FROM jsonb_array_elements(document -> 'stations') s), '[]'))
   FROM timer_settings`,

  `CREATE TABLE copies (
     id uuid NOT NULL DEFAULT gen_random_uuid(),
     firm_id uuid NOT NULL,
     timer_id uuid NOT NULL,
     number integer NOT NULL CONSTRAINT copies_number CHECK (number > 0),
     name text NOT NULL DEFAULT '',
     reason text NOT NULL CONSTRAINT copies_reason CHECK (reason IN ('as-found', 'planned', 'left')),
     document jsonb NOT NULL
       CONSTRAINT copies_format CHECK (document ->> 'format' = 'waterclock.plan/1'),
     person_name text NOT NULL DEFAULT '',
     is_in_timer boolean NOT NULL DEFAULT false,
     made_at timestamptz NOT NULL DEFAULT now(),
     CONSTRAINT copies_pkey PRIMARY KEY (id),
     CONSTRAINT copies_of_firm UNIQUE (id, firm_id),
     CONSTRAINT copies_by_number UNIQUE (timer_id, number),
     CONSTRAINT copies_timer FOREIGN KEY (timer_id, firm_id)
       REFERENCES timers (id, firm_id) ON DELETE CASCADE
   )`,
  `CREATE UNIQUE INDEX copies_one_in_timer ON copies (timer_id) WHERE is_in_timer`,
  `CREATE FUNCTION refuse_change_of_copy() RETURNS trigger LANGUAGE plpgsql AS $$
   BEGIN
     IF (OLD.id, OLD.firm_id, OLD.timer_id, OLD.number, OLD.reason, OLD.document, OLD.person_name,
         OLD.made_at)
       IS DISTINCT FROM (NEW.id, NEW.firm_id, NEW.timer_id, NEW.number, NEW.reason, NEW.document,
         NEW.person_name, NEW.made_at)
     THEN RAISE EXCEPTION 'a saved copy does not change';
     END IF;
     RETURN NEW;
   END $$`,
  `CREATE TRIGGER copies_stay BEFORE UPDATE ON copies
   FOR EACH ROW EXECUTE FUNCTION refuse_change_of_copy()`,
];

/** People and their sessions, kinds, rules, yards and saved copies. */
export class PeopleYardsCopies1790000000000 implements MigrationInterface {
  name = 'PeopleYardsCopies1790000000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const statement of STATEMENTS) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TABLE copies, timer_yards, sessions, sign_in_failures, people`);
    await runner.query(`DROP TRIGGER timers_words ON timers`);
    await runner.query(`DROP TRIGGER properties_words ON properties`);
    await runner.query(
      `DROP FUNCTION refuse_change_of_copy, renew_property_words, keep_property_words`,
    );
    await runner.query(`DROP INDEX properties_in_order`);
    await runner.query(`ALTER TABLE timer_settings DROP saved_by`);
    await runner.query(`ALTER TABLE timers DROP kind_id, DROP has_own_backup`);
    await runner.query(`
      ALTER TABLE properties DROP contact_name, DROP contact_phone, DROP contact_email,
        DROP gate_notes, DROP supply_source, DROP supply_lpm, DROP supply_kpa,
        DROP mowing_weekdays, DROP rule_set_id, DROP archived_at, DROP search_text`);
    await runner.query(`DROP TABLE timer_kinds, rule_sets`);
    await runner.query(`ALTER TABLE firms DROP units, DROP is_demo`);
  }
}
