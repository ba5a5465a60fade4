import type { MigrationInterface, QueryRunner } from 'typeorm';
import { noteChange } from './1880000000000-changes.js';
import { LEFT_OUT_OF_ROUND, UNNOTED_IN_ROUND } from './1960000000000-round.js';

/** Changes of many homes: what is tried, on which timers, and what became of each. */
export class Rollouts1970000000000 implements MigrationInterface {
  name = 'Rollouts1970000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE rollouts (
      id uuid NOT NULL DEFAULT gen_random_uuid() CONSTRAINT rollouts_pkey PRIMARY KEY,
      firm_id uuid NOT NULL,
      name text NOT NULL,
      change jsonb NOT NULL,
      on_date date NOT NULL,
      from_date date NOT NULL,
      state text NOT NULL DEFAULT 'working',
      in_force_at timestamptz,
      closed_at timestamptz,
      leased_by uuid,
      leased_until timestamptz,
      made_by text NOT NULL DEFAULT '',
      created_at timestamptz NOT NULL DEFAULT now(),
      CONSTRAINT rollouts_of_firm UNIQUE (id, firm_id),
      CONSTRAINT rollouts_name CHECK (name <> ''),
      CONSTRAINT rollouts_dates CHECK (from_date >= on_date),
      CONSTRAINT rollouts_state CHECK (state IN ('working', 'stopped', 'ready')),
      CONSTRAINT rollouts_firm FOREIGN KEY (firm_id) REFERENCES firms (id))`);
    await runner.query('CREATE INDEX rollouts_by_firm ON rollouts (firm_id, created_at)');
    await runner.query(`CREATE TABLE rollout_timers (
      rollout_id uuid NOT NULL,
      timer_id uuid NOT NULL,
      firm_id uuid NOT NULL,
      tried_version integer,
      outcome text,
      breaks jsonb NOT NULL DEFAULT '[]',
      fix jsonb,
      target jsonb,
      values_changed integer NOT NULL DEFAULT 0,
      accepted_at timestamptz,
      accepted_version integer,
      before jsonb,
      copy_id uuid,
      messaged_at timestamptz,
      CONSTRAINT rollout_timers_pkey PRIMARY KEY (rollout_id, timer_id),
      CONSTRAINT rollout_timers_outcome
        CHECK (outcome IN ('untouched', 'well', 'breaks', 'was-broken', 'too-much')),
      CONSTRAINT rollout_timers_tried CHECK ((outcome IS NULL) = (tried_version IS NULL)),
      CONSTRAINT rollout_timers_accepted CHECK (
        (accepted_at IS NULL) = (accepted_version IS NULL)
        AND (accepted_at IS NULL) = (before IS NULL)
        AND (accepted_at IS NULL OR target IS NOT NULL)),
      CONSTRAINT rollout_timers_rollout FOREIGN KEY (rollout_id, firm_id)
        REFERENCES rollouts (id, firm_id) ON DELETE CASCADE,
      CONSTRAINT rollout_timers_timer FOREIGN KEY (firm_id, timer_id)
        REFERENCES timers (firm_id, id) ON DELETE CASCADE,
      CONSTRAINT rollout_timers_copy FOREIGN KEY (copy_id) REFERENCES copies (id) ON DELETE SET NULL)`);
    await runner.query('CREATE INDEX rollout_timers_by_timer ON rollout_timers (timer_id)');
    await runner.query(
      noteChange({
        unnoted: [...UNNOTED_IN_ROUND, 'leased_by', 'leased_until', 'state'],
        isLeftOut: LEFT_OUT_OF_ROUND,
      }),
    );
    await runner.query(`CREATE TRIGGER note_change AFTER INSERT OR UPDATE OR DELETE ON rollouts
      FOR EACH ROW EXECUTE FUNCTION note_change('rollout', 'name', 'none')`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE rollout_timers, rollouts');
    await runner.query(noteChange({ unnoted: UNNOTED_IN_ROUND, isLeftOut: LEFT_OUT_OF_ROUND }));
  }
}
