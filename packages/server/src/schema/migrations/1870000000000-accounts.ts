import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * An account, with what it is entered by, apart from the firms that somebody works for. Who was there before has an
 * account by the id that they had.
 */
export class Accounts1870000000000 implements MigrationInterface {
  name = 'Accounts1870000000000';

  async up(runner: QueryRunner): Promise<void> {
    const all = (...statements: readonly string[]) => inOrder(runner, statements);
    await all(
      `CREATE TABLE accounts (
        id uuid NOT NULL DEFAULT gen_random_uuid() CONSTRAINT accounts_pkey PRIMARY KEY,
        email text NOT NULL CONSTRAINT accounts_by_email UNIQUE
          CONSTRAINT accounts_email CHECK (email = lower(email) AND email LIKE '%_@_%'),
        password_hash text,
        totp_secret text,
        totp_since timestamptz,
        totp_last_step bigint,
        created_at timestamptz NOT NULL DEFAULT now(),
        CONSTRAINT accounts_second_factor CHECK (totp_since IS NULL OR totp_secret IS NOT NULL))`,
      `INSERT INTO accounts (id, email, password_hash, created_at)
       SELECT id, email, password_hash, created_at FROM people`,
      `ALTER TABLE people
        ADD account_id uuid CONSTRAINT people_account REFERENCES accounts (id),
        ADD joined_at timestamptz,
        ADD disabled_at timestamptz,
        ADD removed_at timestamptz`,
      'UPDATE people SET account_id = id, joined_at = created_at',
      `ALTER TABLE people
        DROP COLUMN email,
        DROP COLUMN password_hash,
        ADD CONSTRAINT people_by_account UNIQUE (account_id, firm_id),
        ADD CONSTRAINT people_removed CHECK (removed_at IS NOT NULL OR account_id IS NOT NULL)`,
      `ALTER TABLE sessions
        ADD id uuid NOT NULL DEFAULT gen_random_uuid(),
        ADD opened_at timestamptz NOT NULL DEFAULT now(),
        ADD seen_at timestamptz NOT NULL DEFAULT now(),
        ADD agent text NOT NULL DEFAULT ''`,
      'CREATE INDEX sessions_by_person ON sessions (firm_id, person_id)',
      'ALTER TABLE known_devices ADD account_id uuid',
      'UPDATE known_devices SET account_id = person_id',
      `ALTER TABLE known_devices
        DROP COLUMN firm_id,
        DROP COLUMN person_id,
        ALTER account_id SET NOT NULL,
        ADD CONSTRAINT known_devices_account FOREIGN KEY (account_id)
          REFERENCES accounts (id) ON DELETE CASCADE`,
      `CREATE TABLE recovery_codes (
        account_id uuid NOT NULL
          CONSTRAINT recovery_codes_account REFERENCES accounts (id) ON DELETE CASCADE,
        code_hash text NOT NULL,
        CONSTRAINT recovery_codes_pkey PRIMARY KEY (account_id, code_hash))`,
      `CREATE TABLE account_links (
        token_hash text NOT NULL CONSTRAINT account_links_pkey PRIMARY KEY,
        firm_id uuid NOT NULL,
        person_id uuid NOT NULL,
        kind text NOT NULL CONSTRAINT account_links_kind CHECK (kind IN ('invite', 'reset')),
        expires_at timestamptz NOT NULL,
        CONSTRAINT account_links_person FOREIGN KEY (firm_id, person_id)
          REFERENCES people (firm_id, id) ON DELETE CASCADE)`,
      'CREATE INDEX account_links_by_person ON account_links (firm_id, person_id)',
      'ALTER TABLE firms ADD wants_second_factor boolean NOT NULL DEFAULT false',
    );
  }

  /** Whoever works for two firms, or was removed, has no place in the tables of before. */
  async down(runner: QueryRunner): Promise<void> {
    const all = (...statements: readonly string[]) => inOrder(runner, statements);
    await all(
      'DELETE FROM people WHERE removed_at IS NOT NULL OR joined_at IS NULL',
      `DELETE FROM people p USING people q WHERE p.account_id = q.account_id AND p.id > q.id`,
      'ALTER TABLE firms DROP COLUMN wants_second_factor',
      'DROP TABLE account_links, recovery_codes, known_devices',
      `CREATE TABLE known_devices (
        token_hash text NOT NULL CONSTRAINT known_devices_pkey PRIMARY KEY,
        firm_id uuid NOT NULL,
        person_id uuid NOT NULL,
        seen_at timestamptz NOT NULL DEFAULT now(),
        CONSTRAINT known_devices_person FOREIGN KEY (firm_id, person_id)
          REFERENCES people (firm_id, id) ON DELETE CASCADE)`,
      'DROP INDEX sessions_by_person',
      `ALTER TABLE sessions
        DROP COLUMN id, DROP COLUMN opened_at, DROP COLUMN seen_at, DROP COLUMN agent`,
      'ALTER TABLE people ADD email text, ADD password_hash text',
      `UPDATE people p SET email = a.email, password_hash = coalesce(a.password_hash, 'none')
       FROM accounts a WHERE a.id = p.account_id`,
      `ALTER TABLE people
        DROP COLUMN account_id, DROP COLUMN joined_at, DROP COLUMN disabled_at,
        DROP COLUMN removed_at,
        ALTER email SET NOT NULL, ALTER password_hash SET NOT NULL,
        ADD CONSTRAINT people_by_email UNIQUE (email),
        ADD CONSTRAINT people_email CHECK (email = lower(email) AND email LIKE '%_@_%')`,
      'DROP TABLE accounts',
    );
  }
}

async function inOrder(runner: QueryRunner, statements: readonly string[]): Promise<void> {
  for (const statement of statements) await runner.query(statement);
}
