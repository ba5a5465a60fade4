import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Photos of timers and yards, and which of them a link shows. */
export class Photos2000000000000 implements MigrationInterface {
  name = 'Photos2000000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE photos (
      id uuid NOT NULL DEFAULT gen_random_uuid() CONSTRAINT photos_pkey PRIMARY KEY,
      firm_id uuid NOT NULL,
      timer_id uuid NOT NULL,
      visit_id uuid,
      job_id uuid,
      copy_id uuid,
      taken_at timestamptz NOT NULL,
      person_name text NOT NULL DEFAULT '',
      media text NOT NULL,
      width integer NOT NULL,
      height integer NOT NULL,
      bytes integer NOT NULL,
      document jsonb NOT NULL,
      version integer NOT NULL DEFAULT 1,
      CONSTRAINT photos_of_firm UNIQUE (id, firm_id),
      CONSTRAINT photos_media CHECK (media IN ('image/jpeg', 'image/webp')),
      CONSTRAINT photos_size CHECK (
        width BETWEEN 1 AND 1600 AND height BETWEEN 1 AND 1600 AND bytes BETWEEN 1 AND 460800),
      CONSTRAINT photos_version CHECK (version > 0),
      CONSTRAINT photos_timer FOREIGN KEY (firm_id, timer_id)
        REFERENCES timers (firm_id, id) ON DELETE CASCADE,
      CONSTRAINT photos_visit FOREIGN KEY (visit_id) REFERENCES visits (id) ON DELETE SET NULL,
      CONSTRAINT photos_job FOREIGN KEY (job_id) REFERENCES jobs (id) ON DELETE SET NULL)`);
    await runner.query('CREATE INDEX photos_by_timer ON photos (timer_id, taken_at)');
    await runner.query('CREATE INDEX photos_by_firm ON photos (firm_id, bytes)');
    await runner.query('CREATE INDEX photos_by_visit ON photos (visit_id)');
    await runner.query('CREATE INDEX photos_by_job ON photos (job_id)');
    // Apart from what is said of them: lists never touch the pictures.
    await runner.query(`CREATE TABLE photo_files (
      photo_id uuid NOT NULL CONSTRAINT photo_files_pkey PRIMARY KEY,
      firm_id uuid NOT NULL,
      picture bytea NOT NULL,
      small bytea NOT NULL,
      small_media text NOT NULL,
      CONSTRAINT photo_files_media CHECK (small_media IN ('image/jpeg', 'image/webp')),
      CONSTRAINT photo_files_photo FOREIGN KEY (photo_id, firm_id)
        REFERENCES photos (id, firm_id) ON DELETE CASCADE)`);
    // Pictures are packed as they are.
    await runner.query(`ALTER TABLE photo_files
      ALTER COLUMN picture SET STORAGE EXTERNAL, ALTER COLUMN small SET STORAGE EXTERNAL`);
    await runner.query(`CREATE TABLE share_link_photos (
      link_id uuid NOT NULL,
      photo_id uuid NOT NULL,
      firm_id uuid NOT NULL,
      place integer NOT NULL,
      CONSTRAINT share_link_photos_pkey PRIMARY KEY (link_id, photo_id),
      CONSTRAINT share_link_photos_link FOREIGN KEY (link_id)
        REFERENCES share_links (id) ON DELETE CASCADE,
      CONSTRAINT share_link_photos_photo FOREIGN KEY (photo_id, firm_id)
        REFERENCES photos (id, firm_id) ON DELETE CASCADE)`);
    await runner.query('CREATE INDEX share_link_photos_by_photo ON share_link_photos (photo_id)');
    await runner.query(`CREATE TRIGGER note_change AFTER INSERT OR UPDATE OR DELETE ON photos
      FOR EACH ROW EXECUTE FUNCTION note_change('photo', 'document.about', 'timer')`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE share_link_photos, photo_files, photos');
  }
}
