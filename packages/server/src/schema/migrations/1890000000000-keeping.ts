import type { MigrationInterface, QueryRunner } from 'typeorm';
import { noteChange, UNNOTED } from './1880000000000-changes.js';

/** Who did something stands at the change itself already. */
export const BY_WHOM = [
  ...['person_name', 'started_by', 'ended_by', 'found_by', 'done_by', 'made_by', 'withdrawn_by'],
];
export const GOES_WITH_ITS_TIMER = `
        IF TG_OP = 'DELETE' AND TG_ARGV[2] IN ('timer', 'sheet') AND home IS NULL THEN
          RETURN NULL;
        END IF;`;
/** A firm that comes from another installation brings along what was noted there. */
export const COMES_WITH_ITS_FIRM = `
        IF coalesce(one ->> 'firm_id', one ->> 'id')
          = nullif(current_setting('water_clock.firm_brought_in', true), '') THEN
          RETURN NULL;
        END IF;`;

/** A row whose one column may be emptied, and nothing else of it changed. */
const staysBut = (fn: string, words: string) => `CREATE OR REPLACE FUNCTION ${fn}()
   RETURNS trigger LANGUAGE plpgsql AS $$
   BEGIN
     IF NEW.person_name <> '' OR to_jsonb(NEW) - 'person_name' IS DISTINCT FROM to_jsonb(OLD) - 'person_name'
     THEN RAISE EXCEPTION '${words}';
     END IF;
     RETURN NEW;
   END $$`;
const stays = (fn: string, words: string) => `CREATE OR REPLACE FUNCTION ${fn}()
   RETURNS trigger LANGUAGE plpgsql AS $$
   BEGIN
     RAISE EXCEPTION '${words}';
   END $$`;

const COPY_STAYS = ['OLD', 'NEW'].map(
  (row) =>
    `(${row}.id, ${row}.firm_id, ${row}.timer_id, ${row}.number, ${row}.reason, ${row}.document,
      ${row}.made_at, ${row}.values_of, ${row}.values_keyed_in, ${row}.values_unknown)`,
);
const copyStays = (andName: string) => `CREATE OR REPLACE FUNCTION refuse_change_of_copy()
   RETURNS trigger LANGUAGE plpgsql AS $$
   BEGIN
     IF ${COPY_STAYS[0]} IS DISTINCT FROM ${COPY_STAYS[1]}
       OR (OLD.person_name IS DISTINCT FROM NEW.person_name${andName})
     THEN RAISE EXCEPTION 'a saved copy does not change';
     END IF;
     RETURN NEW;
   END $$`;

/** For how long a firm keeps what it need not keep; names of people may be emptied where they stand. */
export class Keeping1890000000000 implements MigrationInterface {
  name = 'Keeping1890000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE firms
      ADD keep_removed_days integer NOT NULL DEFAULT 30,
      ADD keep_changes_months integer,
      ADD keep_visits_months integer,
      ADD keep_archived_months integer,
      ADD CONSTRAINT firms_keep_removed CHECK (keep_removed_days BETWEEN 1 AND 365),
      ADD CONSTRAINT firms_keep_changes CHECK (keep_changes_months BETWEEN 1 AND 240),
      ADD CONSTRAINT firms_keep_visits CHECK (keep_visits_months BETWEEN 6 AND 240),
      ADD CONSTRAINT firms_keep_archived CHECK (keep_archived_months BETWEEN 1 AND 240)`);
    await runner.query(
      noteChange({
        unnoted: [...UNNOTED, ...BY_WHOM],
        isLeftOut: GOES_WITH_ITS_TIMER + COMES_WITH_ITS_FIRM,
      }),
    );
    await runner.query(staysBut('refuse_change_of_entry', 'what was observed does not change'));
    await runner.query(copyStays(` AND NEW.person_name <> ''`));
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(copyStays(''));
    await runner.query(stays('refuse_change_of_entry', 'what was observed does not change'));
    await runner.query(noteChange({ unnoted: UNNOTED, isLeftOut: '' }));
    await runner.query(`ALTER TABLE firms DROP COLUMN keep_removed_days,
      DROP COLUMN keep_changes_months, DROP COLUMN keep_visits_months,
      DROP COLUMN keep_archived_months`);
  }
}
