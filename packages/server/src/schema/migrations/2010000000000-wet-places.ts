import type { MigrationInterface, QueryRunner } from 'typeorm';

const BEFORE =
  "'head-broken', 'head-tilted', 'head-clogged', 'leak', 'low-pressure', 'valve-stuck', 'no-valve', 'wrong-area'";

const jobsFault = (faults: string) => `ALTER TABLE jobs DROP CONSTRAINT jobs_fault,
  ADD CONSTRAINT jobs_fault CHECK (fault IN (${faults}))`;

/** A place that is wet and should not be is a job too. */
export class WetPlaces2010000000000 implements MigrationInterface {
  name = 'WetPlaces2010000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(jobsFault(`${BEFORE}, 'wet-place'`));
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query("DELETE FROM jobs WHERE fault = 'wet-place'");
    await runner.query(jobsFault(BEFORE));
  }
}
