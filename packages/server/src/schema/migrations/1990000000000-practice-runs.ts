import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What came of practice, by person. */
export class PracticeRuns1990000000000 implements MigrationInterface {
  name = 'PracticeRuns1990000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE practice_runs (
      id uuid NOT NULL DEFAULT gen_random_uuid() CONSTRAINT practice_runs_pkey PRIMARY KEY,
      firm_id uuid NOT NULL,
      person_id uuid NOT NULL,
      lesson text,
      difficulty smallint NOT NULL,
      seed integer NOT NULL,
      begun_at timestamptz NOT NULL DEFAULT now(),
      judged_at timestamptz,
      is_right boolean,
      tries integer NOT NULL DEFAULT 0,
      presses integer,
      passed_seconds integer,
      CONSTRAINT practice_runs_difficulty CHECK (difficulty BETWEEN 1 AND 3),
      CONSTRAINT practice_runs_judged CHECK (
        (judged_at IS NULL) = (is_right IS NULL)
        AND (judged_at IS NULL) = (presses IS NULL)
        AND (judged_at IS NULL) = (passed_seconds IS NULL)
        AND (judged_at IS NULL) = (tries = 0)),
      CONSTRAINT practice_runs_person FOREIGN KEY (firm_id, person_id)
        REFERENCES people (firm_id, id) ON DELETE CASCADE)`);
    await runner.query(
      'CREATE INDEX practice_runs_by_person ON practice_runs (firm_id, person_id, begun_at)',
    );
    await runner.query(
      'CREATE UNIQUE INDEX practice_runs_going_on ON practice_runs (person_id) WHERE judged_at IS NULL',
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE practice_runs');
  }
}
