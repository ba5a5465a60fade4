import type { MigrationInterface, QueryRunner } from 'typeorm';

const OF_STATIONS =
  "'head-broken', 'head-tilted', 'head-clogged', 'leak', 'low-pressure', 'valve-stuck', 'no-valve', 'wrong-area', 'wet-place'";

const OF_TIMERS = `'wire-open', 'coil-short', 'coil-open', 'splice-wet', 'common-open', 'unit-silent', 'cable-open',
  'module-dead', 'transformer-dead', 'cable-short', 'display-dark', 'battery-flat', 'sensor-wire', 'pump-circuit-open',
  'pump-circuit-short'`;

const jobsFault = (faults: string) => `ALTER TABLE jobs DROP CONSTRAINT jobs_fault,
  ADD CONSTRAINT jobs_fault CHECK (fault IN (${faults}))`;

/** What is broken of a timer, its wires or what hangs on them is a job too; and a firm has limits of its own for coils. */
export class Hardware2030000000000 implements MigrationInterface {
  name = 'Hardware2030000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(jobsFault(`${OF_STATIONS}, ${OF_TIMERS}`));
    await runner.query(`ALTER TABLE jobs ALTER station DROP NOT NULL,
      ADD stations integer[] NOT NULL DEFAULT '{}',
      ADD CONSTRAINT jobs_place CHECK ((station IS NULL) = (fault IN (${OF_TIMERS})))`);
    await runner.query(
      'CREATE UNIQUE INDEX jobs_of_timer ON jobs (visit_id, fault, stations) WHERE station IS NULL',
    );
    await runner.query('ALTER TABLE firms ADD coil_limits jsonb');
    await runner.query('ALTER TABLE copies ADD yard jsonb');
    await runner.query(`ALTER TABLE properties ADD frost text,
      ADD CONSTRAINT properties_frost CHECK (frost IN ('none', 'light', 'hard'))`);
    await runner.query(`UPDATE firms SET spans = '{"backflowTest": 0}'::jsonb || spans`);
    // More falls due than was known when they were worked out.
    await runner.query('DELETE FROM standings');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DELETE FROM standings');
    await runner.query("UPDATE firms SET spans = spans - 'backflowTest' - 'winterBy' - 'springBy'");
    await runner.query('ALTER TABLE properties DROP frost');
    await runner.query('ALTER TABLE copies DROP yard');
    await runner.query('ALTER TABLE firms DROP coil_limits');
    await runner.query('DELETE FROM jobs WHERE station IS NULL');
    await runner.query('DROP INDEX jobs_of_timer');
    await runner.query(`ALTER TABLE jobs DROP CONSTRAINT jobs_place, DROP stations,
      ALTER station SET NOT NULL`);
    await runner.query(jobsFault(OF_STATIONS));
  }
}
