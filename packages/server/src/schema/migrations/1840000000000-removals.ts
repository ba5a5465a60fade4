import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What was taken away, to be brought back as it was. */
export class Removals1840000000000 implements MigrationInterface {
  name = 'Removals1840000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE removals (
      id uuid NOT NULL CONSTRAINT removals_pkey PRIMARY KEY,
      firm_id uuid NOT NULL CONSTRAINT removals_firm REFERENCES firms (id),
      kind text NOT NULL
        CONSTRAINT removals_kind CHECK (kind IN ('rule-set', 'weather', 'timer-type')),
      "row" jsonb NOT NULL,
      holders uuid[] NOT NULL,
      removed_at timestamptz NOT NULL DEFAULT now())`);
    await runner.query('CREATE INDEX removals_by_age ON removals (removed_at)');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE removals');
  }
}
