import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What of a change of many homes is still to be tried, and to be fixed, is found without going through all of it. */
export class RolloutsToDo1980000000000 implements MigrationInterface {
  name = 'RolloutsToDo1980000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE INDEX rollout_timers_to_try ON rollout_timers (rollout_id, timer_id)
      WHERE outcome IS NULL`);
    await runner.query(`CREATE INDEX rollout_timers_to_fix ON rollout_timers (rollout_id, timer_id)
      WHERE fix IS NULL AND accepted_at IS NULL AND outcome IN ('breaks', 'was-broken')`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP INDEX rollout_timers_to_try, rollout_timers_to_fix');
  }
}
