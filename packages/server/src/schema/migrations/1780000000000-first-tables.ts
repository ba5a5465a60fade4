import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Firms, their properties, the timers there and each timer's settings. */
export class FirstTables1780000000000 implements MigrationInterface {
  name = 'FirstTables1780000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE firms (
        id uuid NOT NULL DEFAULT gen_random_uuid(),
        name text NOT NULL CONSTRAINT firms_name CHECK (name <> ''),
        CONSTRAINT firms_pkey PRIMARY KEY (id)
      )`);
    await runner.query(`INSERT INTO firms (name) VALUES ('Quillhaven Sprinkler Care')`);
    await runner.query(`
      CREATE TABLE properties (
        id uuid NOT NULL DEFAULT gen_random_uuid(),
        firm_id uuid NOT NULL,
        name text NOT NULL CONSTRAINT properties_name CHECK (name <> ''),
        address text NOT NULL DEFAULT '',
        town text NOT NULL DEFAULT '',
        time_zone text,
        latitude double precision CONSTRAINT properties_latitude CHECK (latitude BETWEEN -90 AND 90),
        longitude double precision CONSTRAINT properties_longitude CHECK (longitude BETWEEN -180 AND 180),
        version integer NOT NULL DEFAULT 1 CONSTRAINT properties_version CHECK (version > 0),
        created_at timestamptz NOT NULL DEFAULT now(),
        CONSTRAINT properties_pkey PRIMARY KEY (id),
        CONSTRAINT properties_of_firm UNIQUE (id, firm_id),
        CONSTRAINT properties_firm FOREIGN KEY (firm_id) REFERENCES firms (id)
      )`);
    await runner.query(`CREATE INDEX properties_by_name ON properties (firm_id, name)`);
    await runner.query(`
      CREATE TABLE timers (
        id uuid NOT NULL DEFAULT gen_random_uuid(),
        firm_id uuid NOT NULL,
        property_id uuid NOT NULL,
        name text NOT NULL CONSTRAINT timers_name CHECK (name <> ''),
        created_at timestamptz NOT NULL DEFAULT now(),
        CONSTRAINT timers_pkey PRIMARY KEY (id),
        CONSTRAINT timers_of_firm UNIQUE (id, firm_id),
        CONSTRAINT timers_property FOREIGN KEY (property_id, firm_id)
          REFERENCES properties (id, firm_id) ON DELETE CASCADE
      )`);
    await runner.query(`CREATE INDEX timers_by_property ON timers (firm_id, property_id)`);
    await runner.query(`
      CREATE TABLE timer_settings (
        timer_id uuid NOT NULL,
        firm_id uuid NOT NULL,
        document jsonb NOT NULL CONSTRAINT settings_format CHECK (document ->> 'format' = 'waterclock.plan/1'),
        version integer NOT NULL DEFAULT 1 CONSTRAINT settings_version CHECK (version > 0),
        saved_at timestamptz NOT NULL DEFAULT now(),
        CONSTRAINT timer_settings_pkey PRIMARY KEY (timer_id),
        CONSTRAINT "REL_2d76497ef91754b5f8e4ae1451" UNIQUE (timer_id, firm_id),
        CONSTRAINT settings_timer FOREIGN KEY (timer_id, firm_id)
          REFERENCES timers (id, firm_id) ON DELETE CASCADE
      )`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TABLE timer_settings, timers, properties, firms`);
  }
}
