import type { MigrationInterface, QueryRunner } from 'typeorm';

const STATEMENTS = [
  `ALTER TABLE firms ADD phone text NOT NULL DEFAULT ''`,
  `ALTER TABLE timer_kinds ADD handling jsonb NOT NULL DEFAULT
     '{"keyInOrder": ["clock", "starts", "run-times", "days", "percent", "extras"],
       "pauseForRain": "", "runOneStation": ""}'`,

  `CREATE TABLE visits (
     id uuid NOT NULL DEFAULT gen_random_uuid(),
     firm_id uuid NOT NULL,
     timer_id uuid NOT NULL,
     started_at timestamptz NOT NULL,
     started_by text NOT NULL DEFAULT '',
     ended_at timestamptz,
     ended_by text NOT NULL DEFAULT '',
     CONSTRAINT visits_pkey PRIMARY KEY (id),
     CONSTRAINT visits_of_firm UNIQUE (id, firm_id),
     CONSTRAINT visits_timer FOREIGN KEY (timer_id, firm_id)
       REFERENCES timers (id, firm_id) ON DELETE CASCADE
   )`,
  `CREATE INDEX visits_by_timer ON visits (timer_id, started_at)`,
  `CREATE TABLE visit_entries (
     id uuid NOT NULL,
     firm_id uuid NOT NULL,
     visit_id uuid NOT NULL,
     number integer NOT NULL CONSTRAINT visit_entries_number CHECK (number > 0),
     seen integer NOT NULL CONSTRAINT visit_entries_seen CHECK (seen >= 0 AND seen < number),
     person_name text NOT NULL DEFAULT '',
     observed_at timestamptz NOT NULL,
     recorded_at timestamptz NOT NULL DEFAULT now(),
     document jsonb NOT NULL,
     CONSTRAINT visit_entries_pkey PRIMARY KEY (id),
     CONSTRAINT visit_entries_by_number UNIQUE (visit_id, number),
     CONSTRAINT visit_entries_visit FOREIGN KEY (visit_id, firm_id)
       REFERENCES visits (id, firm_id) ON DELETE CASCADE
   )`,
  `CREATE FUNCTION refuse_change_of_entry() RETURNS trigger LANGUAGE plpgsql AS $$
   BEGIN
     RAISE EXCEPTION 'what was observed does not change';
   END $$`,
  `CREATE TRIGGER visit_entries_stay BEFORE UPDATE ON visit_entries
   FOR EACH ROW EXECUTE FUNCTION refuse_change_of_entry()`,

  `CREATE TABLE jobs (
     id uuid NOT NULL DEFAULT gen_random_uuid(),
     firm_id uuid NOT NULL,
     visit_id uuid NOT NULL,
     timer_id uuid NOT NULL,
     station integer NOT NULL CONSTRAINT jobs_station CHECK (station > 0),
     fault text NOT NULL CONSTRAINT jobs_fault CHECK (fault IN ('head-broken', 'head-tilted',
       'head-clogged', 'leak', 'low-pressure', 'valve-stuck', 'no-valve', 'wrong-area')),
     note text NOT NULL DEFAULT '',
     found_at timestamptz NOT NULL,
     found_by text NOT NULL DEFAULT '',
     done_at timestamptz,
     done_by text NOT NULL DEFAULT '',
     CONSTRAINT jobs_pkey PRIMARY KEY (id),
     CONSTRAINT jobs_once UNIQUE (visit_id, station, fault),
     CONSTRAINT jobs_visit FOREIGN KEY (visit_id, firm_id)
       REFERENCES visits (id, firm_id) ON DELETE CASCADE,
     CONSTRAINT jobs_timer FOREIGN KEY (timer_id, firm_id)
       REFERENCES timers (id, firm_id) ON DELETE CASCADE
   )`,
  `CREATE INDEX jobs_by_timer ON jobs (timer_id)`,

  `CREATE TABLE sheets (
     id uuid NOT NULL DEFAULT gen_random_uuid(),
     firm_id uuid NOT NULL,
     timer_id uuid NOT NULL,
     made_at timestamptz NOT NULL DEFAULT now(),
     person_name text NOT NULL DEFAULT '',
     document jsonb NOT NULL
       CONSTRAINT sheets_format CHECK (document ->> 'format' = 'waterclock.sheet/1'),
     CONSTRAINT sheets_pkey PRIMARY KEY (id),
     CONSTRAINT sheets_of_firm UNIQUE (id, firm_id),
     CONSTRAINT sheets_timer FOREIGN KEY (timer_id, firm_id)
       REFERENCES timers (id, firm_id) ON DELETE CASCADE
   )`,
  `CREATE INDEX sheets_by_timer ON sheets (timer_id, made_at)`,
  `CREATE TABLE share_links (
     id uuid NOT NULL DEFAULT gen_random_uuid(),
     firm_id uuid NOT NULL,
     sheet_id uuid NOT NULL,
     token_hash text NOT NULL,
     made_at timestamptz NOT NULL DEFAULT now(),
     expires_at timestamptz NOT NULL,
     CONSTRAINT share_links_expiry CHECK (expires_at > made_at),
     CONSTRAINT share_links_pkey PRIMARY KEY (id),
     CONSTRAINT share_links_token UNIQUE (token_hash),
     CONSTRAINT share_links_sheet FOREIGN KEY (sheet_id, firm_id)
       REFERENCES sheets (id, firm_id) ON DELETE CASCADE
   )`,
  `CREATE INDEX share_links_by_sheet ON share_links (sheet_id)`,
];

/** Visits and what was observed at them, jobs, sheets for the door and links to them. */
export class Visits1810000000000 implements MigrationInterface {
  name = 'Visits1810000000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const statement of STATEMENTS) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TABLE share_links, sheets, jobs, visit_entries, visits`);
    await runner.query(`DROP FUNCTION refuse_change_of_entry`);
    await runner.query(`ALTER TABLE timer_kinds DROP handling`);
    await runner.query(`ALTER TABLE firms DROP phone`);
  }
}
