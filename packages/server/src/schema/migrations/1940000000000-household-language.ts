import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What a household reads is in its language. */
export class HouseholdLanguage1940000000000 implements MigrationInterface {
  name = 'HouseholdLanguage1940000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      `ALTER TABLE properties ADD language text NOT NULL DEFAULT 'en'
         CONSTRAINT properties_language CHECK (language IN ('en', 'es'))`,
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE properties DROP language');
  }
}
