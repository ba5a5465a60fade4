import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Tries to sign in are counted before the password is looked at, by more than the e-mail; devices are known again. */
export class SignInTries1850000000000 implements MigrationInterface {
  name = 'SignInTries1850000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE sign_in_failures');
    await runner.query(`CREATE TABLE sign_in_tries (
      id bigint GENERATED ALWAYS AS IDENTITY CONSTRAINT sign_in_tries_pkey PRIMARY KEY,
      key text NOT NULL,
      tried_at timestamptz NOT NULL DEFAULT clock_timestamp())`);
    await runner.query('CREATE INDEX sign_in_tries_by_key ON sign_in_tries (key, tried_at)');
    await runner.query('CREATE INDEX sign_in_tries_by_age ON sign_in_tries (tried_at)');
    await runner.query(`CREATE TABLE known_devices (
      token_hash text NOT NULL CONSTRAINT known_devices_pkey PRIMARY KEY,
      firm_id uuid NOT NULL,
      person_id uuid NOT NULL,
      seen_at timestamptz NOT NULL DEFAULT now(),
      CONSTRAINT known_devices_person FOREIGN KEY (firm_id, person_id)
        REFERENCES people (firm_id, id) ON DELETE CASCADE)`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE known_devices, sign_in_tries');
    await runner.query(`CREATE TABLE sign_in_failures (
      id bigint GENERATED ALWAYS AS IDENTITY CONSTRAINT sign_in_failures_pkey PRIMARY KEY,
      email text NOT NULL,
      failed_at timestamptz NOT NULL DEFAULT now())`);
  }
}
