import type { MigrationInterface, QueryRunner } from 'typeorm';
import { noteChange, UNNOTED } from './1880000000000-changes.js';
import { BY_WHOM, COMES_WITH_ITS_FIRM, GOES_WITH_ITS_TIMER } from './1890000000000-keeping.js';

const UNNOTED_BEFORE = [...UNNOTED, ...BY_WHOM];
const isLeftOut = GOES_WITH_ITS_TIMER + COMES_WITH_ITS_FIRM;

/** How far somebody is led through setting up a home; nobody asks later who left out what. */
export class SetUp1950000000000 implements MigrationInterface {
  name = 'SetUp1950000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      `ALTER TABLE properties ADD set_up_skipped text[] CONSTRAINT properties_set_up CHECK (
         set_up_skipped <@ ARRAY['home', 'timer', 'as-found', 'stations', 'supply', 'rules', 'weather', 'plan', 'sheet'])`,
    );
    await runner.query(noteChange({ unnoted: [...UNNOTED_BEFORE, 'set_up_skipped'], isLeftOut }));
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(noteChange({ unnoted: UNNOTED_BEFORE, isLeftOut }));
    await runner.query('ALTER TABLE properties DROP set_up_skipped');
  }
}
