import type { MigrationInterface, QueryRunner } from 'typeorm';
import { handlingWrittenAs } from './handling-written-as.js';

const ORDER = '"keyInOrder": ["clock", "starts", "run-times", "days", "percent", "extras"]';
const REST = `"storeCopy": "", ${ORDER}, "factoryReset": "", "pauseForRain": "", "bringBackCopy": "", "runOneStation": "", "intervalAskedAs": "first-day", "longestHoldDays": 14`;

const VALVE_WIRES = `'{"wiring": "valve-wires"}'::jsonb`;

/** Kinds of timers say how their valves are wired; homes say whether the day before mowing is kept dry too. */
export class WiringAndMowing1920000000000 implements MigrationInterface {
  name = 'WiringAndMowing1920000000000';

  async up(runner: QueryRunner): Promise<void> {
    await handlingWrittenAs(
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
    await handlingWrittenAs(runner, (handling) => `${handling} - 'wiring'`, `{${REST}}`);
  }
}
