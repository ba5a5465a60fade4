import type { QueryRunner } from 'typeorm';

/** Says how kinds of timers are used in the words of another version, those that were taken out too. */
export async function handlingWrittenAs(
  runner: QueryRunner,
  change: (handling: string) => string,
  whenUnsaid: string,
): Promise<void> {
  for (const [table, set] of [
    ['timer_kinds', `handling = ${change('handling')}`],
    [
      'removals',
      `"row" = jsonb_set("row", '{handling}', ${change(`("row" -> 'handling')`)}) WHERE kind = 'timer-type'`,
    ],
  ] as const) {
    // Nobody changed anything: the same is said in the words of another version.
    await runner.query(`ALTER TABLE ${table} DISABLE TRIGGER USER`);
    await runner.query(`UPDATE ${table} SET ${set}`);
    await runner.query(`ALTER TABLE ${table} ENABLE TRIGGER USER`);
  }
  await runner.query(`ALTER TABLE timer_kinds ALTER handling SET DEFAULT '${whenUnsaid}'`);
}
