import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What lists tell of a timer's settings, worked out once for each version and date. */
export class Outlooks1860000000000 implements MigrationInterface {
  name = 'Outlooks1860000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE outlooks (
      timer_id uuid NOT NULL,
      firm_id uuid NOT NULL,
      from_date date NOT NULL,
      settings_version integer NOT NULL,
      is_too_much boolean NOT NULL,
      collisions integer NOT NULL,
      runs integer NOT NULL,
      first_collision text,
      CONSTRAINT outlooks_pkey PRIMARY KEY (timer_id, from_date),
      CONSTRAINT outlooks_timer FOREIGN KEY (firm_id, timer_id)
        REFERENCES timers (firm_id, id) ON DELETE CASCADE,
      CONSTRAINT outlooks_counts CHECK (collisions >= 0 AND runs >= 0))`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE outlooks');
  }
}
