import type { MigrationInterface, QueryRunner } from 'typeorm';

const stays = (columns: string) => `CREATE OR REPLACE FUNCTION refuse_change_of_copy()
   RETURNS trigger LANGUAGE plpgsql AS $$
   BEGIN
     IF (OLD.id, OLD.firm_id, OLD.timer_id, OLD.number, OLD.reason, OLD.document, OLD.person_name,
         OLD.made_at${columns.replaceAll('$', 'OLD.')})
       IS DISTINCT FROM (NEW.id, NEW.firm_id, NEW.timer_id, NEW.number, NEW.reason, NEW.document,
         NEW.person_name, NEW.made_at${columns.replaceAll('$', 'NEW.')})
     THEN RAISE EXCEPTION 'a saved copy does not change';
     END IF;
     RETURN NEW;
   END $$`;

/** Of how many values of a copy nobody read what stands in the timer. */
export class CopiesConfirmed1830000000000 implements MigrationInterface {
  name = 'CopiesConfirmed1830000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE copies
      ADD values_of integer NOT NULL DEFAULT 0,
      ADD values_keyed_in integer NOT NULL DEFAULT 0,
      ADD values_unknown integer NOT NULL DEFAULT 0,
      ADD CONSTRAINT copies_confirmed CHECK (values_keyed_in >= 0 AND values_unknown >= 0
        AND values_keyed_in + values_unknown <= values_of)`);
    await runner.query(stays(', $values_of, $values_keyed_in, $values_unknown'));
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(stays(''));
    await runner.query(`ALTER TABLE copies DROP CONSTRAINT copies_confirmed,
      DROP values_of, DROP values_keyed_in, DROP values_unknown`);
  }
}
