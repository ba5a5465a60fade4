import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What households tell by the link to their sheet. */
export class Tellings2020000000000 implements MigrationInterface {
  name = 'Tellings2020000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE tellings (
      id uuid NOT NULL DEFAULT gen_random_uuid() CONSTRAINT tellings_pkey PRIMARY KEY,
      firm_id uuid NOT NULL,
      timer_id uuid NOT NULL,
      link_id uuid,
      told_at timestamptz NOT NULL DEFAULT now(),
      document jsonb NOT NULL,
      causes jsonb NOT NULL DEFAULT '[]',
      closed_at timestamptz,
      closed_by text NOT NULL DEFAULT '',
      CONSTRAINT tellings_timer FOREIGN KEY (firm_id, timer_id)
        REFERENCES timers (firm_id, id) ON DELETE CASCADE,
      CONSTRAINT tellings_link FOREIGN KEY (link_id) REFERENCES share_links (id) ON DELETE SET NULL)`);
    await runner.query(
      'CREATE INDEX tellings_open ON tellings (firm_id, told_at) WHERE closed_at IS NULL',
    );
    await runner.query('CREATE INDEX tellings_by_timer ON tellings (timer_id, told_at)');
    await runner.query('CREATE INDEX tellings_by_link ON tellings (link_id, told_at)');
    await runner.query(`CREATE TRIGGER note_change AFTER INSERT OR UPDATE OR DELETE ON tellings
      FOR EACH ROW EXECUTE FUNCTION note_change('telling', '', 'timer')`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE tellings');
  }
}
