import type { MigrationInterface, QueryRunner } from 'typeorm';

const ORDER = '"keyInOrder": ["clock", "starts", "run-times", "days", "percent", "extras"]';
const REST = `"storeCopy": "", ${ORDER}, "factoryReset": "", "pauseForRain": "", "bringBackCopy": "", "runOneStation": "", "intervalAskedAs": "first-day", "longestHoldDays": 14`;

const VALVE_WIRES = `'{"wiring": "valve-wires"}'::jsonb`;

async function writeAs(
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

/** Kinds of timers say how their valves are wired; homes say whether the day before mowing is kept dry too. */
export class WiringAndMowing1920000000000 implements MigrationInterface {
  name = 'WiringAndMowing1920000000000';

  async up(runner: QueryRunner): Promise<void> {
    await writeAs(
      runner,
      (handling) => `${VALVE_WIRES} || ${handling}`,
      `{"wiring": "valve-wires", ${REST}}`,
    );
    await runner.query(
      'ALTER TABLE properties ADD is_dry_before_mowing boolean NOT NULL DEFAULT false',
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE properties DROP is_dry_before_mowing');
    await writeAs(runner, (handling) => `${handling} - 'wiring'`, `{${REST}}`);
  }
}
