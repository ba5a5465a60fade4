import type { MigrationInterface, QueryRunner } from 'typeorm';

const TABLES = [
  ['timer_settings', 'settings_format'],
  ['copies', 'copies_format'],
] as const;

/** A document without what its version does not know. */
const WITHOUT_LATER = { 1: `document #- '{rules,periods}'`, 2: 'document' };

async function writeAs(runner: QueryRunner, version: 1 | 2): Promise<void> {
  // What a copy says stays as it is: only the version in which it is said is another.
  await runner.query(`ALTER TABLE copies DISABLE TRIGGER copies_stay`);
  for (const [table, constraint] of TABLES) {
    await runner.query(`ALTER TABLE ${table} DROP CONSTRAINT ${constraint}`);
    await runner.query(
      `UPDATE ${table} SET document =
         jsonb_set(${WITHOUT_LATER[version]}, '{format}', '"waterclock.plan/${version}"')`,
    );
    await runner.query(
      `ALTER TABLE ${table} ADD CONSTRAINT ${constraint}
       CHECK (document ->> 'format' = 'waterclock.plan/${version}')`,
    );
  }
  await runner.query(`ALTER TABLE copies ENABLE TRIGGER copies_stay`);
}

/** Settings and copies in the second version of the format, which means the same without its new fields. */
export class PlanFormat21820000000000 implements MigrationInterface {
  name = 'PlanFormat21820000000000';

  async up(runner: QueryRunner): Promise<void> {
    await writeAs(runner, 2);
  }

  async down(runner: QueryRunner): Promise<void> {
    await writeAs(runner, 1);
  }
}
